import {
	allBreakers,
	deviceModel,
	findBox,
	findBreaker,
	mainPanel,
	mainSwitch,
	points,
	settle,
	withBreakers,
	type Device,
	type Half,
	type House
} from '@wary/core/house';
import {
	contactlessAlarms,
	indicatorMarkV,
	lampGlows,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	readVoltageV,
	strongestOf,
	sweep,
	type OhmReading,
	type PlugLamps,
	type Probes
} from '@wary/core/instruments';
import type { MeterMode, VoltReading } from '@wary/core/isolation';
import {
	baselineProbes,
	earthProbes,
	endsProbes,
	foundAsRecorded,
	groundEarthProbes,
	plateScrewV,
	groundProbes,
	neutralEarthProbes,
	halfProbes,
	controlledLit,
	loadedAt,
	pairProbes,
	provingUnitV,
	resistanceProbes,
	sourceVoltageV,
	supplyProbes,
	wiringDuring,
	workCheckPasses,
	type Found,
	type LoadedReading,
	ownLead
} from '@wary/core/job';
import type { InstrumentRequest } from './commandSchema';
import type { LoadedJob } from './useCases';

/** What a simulated instrument shows. */
export type Shown =
	| { readonly kind: 'volts'; readonly reading: VoltReading }
	| { readonly kind: 'ohms'; readonly reading: OhmReading }
	| { readonly kind: 'lamps'; readonly lamps: PlugLamps; readonly holds: boolean }
	| ({ readonly kind: 'loaded' } & LoadedReading)
	| { readonly kind: 'works'; readonly works: boolean }
	| { readonly kind: 'breaker'; readonly held: boolean }
	| { readonly kind: 'answer'; readonly answer: 'dark' | 'on' }
	| { readonly kind: 'strongest'; readonly breaker: string | null }
	| { readonly kind: 'alarm'; readonly alarms: boolean }
	/** What sits where in the box. */
	| { readonly kind: 'found'; readonly found: Found }
	| { readonly kind: 'nothing' };

/** The wiring as the job has left it so far, and what it was begun with (`wiring`). */
interface Before {
	readonly wiring: House;
	readonly house: House;
	readonly plan: LoadedJob['plan'];
	readonly state: LoadedJob['state'];
}

/** How each of these readings is taken. */
type Taking<K extends InstrumentRequest['what']> = {
	readonly [What in K]: (before: Before, request: Extract<InstrumentRequest, { what: What }>) => Shown;
};

/** Takes a reading from a demo home's real wiring, as the job has left it so far: the record plays no part in it. */
export function takeReading(
	wiring: House,
	{ plan, state, whole }: LoadedJob,
	request: InstrumentRequest
): Shown {
	const house = whole.plans.reduce((wired, each, k) => wiringDuring(wired, each, whole.boxes[k]!), wiring);
	// The compiler can't follow one kind through the table.
	const take = takings[request.what] as (before: Before, request: InstrumentRequest) => Shown;
	return take({ wiring, house, plan, state }, request);
}

/** At a face, by its halves. */
const atFace: Taking<
	| 'live'
	| 'liveGround'
	| 'neutralEarth'
	| 'touchless'
	| 'earth'
	| 'plateScrew'
	| 'groundEarth'
	| 'plug'
	| 'loaded'
> = {
	live: ({ house, plan }, request) =>
		request.instrument === 'lamp'
			? lit('lamp', lampGlows(house, plan.boxId, request.half))
			: volts(house, halfProbes(plan.boxId, request.half), request.instrument, 'highImpedance'),
	liveGround: ({ house, plan }, request) =>
		request.instrument === 'plugTester'
			? lit('plugTester', readPlugLamps(house, plan.boxId, request.half).hotGround)
			: volts(house, groundProbes(plan.boxId, request.half), 'indicator', 'highImpedance'),
	neutralEarth: ({ house, plan, state }, request) => {
		const probes = neutralEarthProbes(house, plan.boxId, request.half, state.earth);
		return probes ? volts(house, probes, request.instrument, 'highImpedance') : { kind: 'nothing' };
	},
	touchless: ({ house, plan }, request) => ({
		kind: 'alarm',
		alarms: contactlessAlarms(house, points.contact(plan.boxId, request.half, 'ground'))
	}),
	earth: ({ house }, request) => {
		if (!earthProbes(house, request.source)) return { kind: 'nothing' };
		const box = request.source.slice(7);
		return { kind: 'lamps', lamps: readPlugLamps(house, box, firstHalf(house, box)), holds: true };
	},
	plateScrew: ({ house, plan }, request) => ({
		kind: 'volts',
		reading: shown(
			plateScrewV(house, plan.boxId, request.half),
			request.instrument,
			request.instrument === 'multimeter' ? 'lowImpedance' : 'highImpedance'
		)
	}),
	groundEarth: ({ house, plan, state }, request) => {
		const at = request.of === 'ground' ? groundEarthProbes : neutralEarthProbes;
		const probes = at(house, plan.boxId, request.half, state.earth);
		return probes ? volts(house, probes, request.instrument, request.mode) : { kind: 'nothing' };
	},
	plug: ({ house, plan }, request) => ({
		kind: 'lamps',
		lamps: readPlugLamps(house, plan.boxId, request.half),
		holds: !isWorn(findBox(house, plan.boxId)?.device)
	}),
	loaded: ({ house, plan }, request) => ({
		kind: 'loaded',
		...loadedAt(house, plan.boxId, request.half, request.watts)
	})
};

/** On conductors, joints and cables. */
const onConductors: Taking<
	'pair' | 'source' | 'ohms' | 'supplyOhms' | 'touchSupply' | 'supplyVolts' | 'ends' | 'baseline' | 'look'
> = {
	pair: ({ house, plan, state }, request) => {
		const probes = pairProbes(house, plan, request.pair, state.earth);
		// A conductor found beside the record is in nobody's wiring but the user's own.
		return probes ? volts(house, probes, request.instrument, request.mode) : { kind: 'nothing' };
	},
	source: ({ house, state }, request) => {
		const lead = request.source === ownLead && typeof state.earth === 'object' ? state.earth.source : null;
		const probes = lead === null ? null : earthProbes(house, lead);
		if (probes) return volts(house, probes, request.instrument, 'highImpedance');
		const voltageV = request.source === 'provingUnit' ? provingUnitV : sourceVoltageV(house, request.source);
		return voltageV === null
			? { kind: 'nothing' }
			: { kind: 'volts', reading: shown(voltageV, request.instrument, 'highImpedance') };
	},
	ohms: ({ house, plan }, request) => ({
		kind: 'ohms',
		reading: readOhms(house, resistanceProbes(plan, request.check))
	}),
	supplyOhms: ({ house, plan, state }, request) => {
		const probes = supplyProbes(house, plan, request.cable, state.earth);
		return probes
			? { kind: 'ohms', reading: readOhms(house, { red: probes.neutral, black: probes.ground }) }
			: { kind: 'nothing' };
	},
	touchSupply: ({ house, plan, state }, request) => {
		const probes = supplyProbes(house, plan, request.cable, state.earth);
		return probes ? { kind: 'alarm', alarms: contactlessAlarms(house, probes.hot) } : { kind: 'nothing' };
	},
	supplyVolts: ({ house, plan, state }, request) => {
		const probes = supplyProbes(house, plan, request.cable, state.earth);
		return probes
			? volts(house, { red: probes.hot, black: probes[request.to] }, request.instrument, 'highImpedance')
			: { kind: 'nothing' };
	},
	ends: ({ house, plan }, request) => {
		const probes = endsProbes(plan, request.role);
		return probes ? { kind: 'ohms', reading: readOhms(house, probes) } : { kind: 'nothing' };
	},
	baseline: ({ house, plan }, request) => {
		const probes = baselineProbes(plan, request.group);
		return probes ? { kind: 'ohms', reading: readOhms(house, probes) } : { kind: 'nothing' };
	},
	look: ({ wiring, plan }) => ({ kind: 'found', found: foundAsRecorded(wiring, plan.boxId) })
};

/** Elsewhere: what is seen at the panel, at other outlets, of a search. */
const aroundIt: Taking<
	'search' | 'sweep' | 'witness' | 'controlled' | 'neighbour' | 'workCheck' | 'breaker'
> = {
	search: ({ wiring, plan }, request) => ({
		kind: 'answer',
		answer: searched(wiring, plan.boxId, request.off)
	}),
	sweep: ({ wiring, plan }) => ({ kind: 'strongest', breaker: strongestAt(wiring, plan.boxId) }),
	witness: ({ house }, request) => {
		const box = findBox(house, request.box);
		const halves = box?.device ? deviceModel(box.device).halves : [];
		// What is lit there before is dark when none of its halves glows.
		return halves.length > 0
			? { kind: 'works', works: !halves.some((half) => lampGlows(house, request.box, half)) }
			: { kind: 'nothing' };
	},
	controlled: ({ house, plan }, request) => {
		const shines = controlledLit(house, plan.boxId, plan.controls ?? []);
		return { kind: 'works', works: request.when === 'off' ? !shines : shines };
	},
	neighbour: ({ house }, request) => {
		const box = house.boxes.find(({ id }) => id === request.box);
		return {
			kind: 'works',
			works: box?.device !== undefined && lampGlows(house, box.id, firstHalf(house, box.id))
		};
	},
	workCheck: ({ house, plan }, request) => {
		const passes = workCheckPasses(house, plan, request.check);
		return passes === null ? { kind: 'nothing' } : { kind: 'works', works: passes };
	},
	breaker: ({ house, state }) => {
		const { off } = state.isolation;
		const after = settle(withBreakers(house, Object.fromEntries(off.map((id) => [id, true])))).house;
		const isOn = (id: string) =>
			findBreaker(after, id)?.on ?? after.panels.some((panel) => mainSwitch(panel.id) === id && panel.mainOn);
		return {
			kind: 'breaker',
			held: off.every(isOn) && mainPanel(after).residualDevices.every((device) => device.on)
		};
	}
};

/** A kind of reading that isn't here doesn't compile. */
const takings: Taking<InstrumentRequest['what']> = { ...atFace, ...onConductors, ...aroundIt };

/** Contacts that no longer grip a plug. */
const isWorn = (device: Device | undefined): boolean =>
	device !== undefined && 'contacts' in device && device.contacts === 'worn';
const lit = (instrument: 'lamp' | 'plugTester', is: boolean): Shown => ({
	kind: 'volts',
	reading: { instrument, lit: is }
});

const firstHalf = (house: House, boxId: string): Half => {
	const device = house.boxes.find(({ id }) => id === boxId)?.device;
	return (device && deviceModel(device).halves[0]) ?? 'only';
};

/** Whether a lamp at the outlet goes dark with these breakers off and all others on. */
export function searched(wiring: House, boxId: string, off: readonly string[]): 'dark' | 'on' {
	const switched = withBreakers(
		wiring,
		Object.fromEntries(allBreakers(wiring).map(({ id }) => [id, !off.includes(id)]))
	);
	return lampGlows(switched, boxId, firstHalf(wiring, boxId)) ? 'on' : 'dark';
}

/** Where a receiver is loudest, swept over the breakers with everything on. */
export const strongestAt = (wiring: House, boxId: string): string | null =>
	strongestOf(sweep(allOn(wiring), boxId, firstHalf(wiring, boxId)));

const allOn = (wiring: House): House =>
	withBreakers(wiring, Object.fromEntries(allBreakers(wiring).map(({ id }) => [id, true])));

function volts(house: House, probes: Probes, instrument: 'multimeter' | 'indicator', mode: MeterMode): Shown {
	if (instrument === 'indicator')
		return { kind: 'volts', reading: { instrument, litV: readIndicatorV(house, probes) as 0 } };
	return {
		kind: 'volts',
		reading: shown(readVoltageV(house, probes, mode), instrument, mode)
	};
}

/** As the display shows it: a meter to a tenth of a volt, an indicator by its marks. */
const shown = (voltageV: number, instrument: 'multimeter' | 'indicator', mode: MeterMode): VoltReading =>
	instrument === 'indicator'
		? { instrument, litV: indicatorMarkV(voltageV) as 0 }
		: { instrument, volts: Math.round(voltageV * 10) / 10, mode };
