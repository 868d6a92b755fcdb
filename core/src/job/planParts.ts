import {
	circuitsInBox,
	deviceModel,
	findBreaker,
	hasMetalFace,
	hasOutlet,
	mainPanel,
	mainSwitch,
	neighbours,
	panelOf,
	takesGround,
	type Box,
	type Device,
	type House
} from '../house';
import { hardThings, mustBeOffTogether } from '../isolation';
import { regions, withoutGround, type PlateLabel, type Region } from '../rules';
import type { Verdict } from '../wiring';
import { fittingRatingsA, withoutResidual } from './asked';
import { endsOnGround, hasGroundWire } from './inBox';
import type { JobPlan, TerminatingSchool } from './jobPlan';
import { baselinesOf, cablesEntering, endsOf, inOrder, landingsOf, passingIn } from './landings';
import { barePairs, facePairs } from './pairs';
import { suppliesIn, suppliesOf } from './planSupply';
import type { Work } from './work';

/** A job that can be had, before it is worked out what it consists of. */
export interface Settled {
	readonly house: House;
	readonly box: Box;
	/** What is there. */
	readonly device: Device;
	/** The breaker its first circuit hangs on. */
	readonly breaker: string;
	readonly school: TerminatingSchool;
	readonly putBack: boolean;
	readonly work: Work | null;
	readonly controls: JobPlan['controls'];
}

/** What is switched off for it, what hangs on that, and what comes before and after. */
export function powerOf({ house, box, breaker, putBack }: Settled) {
	const { upstream, downstream } = neighbours(house, box.id);
	const { code } = regions[house.region];
	const all = switchable(house);
	return {
		recordedBreaker: breaker,
		neutralMeetsGround: meetsGround(house, breaker),
		breakers: all,
		mainSwitch: mainSwitch(mainPanel(house).id),
		together: mustBeOffTogether(house, box.id, breaker),
		hard: Object.fromEntries(
			all.map((id) => [id, hardThings(house, id)] as const).filter(([, things]) => things.length > 0)
		),
		fittingRatingsA: Object.fromEntries(
			all.filter((id) => findBreaker(house, id)).map((id) => [id, fittingRatingsA(house, box.id, id)])
		),
		noResidual: code.residualEverywhere && withoutResidual(house, breaker),
		witnesses: witnessesOf(house, box.id, breaker),
		// Nothing that leads on is touched where it is put back.
		upstream: putBack ? [] : outletsOf(upstream),
		downstream: putBack ? [] : outletsOf(downstream)
	} satisfies Partial<JobPlan>;
}

/** The part that is there and the one that goes in. */
export function partsOf({ house, box, device, work, controls }: Settled) {
	const grounded = landingsOf(house, box).some(({ wires }) => wires.some(({ role }) => role === 'ground'));
	const made = work?.ways[0]!.wanted;
	const { halves } = deviceModel(device);
	return {
		oldDevice: device,
		newDevice: made?.device ?? device,
		grounded,
		// Of a ground behind no face nothing can be read once it is shut.
		newGrounded: made ? endsOnGround(made) : grounded && controls === null,
		labels: work ? labelsFor(house.region, box.id, work.verdict) : [],
		halves,
		newHalves: made ? deviceModel(made.device!).halves : halves,
		metalBox: box.material === 'metal',
		separatePlate: regions[house.region].custom.plateApart
	} satisfies Partial<JobPlan>;
}

/** What is read: at the face, on the wires, of the finished work. */
export function readingsOf(
	{ house, box, device, putBack, work }: Settled,
	{
		grounded,
		newGrounded,
		halves,
		takeOff,
		passing
	}: Pick<JobPlan, 'grounded' | 'newGrounded' | 'halves' | 'takeOff' | 'passing'>
) {
	const { custom } = regions[house.region];
	const wires = takeOff.flatMap((landing) => landing.wires);
	const wiresOff = !putBack;
	const made = work?.ways[0]!.wanted.device;
	const readsScrew =
		custom.plateApart && box.material === 'metal' && halves.length > 0 && !takesGround(device);
	return {
		asFound: halves.length === 0 ? null : takesGround(device) ? 'threeLamps' : 'twoBlades',
		deadFromStart: true,
		plateScrew: readsScrew ? (newGrounded && !hasGroundWire(house, box.id) ? 'reliedOn' : 'read') : null,
		facePairs: facePairs(box.id, halves, grounded),
		barePairs: barePairs(box, wires, passing),
		// Where it is put back its wires stay on: there is nothing to read between them.
		baselines: wiresOff ? baselinesOf(wires) : [],
		ends: wiresOff && custom.ring !== null ? endsOf(wires) : [],
		mayBeRing: wiresOff && custom.ring !== null,
		resistanceChecks: [
			// Whatever else is on the circuit lies across a pair whose wires never came off.
			...(putBack ? [] : (['hotNeutral'] as const)),
			...(newGrounded ? (['hotGround'] as const) : []),
			...(newGrounded && made && hasMetalFace(made) ? (['pinPlate'] as const) : []),
			// Last, as it is asked by what the box turns out to be made of.
			...(newGrounded && box.material === 'metal' ? (['groundBox'] as const) : [])
		]
	} satisfies Partial<JobPlan>;
}

/** The conductors: what comes off in which order, what else is in reach, and which cables could be the supply. */
export function conductorsOf({ house, box, putBack, work }: Settled) {
	const takeOff = inOrder(landingsOf(house, box), ['hot', 'switchedHot', 'neutral', 'ground']);
	const wires = takeOff.flatMap((landing) => landing.wires);
	return {
		takeOff,
		passing: passingIn(house, box),
		cablesIn: cablesEntering(house, box.id),
		...(putBack
			? { supplyCables: [], recordedSupply: [], onRing: false }
			: work && (!work.same || work.candidates.length > 0)
				? suppliesOf(work)
				: suppliesIn(house, box, wires))
	} satisfies Partial<JobPlan>;
}

/** Whether neutral and ground meet in this breaker's panel, or right before it: at a panel behind another one, and where the earth comes by another way, a neutral is never quite at ground. */
function meetsGround(house: House, breaker: string): boolean {
	if (panelOf(house, breaker)?.fedFrom) return false;
	const { bondedAt } = regions[house.region].supply;
	return bondedAt === 'servicePanel' || house.service.earthing?.system === 'tnCS';
}

/** Outlets on the same breaker by the record, that can be watched in its place. */
export const witnessesOf = (house: House, boxId: string, breaker: string): string[] =>
	outletsOf(house.boxes).filter(
		(id) => id !== boxId && circuitsInBox(house, id).some((circuit) => circuit.breaker === breaker)
	);

/** What the plate says where there is no ground (us: NEC 406.4(D)(2)). */
function labelsFor(region: Region, boxId: string, verdict: Verdict): readonly PlateLabel[] {
	const rule = withoutGround[region];
	if (!verdict.withoutGround || !rule) return [];
	return verdict.guardedBy === boxId ? rule.itself : rule.behind;
}

const switchable = (house: House): string[] =>
	house.panels.flatMap((panel) => [...panel.breakers.map(({ id }) => id), mainSwitch(panel.id)]);

const outletsOf = (boxes: readonly Box[]): string[] => boxes.filter(hasOutlet).map(({ id }) => id);
