import { own } from '../house';
import type { OhmValue } from './events';
import { openFromOhm } from './judge';
import type { JobPlan } from './jobPlan';
import { bondedBelowOhm, supplyCandidates, type CableVerdict, type SupplyState } from './supply';

/** A cable that reads this many times as high as another one doesn't lead where that one does (chosen: far above what joints and temperature do). */
const contrast = 10;
/** Where the way back itself is expected above this, Ω, resistance is silent: so it is through earth electrodes (TT). */
const silentFromOhm = 5;

const ohmOf = (value: OhmValue): number => (value.kind === 'overload' ? Infinity : value.resistanceOhm);

/** A cable's neutral to ground by itself: low enough to meet at the panel, open, or neither. `expectedOhm`: what the model says of the supply. */
export function judgeAlone(value: OhmValue, expectedOhm: number | null): CableVerdict {
	const ohm = ohmOf(value);
	const far = expectedOhm !== null && expectedOhm < silentFromOhm ? 2 * expectedOhm : 0;
	if (ohm < Math.max(bondedBelowOhm, far)) return 'supply';
	return ohm >= openFromOhm ? 'outgoing' : 'between';
}

/** The cable whose turn it is on LINE of the new part; `null` when one of them let it be reset, or none is left. */
export const nextOnLine = (plan: JobPlan, { resets }: SupplyState): string | null =>
	Object.values(resets).includes(true)
		? null
		: (supplyCandidates(plan).find((each) => own(resets, each) === undefined) ?? null);

/**
 * The next thing to see of a cable; `null` when nothing is left to see. Dead, every cable is read: the contrast between them tells, not one value. Alive, a
 * contactless tester along the insulation of each comes first; two points are read only where that leaves a doubt.
 */
export function nextOfContrast(plan: JobPlan, supply: SupplyState): SeenOfCable | null {
	const { way, ohms, touched, verdicts, trial } = supply;
	if (way === 'device')
		return trial?.inWall === true && trial.cable === nextOnLine(plan, supply)
			? { kind: 'trySupply', cable: trial.cable }
			: null;
	const cables = supplyCandidates(plan);
	if (way === 'dead') {
		const cable = cables.find((each) => own(ohms, each) === undefined);
		return cable === undefined ? null : { kind: 'readSupplyOhms', cable };
	}
	const untouched = cables.find((each) => own(touched, each) === undefined);
	if (untouched !== undefined) return { kind: 'touchSupply', cable: untouched };
	const unread = inDoubt(cables, touched).find((each) => own(verdicts, each) === undefined);
	return unread === undefined ? null : { kind: 'readSupplyVolts', cable: unread };
}

interface SeenOfCable {
	readonly kind: 'readSupplyOhms' | 'touchSupply' | 'readSupplyVolts' | 'trySupply';
	readonly cable: string;
}

/** One that alarms among silent ones is the supply. Several: they are read. None: all are, since a contactless tester can miss. */
function inDoubt(cables: readonly string[], touched: SupplyState['touched']): readonly string[] {
	const alarming = cables.filter((each) => own(touched, each) === true);
	return alarming.length === 1 ? [] : alarming.length === 0 ? cables : alarming;
}

/** What was seen comes to: the supply cables, that this way tells nothing here (`silent`), or that nothing fits (`none`). */
export function contrastOutcome(
	plan: JobPlan,
	supply: SupplyState
): Pick<SupplyState, 'outcome' | 'found' | 'verdicts'> {
	const cables = supplyCandidates(plan);
	if (supply.way === 'dead') return deadOutcome(plan, cables, supply);
	if (supply.way === 'device') return deviceOutcome(plan, cables, supply);
	const { verdicts } = supply;
	if (Object.values(verdicts).includes('odd')) return { outcome: 'none', found: [], verdicts };
	if (nextOfContrast(plan, supply) !== null) return { outcome: null, found: [], verdicts };
	const alarming = cables.filter((each) => own(supply.touched, each) === true);
	const fed = alarming.length === 1 ? alarming : cables.filter((each) => own(verdicts, each) === 'supply');
	return settled(plan, cables, fed, 'none');
}

/** A part that knows its LINE lets itself be reset only where the supply sits there. One that never does may have failed, and says nothing of the cables. */
function deviceOutcome(
	plan: JobPlan,
	cables: readonly string[],
	{ resets, verdicts, ...supply }: SupplyState
): Pick<SupplyState, 'outcome' | 'found' | 'verdicts'> {
	const fed = cables.filter((each) => own(resets, each) === true);
	if (fed.length > 0) return settled(plan, cables, fed, 'silent');
	const left = nextOnLine(plan, { resets, verdicts, ...supply }) !== null;
	return { outcome: left ? null : 'silent', found: [], verdicts };
}

function deadOutcome(
	plan: JobPlan,
	cables: readonly string[],
	{ ohms, verdicts }: SupplyState
): Pick<SupplyState, 'outcome' | 'found' | 'verdicts'> {
	const read = cables.filter((each) => own(ohms, each) !== undefined);
	if (read.length < cables.length) return { outcome: null, found: [], verdicts };
	const ohm = (cable: string) => ohmOf(ohms[cable]!);
	const low = cables.filter((each) => ohm(each) < bondedBelowOhm);
	const others = cables.filter((each) => !low.includes(each));
	const highest = Math.max(...low.map(ohm));
	const contrasted = others.every((each) => ohm(each) >= contrast * Math.max(highest, leadsOhm));
	// All low: on a ring both are the supply; otherwise a neutral touches ground further on, and this way can't tell.
	if (low.length === 0 || !contrasted || (others.length === 0 && !plan.mayBeRing))
		return { outcome: 'silent', found: [], verdicts: {} };
	return settled(plan, cables, low, 'silent');
}
/** Under this a meter shows its leads, Ω. */
const leadsOhm = 0.2;

/** One cable feeds; or two, where that may be a ring. */
function settled(
	plan: JobPlan,
	cables: readonly string[],
	fed: readonly string[],
	otherwise: 'none' | 'silent'
): Pick<SupplyState, 'outcome' | 'found' | 'verdicts'> {
	const verdicts = Object.fromEntries(
		cables.map((each): [string, CableVerdict] => [each, fed.includes(each) ? 'supply' : 'outgoing'])
	);
	const fits = fed.length === 1 || (fed.length === 2 && (plan.mayBeRing || plan.onRing));
	return fits ? { outcome: 'found', found: fed, verdicts } : { outcome: otherwise, found: [], verdicts: {} };
}
