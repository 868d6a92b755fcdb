import type { JobPlan, OutcomeWords } from '@wary/core/job';
import { kindWords } from './devices';
import { partWords } from './parts';
import { inSentence } from './terms';

/** What a job writes into the outlet’s history. */
export const replacedWords = ({ work, oldDevice, putBack, newWork }: JobPlan): string =>
	newWork && work
		? `New ${inSentence(partWords[work.wish.part].name)} fitted on the end of a cable, proven dead before and tested after.`
		: putBack
			? 'Taken out with what sits beside it in the box, read dead, looked at, tugged and put back as it was.'
			: work && !work.same
				? `${kindWords(oldDevice)} replaced by ${inSentence(partWords[work.wish.part].name)}, proven dead before and tested after.`
				: outcomeWords.replaced;

/** What a stopped job says of a part that was screwed home before anything was tested. */
export const untestedWords =
	'The new part is in, and was never tested: the job stopped before power was back. Prove it dead and look it over, or have it done, before it is used.';

/** What a job at several outlets writes where it was another of them that ended it. */
export const stoppedElsewhereWords = (place: string): string => `Job stopped at another outlet: ${place}.`;

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
