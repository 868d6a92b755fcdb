import type { JobPlan, OutcomeWords } from '@wary/core/job';
import { kindWords } from './devices';
import { partWords } from './parts';
import { inSentence } from './terms';

/** What a job writes into the outlet’s history. */
export const replacedWords = ({ work, oldDevice }: JobPlan): string =>
	work
		? `${kindWords(oldDevice)} replaced by ${inSentence(partWords[work.wish.part].name)}, proven dead before and tested after.`
		: outcomeWords.replaced;

/** What a job writes into the record of the house, but for its worries. */
export const outcomeWords: Omit<OutcomeWords, 'worry'> = {
	replaced: 'Replaced like for like, proven dead before and tested after.',
	sharedNeutral:
		'Two breakers share a neutral here without opening together. An electrician can join their handles or fit a two-pole breaker.',
	provenDead: 'switched off: every pair dead at the outlet, tester proved before and after',
	provenDeadTogether:
		'one of several that had to be off: every pair dead at the outlet, tester proved before and after',
	stayedLive: 'switched off: the outlet stayed live',
	stayedOnInSearch: 'switched off in a search: it stayed on at the outlet'
};
