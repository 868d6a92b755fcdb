import {
	branches,
	cablesInBox,
	chainOfCircuit,
	circuitsInBox,
	deviceModel,
	findBox,
	isSupplied,
	mainPanel,
	points,
	settle,
	type Box,
	type Half,
	type House,
	type Settled,
	type Trip
} from '../house';
import {
	contactlessAlarms,
	guardOf,
	indicatorMarkV,
	indicatorOhm,
	lowImpedanceOhm,
	multimeterInput,
	plugLampLitShare,
	readOhms,
	readPlugLamps,
	touchBand,
	touchCurrentsMa,
	type Guard,
	type OhmReading,
	type PlugLamps,
	type TouchBand
} from '../instruments';
import { branchCurrentA, magnitude, subtract, type Branch, type Complex } from '../network';
import { regions } from '../rules';
import { residualDevice } from './device';

export type Layer = 'none' | 'current' | 'potential' | 'guards' | 'touch';
export type MeterMode = 'volts' | 'lowImpedance' | 'ohms' | 'indicator' | 'contactless';

/** What is held to the bench while one looks: tips of an instrument, a plug-in tester, and which layer is shown. */
export interface Instruments {
	readonly layer: Layer;
	readonly meter: MeterMode;
	readonly red: string | null;
	readonly black: string | null;
	/** The half a three-lamp tester is in. */
	readonly tester: Half | null;
}

/** A conducting thing in the box that one can see and touch: a conductor end, a pigtail, a terminal, a joint, the metal. */
export interface Seen {
	readonly id: string;
	readonly point: string;
	/** To earth; `null` where it floats apart from everything. */
	readonly toEarthV: number | null;
	/** Through a conductor, at one instant positive towards the box's device or joint; `null` for what is a place and not a wire. */
	readonly currentA: number | null;
	/** What opens when this hot conductor leaks to earth; `null` for what isn't one, and unless that layer is shown. */
	readonly guard: Guard | null;
	readonly touch: { readonly milliamperes: number; readonly band: TouchBand } | null;
}

export type Metered =
	| { readonly kind: 'volts'; readonly volts: number }
	| { readonly kind: 'mark'; readonly litV: number }
	| { readonly kind: 'ohms'; readonly reading: OhmReading }
	| { readonly kind: 'alarm'; readonly alarms: boolean };

export interface BenchView {
	readonly seen: readonly Seen[];
	readonly halves: readonly {
		readonly half: Half;
		readonly hotNeutralV: number;
		readonly hotGroundV: number;
		readonly neutralGroundV: number;
	}[];
	/** By load id: the share of its nominal voltage it gets. */
	readonly loads: Readonly<Record<string, number>>;
	readonly indicator: 'lit' | 'dark' | null;
	readonly metered: Metered | null;
	readonly lamps: PlugLamps | null;
	/** By `box/half`, of the outlets on the circuits in this box; empty unless that layer is shown. */
	readonly guards: readonly { readonly box: string; readonly half: Half; readonly guard: Guard }[];
	/** What would still open if left so. */
	readonly coming: readonly Trip[];
	readonly outcome: 'solved' | 'unsolved';
}

/** Everything that is seen of the bench at one moment: solved once, and again only for the instruments and layers asked for. */
export function look(house: House, boxId: string, instruments: Instruments): BenchView {
	const box = findBox(house, boxId)!;
	const settled = settle(house);
	const { network, solution, coming } = settled;
	if (solution.outcome === 'singular') return { ...nothing, coming };
	const { voltageV } = solution;
	const volts = (point: string): number | null => {
		const at = voltageV.get(point);
		return at ? magnitude(at) : null;
	};
	const between = (a: string, b: string): number => differenceV(voltageV, a, b);
	const byId = new Map(network.branches.map((branch) => [branch.id, branch]));
	const signedA = (id: string, sign: 1 | -1): number | null => {
		const branch = byId.get(id);
		return branch ? signed(branchCurrentA(network, branch, voltageV)) * sign : null;
	};
	const things = thingsIn(house, box);
	const touched =
		instruments.layer === 'touch'
			? touchCurrentsMa(
					house,
					network,
					things.map(({ point }) => point)
				)
			: null;
	const halves = box.device ? deviceModel(box.device).halves : [];
	const device = residualDevice(box.device);
	const nominalV = regions[house.region].supply.nominalV;
	return {
		seen: things.map(({ id, point, branch, hot }): Seen => {
			const milliamperes = touched?.get(point) ?? 0;
			return {
				id,
				point,
				toEarthV: volts(point),
				currentA: branch ? signedA(branch.id, branch.sign) : null,
				guard: hot && instruments.layer === 'guards' ? guardOf(house, point, settled) : null,
				touch: touched ? { milliamperes, band: touchBand(milliamperes) } : null
			};
		}),
		halves: halves.map((half) => halfSeen(boxId, half, between)),
		loads: Object.fromEntries(
			house.loads.map(({ id, box: at, half }) => [
				id,
				between(points.contact(at, half, 'hot'), points.contact(at, half, 'neutral')) / nominalV
			])
		),
		indicator:
			device && 'indicator' in device ? (showsLight(house, box, device, voltageV) ? 'lit' : 'dark') : null,
		metered: metered(house, instruments),
		lamps:
			instruments.tester && halves.includes(instruments.tester)
				? readPlugLamps(house, boxId, instruments.tester)
				: null,
		guards: instruments.layer === 'guards' ? guardsOn(house, boxId, settled) : [],
		coming,
		outcome: 'solved'
	};
}

/** What stands between the contacts of a half, V. */
function halfSeen(boxId: string, half: Half, between: (a: string, b: string) => number) {
	const at = (role: 'hot' | 'neutral' | 'ground') => points.contact(boxId, half, role);
	return {
		half,
		hotNeutralV: between(at('hot'), at('neutral')),
		hotGroundV: between(at('hot'), at('ground')),
		neutralGroundV: between(at('neutral'), at('ground'))
	};
}

const nothing: Omit<BenchView, 'coming'> = {
	seen: [],
	halves: [],
	loads: {},
	indicator: null,
	metered: null,
	lamps: null,
	guards: [],
	outcome: 'unsolved'
};

const differenceV = (voltageV: ReadonlyMap<string, Complex>, a: string, b: string): number => {
	const one = voltageV.get(a);
	const other = voltageV.get(b);
	return one && other ? magnitude(subtract(one, other)) : 0;
};

/** Size with the direction at the crest of the first leg's voltage. */
const signed = (current: Complex): number => magnitude(current) * (current.re < 0 ? -1 : 1);

interface Thing {
	readonly id: string;
	readonly point: string;
	readonly branch?: { readonly id: string; readonly sign: 1 | -1 };
	/** A conductor that is to be hot, by its role. */
	readonly hot?: boolean;
}

/** What can be touched and probed in a box, by the ids that drawings and tables use. */
export function thingsIn(house: House, box: Box): Thing[] {
	const ends = cablesInBox(house, box.id).flatMap(({ cable, end }) =>
		cable.conductors.map(({ id, role }): Thing => ({
			id: `${cable.id}/${id}`,
			point: points.conductor(cable.id, id, end),
			branch: { id: branches.conductor(cable.id, id), sign: end === 'to' ? 1 : -1 },
			hot: role === 'hot' || role === 'switchedHot'
		}))
	);
	const tails = box.pigtails.map(({ id }): Thing => ({
		id: `tail/${id}`,
		point: points.pigtail(box.id, id),
		branch: { id: branches.pigtail(box.id, id, 'from'), sign: 1 }
	}));
	const model = box.device && deviceModel(box.device);
	const terminals = (model?.terminals ?? []).map(({ name }): Thing => ({
		id: `terminal:${name}`,
		point: points.terminal(box.id, name)
	}));
	const contacts = (model?.halves ?? []).flatMap((half) =>
		(['hot', 'neutral', 'ground'] as const).map((role): Thing => ({
			id: `contact:${half}.${role}`,
			point: points.contact(box.id, half, role)
		}))
	);
	const joints = box.joints.map(({ id }): Thing => ({ id: `joint:${id}`, point: points.joint(box.id, id) }));
	const metal: Thing[] = box.material === 'metal' ? [{ id: 'box', point: points.metal(box.id) }] : [];
	return [...ends, ...tails, ...terminals, ...contacts, ...joints, ...metal];
}

/** The light on the device: some show power at the face, some show that it has tripped, which takes power at the supply side. */
function showsLight(
	house: House,
	box: Box,
	device: { readonly tripped: boolean } & Record<string, unknown>,
	voltageV: ReadonlyMap<string, Complex>
): boolean {
	const supplied = isSupplied(house, box, voltageV);
	if (device.indicator === 'showsTrip') return device.tripped && supplied;
	const half = deviceModel(box.device!).halves[0]!;
	const faceV = differenceV(
		voltageV,
		points.contact(box.id, half, 'hot'),
		points.contact(box.id, half, 'neutral')
	);
	return faceV > regions[house.region].supply.nominalV * plugLampLitShare;
}

function metered(house: House, { meter, red, black }: Instruments): Metered | null {
	// A contactless tester has one tip.
	if (meter === 'contactless')
		return red === null ? null : { kind: 'alarm', alarms: contactlessAlarms(house, red) };
	if (red === null || black === null) return null;
	const probes = { red, black };
	if (meter === 'ohms') return { kind: 'ohms', reading: readOhms(house, probes) };
	const resistor = (resistanceOhm: number): Branch => ({
		kind: 'resistor',
		id: 'meter',
		from: red,
		to: black,
		resistanceOhm
	});
	const input: Branch[] =
		meter === 'volts'
			? [
					resistor(multimeterInput.resistanceOhm),
					{
						kind: 'capacitor',
						id: 'meter input',
						from: red,
						to: black,
						capacitanceF: multimeterInput.capacitanceF
					}
				]
			: [resistor(meter === 'lowImpedance' ? lowImpedanceOhm : indicatorOhm)];
	const { solution } = settle(house, input);
	const volts = solution.outcome === 'singular' ? 0 : differenceV(solution.voltageV, red, black);
	return meter === 'indicator' ? { kind: 'mark', litV: indicatorMarkV(volts) } : { kind: 'volts', volts };
}

/** Who guards whom, for every outlet of the circuits that come into the box. */
function guardsOn(house: House, boxId: string, settled: Settled): BenchView['guards'] {
	const boxes = new Set([
		boxId,
		...circuitsInBox(house, boxId).flatMap(({ id }) => chainOfCircuit(house, id).map(({ box }) => box.id))
	]);
	return house.boxes
		.filter(({ id, device }) => boxes.has(id) && device)
		.flatMap(({ id, device }) =>
			deviceModel(device!).halves.map((half) => ({
				box: id,
				half,
				guard: guardOf(house, points.contact(id, half, 'hot'), settled)
			}))
		);
}

/** The known earth that a lead brings: a place to put a tip. */
export const knownEarth = (house: House): string => points.earth(mainPanel(house).id);
