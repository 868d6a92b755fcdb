import { findCircuit, walkChain, withBreakers, type House } from '../house';
import { deviceModel } from '../house';
import { readVoltageV } from '../instruments';
import { halfProbes } from './expect';

/** An outlet on its circuit: how far along the cable, what it should read with power on, and what was read. */
export interface AlongPoint {
	readonly box: string;
	/** Cable from the panel, m; of a ring by its first leg. */
	readonly cableM: number;
	/** Hot to neutral with a 10 MΩ meter by the record, its loads on as recorded, V. */
	readonly expectedV: number;
	/** The last reading there, V; `null` where nobody has read. */
	readonly readV: number | null;
}

/** A circuit's outlets from the panel on, with their voltages: where the drop is larger than the cable explains, a joint is bad. */
export function voltsAlong(
	house: House,
	circuitId: string,
	readings: ReadonlyMap<string, number>
): AlongPoint[] {
	const circuit = findCircuit(house, circuitId);
	if (!circuit) return [];
	const on = withBreakers(house, { [circuit.breaker]: true });
	const lengths = new Map<string, number>();
	return walkChain(house, circuitId).flatMap(({ box, after, cable }): AlongPoint[] => {
		const before = after === 'panel' ? 0 : (lengths.get(after.box) ?? 0);
		const cableM = before + cable.lengthM;
		lengths.set(box.id, cableM);
		const [half] = box.device ? deviceModel(box.device).halves : [];
		if (half === undefined) return [];
		return [
			{
				box: box.id,
				cableM,
				expectedV: readVoltageV(on, halfProbes(box.id, half), 'highImpedance'),
				readV: readings.get(box.id) ?? null
			}
		];
	});
}
