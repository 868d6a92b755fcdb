import type { LoadedReading, LoadedVerdict } from '@wary/core/job';
import type { Half } from '@wary/core/house';
import type { Region } from '@wary/core/rules';
import type { StepWords } from './step';
import { halfWords, terms } from '../terms';

const ohm = (value: number): string => `${value.toFixed(2)} Ω`;
const volts = (value: number): string => `${value.toFixed(1)} V`;

export const leftWords = {
	noLoad: 'left: no kettle or heater at hand',
	notNow: 'left: not now'
} as const;

export function loadedWords(region: Region, half: Half): StepWords {
	const t = terms[region];
	return {
		title: `With a load in it`,
		lead: `Plug a kettle, heater or hair-dryer into the ${halfWords[half]} through a splitter or an adaptor with test points, and read ${t.hot} to ${t.neutral} without it and while it runs; then ${t.neutral} to ${t.ground} while it runs. At most a minute.`,
		why: `Lamps light through a joint that burns under load. Twelve amperes through half an ohm make seventy watts of heat inside a wall. What this finds may lie in any box between the ${t.panel} and here.`
	};
}

/** The reading in a line, and what it comes to. */
export function loadedLine(
	{ offV, onV, neutralGroundV }: LoadedReading,
	verdict: LoadedVerdict | undefined,
	region: Region
): string {
	const ng = neutralGroundV === null ? '' : `; ${region === 'uk' ? 'N–E' : 'N–G'} ${volts(neutralGroundV)}`;
	const feed = verdict ? `; ${ohm(verdict.ohm)}, by the record ${ohm(verdict.expectedOhm)}` : '';
	return `${offV.toFixed(1)} → ${volts(onV)}${ng}${feed}`;
}

/** What is wrong, for the screen and for the outlet’s worries. */
export function loadedFound(verdict: LoadedVerdict, region: Region): string {
	const t = terms[region];
	const { ohm: read, expectedOhm, heatW, feed, neutral } = verdict;
	const parts = [
		...(feed === 'high'
			? [
					`With a load in it ${ohm(read)} showed on the way here, where the wire explains ${ohm(expectedOhm)}: a poor joint between the ${t.panel} and this ${t.outlet}, about ${Math.round(heatW / 5) * 5} W of heat with that load. The same test at the ${t.outlet} before this one tells on which side of it the joint is. Nothing heavy is plugged in here until it is found`
				]
			: []),
		...(neutral === 'none'
			? [
					`Under load ${t.neutral} to ${t.ground} stayed at nothing: they meet here, or close by. They may meet at the service alone`
				]
			: neutral === 'high'
				? [
						`Under load the ${t.neutral} stood too far above ${t.ground}: its joint is poor, or ${t.neutral} and ${t.ground} are swapped`
					]
				: [])
	];
	return parts.join('. ');
}
