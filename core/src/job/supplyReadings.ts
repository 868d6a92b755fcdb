import { cablesInBox, points, type House } from '../house';
import { readOhms, readVoltageV } from '../instruments';
import { knownEarth } from './earth';
import type { OhmValue } from './events';
import type { Earth } from './pairs';
import type { JobPlan } from './jobPlan';

/** Where the tips go for one cable at the box; `null` where it lacks the conductor. */
export function supplyProbes(house: House, plan: JobPlan, cableId: string, earth: Earth = 'box') {
	const found = cablesInBox(house, plan.boxId).find(({ cable }) => cable.id === cableId);
	const at = (role: 'hot' | 'neutral' | 'ground') => {
		const id = found?.cable.conductors.find((each) => each.role === role)?.id;
		return found && id !== undefined ? points.conductor(cableId, id, found.end) : null;
	};
	const hot = at('hot');
	const neutral = at('neutral');
	// Without a ground of its own a cable is read to the known earth at the end of the lead.
	const ground = at('ground') ?? knownEarth(house, earth);
	return hot && neutral && ground ? { hot, neutral, ground } : null;
}

/** What a meter shows between neutral and ground of a cable in a wiring; `null` is open. */
export function supplyOhm(house: House, plan: JobPlan, cable: string, earth?: Earth): OhmValue {
	const probes = supplyProbes(house, plan, cable, earth);
	const reading = probes && readOhms(house, { red: probes.neutral, black: probes.ground });
	return reading?.kind === 'ohms'
		? { kind: 'ohms', resistanceOhm: reading.resistanceOhm }
		: { kind: 'overload' };
}

/** Hot to neutral and hot to ground of a cable in a wiring, V. */
export function supplyVolts(
	house: House,
	plan: JobPlan,
	cable: string,
	earth?: Earth
): { readonly hotNeutralV: number; readonly hotGroundV: number } {
	const probes = supplyProbes(house, plan, cable, earth);
	if (!probes) return { hotNeutralV: 0, hotGroundV: 0 };
	const read = (black: string) => readVoltageV(house, { red: probes.hot, black }, 'highImpedance');
	return { hotNeutralV: read(probes.neutral), hotGroundV: read(probes.ground) };
}

export type SupplyOr = 'supply' | 'outgoing';

/**
 * What a reading of one cable should be if it is the supply, or if it goes on: the recorded wiring solved as the job left it, its recorded supply read for the one and
 * a cable that goes on for the other. Which is which is what the reading decides.
 */
export function supplyExpectedOhm(house: House, plan: JobPlan, is: SupplyOr, earth: Earth): number | null {
	const cable = recordedAs(plan, is);
	const value = cable === undefined ? null : supplyOhm(house, plan, cable, earth);
	return value?.kind === 'ohms' ? value.resistanceOhm : null;
}

/** Likewise its hot to neutral with power on, V. */
export function supplyExpectedV(house: House, plan: JobPlan, is: SupplyOr, earth: Earth): number {
	const cable = recordedAs(plan, is);
	const probes = cable === undefined ? null : supplyProbes(house, plan, cable, earth);
	return probes ? readVoltageV(house, { red: probes.hot, black: probes.neutral }, 'highImpedance') : 0;
}

const recordedAs = (plan: JobPlan, is: SupplyOr): string | undefined =>
	is === 'supply'
		? plan.recordedSupply[0]
		: plan.supplyCables.find((cable) => !plan.recordedSupply.includes(cable));
