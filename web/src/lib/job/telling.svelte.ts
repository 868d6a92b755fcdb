import type { StepWords, Telling } from '$words/steps';
import type { Step } from '@wary/core/job';

/*
 * What all steps say is many words, and before a job's page answers it needs those of one: they come with the page, and the rest is fetched as soon as it answers.
 */

let fetched = $state.raw<((step: Step, telling: Telling) => StepWords) | null>(null);

/** What says a step, if it is here. */
export const stepTeller = () => fetched;

/** Has the words of all steps fetched; rejects when nobody has them. */
export async function fetchStepWords(): Promise<void> {
	fetched ??= (await import('$words/steps/words')).stepWords;
}
