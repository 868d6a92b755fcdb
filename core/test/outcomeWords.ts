import type { OutcomeWords } from '../src/job';

/** Stands for what a language says in the record: each by its own name. */
export const outcomeWords: OutcomeWords & { readonly stopped: string; readonly untested: string } = {
	replaced: 'replaced',
	sharedNeutral: 'sharedNeutral',
	provenDead: 'provenDead',
	provenDeadTogether: 'provenDeadTogether',
	stayedLive: 'stayedLive',
	stayedOnInSearch: 'stayedOnInSearch',
	stopped: 'rain',
	untested: 'untested',
	worry: ({ kind }) => kind
};
