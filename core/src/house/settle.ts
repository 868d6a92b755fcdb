import { branches as ids } from './branches';
import {
	add,
	branchCurrentA,
	magnitude,
	solve,
	subtract,
	type Branch,
	type Complex,
	type Network,
	type SolveOutcome
} from '../network';
import {
	breakerCurves,
	cartridgeFuse,
	groundedNeutralTest,
	regions,
	residualCurves,
	residualParts
} from '../rules';
import { sensesResidual, tripMaOf } from './breakerFacts';
import { breakerSupply, compileHouse } from './compile';
import { isTripped, isWornOut, opened as openedByItself } from './deviceState';
import { deviceModel, type Protection } from './devices';
import { allBreakers, withBox, withBreakers } from './lookup';
import { points } from './points';
import type { Box, Breaker, House, Panel } from './schema';
import { untilStill, type Stillness } from './still';

/** A protective device that opens by itself: the current that makes it, A, and how long it takes by its curve, s. */
export interface Trip {
	/** A breaker's or residual device's id, or that of the box the device sits in. */
	readonly device: string;
	readonly where: 'breaker' | 'residualDevice' | 'outlet';
	readonly cause: 'shortCircuit' | 'overload' | 'residual' | 'groundedNeutral';
	readonly currentA: number;
	readonly afterS: number;
}

export interface Settled {
	readonly house: House;
	readonly network: Network;
	readonly solution: SolveOutcome;
	/** What opened, in order. */
	readonly trips: readonly Trip[];
	/** What would still open if things stay as they are, later than was waited for; soonest first. */
	readonly coming: readonly Trip[];
	readonly ended: Stillness;
}

/** Whatever acts within this time has acted by the time a reading is taken, s. */
export const readingTakesS = 10;
/** Devices whose times are this close open together: no telling which is first. */
const together = 1.1;

/**
 * Solves the house, opens what opens first by its current and its curve, and solves again until nothing more opens within `withinS`. There is no clock: time is only the
 * order in which devices act. `extra` branches (instruments) stay connected.
 */
export function settle(house: House, extra: readonly Branch[] = [], withinS = readingTakesS): Settled {
	const asked = JSON.stringify([withinS, extra]);
	const at = settledLately.findIndex((each) => each.house === house && each.asked === asked);
	const [found] = at < 0 ? [] : settledLately.splice(at, 1);
	const now = found ?? { house, asked, settled: settledNow(house, extra, withinS) };
	settledLately.unshift(now);
	settledLately.length = Math.min(settledLately.length, readingsKept);
	return now.settled;
}

/** The latest first. A house is a value: what is asked of it again (a reading judged, shown, told) is what it was. */
const settledLately: { readonly house: House; readonly asked: string; readonly settled: Settled }[] = [];
/** Chosen: the pairs of a box or two, of whichever houses; not of each, since a server holds hundreds of them. */
const readingsKept = 32;

function settledNow(house: House, extra: readonly Branch[], withinS: number): Settled {
	const devices =
		allBreakers(house).length +
		house.panels.flatMap((panel) => panel.residualDevices).length +
		house.boxes.length;
	const { state, ended } = untilStill(
		solved(house, extra, []),
		(now) => {
			const soonest = now.due[0];
			if (!soonest || soonest.afterS > withinS) return null;
			const opening = now.due.filter(({ afterS }) => afterS <= soonest.afterS * together);
			return solved(opened(now.house, opening), extra, [...now.trips, ...opening]);
		},
		({ trips }) => trips.map(({ device, where }) => `${where} ${device}`).join(),
		devices + 1
	);
	const { due, ...settled } = state;
	return { ...settled, coming: due, ended };
}

function solved(house: House, extra: readonly Branch[], trips: readonly Trip[]) {
	const compiled = compileHouse(house);
	const network = {
		...compiled,
		branches: extra.length > 0 ? [...compiled.branches, ...extra] : compiled.branches
	};
	const solution = solve(network);
	const due =
		solution.outcome === 'singular' ? [] : dueTrips(house, compiled, extra, network, solution.voltageV);
	return { house, network, solution, trips, due };
}

/** What opens with these currents if they stay, soonest first. `alone`: the network without instruments. */
function dueTrips(
	house: House,
	alone: Network,
	extra: readonly Branch[],
	network: Network,
	voltageV: ReadonlyMap<string, Complex>
): Trip[] {
	const flows = flowsIn(house, alone, extra, network, voltageV);
	return [
		...house.panels.flatMap((panel) =>
			panel.breakers.flatMap((breaker) => breakerTrips(flows, panel, breaker))
		),
		...house.panels
			.flatMap(({ residualDevices }) => residualDevices)
			.flatMap((device) => panelTrips(flows, device)),
		...house.boxes.flatMap((box) => boxTrips(flows, box))
	].sort((a, b) => a.afterS - b.afterS);
}

/** What flows where, and what a device that senses it makes of that. */
interface Flows {
	readonly house: House;
	readonly voltageV: ReadonlyMap<string, Complex>;
	currentOf(branch: string): Complex;
	/** Opens at the difference of what it senses. */
	residual(device: string, where: Trip['where'], sensed: readonly string[], markedMa: number): Trip[];
	/** Opens where a neutral behind it touches ground. */
	groundedNeutral(device: string, where: Trip['where'], sensed: readonly string[], tripMa: number): Trip[];
}

function flowsIn(
	house: House,
	alone: Network,
	extra: readonly Branch[],
	network: Network,
	voltageV: ReadonlyMap<string, Complex>
): Flows {
	const named = branchesOf(alone);
	const currentOf = (id: string): Complex => {
		const branch = named.get(id);
		return branch ? branchCurrentA(network, branch, voltageV) : { re: 0, im: 0 };
	};
	const { opensFromShare, opensAfterS } = residualCurves[house.region];
	return {
		house,
		voltageV,
		currentOf,
		residual: (device, where, sensed, markedMa) => {
			const currentA = magnitude(sensed.map(currentOf).reduce(add));
			const currentMa = currentA * 1000;
			return currentMa > markedMa * opensFromShare
				? [{ device, where, cause: 'residual', currentA, afterS: opensAfterS(currentMa, markedMa) }]
				: [];
		},
		groundedNeutral: (device, where, sensed, tripMa) => {
			if (sharedA(house, alone, sensed) + throughA(extra) <= tripMa / 1000) return [];
			const currentA = groundedNeutralA(network, sensed);
			return currentA * 1000 > tripMa
				? [{ device, where, cause: 'groundedNeutral', currentA, afterS: 0.1 }]
				: [];
		}
	};
}

/** The branches of a house's network by name: no instrument is sensed by itself. */
function branchesOf(alone: Network): ReadonlyMap<string, Branch> {
	const known = named.get(alone) ?? new Map(alone.branches.map((branch) => [branch.id, branch]));
	named.set(alone, known);
	return known;
}
const named = new WeakMap<Network, ReadonlyMap<string, Branch>>();

function breakerTrips({ house, voltageV, ...flows }: Flows, panel: Panel, breaker: Breaker): Trip[] {
	if (!breaker.on) return [];
	const curve = breakerCurves[house.region];
	const poles = breaker.spaces.map((_, pole) => ids.breaker(breaker.id, pole as 0 | 1));
	const currentA = Math.max(...poles.map((id) => magnitude(flows.currentOf(id))));
	const afterS = curve.opensAfterS(currentA, breaker.ratingA);
	const cause = currentA > breaker.ratingA * curve.instantMultiple ? 'shortCircuit' : 'overload';
	const byCurrent: Trip[] =
		afterS < Infinity ? [{ device: breaker.id, where: 'breaker', cause, currentA, afterS }] : [];
	if (!sensesResidual(breaker) || !supplies(house, breakerSupply(panel, breaker.id), voltageV))
		return byCurrent;
	const sensed = [...poles, ids.breakerNeutral(breaker.id)];
	const tripMa = tripMaOf(house, breaker);
	return [
		...byCurrent,
		...flows.residual(breaker.id, 'breaker', sensed, tripMa),
		...(residualParts.breakerFindsGroundedNeutral[house.region]
			? flows.groundedNeutral(breaker.id, 'breaker', sensed, tripMa)
			: [])
	];
}

/** Line current flows out to the load, neutral current comes back: their branches point the same way, so a sound circuit sums to zero. */
const panelTrips = ({ residual }: Flows, { id, on, tripMa }: Panel['residualDevices'][number]): Trip[] =>
	on ? residual(id, 'residualDevice', [ids.residualLine(id), ids.residualNeutral(id)], tripMa) : [];

function boxTrips({ house, voltageV, ...flows }: Flows, box: Box): Trip[] {
	const protection = protectionIn(box);
	if (protection?.kind === 'fuse') {
		const currentA = magnitude(flows.currentOf(ids.link(box.id, protection.link)));
		const afterS = cartridgeFuse.opensAfterS(currentA, protection.ratingA);
		const cause = afterS < 1 ? 'shortCircuit' : 'overload';
		return afterS < Infinity ? [{ device: box.id, where: 'outlet', cause, currentA, afterS }] : [];
	}
	if (protection?.kind !== 'residual' || !isSupplied(house, box, voltageV)) return [];
	const sensed = [ids.link(box.id, protection.hot), ids.link(box.id, protection.neutral)];
	return [
		...flows.residual(box.id, 'outlet', sensed, protection.tripMa),
		...(protection.findsGroundedNeutral
			? flows.groundedNeutral(box.id, 'outlet', sensed, protection.tripMa)
			: [])
	];
}

/** A device's protection where it is in force: shut and not worn out. */
function protectionIn({ device }: Box): Protection | undefined {
	if (!device) return undefined;
	if (isTripped(device) || isWornOut(device)) return undefined;
	return deviceModel(device).protection;
}

/** Whether a protecting device's electronics have enough to work with: they live on what stands at its supply side. */
export function isSupplied(house: House, box: Box, voltageV: ReadonlyMap<string, Complex>): boolean {
	const supply = box.device && deviceModel(box.device).supply;
	if (!supply) return false;
	const [hot, neutral] = supply.map((name) => points.terminal(box.id, name)) as [string, string];
	return supplies(house, [hot, neutral], voltageV);
}

/** Whether electronics find enough between two points to work with. */
function supplies(
	house: House,
	[hot, neutral]: readonly [string, string],
	voltageV: ReadonlyMap<string, Complex>
): boolean {
	const [one, other] = [voltageV.get(hot), voltageV.get(neutral)];
	return (
		one !== undefined &&
		other !== undefined &&
		magnitude(subtract(one, other)) > regions[house.region].supply.nominalV * worksFromShare
	);
}
const worksFromShare = 0.7;

/** What the house by itself lets round, A: the same for every reading in it, and so worked out once a house. */
function sharedA(house: House, alone: Network, sensed: readonly string[]): number {
	const known = byItself.get(house) ?? new Map<string, number>();
	byItself.set(house, known);
	const key = sensed.join();
	if (!known.has(key)) known.set(key, groundedNeutralA(alone, sensed));
	return known.get(key)!;
}
const byItself = new WeakMap<House, Map<string, number>>();

/** At most what instruments add to it, A: across none of them stands more than the test voltages of both conductors. */
const throughA = (extra: readonly Branch[]): number =>
	extra
		.map((branch) =>
			branch.kind === 'resistor' ? branch.resistanceOhm : branch.kind === 'capacitor' ? Infinity : 0
		)
		.reduce((sum, ohm) => sum + (2 * groundedNeutralTest.testV) / ohm, 0);

/** The current that a device's own small test voltage, laid alike on all conductors through its transformer, drives round through ground, A. */
function groundedNeutralA(network: Network, sensed: readonly string[]): number {
	const driven = {
		...network,
		frequencyHz: 0,
		branches: network.branches.map((branch): Branch =>
			(branch.kind === 'resistor' || branch.kind === 'switch') && sensed.includes(branch.id)
				? {
						kind: 'source',
						id: branch.id,
						from: branch.from,
						to: branch.to,
						emfV: { re: groundedNeutralTest.testV, im: 0 },
						current: 'direct',
						resistanceOhm: branch.kind === 'resistor' ? branch.resistanceOhm : branch.onResistanceOhm
					}
				: branch
		)
	};
	const solution = solve(driven);
	if (solution.outcome === 'singular') return 0;
	return magnitude(
		driven.branches
			.filter(({ id }) => sensed.includes(id))
			.map((branch) => branchCurrentA(driven, branch, solution.voltageV))
			.reduce(add)
	);
}

function opened(house: House, trips: readonly Trip[]): House {
	const ids = (where: Trip['where']) =>
		new Set(trips.filter((trip) => trip.where === where).map(({ device }) => device));
	const residual = ids('residualDevice');
	let after = withBreakers(house, Object.fromEntries([...ids('breaker')].map((id) => [id, false])));
	if (residual.size > 0)
		after = {
			...after,
			panels: after.panels.map((panel) => ({
				...panel,
				residualDevices: panel.residualDevices.map((device) =>
					residual.has(device.id) ? { ...device, on: false } : device
				)
			}))
		};
	for (const boxId of ids('outlet'))
		after = withBox(after, boxId, (box) =>
			box.device ? { ...box, device: openedByItself(box.device) } : box
		);
	return after;
}
