import type { Branch, Network } from '../network';
import { couplingFPerM, goodJointOhm, regions, resistanceOhmPerM } from '../rules';
import { deviceModel } from './devices';
import { findBreaker, mainPanel, panelOf } from './lookup';
import { points } from './points';
import type { Box, Breaker, Cable, Conductor, House, Panel } from './schema';

/** Which supply leg a us panel's space stands on: rows alternate. A uk unit has one. */
export function legOfSpace(house: House, space: number): 0 | 1 {
	return house.region === 'us' && Math.floor((space - 1) / 2) % 2 === 1 ? 1 : 0;
}

/**
 * The house's wiring as an electrical network; the panel's ground bar is the reference. Series resistance of every cable
 * conductor by its length and size; coupling between neighbours, half at each end (π model). A checked house (`parseHouse`) is taken
 * for granted: a reference to something missing throws.
 */
export function compileHouse(house: House): Network {
	const panel = mainPanel(house);
	const branches: Branch[] = [];
	service(house, panel, branches);
	for (const sub of house.panels) if (sub.fedFrom) feeder(house, sub, sub.fedFrom, branches);
	for (const each of house.panels) breakers(house, each, branches);
	const starts = startOfCircuit(house);
	for (const cable of house.cables) {
		cableBranches(cable, starts, branches);
		metalOfCable(cable, branches);
	}
	const cables = new Map(house.cables.map((cable) => [cable.id, cable]));
	for (const box of house.boxes) boxBranches(cables, box, branches);
	for (const load of house.loads)
		if (load.on)
			branches.push({
				kind: 'resistor',
				id: `load ${load.name}`,
				from: points.contact(load.box, load.half, 'hot'),
				to: points.contact(load.box, load.half, 'neutral'),
				resistanceOhm: load.resistanceOhm
			});
	return { frequencyHz: regions[house.region].frequencyHz, reference: points.earth(panel.id), branches };
}

function service(house: House, panel: Panel, branches: Branch[]): void {
	const { voltageV, impedanceOhm } = house.service;
	const legs: (0 | 1)[] = house.region === 'us' ? [0, 1] : [0];
	for (const leg of legs) {
		const name = leg === 0 ? 'A' : 'B';
		branches.push(
			{
				kind: 'source',
				id: `supply leg ${name}`,
				from: `service/leg${name}`,
				to: 'service/neutral',
				emfV: { re: leg === 0 ? voltageV : -voltageV, im: 0 },
				current: 'alternating',
				resistanceOhm: impedanceOhm
			},
			closing(`main switch ${name}`, `service/leg${name}`, points.bus(panel.id, leg), panel.mainOn)
		);
	}
	const neutral = points.neutralBar(panel.id);
	// A uk main switch opens the neutral too; a us one leaves it solid.
	if (house.region === 'uk')
		branches.push(
			wire('supply neutral', 'service/neutral', 'service/meterNeutral', impedanceOhm),
			closing('main switch N', 'service/meterNeutral', neutral, panel.mainOn)
		);
	else branches.push(wire('supply neutral', 'service/neutral', neutral, impedanceOhm));
	const bondAt = house.region === 'uk' ? 'service/meterNeutral' : neutral;
	branches.push(wire('neutral to ground bond', bondAt, points.earth(panel.id), goodJointOhm));
}

/** A sub-panel's supply: hots from the poles of its breaker, neutral and ground each from the bar of the panel that breaker sits in. */
function feeder(
	house: House,
	sub: Panel,
	{ breaker, lengthM, size }: NonNullable<Panel['fedFrom']>,
	branches: Branch[]
): void {
	const parent = panelOf(house, breaker);
	if (!parent) throw new Error(`panel ${sub.id}: no breaker ${breaker}`);
	const ohm = resistanceOhmPerM(size, 'copper')! * lengthM;
	const name = (what: string) => `feeder ${sub.id} ${what}`;
	findBreaker(house, breaker)!.spaces.forEach((_, k) => {
		const pole = k as 0 | 1;
		branches.push(
			wire(name(`hot ${k + 1}`), points.breaker(breaker, pole), points.feed(sub.id, pole), ohm),
			closing(name(`main switch ${k + 1}`), points.feed(sub.id, pole), points.bus(sub.id, pole), sub.mainOn)
		);
	});
	const neutral = points.neutralBar(sub.id);
	const start = neutralStart(parent, breaker);
	if (house.region === 'uk')
		branches.push(
			wire(name('neutral'), start, `panel:${sub.id}/feedNeutral`, ohm),
			closing(name('main switch N'), `panel:${sub.id}/feedNeutral`, neutral, sub.mainOn)
		);
	else branches.push(wire(name('neutral'), start, neutral, ohm));
	branches.push(wire(name('ground'), points.earth(parent.id), points.earth(sub.id), ohm));
}

/** Where the neutral that goes with a breaker starts: its own residual-current part, that of the device it stands behind, or the bar. */
function neutralStart(panel: Panel, breakerId: string): string {
	if (sensesResidual(panel.breakers.find(({ id }) => id === breakerId)!))
		return points.breakerNeutral(breakerId);
	const residual = panel.residualDevices.find(({ covers }) => covers.includes(breakerId));
	return residual ? points.residualNeutral(residual.id) : points.neutralBar(panel.id);
}

export const sensesResidual = ({ type }: Breaker): boolean => type === 'residual' || type === 'dualFunction';
/** What a breaker's own residual-current part trips at, mA. */
export const tripMaOf = (house: House, breaker: Breaker): number =>
	breaker.tripMa ?? (house.region === 'us' ? 5 : 30);

function breakers(house: House, panel: Panel, branches: Branch[]): void {
	for (const device of panel.residualDevices) {
		branches.push(
			closing(
				`residual device ${device.id} line`,
				points.bus(panel.id, 0),
				points.residualLine(device.id),
				device.on
			),
			closing(
				`residual device ${device.id} neutral`,
				points.neutralBar(panel.id),
				points.residualNeutral(device.id),
				device.on
			)
		);
	}
	for (const breaker of panel.breakers) {
		const residual = panel.residualDevices.find(({ covers }) => covers.includes(breaker.id));
		breaker.spaces.forEach((space, k) => {
			const pole = k as 0 | 1;
			const supply = residual
				? points.residualLine(residual.id)
				: points.bus(panel.id, legOfSpace(house, space));
			branches.push(
				closing(breakerBranchId(breaker.id, pole), supply, points.breaker(breaker.id, pole), breaker.on)
			);
		});
		if (sensesResidual(breaker)) {
			const from = residual ? points.residualNeutral(residual.id) : points.neutralBar(panel.id);
			branches.push(
				wire(breakerNeutralId(breaker.id), from, points.breakerNeutral(breaker.id), goodJointOhm)
			);
		}
	}
}

export const breakerNeutralId = (breakerId: string): string => `breaker ${breakerId} neutral`;
export const breakerBranchId = (breakerId: string, pole: 0 | 1): string =>
	`breaker ${breakerId} pole ${pole + 1}`;

/** Where each conductor of a circuit's first cable lands in the panel. */
function startOfCircuit(house: House) {
	const breakerOf = new Map(house.circuits.map(({ id, breaker }) => [id, breaker]));
	const panels = new Map(
		house.panels.flatMap((panel) => panel.breakers.map(({ id }) => [id, panel] as const))
	);
	return (cable: Cable, conductor: Conductor): string => {
		const circuit = conductor.circuit ?? cable.circuit;
		const breaker = breakerOf.get(circuit);
		const panel = breaker === undefined ? undefined : panels.get(breaker);
		if (breaker === undefined || !panel) throw new Error(`cable ${cable.id}: no circuit ${circuit}`);
		if (conductor.role === 'ground') return points.earth(panel.id);
		if (conductor.role === 'neutral') return neutralStart(panel, breaker);
		const hots = cable.conductors.filter(
			({ role, circuit: own }) =>
				(role === 'hot' || role === 'switchedHot') && (own ?? cable.circuit) === circuit
		);
		return points.breaker(breaker, hots.findIndex(({ id }) => id === conductor.id) === 1 ? 1 : 0);
	};
}

function cableBranches(
	cable: Cable,
	start: (cable: Cable, conductor: Conductor) => string,
	branches: Branch[]
): void {
	cable.conductors.forEach((conductor, k) => {
		const size = conductor.size ?? cable.size;
		const perM = resistanceOhmPerM(size, cable.material);
		if (perM === null) throw new Error(`cable ${cable.id}: ${size} is not made in ${cable.material}`);
		const near = points.conductor(cable.id, conductor.id, 'from');
		const far = points.conductor(cable.id, conductor.id, 'to');
		const name = `${cable.id} ${conductor.id}`;
		branches.push(wire(name, near, far, perM * cable.lengthM));
		const landed = cable.landings?.find((each) => each.conductor === conductor.id);
		if ('panel' in cable.from && landed?.on !== 'nothing') {
			const as = landed?.on ? { ...conductor, role: landed.on } : conductor;
			branches.push(
				wire(`${name} at the panel`, start(cable, as), near, landed?.resistanceOhm ?? goodJointOhm)
			);
		}
		const neighbour = cable.conductors[k + 1];
		if (neighbour)
			for (const end of ['from', 'to'] as const)
				branches.push({
					kind: 'capacitor',
					id: `${name} beside ${neighbour.id} @${end}`,
					from: points.conductor(cable.id, conductor.id, end),
					to: points.conductor(cable.id, neighbour.id, end),
					capacitanceF: (couplingFPerM * cable.lengthM) / 2
				});
	});
}

/** Armour or conduit joins the metal of its two ends, and the conductors beside it couple to it as to each other. */
function metalOfCable(cable: Cable, branches: Branch[]): void {
	if (!cable.metal) return;
	const ends = {
		from: 'panel' in cable.from ? points.earth(cable.from.panel) : points.metal(cable.from.box),
		to: points.metal(cable.to.box)
	};
	branches.push(wire(`${cable.id} metal`, ends.from, ends.to, cable.metal.resistanceOhm));
	for (const { id } of cable.conductors)
		for (const end of ['from', 'to'] as const)
			branches.push({
				kind: 'capacitor',
				id: `${cable.id} ${id} beside its metal @${end}`,
				from: points.conductor(cable.id, id, end),
				to: ends[end],
				capacitanceF: (couplingFPerM * cable.lengthM) / 2
			});
}

function boxBranches(cables: ReadonlyMap<string, Cable>, box: Box, branches: Branch[]): void {
	for (const { cable: cableId, conductor, at, resistanceOhm, open, touches } of box.terminations) {
		const to = pointAt(box, at);
		const cable = cables.get(cableId);
		if (!cable) throw new Error(`box ${box.id}: no cable ${cableId}`);
		const here = points.conductor(cableId, conductor, cable.to.box === box.id ? 'to' : 'from');
		if (to !== null && !open)
			branches.push(wire(`${cableId} ${conductor} in ${box.id}`, here, to, resistanceOhm ?? goodJointOhm));
		if (touches)
			branches.push(
				wire(`${cableId} ${conductor} touching ${box.id}`, here, points.metal(box.id), goodJointOhm)
			);
	}
	for (const pigtail of box.pigtails) {
		const free = points.pigtail(box.id, pigtail.id);
		const from = pointAt(box, pigtail.from);
		const to = pointAt(box, pigtail.to);
		if (from !== null) branches.push(wire(`pigtail ${box.id} ${pigtail.id} from`, from, free, goodJointOhm));
		if (to !== null && !pigtail.open)
			branches.push(
				wire(`pigtail ${box.id} ${pigtail.id} to`, free, to, pigtail.resistanceOhm ?? goodJointOhm)
			);
	}
	if (!box.device) return;
	for (const { id, from, to, resistanceOhm, capacitanceF } of deviceModel(box.device).links) {
		const ends = {
			id: linkBranchId(box.id, id),
			from: points.terminal(box.id, from),
			to: points.terminal(box.id, to)
		};
		branches.push(
			capacitanceF === undefined
				? wire(ends.id, ends.from, ends.to, resistanceOhm)
				: { kind: 'capacitor', ...ends, capacitanceF }
		);
	}
}

export const linkBranchId = (boxId: string, linkId: string): string => `${boxId} ${linkId}`;

/** The node a termination leads to; `null` where the end is free. */
function pointAt(box: Box, at: string): string | null {
	if (at === 'capped' || at === 'bare') return null;
	if (at === 'box') return points.metal(box.id);
	const [kind, name] = at.split(':') as [string, string];
	return kind === 'joint' ? points.joint(box.id, name) : points.terminal(box.id, name);
}

const wire = (id: string, from: string, to: string, resistanceOhm: number): Branch => ({
	kind: 'resistor',
	id,
	from,
	to,
	resistanceOhm
});
const closing = (id: string, from: string, to: string, closed: boolean): Branch => ({
	kind: 'switch',
	id,
	from,
	to,
	closed,
	onResistanceOhm: goodJointOhm
});
