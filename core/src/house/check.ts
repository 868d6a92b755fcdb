import type { z } from 'zod';
import { mostCablesInBox, resistanceOhmPerM } from '../rules';
import { contactPoint, deviceModel } from './devices';
import { cablesInBox, panelOf } from './lookup';
import { houseSchema, type Box, type House, type Panel } from './schema';

/** A place in a house file: keys and indices from its root. */
export type Path = readonly (string | number)[];

/** What is wrong with a house file, and where. `shape` is Zod's own word for a value of the wrong form. */
export type HouseProblem = { readonly path: Path } & (
	| { readonly code: 'shape'; readonly message: string }
	| { readonly code: 'duplicateId'; readonly id: string }
	| {
			readonly code: 'unknown';
			readonly what:
				| 'room'
				| 'box'
				| 'panel'
				| 'circuit'
				| 'breaker'
				| 'cable'
				| 'conductor'
				| 'joint'
				| 'terminal'
				| 'half';
			readonly id: string;
	  }
	| { readonly code: 'cableNotInBox'; readonly cable: string; readonly box: string }
	| {
			readonly code: 'danglingConductor';
			readonly cable: string;
			readonly conductor: string;
			readonly box: string;
	  }
	| { readonly code: 'conductorTwice'; readonly cable: string; readonly conductor: string }
	| {
			readonly code: 'terminalOverfull';
			readonly terminal: string;
			readonly wires: number;
			readonly takes: number;
	  }
	| { readonly code: 'notHeldThatWay'; readonly terminal: string; readonly how: string }
	| { readonly code: 'tooManyCables'; readonly box: string; readonly cables: number }
	| { readonly code: 'spaceTaken'; readonly space: number; readonly by: string }
	| { readonly code: 'spaceOutside'; readonly space: number; readonly spaces: number }
	| { readonly code: 'twoPoleAcross'; readonly spaces: readonly number[] }
	| { readonly code: 'coveredTwice'; readonly breaker: string }
	| { readonly code: 'noMetal'; readonly box: string }
	| { readonly code: 'sizeNotMade'; readonly size: string; readonly material: string }
	| { readonly code: 'feedsItself'; readonly panel: string }
	| { readonly code: 'chainCycle'; readonly circuit: string; readonly cable: string }
	| { readonly code: 'cableToItself'; readonly box: string }
);

export type ParsedHouse =
	| { readonly ok: true; readonly house: House }
	| { readonly ok: false; readonly problems: readonly HouseProblem[] };

/** Parses and checks anything as a house: first its form, then that every reference leads somewhere and every conductor ends once. */
export function parseHouse(value: unknown): ParsedHouse {
	const parsed = houseSchema.safeParse(value);
	if (!parsed.success) return { ok: false, problems: parsed.error.issues.map(shapeProblem) };
	const problems = checkHouse(parsed.data);
	return problems.length === 0 ? { ok: true, house: parsed.data } : { ok: false, problems };
}

const shapeProblem = (issue: z.core.$ZodIssue): HouseProblem => ({
	code: 'shape',
	path: issue.path.map((part) => (typeof part === 'symbol' ? String(part) : part)),
	message: issue.message
});

/** What is wrong in a house whose form is right; empty when nothing is. */
export function checkHouse(house: House): HouseProblem[] {
	return [
		...uniqueIds(house),
		...house.panels.flatMap((panel, k) => checkPanel(house, panel, ['panels', k])),
		...checkFeeders(house),
		...references(house),
		...chainCycles(house),
		...house.boxes.flatMap((box, k) => checkBox(house, box, ['boxes', k]))
	];
}

function uniqueIds(house: House): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const check = (items: readonly { readonly id: string }[], path: Path) => {
		const seen = new Set<string>();
		items.forEach(({ id }, k) => {
			if (seen.has(id)) problems.push({ code: 'duplicateId', path: [...path, k, 'id'], id });
			seen.add(id);
		});
	};
	for (const key of ['rooms', 'panels', 'circuits', 'boxes', 'cables', 'loads'] as const)
		check(house[key], [key]);
	const breakersSeen = new Set<string>();
	house.panels.forEach((panel, k) => {
		panel.breakers.forEach(({ id }, b) => {
			if (breakersSeen.has(id))
				problems.push({ code: 'duplicateId', path: ['panels', k, 'breakers', b, 'id'], id });
			breakersSeen.add(id);
		});
		check(panel.residualDevices, ['panels', k, 'residualDevices']);
	});
	house.cables.forEach((cable, k) => check(cable.conductors, ['cables', k, 'conductors']));
	house.boxes.forEach((box, k) => {
		check(box.joints, ['boxes', k, 'joints']);
		check(box.pigtails, ['boxes', k, 'pigtails']);
	});
	return problems;
}

function checkPanel(house: House, panel: Panel, path: Path): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const taken: { space: number; breaker: Panel['breakers'][number] }[] = [];
	panel.breakers.forEach((breaker, k) => {
		const at = [...path, 'breakers', k, 'spaces'];
		breaker.spaces.forEach((space, s) => {
			// Two thin breakers may share a space, one to a half.
			const by = taken.find(
				(other) =>
					other.space === space &&
					(!breaker.tandem || !other.breaker.tandem || breaker.tandem === other.breaker.tandem)
			);
			if (by) problems.push({ code: 'spaceTaken', path: [...at, s], space, by: by.breaker.id });
			taken.push({ space, breaker });
			if (space > panel.spaces)
				problems.push({ code: 'spaceOutside', path: [...at, s], space, spaces: panel.spaces });
		});
		const [first, second] = breaker.spaces;
		const apart = house.region === 'us' ? 2 : 1;
		if (second !== undefined && second - first! !== apart)
			problems.push({ code: 'twoPoleAcross', path: at, spaces: breaker.spaces });
		breaker.findings.forEach(({ box }, f) => {
			if (!house.boxes.some(({ id }) => id === box))
				problems.push({
					code: 'unknown',
					what: 'box',
					path: [...path, 'breakers', k, 'findings', f, 'box'],
					id: box
				});
		});
	});
	const covered = new Set<string>();
	panel.residualDevices.forEach((device, k) =>
		device.covers.forEach((id, c) => {
			const at = [...path, 'residualDevices', k, 'covers', c];
			if (!panel.breakers.some((breaker) => breaker.id === id))
				problems.push({ code: 'unknown', what: 'breaker', path: at, id });
			if (covered.has(id)) problems.push({ code: 'coveredTwice', path: at, breaker: id });
			covered.add(id);
		})
	);
	return problems;
}

/** Every sub-panel hangs on a breaker of another panel, and in the end on the main one. */
function checkFeeders(house: House): HouseProblem[] {
	return house.panels.flatMap((panel, k): HouseProblem[] => {
		const at = ['panels', k, 'fedFrom', 'breaker'];
		if (k === 0) return panel.fedFrom ? [{ code: 'feedsItself', path: at, panel: panel.id }] : [];
		if (!panel.fedFrom) return [{ code: 'unknown', what: 'breaker', path: ['panels', k, 'fedFrom'], id: '' }];
		const seen = new Set([panel.id]);
		for (
			let now = panelOf(house, panel.fedFrom.breaker);
			;
			now = now.fedFrom && panelOf(house, now.fedFrom.breaker)
		) {
			if (!now) return [{ code: 'unknown', what: 'breaker', path: at, id: panel.fedFrom.breaker }];
			if (seen.has(now.id)) return [{ code: 'feedsItself', path: at, panel: panel.id }];
			if (!now.fedFrom)
				return now === house.panels[0]
					? []
					: [{ code: 'unknown', what: 'breaker', path: at, id: panel.fedFrom.breaker }];
			seen.add(now.id);
		}
	});
}

/** A radial has no way back to where it was; a ring has one, through the panel. */
function chainCycles(house: House): HouseProblem[] {
	return house.circuits.flatMap(({ id, arrangement }): HouseProblem[] => {
		const group = new Map<string, string>();
		const rootOf = (node: string): string => {
			let root = node;
			while (group.has(root)) root = group.get(root)!;
			return root;
		};
		let allowed = arrangement === 'ring' ? 1 : 0;
		return house.cables.flatMap((cable, k): HouseProblem[] => {
			if (cable.circuit !== id) return [];
			const from = rootOf('panel' in cable.from ? 'panel' : `box ${cable.from.box}`);
			const to = rootOf(`box ${cable.to.box}`);
			if (from !== to) group.set(to, from);
			else if (allowed-- <= 0)
				return [{ code: 'chainCycle', path: ['cables', k], circuit: id, cable: cable.id }];
			return [];
		});
	});
}

function references(house: House): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const need = (
		what: 'room' | 'box' | 'panel' | 'circuit' | 'breaker',
		known: ReadonlySet<string>,
		id: string,
		path: Path
	) => {
		if (!known.has(id)) problems.push({ code: 'unknown', what, path, id });
	};
	const ids = (items: readonly { readonly id: string }[]) => new Set(items.map(({ id }) => id));
	const boxes = ids(house.boxes);
	const rooms = ids(house.rooms);
	const circuits = ids(house.circuits);
	const panels = ids(house.panels);
	const breakerIds = new Set(house.panels.flatMap((panel) => panel.breakers.map(({ id }) => id)));
	house.circuits.forEach(({ breaker }, k) =>
		need('breaker', breakerIds, breaker, ['circuits', k, 'breaker'])
	);
	house.boxes.forEach(({ room }, k) => need('room', rooms, room, ['boxes', k, 'room']));
	house.cables.forEach((cable, k) => {
		need('circuit', circuits, cable.circuit, ['cables', k, 'circuit']);
		cable.conductors.forEach(({ circuit }, c) => {
			if (circuit !== undefined)
				need('circuit', circuits, circuit, ['cables', k, 'conductors', c, 'circuit']);
		});
		need('box', boxes, cable.to.box, ['cables', k, 'to', 'box']);
		if ('box' in cable.from) {
			need('box', boxes, cable.from.box, ['cables', k, 'from', 'box']);
			if (cable.from.box === cable.to.box)
				problems.push({ code: 'cableToItself', path: ['cables', k, 'to', 'box'], box: cable.to.box });
		} else need('panel', panels, cable.from.panel, ['cables', k, 'from', 'panel']);
		cable.landings?.forEach(({ conductor }, l) => {
			if (!cable.conductors.some(({ id }) => id === conductor))
				problems.push({
					code: 'unknown',
					what: 'conductor',
					path: ['cables', k, 'landings', l, 'conductor'],
					id: conductor
				});
		});
		for (const size of new Set(cable.conductors.map((conductor) => conductor.size ?? cable.size)))
			if (resistanceOhmPerM(size, cable.material) === null)
				problems.push({ code: 'sizeNotMade', path: ['cables', k, 'size'], size, material: cable.material });
	});
	house.loads.forEach((load, k) => {
		const box = house.boxes.find(({ id }) => id === load.box);
		if (!box) problems.push({ code: 'unknown', what: 'box', path: ['loads', k, 'box'], id: load.box });
		else if (!box.device || !deviceModel(box.device).halves.includes(load.half))
			problems.push({ code: 'unknown', what: 'half', path: ['loads', k, 'half'], id: load.half });
	});
	return problems;
}

function checkBox(house: House, box: Box, path: Path): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const ends = cablesInBox(house, box.id);
	const landed = new Map<string, { how: string | undefined; path: Path }[]>();
	const checkAt = (key: string, at: string, how: string | undefined, where: Path) => {
		if (at === 'box' && box.material !== 'metal')
			problems.push({ code: 'noMetal', path: [...where, key], box: box.id });
		if (at.startsWith('joint:') && !box.joints.some(({ id }) => `joint:${id}` === at))
			problems.push({ code: 'unknown', what: 'joint', path: [...where, key], id: at.slice(6) });
		if (at.startsWith('terminal:'))
			landed.set(at.slice(9), [...(landed.get(at.slice(9)) ?? []), { how, path: [...where, key] }]);
	};
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
		checkAt('at', termination.at, termination.how, where);
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
	box.supply?.cables.forEach((id, k) => {
		if (!ends.some(({ cable }) => cable.id === id))
			problems.push({
				code: 'cableNotInBox',
				path: [...path, 'supply', 'cables', k],
				cable: id,
				box: box.id
			});
	});
	box.pigtails.forEach((pigtail, k) => {
		const where = [...path, 'pigtails', k];
		checkAt('from', pigtail.from, undefined, where);
		checkAt('to', pigtail.to, pigtail.how, where);
	});
	return [...problems, ...checkTerminals(box, landed)];
}

function checkTerminals(
	box: Box,
	landed: ReadonlyMap<string, readonly { how: string | undefined; path: Path }[]>
): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const terminals = box.device ? deviceModel(box.device).terminals : [];
	for (const [name, wires] of landed) {
		const terminal = terminals.find((candidate) => candidate.name === name);
		if (!terminal) {
			problems.push({ code: 'unknown', what: 'terminal', path: wires[0]!.path, id: name });
			continue;
		}
		const byWay = new Map<string, number>();
		for (const { how, path } of wires) {
			const way = how ?? Object.keys(terminal.takes)[0]!;
			const takes = terminal.takes[way as keyof typeof terminal.takes];
			if (takes === undefined) problems.push({ code: 'notHeldThatWay', path, terminal: name, how: way });
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

/** Points of a box's device that exist in the network: for tools that let a user name one. */
export function devicePoints(box: Box): string[] {
	if (!box.device) return [];
	const model = deviceModel(box.device);
	const contacts = model.halves.flatMap((half) =>
		(['hot', 'neutral', 'ground'] as const).map((role) => contactPoint(half, role))
	);
	return [...model.terminals.map(({ name }) => name), ...contacts];
}
