import { contactPoint, deviceModel, findBox, points, type Half, type House } from '../house';
import { readOhms, readPlugLamps, readVoltageV, type OhmReading, type PlugLamps, type Probes } from '../instruments';
import type { JobPlan, ResistanceCheck } from './plan';
import { believedHouse, wiringDuring } from './stage';
import type { JobState } from './state';

/** What each reading should be. Voltages are what a 10 MΩ meter shows; resistance `null` is open. */
export interface Expectations {
	liveV(half: Half): number;
	pairV(pair: string): number;
	/** At another outlet, used to prove the tester on; `null` for an unknown one. */
	sourceV(source: string): number | null;
	resistanceOhm(check: ResistanceCheck): number | null;
	lamps(half: Half): PlugLamps;
}

/** Voltage of the proving unit, V. */
export const provingUnitV = 240;

/** Readings of the recorded house, with what the job has found and done: solved when asked for. */
export function expectationsOf(recorded: House, plan: JobPlan, state: JobState): Expectations {
	const house = wiringDuring(believedHouse(recorded, plan, state), plan, state);
	return {
		liveV: (half) => readVoltageV(house, halfProbes(plan.boxId, half), 'highImpedance'),
		pairV: (pair) => {
			const probes = pairProbes(plan, pair);
			// A conductor that isn't on record has no model; what it should be is what the step asks for.
			return probes ? readVoltageV(house, probes, 'highImpedance') : 0;
		},
		sourceV: (source) => sourceVoltageV(house, source),
		resistanceOhm: (check) => openAsNull(readOhms(house, resistanceProbes(plan, check))),
		lamps: (half) => readPlugLamps(house, plan.boxId, half)
	};
}

export const halfProbes = (boxId: string, half: Half): Probes => ({
	red: points.contact(boxId, half, 'hot'),
	black: points.contact(boxId, half, 'neutral')
});

/** Where the tips go for a pair of the plan; `null` for one that was found beside the record. */
export function pairProbes(plan: JobPlan, pair: string): Probes | null {
	const known = [...plan.facePairs, ...plan.barePairs].find(({ id }) => id === pair);
	return known ? { red: known.red, black: known.black } : null;
}

/** Where the tips go for a resistance check: contacts of the first half; the box by its metal. */
export function resistanceProbes(plan: JobPlan, check: ResistanceCheck): Probes {
	const at = (role: 'hot' | 'neutral' | 'ground') => `box:${plan.boxId}/${contactPoint(plan.halves[0]!, role)}`;
	switch (check) {
		case 'hotNeutral':
			return { red: at('hot'), black: at('neutral') };
		case 'hotGround':
			return { red: at('hot'), black: at('ground') };
		case 'groundBox':
			return { red: at('ground'), black: points.metal(plan.boxId) };
	}
}

/** Voltage at a known source: `provingUnit`, or `outlet:ID` for another outlet's first half. */
export function sourceVoltageV(house: House, source: string): number | null {
	if (source === 'provingUnit') return provingUnitV;
	const box = source.startsWith('outlet:') ? findBox(house, source.slice(7)) : undefined;
	const half = box?.device ? deviceModel(box.device).halves[0] : undefined;
	return box && half ? readVoltageV(house, halfProbes(box.id, half), 'highImpedance') : null;
}

const openAsNull = (reading: OhmReading): number | null => (reading.kind === 'ohms' ? reading.resistanceOhm : null);
