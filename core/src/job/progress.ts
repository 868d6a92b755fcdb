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

/** Tested after power was on again: what failed sends back into the box. */
export const afterPower = (
	state: JobState,
	passed: boolean,
	reason: NonNullable<JobState['redo']>
): JobState => (passed ? state : { ...state, redo: state.redo ?? reason });

/** The half whose final test is still to come. */
export const untestedHalf = ({ newHalves }: JobPlan, { final }: JobState): Half | undefined =>
	newHalves.find((each) => final[each] === undefined);

/** The final test of one half. */
export const tested = (
	state: JobState,
	half: keyof JobState['final'],
	passed: boolean,
	lit: boolean
): JobState =>
	afterPower(
		{
			...state,
			final: { ...state.final, [half]: passed ? 'passed' : 'failed' },
			face: { ...state.face, [half]: lit ? 'live' : 'dark' }
		},
		passed,
		'finalTest'
	);
