import type { House } from '@wary/core/house';
import type { JobPlan, JobState } from '@wary/core/job';

/** What a step says: what to do, how, and why; a rule with its source where there is one. */
export interface StepWords {
	readonly title: string;
	readonly lead: string;
	readonly why: string;
	readonly rule?: string;
}

export interface Telling {
	readonly house: House;
	readonly plan: JobPlan;
	readonly state: JobState;
}
