import { settle, points, mainPanel, readingTakesS, type House } from '../house';
import { solveVariant, variantsWithOneMore, type Branch, type Network } from '../network';
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

/** Lets a hot contact leak to earth, and sees whether something opens that makes it dead. `before`: the house settled without the leak, where that is known. */
export function guardOf(house: House, hot: string, before = settle(house)): Guard {
	const leakOhm = (regions[house.region].supply.nominalV / leakMa[house.region]) * 1000;
	const leak: Branch = {
		kind: 'resistor',
		id: 'leak',
		from: hot,
		to: points.earth(mainPanel(house).id),
		resistanceOhm: leakOhm
	};
	const toEarthV = (solution: typeof before.solution): number => {
		const at = solution.outcome === 'singular' ? undefined : solution.voltageV.get(hot);
		return at ? Math.hypot(at.re, at.im) : 0;
	};
	if (toEarthV(before.solution) < liveFromV) return { state: 'dead' };
	const after = settle(house, [leak], readingTakesS);
	const opened = after.trips.find(({ cause }) => cause === 'residual');
	if (!opened || toEarthV(after.solution) >= liveFromV) return { state: 'none' };
	return { state: 'guarded', device: opened.device, where: opened.where, afterS: opened.afterS };
}
const liveFromV = 50;
