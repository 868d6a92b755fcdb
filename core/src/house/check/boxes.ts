import { isThicker, mostCablesInBox, type ConductorSize } from '../../rules';
import { deviceModel, largestAt } from '../devices';
import { cablesInBox } from '../lookup';
import type { Box, House } from '../schema';
import type { HouseProblem, Path } from './problem';

/** Every conductor ends once in a box, on something that is there and takes it. */
export function checkBox(house: House, box: Box, path: Path): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const ends = cablesInBox(house, box.id);
	const landed = new Map<string, Landed[]>();
	const checkAt = (key: string, at: string, how: string | undefined, where: Path, size?: ConductorSize) => {
		if (at === 'box' && box.material !== 'metal')
			problems.push({ code: 'noMetal', path: [...where, key], box: box.id });
		if (at.startsWith('joint:')) {
			if (!box.joints.some(({ id }) => `joint:${id}` === at))
				problems.push({ code: 'unknown', what: 'joint', path: [...where, key], id: at.slice(6) });
			if (how && !connectors.includes(how))
				problems.push({ code: 'noConnector', path: [...where, 'how'], joint: at.slice(6), how });
		}
		if (at.startsWith('terminal:'))
			landed.set(at.slice(9), [...(landed.get(at.slice(9)) ?? []), { how, size, path: [...where, key] }]);
	};
	box.joints.forEach(({ id, how }, k) => {
		if (!connectors.includes(how))
			problems.push({ code: 'noConnector', path: [...path, 'joints', k, 'how'], joint: id, how });
	});
	if (box.device && 'off' in box.device) {
		const { halves } = deviceModel(box.device);
		box.device.off?.forEach((half, k) => {
			if (!halves.includes(half))
				problems.push({ code: 'unknown', what: 'half', path: [...path, 'device', 'off', k], id: half });
		});
	}
	if (ends.length > mostCablesInBox)
		problems.push({ code: 'tooManyCables', path, box: box.id, cables: ends.length });
	const seen = new Set<string>();
	box.terminations.forEach((termination, k) => {
		const where = [...path, 'terminations', k];
		const cable = house.cables.find(({ id }) => id === termination.cable);
		if (!cable)
			return void problems.push({
				code: 'unknown',
				what: 'cable',
				path: [...where, 'cable'],
				id: termination.cable
			});
		if (!ends.some((end) => end.cable === cable))
			return void problems.push({
				code: 'cableNotInBox',
				path: [...where, 'cable'],
				cable: cable.id,
				box: box.id
			});
		if (!cable.conductors.some(({ id }) => id === termination.conductor))
			return void problems.push({
				code: 'unknown',
				what: 'conductor',
				path: [...where, 'conductor'],
				id: termination.conductor
			});
		const key = `${termination.cable} ${termination.conductor}`;
		if (seen.has(key))
			problems.push({
				code: 'conductorTwice',
				path: where,
				cable: termination.cable,
				conductor: termination.conductor
			});
		seen.add(key);
		if (termination.touches && box.material !== 'metal')
			problems.push({ code: 'noMetal', path: [...where, 'touches'], box: box.id });
		const { size } = cable.conductors.find(({ id }) => id === termination.conductor)!;
		checkAt('at', termination.at, termination.how, where, size ?? cable.size);
	});
	for (const { cable } of ends)
		for (const conductor of cable.conductors)
			if (!seen.has(`${cable.id} ${conductor.id}`))
				problems.push({
					code: 'danglingConductor',
					path: [...path, 'terminations'],
					cable: cable.id,
					conductor: conductor.id,
					box: box.id
				});
	const inBox = (id: string, at: Path) => {
		if (!ends.some(({ cable }) => cable.id === id))
			problems.push({ code: 'cableNotInBox', path: at, cable: id, box: box.id });
	};
	const once = (ids: readonly string[], at: (k: number) => Path) =>
		ids.forEach((id, k) => {
			inBox(id, at(k));
			if (ids.indexOf(id) < k) problems.push({ code: 'namedTwice', path: at(k), id });
		});
	if (box.supply) {
		once(box.supply.cables, (k) => [...path, 'supply', 'cables', k]);
		once(
			box.supply.readings.map(({ cable }) => cable),
			(k) => [...path, 'supply', 'readings', k, 'cable']
		);
	}
	box.pigtails.forEach((pigtail, k) => {
		const where = [...path, 'pigtails', k];
		if ([pigtail.from, pigtail.to].every((at) => at === 'capped' || at === 'bare'))
			problems.push({ code: 'tailToNothing', path: where, pigtail: pigtail.id });
		checkAt('from', pigtail.from, undefined, where);
		checkAt('to', pigtail.to, pigtail.how, where);
	});
	return [...problems, ...checkTerminals(box, landed)];
}

/** A wire on a terminal: how it is held, and its size where it is a cable's. */
interface Landed {
	readonly how: string | undefined;
	readonly size: ConductorSize | undefined;
	readonly path: Path;
}

/** What joins conductors to each other; hooks, plates and springs belong to a device's terminals. */
const connectors: readonly string[] = ['twistOn', 'lever', 'crimp', 'screw', 'pillar'];

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
