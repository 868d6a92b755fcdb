import {
	circuitsInBox,
	deviceModel,
	findBox,
	findBreaker,
	findCircuit,
	hasOutlet,
	type Box,
	type HoursOfDay,
	type House,
	type Load
} from '../house';
import { familyFor } from '../devices';
import { chargers, chargerShare, loadRules, regions } from '../rules';

/** Something plugged in, as the sum takes it. */
export interface LoadLine {
	readonly load: string;
	readonly name: string;
	readonly box: string;
	readonly half: Load['half'];
	/** `null`: nobody has said; it isn’t in the sum. */
	readonly watts: number | null;
	readonly amps: number | null;
	/** On for three hours and more. */
	readonly continuous: boolean;
	/** When it runs, as often as it does; `null`: at any time, by what is known. */
	readonly hours: readonly HoursOfDay[] | null;
	/** Part of the outlet itself, and never plugged in: its charger, at the most it gives by what is printed on it or by what is usual. */
	readonly charger?: { readonly givesW: number; readonly printed: boolean };
}

export type LoadWarning =
	/** More than the breaker carries, long loads counted as the code counts them. */
	| { readonly code: 'over'; readonly countedA: number; readonly limitA: number; readonly source: string }
	/** Within the breaker, and beyond what it is good practice to use of it. */
	| { readonly code: 'overUsual'; readonly totalA: number; readonly usualA: number }
	| {
			readonly code: 'cord';
			readonly load: string;
			readonly amps: number;
			readonly mostA: number;
			readonly source: string;
	  }
	| {
			readonly code: 'outlet';
			readonly box: string;
			readonly amps: number;
			readonly mostA: number;
	  };

export interface CircuitLoad {
	readonly circuit: string;
	readonly breaker: string;
	readonly breakerA: number;
	readonly voltageV: number;
	readonly lines: readonly LoadLine[];
	/** Of what is known. */
	readonly totalW: number;
	readonly totalA: number;
	/** With long loads counted as the code counts them. */
	readonly countedA: number;
	readonly limitW: number;
	readonly usualW: number;
	/** How many things nobody has given watts for. */
	readonly unknown: number;
	/** Outlets on it, and how many the rule of thumb has room for; `null`: none is used here. */
	readonly points: { readonly outlets: number; readonly roomFor: number } | null;
	readonly warnings: readonly LoadWarning[];
}

/**
 * What hangs on a circuit by what is plugged in, against its breaker: watts as typed from labels, amps at the region’s nominal voltage, all taken to run at once. `more`: things
 * thought of, not plugged in yet. `null` for an unknown circuit.
 */
export function circuitLoad(house: House, circuitId: string, more: readonly Load[] = []): CircuitLoad | null {
	const circuit = findCircuit(house, circuitId);
	const breaker = circuit && findBreaker(house, circuit.breaker);
	if (!circuit || !breaker) return null;
	const rule = loadRules[house.region];
	const voltageV = regions[house.region].supply.nominalV;
	const on = (box: Box) => circuitsInBox(house, box.id)[0]?.id === circuitId;
	const boxes = house.boxes.filter(on);
	const ids = new Set(boxes.map(({ id }) => id));
	const plugged = [...house.loads, ...more].filter(({ box }) => ids.has(box));
	const lines = [
		...plugged.map((load) => lineOf(load, voltageV)),
		...boxes.flatMap((box) => chargerIn(house, box))
	];
	const totalA = amps(lines);
	const countedA = counted(house, lines);
	const usualA = rule.usualShare * breaker.ratingA;
	const outlets = boxes.filter(hasOutlet);
	return {
		circuit: circuitId,
		breaker: breaker.id,
		breakerA: breaker.ratingA,
		voltageV,
		lines,
		totalW: totalA * voltageV,
		totalA,
		countedA,
		limitW: breaker.ratingA * voltageV,
		usualW: usualA * voltageV,
		unknown: lines.filter(({ watts }) => watts === null).length,
		points:
			rule.perPointA === null
				? null
				: { outlets: outlets.length, roomFor: Math.floor(usualA / rule.perPointA + 1e-9) },
		warnings: warningsOf(house, lines, outlets, breaker.ratingA)
	};
}

const amps = (of: readonly LoadLine[]): number => of.reduce((sum, each) => sum + (each.amps ?? 0), 0);

/** All together, long loads as the code counts them, A. */
const counted = ({ region }: House, lines: readonly LoadLine[]): number =>
	amps(lines) + (loadRules[region].continuousFactor - 1) * amps(lines.filter(({ continuous }) => continuous));

const lineOf = (load: Load, voltageV: number): LoadLine => ({
	load: load.id,
	name: load.name,
	box: load.box,
	half: load.half,
	watts: load.ratedW ?? null,
	amps: load.ratedW === undefined ? null : load.ratedW / voltageV,
	continuous: load.continuous ?? false,
	hours: hoursOf(load)
});

/** When a thing runs; `null`: at any time, by what is known. */
const hoursOf = ({ hours }: Load): readonly HoursOfDay[] | null => (hours ? [hours].flat() : null);

/** What of it is too much: for the breaker, for one cord, for one outlet. */
function warningsOf(
	house: House,
	lines: readonly LoadLine[],
	outlets: readonly Box[],
	breakerA: number
): LoadWarning[] {
	const rule = loadRules[house.region];
	const countedA = counted(house, lines);
	const totalA = amps(lines);
	const usualA = rule.usualShare * breakerA;
	const ofAll: LoadWarning[] =
		countedA > breakerA + 1e-9
			? [{ code: 'over', countedA, limitA: breakerA, source: rule.continuousSource }]
			: totalA > usualA + 1e-9
				? [{ code: 'overUsual', totalA, usualA }]
				: [];
	return [
		...ofAll,
		...lines.flatMap((line): LoadWarning[] => {
			const mostA = rule.perCordA(outletA(findBox(house, line.box)!, breakerA));
			return line.charger === undefined && line.amps !== null && line.amps > mostA + 1e-9
				? [{ code: 'cord', load: line.load, amps: line.amps, mostA, source: rule.perCordSource }]
				: [];
		}),
		...outlets.flatMap((box): LoadWarning[] => {
			const mostA = rule.perOutletA ?? outletA(box, breakerA);
			const drawn = amps(lines.filter((line) => line.box === box.id));
			return drawn > mostA + 1e-9 ? [{ code: 'outlet', box: box.id, amps: drawn, mostA }] : [];
		})
	];
}

/** An outlet’s own rating; one that has none is taken for its breaker’s. */
const outletA = ({ device }: Box, breakerA: number): number =>
	device && 'ratingA' in device ? device.ratingA : breakerA;

/** What the charger of an outlet draws when all its ports give what they can, W; of one that nobody has in hand yet, by what is usual. */
export const chargerDrawsW = (region: House['region'], givesW = chargers[region].givesW): number =>
	givesW / chargerShare;

function chargerIn(house: House, { id, device }: Box): LoadLine[] {
	if (!device || !familyFor(device)?.usb) return [];
	const printedW = 'chargerW' in device ? device.chargerW : undefined;
	const watts = chargerDrawsW(house.region, printedW);
	return [
		{
			load: `charger ${id}`,
			name: '',
			box: id,
			half: deviceModel(device).halves[0]!,
			watts,
			amps: watts / regions[house.region].supply.nominalV,
			continuous: false,
			hours: null,
			charger: { givesW: printedW ?? chargers[house.region].givesW, printed: printedW !== undefined }
		}
	];
}
