import { isThicker, mostCablesInBox, type ConductorSize } from '../../rules';
import { deviceModel, largestAt } from '../devices';
import { cablesInBox } from '../lookup';
import type { Box, Cable, House } from '../schema';
import type { HouseProblem, Path } from './problem';

type Ends = ReturnType<typeof cablesInBox>;

/** Every conductor ends once in a box, on something that is there and takes it. */
export function checkBox(house: House, box: Box, path: Path): HouseProblem[] {
	const ends = cablesInBox(house, box.id);
	const sound = soundWith.get(box);
	if (sound?.length === ends.length && ends.every(({ cable }, k) => cable === sound[k])) return [];
	const problems = problemsIn(house, box, ends, path);
	if (problems.length === 0)
		soundWith.set(
			box,
			ends.map(({ cable }) => cable)
		);
	return problems;
}

/** The cables with which nothing was wrong in a box. Most changes to a house leave most boxes as they were, and they are checked after each. */
const soundWith = new WeakMap<Box, readonly Cable[]>();

function problemsIn(house: House, box: Box, ends: Ends, path: Path): HouseProblem[] {
	return [
		...connectorProblems(box, path),
		...switchProblems(box, path),
		...(ends.length > mostCablesInBox
			? [{ code: 'tooManyCables' as const, path, box: box.id, cables: ends.length }]
			: []),
		...endProblems(house, box, ends, path),
		...danglingProblems(box, ends, path),
		...supplyProblems(box, ends, path),
		...tailProblems(box, path),
		...checkTerminals(box, landedIn(box, ends, path))
	];
}

/** What joins conductors to each other; hooks, plates and springs belong to a device's terminals. */
const connectors: readonly string[] = ['twistOn', 'lever', 'crimp', 'screw', 'pillar'];

const connectorProblems = (box: Box, path: Path): HouseProblem[] =>
	box.joints.flatMap(({ id, how }, k) =>
		connectors.includes(how)
			? []
			: [{ code: 'noConnector' as const, path: [...path, 'joints', k, 'how'], joint: id, how }]
	);

/** A socket's own switches that are off have to be there. */
function switchProblems({ device }: Box, path: Path): HouseProblem[] {
	if (!device || !('off' in device)) return [];
	const { halves } = deviceModel(device);
	return (device.off ?? []).flatMap((half, k) =>
		halves.includes(half)
			? []
			: [{ code: 'unknown' as const, what: 'half' as const, path: [...path, 'device', 'off', k], id: half }]
	);
}

/** A place in the box that an end or a tail names: its metal, or a joint that is there and holds it that way. */
function placeProblems(
	box: Box,
	key: string,
	at: string,
	how: string | undefined,
	path: Path
): HouseProblem[] {
	if (at === 'box')
		return box.material === 'metal' ? [] : [{ code: 'noMetal', path: [...path, key], box: box.id }];
	if (!at.startsWith('joint:')) return [];
	const joint = at.slice(6);
	const problems: HouseProblem[] = [];
	if (!box.joints.some(({ id }) => id === joint))
		problems.push({ code: 'unknown', what: 'joint', path: [...path, key], id: joint });
	if (how && !connectors.includes(how))
		problems.push({ code: 'noConnector', path: [...path, 'how'], joint, how });
	return problems;
}

function endProblems(house: House, box: Box, ends: Ends, path: Path): HouseProblem[] {
	const seen = new Set<string>();
	return box.terminations.flatMap((termination, k): HouseProblem[] => {
		const where = [...path, 'terminations', k];
		const { cable: cableId, conductor } = termination;
		const cable = ends.find((end) => end.cable.id === cableId)?.cable;
		if (!cable)
			// Asked only of what isn't sound: what is sound hangs on this box and its cables alone.
			return house.cables.some(({ id }) => id === cableId)
				? [{ code: 'cableNotInBox', path: [...where, 'cable'], cable: cableId, box: box.id }]
				: [{ code: 'unknown', what: 'cable', path: [...where, 'cable'], id: cableId }];
		if (!cable.conductors.some(({ id }) => id === conductor))
			return [{ code: 'unknown', what: 'conductor', path: [...where, 'conductor'], id: conductor }];
		const twice = seen.has(`${cableId} ${conductor}`);
		seen.add(`${cableId} ${conductor}`);
		return [
			...(twice ? [{ code: 'conductorTwice' as const, path: where, cable: cableId, conductor }] : []),
			...(termination.touches && box.material !== 'metal'
				? [{ code: 'noMetal' as const, path: [...where, 'touches'], box: box.id }]
				: []),
			...placeProblems(box, 'at', termination.at, termination.how, where)
		];
	});
}

function danglingProblems(box: Box, ends: Ends, path: Path): HouseProblem[] {
	const landed = new Set(box.terminations.map(({ cable, conductor }) => `${cable} ${conductor}`));
	return ends.flatMap(({ cable }) =>
		cable.conductors
			.filter(({ id }) => !landed.has(`${cable.id} ${id}`))
			.map(({ id }) => ({
				code: 'danglingConductor' as const,
				path: [...path, 'terminations'],
				cable: cable.id,
				conductor: id,
				box: box.id
			}))
	);
}

/** What was found of the supply names cables of this box, each once. */
function supplyProblems(box: Box, ends: Ends, path: Path): HouseProblem[] {
	if (!box.supply) return [];
	const named = (ids: readonly string[], at: (k: number) => Path) =>
		ids.flatMap((id, k): HouseProblem[] => [
			...(ends.some(({ cable }) => cable.id === id)
				? []
				: [{ code: 'cableNotInBox' as const, path: at(k), cable: id, box: box.id }]),
			...(ids.indexOf(id) < k ? [{ code: 'namedTwice' as const, path: at(k), id }] : [])
		]);
	return [
		...named(box.supply.cables, (k) => [...path, 'supply', 'cables', k]),
		...named(
			box.supply.readings.map(({ cable }) => cable),
			(k) => [...path, 'supply', 'readings', k, 'cable']
		)
	];
}

const tailProblems = (box: Box, path: Path): HouseProblem[] =>
	box.pigtails.flatMap((tail, k): HouseProblem[] => {
		const where = [...path, 'pigtails', k];
		return [
			...([tail.from, tail.to].every((at) => at === 'capped' || at === 'bare')
				? [{ code: 'tailToNothing' as const, path: where, pigtail: tail.id }]
				: []),
			...placeProblems(box, 'from', tail.from, undefined, where),
			...placeProblems(box, 'to', tail.to, tail.how, where)
		];
	});

/** What sits on each terminal of the device, by the terminal's name. */
function landedIn(box: Box, ends: Ends, path: Path): Map<string, readonly Landed[]> {
	const sizeOf = (cableId: string, conductor: string) => {
		const cable = ends.find((end) => end.cable.id === cableId)?.cable;
		const found = cable?.conductors.find(({ id }) => id === conductor);
		return found && (found.size ?? cable?.size);
	};
	const all = [
		...box.terminations
			.map(({ at, how, cable, conductor }, k) => ({
				at,
				how,
				size: sizeOf(cable, conductor),
				path: [...path, 'terminations', k, 'at']
			}))
			// One that isn't in the box is told as such, and holds nothing here.
			.filter(({ size }) => size !== undefined),
		...box.pigtails.flatMap(({ from, to, how }, k) => [
			{ at: from, how: undefined, size: undefined, path: [...path, 'pigtails', k, 'from'] },
			{ at: to, how, size: undefined, path: [...path, 'pigtails', k, 'to'] }
		])
	].filter(({ at }) => at.startsWith('terminal:'));
	const landed = new Map<string, Landed[]>();
	for (const { at, ...wire } of all) {
		const name = at.slice(9);
		landed.set(name, [...(landed.get(name) ?? []), wire]);
	}
	return landed;
}

/** A wire on a terminal: how it is held, and its size where it is a cable's. */
interface Landed {
	readonly how: string | undefined;
	readonly size: ConductorSize | undefined;
	readonly path: Path;
}

function checkTerminals(box: Box, landed: ReadonlyMap<string, readonly Landed[]>): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const terminals = box.device ? deviceModel(box.device).terminals : [];
	for (const [name, wires] of landed) {
		const terminal = terminals.find((candidate) => candidate.name === name);
		if (!terminal) {
			problems.push({ code: 'unknown', what: 'terminal', path: wires[0]!.path, id: name });
			continue;
		}
		const byWay = new Map<string, number>();
		for (const { how, size, path } of wires) {
			const way = how ?? Object.keys(terminal.takes)[0]!;
			const takes = terminal.takes[way as keyof typeof terminal.takes];
			if (takes === undefined) problems.push({ code: 'notHeldThatWay', path, terminal: name, how: way });
			const largest = largestAt(terminal, way);
			if (takes !== undefined && size && largest && isThicker(size, largest))
				problems.push({ code: 'tooThick', path, size, how: way, takes: largest });
			byWay.set(way, (byWay.get(way) ?? 0) + 1);
		}
		for (const [way, count] of byWay) {
			const takes = terminal.takes[way as keyof typeof terminal.takes];
			if (takes !== undefined && count > takes)
				problems.push({
					code: 'terminalOverfull',
					path: wires.at(-1)!.path,
					terminal: name,
					wires: count,
					takes
				});
		}
	}
	return problems;
}
