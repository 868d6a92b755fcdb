import { points, settle, type Half, type House } from '../house';
import { mainPanel } from '../house';
import { magnitude, solve, subtract, type Branch, type Complex, type SolveOutcome } from '../network';
import { regions } from '../rules';
import {
	contactlessAlarmV,
	indicatorLampsV,
	indicatorOhm,
	indicatorThreshold,
	lampOhm,
	lowImpedanceOhm,
	multimeterInput,
	ohmmeter,
	plugLampLitShare,
	plugLampOhm,
	type PlugLamps,
	type Probes
} from './figures';

/**
 * Volts between the probes with a meter's own input across them. `lowImpedance` is the 3 kΩ mode that drains induced voltage; `lampAcross` the ordinary input with a
 * filament lamp joined across the same points.
 */
export function readVoltageV(
	house: House,
	{ red, black }: Probes,
	mode: 'highImpedance' | 'lowImpedance' | 'lampAcross'
): number {
	const resistor = (id: string, resistanceOhm: number): Branch => ({
		kind: 'resistor',
		id,
		from: red,
		to: black,
		resistanceOhm
	});
	const input: Branch[] =
		mode === 'lowImpedance'
			? [resistor('meter', lowImpedanceOhm)]
			: [
					resistor('meter', multimeterInput.resistanceOhm),
					{
						kind: 'capacitor',
						id: 'meter input',
						from: red,
						to: black,
						capacitanceF: multimeterInput.capacitanceF
					},
					...(mode === 'lampAcross' ? [resistor('lamp across', lampOhm[house.region])] : [])
				];
	return voltageBetweenV(settle(house, input).solution, red, black);
}

/** The highest mark lit on a two-probe indicator, V; 0 when dark. */
export function readIndicatorV(house: House, { red, black }: Probes): number {
	const input: Branch = {
		kind: 'resistor',
		id: 'indicator',
		from: red,
		to: black,
		resistanceOhm: indicatorOhm
	};
	const volts = voltageBetweenV(settle(house, [input]).solution, red, black);
	return indicatorMarkV(volts);
}

/** The highest mark a two-probe indicator lights at a voltage; 0 when dark. */
export function indicatorMarkV(volts: number): number {
	return indicatorLampsV.filter((mark) => volts >= mark * indicatorThreshold).at(-1) ?? 0;
}

export type OhmReading =
	| { readonly kind: 'ohms'; readonly resistanceOhm: number; readonly beeps: boolean }
	| { readonly kind: 'overload' }
	| { readonly kind: 'refused'; readonly liveV: number };

/** Resistance between the probes, leads included, by a small direct voltage. Refused where the pair is live. */
export function readOhms(house: House, probes: Probes): OhmReading {
	const { network, solution: open } = settle(house);
	// A meter of resistance and capacitance across a network of the same never reads more than stands there without it: only what is above the bound is read with it.
	if (voltageBetweenV(open, probes.red, probes.black) > ohmmeter.refuseAboveV) {
		const liveV = readVoltageV(house, probes, 'highImpedance');
		if (liveV > ohmmeter.refuseAboveV) return { kind: 'refused', liveV };
	}
	const test: Branch = {
		kind: 'source',
		id: 'ohmmeter',
		from: probes.red,
		to: probes.black,
		emfV: { re: ohmmeter.testV, im: 0 },
		current: 'direct',
		resistanceOhm: ohmmeter.leadOhm
	};
	const solution = solve({ frequencyHz: 0, reference: probes.black, branches: [...network.branches, test] });
	const volts = voltageBetweenV(solution, probes.red, probes.black);
	const currentA = (ohmmeter.testV - volts) / ohmmeter.leadOhm;
	const resistanceOhm = ohmmeter.testV / currentA;
	if (!(currentA > 0) || resistanceOhm > ohmmeter.overloadOhm) return { kind: 'overload' };
	return { kind: 'ohms', resistanceOhm, beeps: resistanceOhm < ohmmeter.beepOhm };
}

/** Whether a contactless tester alarms at a point. It knows potential to earth only, and the metal of armour or conduit hides that. */
export function contactlessAlarms(house: House, point: string): boolean {
	const cable = house.cables.find(({ id }) => point.startsWith(`cable:${id}/`));
	if (cable?.sheath === 'armoured' || cable?.sheath === 'conduit') return false;
	const { solution } = settle(house);
	return voltageBetweenV(solution, point, points.earth(mainPanel(house).id)) > contactlessAlarmV;
}

/** A three-lamp tester in one half of an outlet. */
export function readPlugLamps(house: House, boxId: string, half: Half): PlugLamps {
	const at = (role: 'hot' | 'neutral' | 'ground') => points.contact(boxId, half, role);
	const pairs = {
		hotNeutral: [at('hot'), at('neutral')],
		hotGround: [at('hot'), at('ground')],
		neutralGround: [at('neutral'), at('ground')]
	} as const;
	const lamps = Object.entries(pairs).map(([id, [from, to]]): Branch => ({
		kind: 'resistor',
		id,
		from,
		to,
		resistanceOhm: plugLampOhm
	}));
	const { solution } = settle(house, lamps);
	const litAboveV = regions[house.region].supply.nominalV * plugLampLitShare;
	const lit = ([from, to]: readonly [string, string]) => voltageBetweenV(solution, from, to) > litAboveV;
	return {
		hotNeutral: lit(pairs.hotNeutral),
		hotGround: lit(pairs.hotGround),
		neutralGround: lit(pairs.neutralGround)
	};
}

/** Whether a filament lamp plugged into a half glows: above half its voltage. It says nothing about the hot conductor alone. */
export function lampGlows(house: House, boxId: string, half: Half): boolean {
	const hot = points.contact(boxId, half, 'hot');
	const neutral = points.contact(boxId, half, 'neutral');
	const { solution } = settle(house, [
		{ kind: 'resistor', id: 'lamp', from: hot, to: neutral, resistanceOhm: lampOhm[house.region] }
	]);
	return voltageBetweenV(solution, hot, neutral) > regions[house.region].supply.nominalV / 2;
}

/** |V(red) − V(black)|. Points that float apart from everything that drives show nothing between them. */
export function voltageBetweenV(solution: SolveOutcome, red: string, black: string): number {
	if (solution.outcome === 'singular') return NaN;
	const at = (name: string): Complex | undefined => solution.voltageV.get(name);
	const a = at(red);
	const b = at(black);
	return a && b ? magnitude(subtract(a, b)) : 0;
}
