import { cablesOfCircuit, findCircuit, walkChain, type Cable, type House } from '../house';
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
	const places = walkChain(house, circuitId);
	const path: Cable[] = [];
	let at: string | null = boxId;
	while (at !== null) {
		const place = places.find(({ box }) => box.id === at);
		if (!place) return null;
		path.unshift(place.cable);
		at = place.after === 'panel' ? null : place.after.box;
	}
	return path;
}

/** The cables of a ring that lead on from the end of the path back to the panel: of those not on it the ones that don't hang off it as spurs. */
function restOfRing(house: House, circuitId: string, path: readonly Cable[]): Cable[] {
	const left = cablesOfCircuit(house, circuitId).filter((cable) => !path.includes(cable));
	const reach = (from: string, seen: readonly string[]): Cable[] | null => {
		for (const cable of left) {
			const ends = ['box' in cable.from ? cable.from.box : null, cable.to.box];
			if (!ends.includes(from)) continue;
			const next = ends.find((end) => end !== from);
			if (next === null) return [cable];
			if (next === undefined || seen.includes(next)) continue;
			const on = reach(next, [...seen, next]);
			if (on) return [cable, ...on];
		}
		return null;
	};
	const end = path.at(-1)!.to.box;
	return reach(end, [end]) ?? [];
}
