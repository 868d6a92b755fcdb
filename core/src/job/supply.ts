import { resetsOnlyFed } from '../house';
import { deadBand, type VoltReading } from '../isolation';
import type { OhmValue, SupplyWay } from './events';
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

/** Full voltage to neutral and to ground is the supply; none to either is a cable that goes on. */
export function judgeSupplyVolts(hotNeutral: VoltReading, hotGround: VoltReading): CableVerdict {
	const bands = [deadBand(hotNeutral), deadBand(hotGround)];
	if (bands.every((band) => band === 'live')) return 'supply';
	// A floating conductor beside a live one shows a meter some volts; that is no supply.
	return bands.every((band) => band !== 'live') ? 'outgoing' : 'odd';
}

/** Whether the part that goes in shows by itself which cable is the supply: it lets itself be reset only with that on its LINE. */
export const tellsSupply = ({ newDevice, onRing, work }: JobPlan): boolean =>
	work !== null && !onRing && resetsOnlyFed(newDevice);

/** Cables that could be the supply, the recorded one first: asked in this order, the first answer usually settles it. */
export function supplyCandidates(plan: JobPlan): readonly string[] {
	return [...plan.supplyCables].sort(
		(a, b) => Number(plan.recordedSupply.includes(b)) - Number(plan.recordedSupply.includes(a))
	);
}
