import {
	contactPoint,
	deviceModel,
	findBox,
	points,
	settle,
	type Half,
	type House,
	type Role
} from '../house';
import {
	readOhms,
	readPlugLamps,
	readVoltageV,
	voltageBetweenV,
	type OhmReading,
	type PlugLamps,
	type Probes
} from '../instruments';
import { liveAboveV } from '../isolation';
import { regions } from '../rules';
import { earthProbes, groundProbes, knownEarth, ownLead } from './earth';
import type { LoadedReading } from './loaded';
import { loadedAt } from './loadedAt';
import { pairsToRead, type Earth } from './pairs';
import type { JobPlan } from './jobPlan';
import type { ResistanceCheck } from './vocabulary';
import { believedHouse, wiringDuring } from './stage';
import type { JobState } from './state';
import { houseFor, type WholeJob } from './whole';
import { supplyExpectedOhm, supplyExpectedV, type SupplyOr } from './supplyReadings';

/** What each reading should be. Voltages are what a 10 MΩ meter shows; resistance `null` is open. */
export interface Expectations {
	liveV(half: Half): number;
	/** Hot contact to the ground in the box. */
	liveGroundV(half: Half): number;
	/** From either slot of a half to the screw of its plate, the larger of the two, by what draws current. */
	plateScrewV(half: Half): number;
	/** Hot to ground at another outlet whose ground is to serve as a known earth; `null` where there is none. */
	earthV(source: string): number | null;
	pairV(pair: string): number;
	/** At another outlet, used to prove the tester on; `null` for an unknown one. */
	sourceV(source: string): number | null;
	/** Those of several outlets that a tester can be proved on: live by a meter, all with one solution where that is plain. */
	liveSources(sources: readonly string[]): ReadonlySet<string>;
	resistanceOhm(check: ResistanceCheck): number | null;
	/** Hot to neutral of a group of the plan with the wires off. */
	baselineOhm(group: string): number | null;
	/** From end to end of a conductor of the two cables, legs apart. */
	endsOhm(role: Role): number | null;
	lamps(half: Half): PlugLamps;
	/** With a load of so many watts in a half. */
	loaded(half: Half, watts: number): LoadedReading;
	/** The old device by itself: what its terminals and contacts read. */
	autopsy(): {
		readonly hotNeutralOhm: number | null;
		readonly hotGroundOhm: number | null;
		readonly throughOhm: number | null;
	};
	/** Neutral to ground of a cable with the wires off, if it is the supply and if it goes on; `null` is open. Open for both: the dead way can't tell here. */
	supplyOhm(is: SupplyOr): number | null;
	/** Hot to neutral of it with power on. */
	supplyV(is: SupplyOr): number;
	/** Neutral to the known earth, with power on. */
	neutralEarthV(half: Half): number;
}

/** Voltage of the proving unit, V. */
export const provingUnitV = 240;

/** Readings of the recorded house, with what the job has found and done: solved when asked for, and once for as long as the job leaves the wiring as it is. */
export function expectationsOf(recorded: House, plan: JobPlan, state: JobState): Expectations {
	const wiring = JSON.stringify([wiringOf(plan, state), state.earth]);
	if (lately?.recorded !== recorded || lately.plan !== plan || lately.wiring !== wiring)
		lately = { recorded, plan, wiring, expectations: solvedOnce(recorded, plan, state) };
	return lately.expectations;
}

/** What of a job its wiring, and so every reading, depends on. */
const wiringOf = ({ work }: JobPlan, state: JobState): unknown => {
	const { isolation, device, wires, feeder, moved, checks, supply } = state;
	const { power, off, notFeeding } = isolation;
	return [
		power,
		off,
		notFeeding,
		device,
		wires,
		feeder,
		...(work ? [moved, checks, supply.found, supply.trial] : [])
	];
};

/** The same at one box of a job at several: the others are as the job has left them. */
export const expectationsAt = (recorded: House, whole: WholeJob, at: number): Expectations =>
	expectationsOf(houseBeside(recorded, whole, at), whole.plans[at]!, whole.boxes[at]!);

/** A house as the other boxes of a job leave it, the same value for as long as they leave it so. */
function houseBeside(recorded: House, whole: WholeJob, at: number): House {
	const { plans, boxes } = whole;
	if (plans.length === 1) return recorded;
	const wiring = JSON.stringify(plans.map((plan, k) => k !== at && wiringOf(plan, boxes[k]!)));
	if (beside?.recorded !== recorded || beside.plans !== plans || beside.wiring !== wiring)
		beside = { recorded, plans, wiring, house: houseFor(recorded, whole, at) };
	return beside.house;
}
let beside: {
	readonly recorded: House;
	readonly plans: readonly JobPlan[];
	readonly wiring: string;
	readonly house: House;
} | null = null;

/** Those asked for last: judging a command, replaying it and showing the next step all ask for the same. */
let lately: {
	readonly recorded: House;
	readonly plan: JobPlan;
	readonly wiring: string;
	readonly expectations: Expectations;
} | null = null;

/** A function of one plain value that works out each answer once. */
function once<Asked, Answer>(work: (asked: Asked) => Answer): (asked: Asked) => Answer {
	const known = new Map<Asked, Answer>();
	return (asked) => {
		if (!known.has(asked)) known.set(asked, work(asked));
		return known.get(asked)!;
	};
}

function solvedOnce(recorded: House, plan: JobPlan, state: JobState): Expectations {
	const house = wiringDuring(believedHouse(recorded, plan, state), plan, state);
	return {
		liveV: once((half) => readVoltageV(house, halfProbes(plan.boxId, half), 'highImpedance')),
		pairV: once((pair) => {
			const probes = pairProbes(house, plan, pair, state.earth);
			// A conductor that isn't on record has no model; what it should be is what the step asks for.
			return probes ? readVoltageV(house, probes, 'highImpedance') : 0;
		}),
		plateScrewV: once((half) => plateScrewV(house, plan.boxId, half)),
		liveGroundV: once((half) => readVoltageV(house, groundProbes(plan.boxId, half), 'highImpedance')),
		earthV: once((source) => {
			const probes = earthProbes(house, source);
			return probes && readVoltageV(house, probes, 'highImpedance');
		}),
		sourceV: once((source) => {
			const lends = typeof state.earth === 'object' ? state.earth.source : null;
			if (source !== ownLead) return sourceVoltageV(house, source);
			const probes = lends === null ? null : earthProbes(house, lends);
			return probes && readVoltageV(house, probes, 'highImpedance');
		}),
		liveSources: (sources) => liveAmong(house, sources),
		resistanceOhm: once((check) => openAsNull(readOhms(house, resistanceProbes(plan, check)))),
		baselineOhm: once((group) => {
			const probes = baselineProbes(plan, group);
			return probes && openAsNull(readOhms(house, probes));
		}),
		endsOhm: once((role) => {
			const probes = endsProbes(plan, role);
			return probes && openAsNull(readOhms(house, probes));
		}),
		autopsy: once(() => autopsyOf(recorded, plan)) as Expectations['autopsy'],
		supplyOhm: once((is) => supplyExpectedOhm(house, plan, is, state.earth)),
		supplyV: once((is) => supplyExpectedV(house, plan, is, state.earth)),
		loaded: (half, watts) => loadedAt(house, plan.boxId, half, watts),
		lamps: once((half) => readPlugLamps(house, plan.boxId, half)),
		neutralEarthV: once((half) => {
			const probes = neutralEarthProbes(house, plan.boxId, half, state.earth);
			return probes ? readVoltageV(house, probes, 'highImpedance') : 0;
		})
	};
}

export const halfProbes = (boxId: string, half: Half): Probes => ({
	red: points.contact(boxId, half, 'hot'),
	black: points.contact(boxId, half, 'neutral')
});

/** Where the tips go for a pair of the plan, the second on the known earth where that is used; `null` for one that was found beside the record. */
export function pairProbes(house: House, plan: JobPlan, pair: string, earth: Earth): Probes | null {
	const { face, bare } = pairsToRead(plan, earth);
	const known = [...face, ...bare].find(({ id }) => id === pair);
	if (!known) return null;
	if (known.black !== null) return { red: known.red, black: known.black };
	const brought = knownEarth(house, earth);
	return brought === null ? null : { red: known.red, black: brought };
}

/** Neutral contact here and the ground of the outlet that lends it; `null` while none does. */
export function neutralEarthProbes(house: House, boxId: string, half: Half, earth: Earth): Probes | null {
	const brought = knownEarth(house, earth);
	return brought === null ? null : { red: points.contact(boxId, half, 'neutral'), black: brought };
}

/** From either slot of a half to the metal of its box, the larger of the two, V: with what draws current, or by an indicator. */
export const plateScrewV = (house: House, boxId: string, half: Half): number =>
	Math.max(
		...(['hot', 'neutral'] as const).map((role) =>
			readVoltageV(
				house,
				{ red: points.contact(boxId, half, role), black: points.metal(boxId) },
				'lowImpedance'
			)
		)
	);

/** Ground contact here and the ground of the outlet that lends it; `null` while none does. */
export function groundEarthProbes(house: House, boxId: string, half: Half, earth: Earth): Probes | null {
	const brought = knownEarth(house, earth);
	return brought === null ? null : { red: points.contact(boxId, half, 'ground'), black: brought };
}

/** Where the tips go for a resistance check: contacts of the first half; the box by its metal. */
export function resistanceProbes(plan: JobPlan, check: ResistanceCheck): Probes {
	const at = (role: 'hot' | 'neutral' | 'ground') =>
		`box:${plan.boxId}/${contactPoint(plan.newHalves[0]!, role)}`;
	switch (check) {
		case 'hotNeutral':
			return { red: at('hot'), black: at('neutral') };
		case 'hotGround':
			return { red: at('hot'), black: at('ground') };
		case 'groundBox':
			return { red: at('ground'), black: points.metal(plan.boxId) };
		case 'pinPlate':
			return { red: at('ground'), black: points.plate(plan.boxId) };
	}
}

/** Where the tips go for hot to neutral of one cable, or of the tails, wires off; `null` for an unknown group. */
export function baselineProbes(plan: JobPlan, group: string): Probes | null {
	const found = plan.baselines.find((each) => each.group === group);
	return found ? { red: found.hot.point, black: found.neutral.point } : null;
}

/** Where the tips go from the end of one cable to that of the other; `null` where there aren’t two. */
export function endsProbes(plan: JobPlan, role: Role): Probes | null {
	const pair = plan.ends.find((each) => each.role === role);
	return pair ? { red: pair.a.point, black: pair.b.point } : null;
}

/** Voltage at a known source: `provingUnit`, or `outlet:ID` for another outlet's first half. */
export function sourceVoltageV(house: House, source: string): number | null {
	if (source === 'provingUnit') return provingUnitV;
	const box = source.startsWith('outlet:') ? findBox(house, source.slice(7)) : undefined;
	const half = box?.device ? deviceModel(box.device).halves[0] : undefined;
	return box && half ? readVoltageV(house, halfProbes(box.id, half), 'highImpedance') : null;
}

/** A healthy source stays so with a meter across it; anything less is read with the meter in place, since what floats shows more without. */
const plainlyLiveShare = 0.9;

function liveAmong(house: House, sources: readonly string[]): Set<string> {
	const { solution } = settle(house);
	const plainlyV = regions[house.region].supply.nominalV * plainlyLiveShare;
	return new Set(
		sources.filter((source) => {
			const box = findBox(house, source.replace(/^outlet:/, ''));
			const half = box?.device ? deviceModel(box.device).halves[0] : undefined;
			if (!box || half === undefined) return false;
			const { red, black } = halfProbes(box.id, half);
			const volts = voltageBetweenV(solution, red, black);
			if (volts >= plainlyV) return true;
			return volts > liveAboveV && (sourceVoltageV(house, source) ?? 0) > liveAboveV;
		})
	);
}

/** The old device, new and with nothing on it, read by an ohmmeter. */
function autopsyOf(house: House, plan: JobPlan): ReturnType<Expectations['autopsy']> {
	const sound =
		'contacts' in plan.oldDevice ? { ...plan.oldDevice, contacts: 'good' as const } : plan.oldDevice;
	const alone: House = {
		...house,
		boxes: [{ ...findBox(house, plan.boxId)!, device: sound, terminations: [], pigtails: [] }],
		cables: [],
		loads: []
	};
	const at = (name: string) => points.terminal(plan.boxId, name);
	const half = plan.halves[0]!;
	const terminal = deviceModel(sound).terminals.find(
		({ role, side }) => role === 'hot' && side !== 'load'
	)!.name;
	const read = (red: string, black: string) => openAsNull(readOhms(alone, { red, black }));
	return {
		hotNeutralOhm: read(at(contactPoint(half, 'hot')), at(contactPoint(half, 'neutral'))),
		hotGroundOhm: plan.grounded
			? read(at(contactPoint(half, 'hot')), at(contactPoint(half, 'ground')))
			: null,
		throughOhm: read(at(terminal), at(contactPoint(half, 'hot')))
	};
}

const openAsNull = (reading: OhmReading): number | null =>
	reading.kind === 'ohms' ? reading.resistanceOhm : null;
