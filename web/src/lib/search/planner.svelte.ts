import type { House } from '@wary/core/house';
import type { Candidate, CourseLine, SearchEvent, SearchSettings, SearchStand } from '@wary/core/search';

export interface Question {
	readonly house: House;
	readonly boxId: string;
	readonly released: readonly string[];
	readonly settings: SearchSettings;
	readonly events: readonly SearchEvent[];
}
export type Asked = Question & { readonly number: number };
export interface Planned {
	readonly number: number;
	readonly candidates: readonly Candidate[];
	readonly stand: SearchStand;
	readonly course: readonly CourseLine[];
	readonly tookMs: number;
}

let worker: Worker | null = null;
/** `null`: the worker couldn’t be fetched, or broke. */
const listeners = new Set<(planned: Planned | null) => void>();

/** Fetches and starts the worker: done when a job opens, since the circuit that goes off may feed the router. */
export function warmUp(): Worker {
	if (!worker) {
		worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		worker.onmessage = ({ data }: MessageEvent<Planned>) => listeners.forEach((tell) => tell(data));
		// Tried again with the next question.
		worker.onerror = () => {
			worker = null;
			listeners.forEach((tell) => tell(null));
		};
	}
	return worker;
}
let asked = 0;

/** Plans in a worker; what it answers to an older question is passed over. */
export class Planner {
	planned = $state.raw<Planned | null>(null);
	working = $state(true);
	/** Nobody can plan here. */
	failed = $state(false);
	#number = 0;

	/** `first`: what was planned elsewhere, to be shown until this device has. */
	constructor(first: Planned | null = null) {
		this.planned = first;
	}

	readonly #tell = (planned: Planned | null): void => {
		this.failed = planned === null;
		if (planned === null || planned.number !== this.#number) return;
		this.planned = planned;
		this.working = false;
	};

	ask(question: Question): void {
		listeners.add(this.#tell);
		this.working = true;
		this.#number = ++asked;
		warmUp().postMessage({ ...question, number: this.#number } satisfies Asked);
	}

	stop(): void {
		listeners.delete(this.#tell);
	}
}
