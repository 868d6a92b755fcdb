import { devicePoints, parseHouse, pathText, type HouseProblem } from '../src/files';
import {
	allBreakers,
	compileHouse,
	deviceModel,
	findBox,
	mainSwitch,
	settle,
	withBreakers,
	type Half,
	type House
} from '../src/house';
import {
	contactlessAlarms,
	lampGlows,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	readVoltageV,
	type Probes
} from '../src/instruments';
import { readJson } from '../src/text';
import { branchCurrentA, magnitude, writeNetlist } from '../src/network';

/** Something the user can put right; its message is shown as it stands. */
export class UserError extends Error {}

export interface Options {
	readonly with?: string;
	readonly red?: string;
	readonly black?: string;
	readonly box?: string;
	readonly half?: string;
	readonly off?: string;
	readonly on?: string;
}

const problemsShown = 50;

/** A problem as data: its place, its code, and what goes with it. Sentences are the interface’s. */
const coded = ({ path, code, ...more }: HouseProblem): string => {
	const facts = Object.entries(more).map(([key, value]) => `${key} ${JSON.stringify(value)}`);
	return [pathText(path), code, ...facts].filter(Boolean).join(', ');
};

/** The house of a file with breakers set, or every place that is wrong in it. */
export function houseFromJson(text: string, file: string, { off, on }: Options): House {
	const read = readJson(text);
	if (!read.ok)
		throw new UserError(`${file}: not JSON: something is wrong at line ${read.line}, column ${read.column}`);
	const parsed = parseHouse(read.value);
	if (!parsed.ok)
		throw new UserError(
			parsed.problems
				.slice(0, problemsShown)
				.map((problem) => `${file}: ${coded(problem)}`)
				.join('\n')
		);
	const switchable = new Set([
		...allBreakers(parsed.house).map(({ id }) => id),
		...parsed.house.panels.map(({ id }) => mainSwitch(id))
	]);
	const positions: Record<string, boolean> = {};
	for (const [list, position] of [
		[off, false],
		[on, true]
	] as const)
		for (const id of list?.split(',') ?? []) {
			if (!switchable.has(id)) throw new UserError(`There is no breaker “${id}” in ${file}.`);
			positions[id] = position;
		}
	return withBreakers(parsed.house, positions);
}

/** Voltages against the ground bar, currents in each branch, what opened by itself, and how good the solution is. */
export function solved(house: House) {
	const { network, solution, trips } = settle(house);
	if (solution.outcome === 'singular') return { outcome: solution.outcome, node: solution.node };
	const polar = (value: { re: number; im: number }) => ({
		re: value.re,
		im: value.im,
		magnitude: magnitude(value)
	});
	return {
		outcome: solution.outcome,
		frequencyHz: network.frequencyHz,
		reference: network.reference,
		residual: solution.residual,
		trips,
		floating: 'floating' in solution ? solution.floating : [],
		voltageV: Object.fromEntries([...solution.voltageV].map(([name, value]) => [name, polar(value)])),
		currentA: Object.fromEntries(
			network.branches.map((branch) => [branch.id, polar(branchCurrentA(network, branch, solution.voltageV))])
		)
	};
}

export const netlist = (house: House): string => writeNetlist(compileHouse(house), house.name).text;

/** Names of points; of one box where it is named. */
export function named(house: House, boxId: string | undefined): string[] {
	const names = pointsOf(house);
	if (boxId === undefined) return [...names].sort();
	const box = findBox(house, boxId);
	if (!box) throw new UserError(`There is no box “${boxId}”.`);
	const cables = box.terminations.map(({ cable }) => `cable:${cable}/`);
	return [...names]
		.filter((name) => name.startsWith(`box:${boxId}/`) || cables.some((cable) => name.startsWith(cable)))
		.sort();
}

const pointsOf = (house: House): Set<string> =>
	new Set([
		...compileHouse(house).branches.flatMap(({ from, to }) => [from, to]),
		...house.boxes.flatMap((box) => devicePoints(box).map((point) => `box:${box.id}/${point}`))
	]);

/** One instrument's reading. */
export function readInstrument(house: House, options: Options): unknown {
	switch (options.with) {
		case 'multimeter':
			return { volts: readVoltageV(house, probes(house, options), 'highImpedance') };
		case 'low-impedance':
			return { volts: readVoltageV(house, probes(house, options), 'lowImpedance') };
		case 'indicator':
			return { litV: readIndicatorV(house, probes(house, options)) };
		case 'ohms':
			return readOhms(house, probes(house, options));
		case 'contactless':
			return { alarms: contactlessAlarms(house, point(house, 'red', options.red)) };
		case 'plug': {
			const { boxId, half } = outlet(house, options);
			return readPlugLamps(house, boxId, half);
		}
		case 'lamp': {
			const { boxId, half } = outlet(house, options);
			return { glows: lampGlows(house, boxId, half) };
		}
		default:
			throw new UserError(
				`--with must be multimeter, low-impedance, indicator, ohms, contactless, plug or lamp${options.with === undefined ? '' : `, not “${options.with}”`}.`
			);
	}
}

const probes = (house: House, { red, black }: Options): Probes => ({
	red: point(house, 'red', red),
	black: point(house, 'black', black)
});

function point(house: House, option: string, name: string | undefined): string {
	if (name === undefined) throw new UserError(`--${option} POINT is needed.`);
	if (!pointsOf(house).has(name))
		throw new UserError(`There is no point “${name}”. “points FILE” lists them.`);
	return name;
}

function outlet(house: House, { box: boxId, half }: Options): { boxId: string; half: Half } {
	const box = boxId === undefined ? undefined : findBox(house, boxId);
	if (!box) throw new UserError(boxId === undefined ? '--box ID is needed.' : `There is no box “${boxId}”.`);
	const halves = box.device ? deviceModel(box.device).halves : [];
	const chosen =
		halves.find((each) => each === half) ??
		(half === undefined && halves.length === 1 ? halves[0] : undefined);
	if (!chosen)
		throw new UserError(
			halves.length === 0
				? `Nothing can be plugged in at “${box.id}”.`
				: `--half must be ${halves.join(' or ')}.`
		);
	return { boxId: box.id, half: chosen };
}
