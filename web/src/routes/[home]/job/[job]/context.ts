import { getContext, setContext } from 'svelte';
import type { JobSession } from '$lib/job/session.svelte';
import type { Step, WishChoice } from '@wary/core/job';
import type { StandIn } from '$lib/job/stand-in';
import type { Settings } from '$lib/settings';

/** What the parts of the job page share: the job, and in a demo home the simulated instruments. */
export interface JobPage {
	readonly session: JobSession;
	readonly standIn: StandIn | null;
	readonly settings: Settings;
	readonly home: string;
	readonly jobId: string;
	/** Plans kept for one outlet, as they were wished for. */
	readonly kept: readonly { readonly boxId: string; readonly wish: WishChoice }[];
	/** Shows an earlier step again, to be answered anew. */
	readonly revisit: (step: Step) => void;
}

/** What may be done beside the steps, each in its dialog. */
export type BesideStep = 'changed' | 'another' | 'stop';

const key = Symbol('job');
export const setJob = (page: JobPage): JobPage => setContext(key, page);
export const getJob = (): JobPage => getContext<JobPage>(key);
