import {
	add,
	branchCurrentA,
	magnitude,
	subtract,
	type Branch,
	type Complex,
	type Network,
	type Voltages
} from '../network';
import { breakerCurves, cartridgeFuse, regions, residualCurves, residualParts } from '../rules';
import { branches as ids } from './branches';
import { sensesResidual, tripMaOf } from './breakerFacts';
import { breakerSupply, compileHouse } from './compile';
import { isTripped, isWornOut, opened as openedByItself } from './deviceState';
import { deviceModel, type Protection } from './devices';
import { groundedNeutralsA, throughA } from './groundedNeutral';
import { allBreakers, findBox, once, withBox, withBreakers } from './lookup';
import { points } from './points';
import type { Box, Breaker, House, Panel } from './schema';

/** A protective device that opens by itself: the current that makes it, A, and how long it takes by its curve, s. */
export interface Trip {
	/** A breaker's or residual device's id, or that of the box the device sits in. */
	readonly device: string;
	readonly where: 'breaker' | 'residualDevice' | 'outlet';
	readonly cause: 'shortCircuit' | 'overload' | 'residual' | 'groundedNeutral';
	readonly currentA: number;
	readonly afterS: number;
}

/** A house solved: what opens in it hangs on its currents. */
export interface Standing {
	readonly house: House;
	/** The house that was compiled: this one, or one in which less had opened. */
	readonly compiled: House;
	/** Branches of the compiled house that have opened since. */
	readonly gone: ReadonlySet<string>;
	/** Instruments. */
	readonly extra: readonly Branch[];
	/** A box whose own protection lets everything through. */
	readonly wornOut?: string | undefined;
	readonly voltageV: Voltages;
}

/** What opens with these currents if they stay, soonest first. */
export function dueTrips(standing: Standing): Trip[] {
	const flows = flowsIn(standing);
	const { panels, boxes } = standing.house;
	return [
		...panels.flatMap((panel) => panel.breakers.flatMap((breaker) => breakerTrips(flows, panel, breaker))),
		...panels.flatMap(({ residualDevices }) =>
			residualDevices.flatMap((device) => panelTrips(flows, device))
		),
		...watching(boxes).flatMap((box) => (box.id === standing.wornOut ? [] : boxTrips(flows, box)))
	].sort((a, b) => a.afterS - b.afterS);
}

/** Those that open first: all whose times are too close to tell which is before which. */
export function first(due: readonly Trip[], withinS: number): readonly Trip[] {
	const [soonest] = due;
	if (!soonest || soonest.afterS > withinS) return [];
	return due.filter(({ afterS }) => afterS <= soonest.afterS * together);
}
/** Devices whose times are this close open together: no telling which is first. */
const together = 1.1;

/** What flows where, and what a device that senses it makes of that. */
interface Flows {
	readonly house: House;
	readonly voltageV: Voltages;
	currentOf(branch: string): Complex;
	/** Opens at the difference of what it senses. */
	residual(device: string, where: Trip['where'], sensed: readonly string[], markedMa: number): Trip[];
	/** Opens where a neutral behind it touches ground. */
	groundedNeutral(device: string, where: Trip['where'], sensed: readonly string[], tripMa: number): Trip[];
}

function flowsIn({ house, compiled, gone, extra, voltageV }: Standing): Flows {
	const network = compileHouse(compiled);
	const named = branchesOf(network);
	const currentOf = (id: string): Complex => {
		const branch = gone.has(id) ? undefined : named.get(id);
		return branch ? branchCurrentA(network, branch, voltageV) : { re: 0, im: 0 };
	};
	const { opensFromShare, opensAfterS } = residualCurves[house.region];
	const sharedA = (sensed: readonly string[]) => roundByItselfA(compiled).get(sensed.join())!;
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
			// What has opened since lets round no more than before: the power into resistances falls with each that grows (Rayleigh's monotonicity).
			if (sharedA(sensed) + throughA(extra) <= tripMa / 1000) return [];
			const now = compileHouse(house);
			const [currentA] = groundedNeutralsA({ ...now, branches: [...now.branches, ...extra] }, [sensed]);
			return currentA! * 1000 > tripMa
				? [{ device, where, cause: 'groundedNeutral', currentA: currentA!, afterS: 0.1 }]
				: [];
		}
	};
}

/** The branches of a house's network by name: no instrument is sensed by itself. */
const branchesOf = once(
	({ branches }: Network): ReadonlyMap<string, Branch> =>
		new Map(branches.map((branch) => [branch.id, branch]))
);

/** Boxes whose device may open by itself: few of many. */
const watching = once((boxes: readonly Box[]) =>
	boxes.filter(({ device }) => device && deviceModel(device).protection)
);

function breakerTrips({ house, voltageV, ...flows }: Flows, panel: Panel, breaker: Breaker): Trip[] {
	if (!breaker.on) return [];
	const curve = breakerCurves[house.region];
	const currentA = Math.max(...polesOf(breaker).map((id) => magnitude(flows.currentOf(id))));
	const afterS = curve.opensAfterS(currentA, breaker.ratingA);
	const cause = currentA > breaker.ratingA * curve.instantMultiple ? 'shortCircuit' : 'overload';
	const byCurrent: Trip[] =
		afterS < Infinity ? [{ device: breaker.id, where: 'breaker', cause, currentA, afterS }] : [];
	if (!sensesResidual(breaker) || !supplies(house, breakerSupply(panel, breaker.id), voltageV))
		return byCurrent;
	const sensed = sensedByBreaker(breaker);
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
	const { protection, sensed } = watchOf(box);
	if (protection?.kind === 'fuse') {
		const currentA = magnitude(flows.currentOf(ids.link(box.id, protection.link)));
		const afterS = cartridgeFuse.opensAfterS(currentA, protection.ratingA);
		const cause = afterS < 1 ? 'shortCircuit' : 'overload';
		return afterS < Infinity ? [{ device: box.id, where: 'outlet', cause, currentA, afterS }] : [];
	}
	if (protection?.kind !== 'residual' || !isSupplied(house, box, voltageV)) return [];
	return [
		...flows.residual(box.id, 'outlet', sensed, protection.tripMa),
		...(protection.findsGroundedNeutral
			? flows.groundedNeutral(box.id, 'outlet', sensed, protection.tripMa)
			: [])
	];
}

const polesOf = once(({ id, spaces }: Breaker) => spaces.map((_, pole) => ids.breaker(id, pole as 0 | 1)));
const sensedByBreaker = once((breaker: Breaker) => [...polesOf(breaker), ids.breakerNeutral(breaker.id)]);
/** What watches in a box, the branches it senses and where its electronics find their supply. */
const watchOf = once((box: Box) => {
	const protection = protectionIn(box);
	const supply = box.device && deviceModel(box.device).supply;
	return {
		protection,
		sensed:
			protection?.kind === 'residual'
				? [ids.link(box.id, protection.hot), ids.link(box.id, protection.neutral)]
				: [],
		supply: supply
			? ([points.terminal(box.id, supply[0]), points.terminal(box.id, supply[1])] as const)
			: null
	};
});

/**
 * What a house by itself lets round through each device that finds a neutral touching ground, A, by the branches it senses: the same for every reading in the house, and worked
 * out for all of them at once.
 */
const roundByItselfA = once((house: House): ReadonlyMap<string, number> => {
	const finding = [
		...(residualParts.breakerFindsGroundedNeutral[house.region]
			? allBreakers(house)
					.filter((breaker) => breaker.on && sensesResidual(breaker))
					.map(sensedByBreaker)
			: []),
		...watching(house.boxes).flatMap((box) => {
			const { protection, sensed } = watchOf(box);
			return protection?.kind === 'residual' && protection.findsGroundedNeutral ? [sensed] : [];
		})
	];
	const roundA = groundedNeutralsA(compileHouse(house), finding);
	return new Map(finding.map((sensed, k) => [sensed.join(), roundA[k]!]));
});

/** A device's protection where it is in force: shut and not worn out. */
function protectionIn({ device }: Box): Protection | undefined {
	if (!device) return undefined;
	if (isTripped(device) || isWornOut(device)) return undefined;
	return deviceModel(device).protection;
}

/** Whether a protecting device's electronics have enough to work with: they live on what stands at its supply side. */
export function isSupplied(house: House, box: Box, voltageV: Voltages): boolean {
	const { supply } = watchOf(box);
	return supply !== null && supplies(house, supply, voltageV);
}

/** Whether electronics find enough between two points to work with. */
function supplies(house: House, [hot, neutral]: readonly [string, string], voltageV: Voltages): boolean {
	const [one, other] = [voltageV.get(hot), voltageV.get(neutral)];
	return (
		one !== undefined &&
		other !== undefined &&
		magnitude(subtract(one, other)) > regions[house.region].supply.nominalV * worksFromShare
	);
}
const worksFromShare = 0.7;

/** The house after these have opened. */
export function opened(house: House, trips: readonly Trip[]): House {
	const ids = (where: Trip['where']) =>
		new Set(trips.filter((trip) => trip.where === where).map(({ device }) => device));
	const residual = ids('residualDevice');
	const breakers = [...ids('breaker')].map((id) => [id, false] as const);
	let after = breakers.length > 0 ? withBreakers(house, Object.fromEntries(breakers)) : house;
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

/** The branches that are gone from a house's network once these have opened. */
export function openedBranches(house: House, trips: readonly Trip[]): string[] {
	return trips.flatMap(({ device, where }) => {
		if (where === 'residualDevice') return [ids.residualLine(device), ids.residualNeutral(device)];
		if (where === 'breaker') return [ids.breaker(device, 0), ids.breaker(device, 1)];
		const shut = findBox(house, device)!.device!;
		const left = new Set(deviceModel(openedByItself(shut)).links.map(({ id }) => id));
		return deviceModel(shut).links.flatMap(({ id }) => (left.has(id) ? [] : [ids.link(device, id)]));
	});
}
