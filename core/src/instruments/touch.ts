import { mainPanel, points, settle, settleWithEach, type House, type OneMore, type Settled } from '../house';
import {
	magnitude,
	solveVariant,
	variantsWithOneMore,
	zero,
	type Branch,
	type Network,
	type Voltages
} from '../network';
import { regions } from '../rules';

/** A person from one hand to the floor, Ω (domain of IEC 60479-1 at house voltages, damp to dry: 1000 to 2000; the lower one is the harm to reckon with). */
export const personOhm = 1000;

/** Effects of alternating current through a body, mA, at and above which they begin: IEC 60479-1, hand to feet. */
export const touchBandsMa = { felt: 0.5, cantLetGo: 10, heart: 30 } as const;
export type TouchBand = 'nothing' | 'felt' | 'cantLetGo' | 'heart';

export const touchBand = (milliamperes: number): TouchBand =>
	milliamperes >= touchBandsMa.heart
		? 'heart'
		: milliamperes >= touchBandsMa.cantLetGo
			? 'cantLetGo'
			: milliamperes >= touchBandsMa.felt
				? 'felt'
				: 'nothing';

const person = (house: House, point: string): Branch => ({
	kind: 'resistor',
	id: 'person',
	from: point,
	to: points.earth(mainPanel(house).id),
	resistanceOhm: personOhm
});

/** Current through a person standing on earth with a hand on each of the points in turn, mA, before anything opens: the network as it stands with one branch more. */
export function touchCurrentsMa(house: House, network: Network, at: readonly string[]): Map<string, number> {
	const there = new Set(network.branches.flatMap(({ from, to }) => [from, to]));
	const known = at.filter((point) => there.has(point) && point !== network.reference);
	const set = variantsWithOneMore(
		network,
		known.map((point) => person(house, point))
	);
	return new Map(
		known.map((point, k) => [
			point,
			solveVariant(set, [k], ({ pattern, voltageRe, voltageIm }) => {
				const node = pattern.numbers.get(point)!;
				const volts = Math.hypot(voltageRe[node]!, voltageIm[node]!);
				return Number.isNaN(volts) ? 0 : (volts / personOhm) * 1000;
			})
		])
	);
}

/** What guards a place against a leak to earth. */
export type Guard =
	/** Nothing there to leak: no voltage. */
	| { readonly state: 'dead' }
	| { readonly state: 'none' }
	/** Opens with it, and the place is dead then. `device`: id of breaker, residual device or box. */
	| {
			readonly state: 'guarded';
			readonly device: string;
			readonly where: 'breaker' | 'residualDevice' | 'outlet';
			readonly afterS: number;
	  };

/** A leak that has to open what protects people: 8 mA where class A stands at 6 mA; 40 mA where 30 mA is marked. */
export const leakMa = { us: 8, uk: 40 } as const;

/** A hot contact that may leak to earth; `wornOut`: the box whose own protection is taken to let everything through. */
export interface MayLeak {
	readonly hot: string;
	readonly wornOut?: string | undefined;
}

/** Lets each of these leak to earth, one at a time, and sees whether something opens that makes it dead. `before`: the house settled, where that is known. */
export function guardsAt(house: House, places: readonly MayLeak[], before = settle(house)): Guard[] {
	const leakOhm = (regions[house.region].supply.nominalV / leakMa[house.region]) * 1000;
	const to = points.earth(mainPanel(house).id);
	const { solution } = before;
	const isLive = (voltageV: Voltages, hot: string): boolean =>
		magnitude(voltageV.get(hot) ?? zero) >= liveFromV;
	const live = places.map(({ hot }) => solution.outcome !== 'singular' && isLive(solution.voltageV, hot));
	const leaks = places.flatMap(({ hot, wornOut }, k): OneMore[] =>
		live[k]
			? [{ branch: { kind: 'resistor', id: 'leak', from: hot, to, resistanceOhm: leakOhm }, wornOut }]
			: []
	);
	const guards = settleWithEach(before.house, leaks, (voltageV, trips, { from }): Guard => {
		const opened = trips.find(({ cause }) => cause === 'residual');
		if (!opened || isLive(voltageV, from)) return { state: 'none' };
		return { state: 'guarded', device: opened.device, where: opened.where, afterS: opened.afterS };
	});
	return live.map((is) => (is ? guards.shift()! : { state: 'dead' }));
}
const liveFromV = 50;

/** The same of one. */
export const guardOf = (house: House, hot: string, before?: Settled): Guard =>
	guardsAt(house, [{ hot }], before)[0]!;
