import { cablesInBox, findCircuit, placesOf, type Cable, type House } from '../house';
import { dropRules, regions, resistanceOhmPerM } from '../rules';

/** One cable on the way from the panel. */
export interface DropLine {
	readonly cable: string;
	readonly lengthM: number;
	/** Out and back, Ω. */
	readonly ohm: number;
}

export interface VoltageDrop {
	/** From the panel on; of a ring one way round to the box. */
	readonly lines: readonly DropLine[];
	/** Out and back, Ω; of a ring both ways in parallel. */
	readonly ohm: number;
	readonly volts: number;
	/** Of the nominal voltage. */
	readonly share: number;
	readonly mostShare: number;
	readonly source: string;
	/** Cables whose size isn't made in their material: left out of the sum. */
	readonly unknown: readonly string[];
}

/**
 * What is lost in the cables of a circuit on the way to a box when so many amperes flow there: V = I·R·L for each conductor, out and back. `at`: `hot` as design sums take it
 * (75 °C us, 70 °C uk), `cold` as it is read. `null` where the box isn't on the circuit.
 */
export function voltageDrop(
	house: House,
	circuitId: string,
	boxId: string,
	amps: number,
	at: 'hot' | 'cold' = 'hot'
): VoltageDrop | null {
	const circuit = findCircuit(house, circuitId);
	const path = circuit && pathTo(house, circuitId, boxId);
	if (!path) return null;
	const perM = ({ size, material }: Cable) => resistanceOhmPerM(size, material, at);
	const lineOf = (cable: Cable): DropLine => ({
		cable: cable.id,
		lengthM: cable.lengthM,
		ohm: 2 * (perM(cable) ?? 0) * cable.lengthM
	});
	const sum = (cables: readonly Cable[]) => cables.map(lineOf).reduce((all, { ohm }) => all + ohm, 0);
	const there = sum(path);
	const rest = circuit.arrangement === 'ring' ? restOfRing(house, circuitId, path) : [];
	const back = sum(rest);
	const ohm = back > 0 ? (there * back) / (there + back) : there;
	const { share, source } = dropRules[house.region];
	return {
		lines: path.map(lineOf),
		ohm,
		volts: ohm * amps,
		share: (ohm * amps) / regions[house.region].supply.nominalV,
		mostShare: share,
		source,
		unknown: [...path, ...rest].filter((cable) => perM(cable) === null).map(({ id }) => id)
	};
}

/** The cables from the panel to a box, by the first way they are walked. */
function pathTo(house: House, circuitId: string, boxId: string): Cable[] | null {
	const places = placesOf(house, circuitId);
	const path: Cable[] = [];
	for (let at: string | null = boxId; at !== null;) {
		const place = places.get(at);
		if (!place) return null;
		path.push(place.cable);
		at = place.after === 'panel' ? null : place.after.box;
	}
	return path.reverse();
}

/** The cables of a ring that lead on from the end of the path back to the panel: of those not on it the ones that don't hang off it as spurs. */
function restOfRing(house: House, circuitId: string, path: readonly Cable[]): Cable[] {
	const gone = new Set(path);
	const seen = new Set<string>();
	const reach = (from: string): Cable[] | null => {
		seen.add(from);
		for (const { cable, end } of cablesInBox(house, from)) {
			if (cable.circuit !== circuitId || gone.has(cable)) continue;
			if (end === 'to' && 'panel' in cable.from) return [cable];
			const next = end === 'to' ? (cable.from as { box: string }).box : cable.to.box;
			if (seen.has(next)) continue;
			const on = reach(next);
			if (on) return [cable, ...on];
		}
		return null;
	};
	return reach(path.at(-1)!.to.box) ?? [];
}
