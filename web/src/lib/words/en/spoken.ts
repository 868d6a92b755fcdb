import type { JobPlan, Step } from '@wary/core/job';
import type { Expectations } from '@wary/core/job';
import { ohmsWord, terms } from './terms';

/** Figures as they are said: “118 volts”, “open”. */
const saidVolts = (volts: number | null): string =>
	volts === null ? '' : `${Math.round(volts)} volt${Math.round(volts) === 1 ? '' : 's'}`;
const saidOhms = (ohm: number | null): string =>
	ohmsWord(ohm).replace('MΩ', 'megohms').replace('kΩ', 'kilohms').replace('Ω', 'ohms').replace('OL', 'open');

/** What a step should show, said aloud; empty where nothing is measured. */
export function expectedSaid(step: Step, plan: JobPlan, expect: Expectations): string {
	switch (step.kind) {
		case 'readLive':
			return `Expect ${saidVolts(expect.liveV(step.half))}.`;
		case 'readLiveGround':
			return `Expect ${saidVolts(expect.liveGroundV(step.half))} to ${terms[plan.region].ground}.`;
		case 'readPair':
			return 'Expect it dead, under three volts. Anything more: touch nothing.';
		case 'readOhms':
			return `Expect ${saidOhms(expect.resistanceOhm(step.check))}.`;
		case 'readBaseline':
			return `Expect ${saidOhms(expect.baselineOhm(step.group))}.`;
		default:
			return '';
	}
}

/** The next action as it is spoken. */
export const spokenStep = (told: { title: string; lead: string }, expected: string): string =>
	[told.title, told.lead, expected].filter(Boolean).join('. ').replaceAll('..', '.');

/** What was entered, repeated. */
export const spokenEntry = (line: { text: string; value: string; passes: boolean | null }): string =>
	`Saved: ${line.text} ${line.value}${line.passes === false ? '. Not as it should be' : ''}.`;

export const speakingWords = {
	speak: 'Read aloud',
	next: 'Next'
};
