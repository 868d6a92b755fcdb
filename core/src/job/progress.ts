import type { Half } from '../house';
import { foundPairs, pairsToRead } from './pairs';
import type { JobPlan } from './jobPlan';
import type { JobState } from './state';

/** Whether an outlet can be read live: as found, or taken in late with power back. */
export const isOn = ({ isolation, late }: JobState): boolean =>
	isolation.power === 'asFound' || (late && isolation.power === 'restored');

/** Before anything was switched off, what was checked and read at the start can be done again. */
export const untouched = (state: JobState): boolean => state.device === 'oldSeated' && isOn(state);

/** While everything still sits as it was found, what was seen of it can be put right. */
export const nothingTakenOff = (state: JobState): boolean =>
	state.device === 'oldOut' && Object.values(state.wires).every((wire) => wire === 'onOld');

/** Pairs of bare conductors in reach once the device is out. */
export const barePairIds = (plan: JobPlan, state: JobState): string[] => [
	...pairsToRead(plan, state.earth).bare.map(({ id }) => id),
	...state.found.flatMap((id) => foundPairs(plan, id))
];

/**
 * Tested after power was on again: what failed sends back into the box. `seen`: what was seen, by a name; `null`: each time something else. The same again after the box was opened for it isn't to be found there: it is
 * made safe and handed over.
 */
export function afterPower(
	state: JobState,
	passed: boolean,
	reason: NonNullable<JobState['redo']>,
	seen: string | null
): JobState {
	if (passed) return state;
	return seen !== null && state.sentBackBy === seen
		? { ...state, stops: { ...state.stops, found: 'faultStays' } }
		: { ...state, redo: state.redo ?? reason, sentBackBy: state.redo ? state.sentBackBy : seen };
}

/** The half whose final test is still to come. */
export const untestedHalf = ({ newHalves }: JobPlan, { final }: JobState): Half | undefined =>
	newHalves.find((each) => final[each] === undefined);

/** The final test of one half. `seen`: what was shown; `inherited`: just that was shown before anything was done. */
export function tested(
	state: JobState,
	half: Half,
	{
		passed,
		lit,
		seen,
		inherited
	}: { readonly passed: boolean; readonly lit: boolean; readonly seen: string; readonly inherited: boolean }
): JobState {
	const final = passed ? 'passed' : inherited ? 'inherited' : 'failed';
	const told: JobState = {
		...state,
		final: { ...state.final, [half]: final },
		face: { ...state.face, [half]: lit ? 'live' : 'dark' }
	};
	return final === 'failed' ? afterPower(told, false, 'finalTest', `${half} ${seen}`) : told;
}
