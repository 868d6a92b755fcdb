import type { Branch, Network } from '../network';
import { couplingFPerM, earthingRules, goodJointOhm, regions, resistanceOhmPerM } from '../rules';
import { branches as ids } from './branches';
import { legOfSpace, sensesResidual } from './breakerFacts';
import { deviceModel, electronicsF } from './devices';
import { findBreaker, mainPanel, panelOf } from './lookup';
import { points } from './points';
import type { Box, Cable, Conductor, House, Panel } from './schema';

/**
 * The house's wiring as an electrical network; the panel's ground bar is the reference. Series resistance of every cable
 * conductor by its length and size; coupling between neighbours, half at each end (π model). A checked house (`parseHouse`) is taken
 * for granted: a reference to something missing throws.
 */
export function compileHouse(house: House): Network {
	const known = compiled.get(house);
	if (known) return known;
	const network = compile(house);
	compiled.set(house, network);
	return network;
}

/** A house is a value: its network is the same for as long as anybody holds it. */
const compiled = new WeakMap<House, Network>();

function compile(house: House): Network {
	const panel = mainPanel(house);
	const branches: Branch[] = [];
	service(house, panel, branches);
	for (const sub of house.panels) if (sub.fedFrom) feeder(house, sub, sub.fedFrom, branches);
	for (const each of house.panels) breakers(house, each, branches);
	const starts = startOfCircuit(house);
	const metalBoxes = new Set(house.boxes.flatMap(({ id, material }) => (material === 'metal' ? [id] : [])));
	for (const cable of house.cables) {
		cableBranches(cable, starts, branches);
		metalOfCable(cable, metalBoxes, branches);
	}
	const cables = new Map(house.cables.map((cable) => [cable.id, cable]));
	for (const box of house.boxes) {
		boxBranches(cables, box, branches);
		if (box.inBoxWith !== undefined && metalBoxes.has(box.id) && metalBoxes.has(box.inBoxWith))
			branches.push(
				wire(ids.oneBox(box.id), points.metal(box.id), points.metal(box.inBoxWith), goodJointOhm)
			);
	}
	for (const load of house.loads)
		if (load.on)
			branches.push({
				kind: 'resistor',
				id: ids.load(load.id),
				from: points.contact(load.box, load.half, 'hot'),
				to: points.contact(load.box, load.half, 'neutral'),
				resistanceOhm: load.resistanceOhm
			});
	return {
		frequencyHz: regions[house.region].supply.frequencyHz,
		reference: points.earth(panel.id),
		branches
	};
}

/** The transformer's neutral, and the neutral at the cut-out beside the meter. */
const supplyNeutral = 'service/neutral';
const cutOut = 'service/meterNeutral';

function service(house: House, panel: Panel, branches: Branch[]): void {
	const { voltageV, impedanceOhm } = house.service;
	const { legs, mainSwitchOpensNeutral } = regions[house.region].supply;
	for (const leg of legs) {
		const name = leg === 0 ? 'A' : 'B';
		branches.push(
			{
				kind: 'source',
				id: ids.supplyLeg(leg),
				from: `service/leg${name}`,
				to: supplyNeutral,
				emfV: { re: leg === 0 ? voltageV : -voltageV, im: 0 },
				current: 'alternating',
				resistanceOhm: impedanceOhm
			},
			closing(`main switch ${name}`, `service/leg${name}`, points.bus(panel.id, leg), panel.mainOn)
		);
	}
	const neutral = points.neutralBar(panel.id);
	if (mainSwitchOpensNeutral)
		branches.push(
			wire('supply neutral', supplyNeutral, cutOut, impedanceOhm),
			closing('main switch N', cutOut, neutral, panel.mainOn)
		);
	else branches.push(wire('supply neutral', supplyNeutral, neutral, impedanceOhm));
	earth(house, panel, branches);
}

/** Where ground and neutral meet: us at the service panel; uk at the cut-out, at the transformer, or only through the soil. Never in a consumer unit. */
function earth(house: House, panel: Panel, branches: Branch[]): void {
	const bar = points.earth(panel.id);
	const bond = (at: string, ohm: number) => branches.push(wire('neutral to ground bond', at, bar, ohm));
	if (regions[house.region].supply.bondedAt === 'servicePanel')
		return void bond(points.neutralBar(panel.id), goodJointOhm);
	const earthing = house.service.earthing ?? { system: 'tnCS' };
	switch (earthing.system) {
		case 'tnCS':
			return void bond(cutOut, goodJointOhm);
		case 'tnS':
			return void bond(supplyNeutral, earthing.returnOhm ?? earthingRules.tnS.returnOhm);
		case 'tt':
			branches.push(
				wire(
					'supply electrode',
					supplyNeutral,
					'service/soil',
					earthing.supplyElectrodeOhm ?? earthingRules.tt.supplyElectrodeOhm
				)
			);
			return void bond('service/soil', earthing.electrodeOhm ?? earthingRules.tt.electrodeOhm);
	}
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
	if (regions[house.region].supply.mainSwitchOpensNeutral)
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
	return neutralBefore(panel, breakerId);
}

/** Where the electronics of a breaker's own residual-current part find their supply: its first pole, and the neutral before its transformer. */
export function breakerSupply(panel: Panel, breakerId: string): readonly [hot: string, neutral: string] {
	return [points.breaker(breakerId), neutralBefore(panel, breakerId)];
}

const neutralBefore = (panel: Panel, breakerId: string): string => {
	const residual = panel.residualDevices.find(({ covers }) => covers.includes(breakerId));
	return residual ? points.residualNeutral(residual.id) : points.neutralBar(panel.id);
};

function breakers(house: House, panel: Panel, branches: Branch[]): void {
	for (const device of panel.residualDevices) {
		branches.push(
			closing(
				ids.residualLine(device.id),
				points.bus(panel.id, 0),
				points.residualLine(device.id),
				device.on
			),
			closing(
				ids.residualNeutral(device.id),
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
				closing(ids.breaker(breaker.id, pole), supply, points.breaker(breaker.id, pole), breaker.on)
			);
		});
		if (sensesResidual(breaker)) {
			const [hot, neutral] = breakerSupply(panel, breaker.id);
			branches.push({
				kind: 'capacitor',
				id: ids.breakerElectronics(breaker.id),
				from: hot,
				to: neutral,
				capacitanceF: electronicsF
			});
			branches.push(
				wire(
					ids.breakerNeutral(breaker.id),
					neutralBefore(panel, breaker.id),
					points.breakerNeutral(breaker.id),
					goodJointOhm
				)
			);
		}
	}
}

/** Where each conductor of a circuit's first cable lands in the panel. */
function startOfCircuit(house: House) {
	const breakerOf = new Map(house.circuits.map(({ id, breaker }) => [id, breaker]));
	const panels = new Map(
		house.panels.flatMap((panel) => panel.breakers.map(({ id }) => [id, panel] as const))
	);
	return (cable: Cable, conductor: Conductor): string => {
		const circuitOf = (one: Conductor) => one.circuit ?? cable.circuit;
		const circuit = circuitOf(conductor);
		const id = breakerOf.get(circuit);
		const panel = id === undefined ? undefined : panels.get(id);
		const breaker = panel?.breakers.find((each) => each.id === id);
		if (!breaker || !panel) throw new Error(`cable ${cable.id}: no circuit ${circuit}`);
		const role = landedAs(cable, conductor);
		if (role === 'ground') return points.earth(panel.id);
		if (role === 'neutral') return neutralStart(panel, breaker.id);
		// Poles are taken by the hots first, then by what is switched or spare; a breaker of one pole has all of them on it.
		const onBreaker = cable.conductors.filter(
			(one) => circuitOf(one) === circuit && ['hot', 'switchedHot'].includes(landedAs(cable, one))
		);
		const ranked = [
			...onBreaker.filter((one) => landedAs(cable, one) === 'hot'),
			...onBreaker.filter((one) => landedAs(cable, one) !== 'hot')
		];
		const second = breaker.spaces.length > 1 && ranked[1]?.id === conductor.id;
		return points.breaker(breaker.id, second ? 1 : 0);
	};
}

/** What a conductor is landed as in the panel: what its role asks, unless its cable says otherwise. */
const landedAs = (cable: Cable, { id, role }: Conductor): Conductor['role'] | 'nothing' =>
	cable.landings?.find(({ conductor }) => conductor === id)?.on ?? role;

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
		branches.push(wire(ids.conductor(cable.id, conductor.id), near, far, perM * cable.lengthM));
		if ('panel' in cable.from && landedAs(cable, conductor) !== 'nothing') {
			const joint = cable.landings?.find((each) => each.conductor === conductor.id)?.resistanceOhm;
			branches.push(
				wire(ids.atPanel(cable.id, conductor.id), start(cable, conductor), near, joint ?? goodJointOhm)
			);
		}
		const neighbour = cable.conductors[k + 1];
		if (neighbour)
			for (const end of ['from', 'to'] as const)
				branches.push({
					kind: 'capacitor',
					id: ids.coupling(cable.id, conductor.id, neighbour.id, end),
					from: points.conductor(cable.id, conductor.id, end),
					to: points.conductor(cable.id, neighbour.id, end),
					capacitanceF: (couplingFPerM * cable.lengthM) / 2
				});
	});
}

/** Armour or conduit joins the metal of its two ends, and the conductors beside it couple to it as to each other. */
function metalOfCable(cable: Cable, metalBoxes: ReadonlySet<string>, branches: Branch[]): void {
	if (!cable.metal) return;
	// A plastic box joins nothing: the metal that comes into it ends there by itself.
	const inBox = (box: string, end: 'from' | 'to') =>
		metalBoxes.has(box) ? points.metal(box) : points.metalOfCable(cable.id, end);
	const ends = {
		from: 'panel' in cable.from ? points.earth(cable.from.panel) : inBox(cable.from.box, 'from'),
		to: inBox(cable.to.box, 'to')
	};
	branches.push(wire(ids.metal(cable.id), ends.from, ends.to, cable.metal.resistanceOhm));
	for (const { id } of cable.conductors)
		for (const end of ['from', 'to'] as const)
			branches.push({
				kind: 'capacitor',
				id: ids.coupling(cable.id, id, 'its metal', end),
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
			branches.push(
				wire(ids.termination(cableId, conductor, box.id), here, to, resistanceOhm ?? goodJointOhm)
			);
		if (touches)
			branches.push(wire(ids.touching(cableId, conductor, box.id), here, points.metal(box.id), goodJointOhm));
	}
	for (const pigtail of box.pigtails) {
		const free = points.pigtail(box.id, pigtail.id);
		const from = pointAt(box, pigtail.from);
		const to = pointAt(box, pigtail.to);
		if (from !== null) branches.push(wire(ids.pigtail(box.id, pigtail.id, 'from'), from, free, goodJointOhm));
		if (to !== null && !pigtail.open)
			branches.push(
				wire(ids.pigtail(box.id, pigtail.id, 'to'), free, to, pigtail.resistanceOhm ?? goodJointOhm)
			);
	}
	if (!box.device) return;
	for (const { id, from, to, resistanceOhm, capacitanceF } of deviceModel(box.device).links) {
		const ends = {
			id: ids.link(box.id, id),
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
