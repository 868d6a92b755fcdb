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
import { breakerCurves, cartridgeFuse, groundedNeutralTest, regions, residualCurves } from '../rules';
import {
	breakerBranchId,
	breakerNeutralId,
	compileHouse,
	linkBranchId,
	sensesResidual,
	tripMaOf
} from './compile';
import { deviceModel, type Protection } from './devices';
import { allBreakers, withBox, withBreakers } from './lookup';
import { points } from './points';
import type { Box, House } from './schema';
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
	const due = solution.outcome === 'singular' ? [] : dueTrips(house, network, solution.voltageV);
	return { house, network, solution, trips, due };
}

/** What opens with these currents if they stay, soonest first. */
function dueTrips(house: House, network: Network, voltageV: ReadonlyMap<string, Complex>): Trip[] {
	const byId = new Map(network.branches.map((branch) => [branch.id, branch]));
	const currentOf = (id: string): Complex => {
		const branch = byId.get(id);
		return branch ? branchCurrentA(network, branch, voltageV) : { re: 0, im: 0 };
	};
	const curve = breakerCurves[house.region];
	const trips: Trip[] = [];
	const residual = (device: string, where: Trip['where'], difference: Complex, markedMa: number) => {
		const currentA = magnitude(difference);
		const { opensFromShare, opensAfterS } = residualCurves[house.region];
		if (currentA * 1000 > markedMa * opensFromShare)
			trips.push({
				device,
				where,
				cause: 'residual',
				currentA,
				afterS: opensAfterS(currentA * 1000, markedMa)
			});
	};
	for (const breaker of allBreakers(house)) {
		if (!breaker.on) continue;
		const poles = breaker.spaces.map((_, pole) => currentOf(breakerBranchId(breaker.id, pole as 0 | 1)));
		const currentA = Math.max(...poles.map(magnitude));
		const afterS = curve.opensAfterS(currentA, breaker.ratingA);
		const cause = currentA > breaker.ratingA * curve.instantMultiple ? 'shortCircuit' : 'overload';
		if (afterS < Infinity) trips.push({ device: breaker.id, where: 'breaker', cause, currentA, afterS });
		if (sensesResidual(breaker))
			residual(
				breaker.id,
				'breaker',
				poles.reduce(add, currentOf(breakerNeutralId(breaker.id))),
				tripMaOf(house, breaker)
			);
	}
	for (const device of house.panels.flatMap(({ residualDevices }) => residualDevices)) {
		if (!device.on) continue;
		// Line current flows out to the load, neutral current comes back: their branches point the same way, so a sound circuit sums to zero.
		const sum = add(
			currentOf(`residual device ${device.id} line`),
			currentOf(`residual device ${device.id} neutral`)
		);
		residual(device.id, 'residualDevice', sum, device.tripMa);
	}
	for (const box of house.boxes) {
		const protection = protectionIn(box);
		if (protection?.kind === 'fuse') {
			const currentA = magnitude(currentOf(linkBranchId(box.id, protection.link)));
			const afterS = cartridgeFuse.opensAfterS(currentA, protection.ratingA);
			if (afterS < Infinity)
				trips.push({
					device: box.id,
					where: 'outlet',
					cause: afterS < 1 ? 'shortCircuit' : 'overload',
					currentA,
					afterS
				});
		}
		if (protection?.kind === 'residual') {
			residual(box.id, 'outlet', throughTransformer(box, protection, currentOf), protection.tripMa);
			const loopA =
				protection.findsGroundedNeutral && isSupplied(house, box, voltageV)
					? groundedNeutralA(network, box, protection)
					: 0;
			if (loopA * 1000 > protection.tripMa)
				trips.push({
					device: box.id,
					where: 'outlet',
					cause: 'groundedNeutral',
					currentA: loopA,
					afterS: 0.1
				});
		}
	}
	return trips.sort((a, b) => a.afterS - b.afterS);
}

type Residual = Extract<Protection, { kind: 'residual' }>;

/** A device's protection where it is in force: shut and not worn out. */
function protectionIn({ device }: Box): Protection | undefined {
	if (!device) return undefined;
	if ((device.kind === 'gfci' || device.kind === 'socketRcd') && (device.tripped || !device.senses))
		return undefined;
	return deviceModel(device).protection;
}

/** What doesn't come back through the transformer, A. */
const throughTransformer = (
	box: Box,
	{ hot, neutral }: Residual,
	currentOf: (id: string) => Complex
): Complex => add(currentOf(linkBranchId(box.id, hot)), currentOf(linkBranchId(box.id, neutral)));

/** Whether a protecting device's electronics have enough to work with: they live on what stands at its supply side. */
export function isSupplied(house: House, box: Box, voltageV: ReadonlyMap<string, Complex>): boolean {
	const supply = box.device && deviceModel(box.device).supply;
	if (!supply) return false;
	const [hot, neutral] = supply.map((name) => voltageV.get(points.terminal(box.id, name)));
	return (
		hot !== undefined &&
		neutral !== undefined &&
		magnitude(subtract(hot, neutral)) > regions[house.region].nominalV * worksFromShare
	);
}
const worksFromShare = 0.7;

/** The current that the device's own small test voltage, laid alike on both conductors, drives round through ground, A. */
function groundedNeutralA(network: Network, box: Box, { hot, neutral }: Residual): number {
	const ids = [hot, neutral].map((id) => linkBranchId(box.id, id));
	const driven = {
		...network,
		frequencyHz: 0,
		branches: network.branches.map((branch): Branch =>
			branch.kind === 'resistor' && ids.includes(branch.id)
				? { ...branch, kind: 'source', emfV: { re: groundedNeutralTest.testV, im: 0 }, current: 'direct' }
				: branch
		)
	};
	const solution = solve(driven);
	if (solution.outcome === 'singular') return 0;
	const sensed = driven.branches.filter(({ id }) => ids.includes(id));
	return magnitude(sensed.map((branch) => branchCurrentA(driven, branch, solution.voltageV)).reduce(add));
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
		after = withBox(after, boxId, (box) => ({
			...box,
			device:
				box.device?.kind === 'gfci' || box.device?.kind === 'socketRcd'
					? { ...box.device, tripped: true }
					: box.device?.kind === 'fusedSpur'
						? { ...box.device, fuseBlown: true }
						: box.device
		}));
	return after;
}
