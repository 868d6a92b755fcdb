import { own, resetsOnlyFed } from '../house';
import { deadBand, type VoltReading } from '../isolation';
import type { OhmValue, SupplyWay } from './events';
import { openFromOhm } from './judge';
import type { JobPlan } from './jobPlan';

/** What one cable was found to be by its readings; `odd`: neither, which fits no arrangement; `between`: neither low nor open, which by itself tells nothing. */
export type CableVerdict = 'supply' | 'outgoing' | 'odd' | 'between';

/** How far the search for the supply cable is. */
export interface SupplyState {
	readonly way: Exclude<SupplyWay, 'skip'> | null;
	/** By cable, in the way taken now. */
	readonly verdicts: Readonly<Record<string, CableVerdict>>;
	/** By cable: neutral to ground with the wires off. */
	readonly ohms: Readonly<Record<string, OhmValue>>;
	/** By cable, power on: whether a contactless tester alarmed along its insulation. */
	readonly touched: Readonly<Record<string, boolean>>;
	/** Ends capped and apart. */
	readonly spread: boolean;
	/** By cable, alone on LINE of the new part with the box closed and power on: whether the part let itself be reset. */
	readonly resets: Readonly<Record<string, boolean>>;
	/** The cable that sits on LINE for that now; in its wall, or out of it again with the wires still on. */
	readonly trial: { readonly cable: string; readonly inWall: boolean } | null;
	readonly marked: boolean;
	/** `silent`: the dead way tells nothing here; `none`: nothing fits. */
	readonly outcome: 'found' | 'skipped' | 'silent' | 'none' | null;
	readonly found: readonly string[];
	/** The way that found it. */
	readonly by: 'dead' | 'live' | 'device' | null;
}

export const noSupply: SupplyState = {
	way: null,
	verdicts: {},
	ohms: {},
	touched: {},
	spread: false,
	resets: {},
	trial: null,
	marked: false,
	outcome: null,
	found: [],
	by: null
};

/** Under this the neutral and the ground of a cable meet somewhere: at the panel, Ω (domain rule of thumb), or twice what the model says where runs are long. */
export const bondedBelowOhm = 2;

/** A cable whose neutral leads back to the panel reads low to ground; one that only goes on reads open. */
export function judgeSupplyOhms(value: OhmValue, expectedOhm: number | null): CableVerdict {
	const ohm = value.kind === 'overload' ? Infinity : value.resistanceOhm;
	if (ohm >= openFromOhm) return 'outgoing';
	return ohm < Math.max(bondedBelowOhm, 2 * (expectedOhm ?? 0)) ? 'supply' : 'odd';
}

/** Full voltage to neutral and to ground is the supply; none to either is a cable that goes on. */
export function judgeSupplyVolts(hotNeutral: VoltReading, hotGround: VoltReading): CableVerdict {
	const bands = [deadBand(hotNeutral), deadBand(hotGround)];
	if (bands.every((band) => band === 'live')) return 'supply';
	// A floating conductor beside a live one shows a meter some volts; that is no supply.
	return bands.every((band) => band !== 'live') ? 'outgoing' : 'odd';
}

/** Whether the part that goes in shows by itself which cable is the supply: it lets itself be reset only with that on its LINE. */
export const tellsSupply = ({ newDevice, onRing, procedure, work }: JobPlan): boolean =>
	procedure >= 2 && work !== null && !onRing && resetsOnlyFed(newDevice);

/** Cables that could be the supply, the recorded one first: asked in this order, the first answer usually settles it. */
export function supplyCandidates(plan: JobPlan): readonly string[] {
	return [...plan.supplyCables].sort(
		(a, b) => Number(plan.recordedSupply.includes(b)) - Number(plan.recordedSupply.includes(a))
	);
}

/** Every set of cables that may feed the box: one of them; on a ring two, or one where the ring is open. */
export function supplyHypotheses(plan: JobPlan): readonly (readonly string[])[] {
	const singles = plan.supplyCables.map((cable) => [cable]);
	const pairs = plan.onRing
		? plan.supplyCables.flatMap((one, k) =>
				plan.supplyCables.slice(k + 1).map((other): string[] => [one, other])
			)
		: [];
	return [...singles, ...pairs];
}

/** The hypotheses that the verdicts so far leave. */
export function hypothesesLeft(
	plan: JobPlan,
	verdicts: SupplyState['verdicts']
): readonly (readonly string[])[] {
	return supplyHypotheses(plan).filter((supply) =>
		Object.entries(verdicts).every(
			([cable, verdict]) => verdict !== 'odd' && supply.includes(cable) === (verdict === 'supply')
		)
	);
}

/**
 * The cable to read next: the one that leaves fewest hypotheses at worst; of equals the one that more probably says yes. `null` when it is settled: one hypothesis left
 * that rests on a cable read as the supply, or none left. Nothing is ever concluded from “open” alone: a neutral opened at the panel reads open everywhere. Nor by
 * resistance from “joined” alone: a neutral that touches ground further on reads so too, and only a cable that reads open beside it shows that this one is the supply.
 */
export function nextSupplyCable(
	plan: JobPlan,
	way: 'dead' | 'live',
	verdicts: SupplyState['verdicts']
): string | null {
	const left = hypothesesLeft(plan, verdicts);
	const read = Object.values(verdicts);
	const contrasted = way === 'live' || plan.onRing || read.includes('outgoing');
	if (left.length === 0 || (left.length === 1 && read.includes('supply') && contrasted)) return null;
	const unread = supplyCandidates(plan).filter((cable) => own(verdicts, cable) === undefined);
	const worst = (cable: string) => {
		const yes = left.filter((supply) => supply.includes(cable)).length;
		return Math.max(yes, left.length - yes);
	};
	return unread.reduce<string | null>(
		(best, cable) => (best === null || worst(cable) < worst(best) ? cable : best),
		null
	);
}

/** What the verdicts come to: the supply cables, or why there are none. */
export function supplyOutcome(
	plan: JobPlan,
	way: 'dead' | 'live',
	verdicts: SupplyState['verdicts']
): Pick<SupplyState, 'outcome' | 'found'> {
	const read = Object.values(verdicts);
	if (read.includes('odd')) return { outcome: 'none', found: [] };
	if (nextSupplyCable(plan, way, verdicts) !== null) return { outcome: null, found: [] };
	const left = hypothesesLeft(plan, verdicts);
	if (left.length === 1 && read.includes('supply')) return { outcome: 'found', found: left[0]! };
	// All open: dead, that may be the neutral opened at the panel; alive, it is nothing that could be.
	return { outcome: way === 'dead' && !read.includes('supply') ? 'silent' : 'none', found: [] };
}
