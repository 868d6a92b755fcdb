import {
	deviceModel,
	largestAt,
	withBox,
	type Box,
	type Cable,
	type House,
	type How,
	type Terminal
} from '../house';
import { regions, isThicker, stripGauge, type ConductorSize } from '../rules';
import { ofConductor, type AtBench } from './at';
import type { BenchEvent } from './events';
import { changed, refuse, unknown, type BenchRefusal, type Changed } from './refusal';

/** Ends in a box that sit at a place, not counting the one named. */
export const wiresAt = (box: Box, at: string, but?: string): number =>
	box.terminations.filter((end) => end.at === at && `${end.cable}/${end.conductor}` !== but).length +
	box.pigtails
		.filter(({ id }) => `tail/${id}` !== but)
		.flatMap(({ from, to }) => [from, to])
		.filter((each) => each === at).length;

/** Wires that sit on terminals a device doesn't have. */
export function gonePlaces(box: Box, device: Box['device']): number {
	const there = new Set((device ? deviceModel(device).terminals : []).map(({ name }) => `terminal:${name}`));
	const ats = [
		...box.terminations.map(({ at }) => at),
		...box.pigtails.flatMap(({ from, to }) => [from, to])
	];
	return ats.filter((at) => at.startsWith('terminal:') && !there.has(at)).length;
}

type Way =
	| { readonly ok: true; readonly how: How | undefined }
	| { readonly ok: false; readonly refusal: BenchRefusal };

/** How a conductor is held where it is to go: as asked, or the best way that still has room. */
function wayTo(
	box: Box,
	at: string,
	asked: How | undefined,
	size: ConductorSize,
	material: Cable['material'],
	there: number
): Way {
	if (at === 'capped' || at === 'bare') return { ok: true, how: undefined };
	if (at === 'box')
		return box.material === 'metal' ? { ok: true, how: 'screw' } : refuse({ code: 'noMetal' });
	const [kind, name] = at.split(':') as [string, string];
	if (kind === 'joint') {
		const joint = box.joints.find(({ id }) => id === name);
		return joint ? { ok: true, how: joint.how } : unknown('joint', name);
	}
	if (!box.device) return refuse({ code: 'noDevice' });
	const terminal = deviceModel(box.device).terminals.find((each) => each.name === name);
	if (!terminal) return unknown('terminal', name);
	const how = asked ?? bestWay(terminal, there + 1);
	const takes = terminal.takes[how as keyof Terminal['takes']];
	if (takes === undefined)
		return refuse({ code: 'notHeldThatWay', terminal: name, ways: Object.keys(terminal.takes) });
	if (there + 1 > takes) return refuse({ code: 'terminalFull', terminal: name, how, takes });
	const largest = largestAt(terminal, how);
	if (largest && isThicker(size, largest)) return refuse({ code: 'conductorTooBig', size, how, largest });
	if (how === 'pushIn' && material === 'aluminium') return refuse({ code: 'aluminiumPushIn' });
	return { ok: true, how };
}

/** Clamp plate, else hook or pillar: the one with the most contact that has room; never the push-in spring unasked. */
function bestWay({ takes }: Terminal, wires: number): How {
	const ways = (['clampPlate', 'hook', 'pillar', 'screw'] as const).filter((way) => takes[way] !== undefined);
	return ways.find((way) => takes[way]! >= wires) ?? ways[0] ?? 'screw';
}

export function land(bench: AtBench, event: Extract<BenchEvent, { kind: 'land' }>): Changed {
	const { house, box } = bench;
	const { cable: cableId, conductor: conductorId, at, how } = event;
	const cable = house.cables.find(({ id }) => id === cableId);
	const conductor = cable?.conductors.find(({ id }) => id === conductorId);
	if (!cable || !conductor) return unknown('conductor', `${cableId}/${conductorId}`);
	const way = wayTo(
		box,
		at,
		how,
		conductor.size ?? cable.size,
		cable.material,
		wiresAt(box, at, `${cableId}/${conductorId}`)
	);
	if (!way.ok) return way;
	// Made anew, the joint is sound; what was done to the end itself stays with it.
	const placed = ofConductor(bench, event, ({ strippedMm, mark, tape }) => ({
		cable: cableId,
		conductor: conductorId,
		at,
		...(way.how ? { how: way.how } : {}),
		...(mark ? { mark } : {}),
		...(tape ? { tape } : {}),
		...(strippedMm === undefined ? {} : { strippedMm })
	}));
	return placed.ok ? heldAlike(placed.house, box.id, at, way.how) : placed;
}

/** All wires of one terminal are held the same way: a second one under a plate moves the first there too. */
const heldAlike = (house: House, boxId: string, at: string, how: How | undefined): Changed =>
	changed(
		at.startsWith('terminal:') && how
			? withBox(house, boxId, (box) => ({
					...box,
					terminations: box.terminations.map((end) => (end.at === at ? { ...end, how } : end)),
					pigtails: box.pigtails.map((tail) => (tail.to === at ? { ...tail, how } : tail))
				}))
			: house
	);

export function landTail(
	{ house, box }: AtBench,
	{ tail: tailId, end, at, how }: Extract<BenchEvent, { kind: 'landTail' }>
): Changed {
	const tail = box.pigtails.find(({ id }) => id === tailId);
	if (!tail) return unknown('tail', tailId);
	const size = house.cables[0]?.size ?? regions[house.region].custom.outletCable;
	// The record keeps how the far end is held; the near end on a terminal is held in the terminal's first way.
	const asked = end === 'from' && at.startsWith('terminal:') ? firstWay(box, at.slice(9)) : how;
	const way = wayTo(box, at, asked, size, 'copper', wiresAt(box, at, `tail/${tailId}`));
	if (!way.ok) return way;
	const moved = withBox(house, box.id, (each) => ({
		...each,
		pigtails: each.pigtails.map((one) =>
			one.id === tailId ? { ...one, [end]: at, ...(end === 'to' && way.how ? { how: way.how } : {}) } : one
		)
	}));
	return heldAlike(moved, box.id, at, way.how);
}

const firstWay = (box: Box, terminal: string): How | undefined =>
	Object.keys(
		(box.device && deviceModel(box.device).terminals.find(({ name }) => name === terminal)?.takes) ?? {}
	)[0] as How | undefined;

/** Too little bare and insulation sits under the screw: hardly any, and it carries nothing; some, and it is a poor joint. */
export function stripped(
	house: House,
	{ open: _open, resistanceOhm: _ohm, ...end }: Box['terminations'][number],
	mm: number
) {
	const { mm: gauge, shortByMm } = stripGauge[house.region];
	const poor = mm < 2 ? { open: true as const } : mm < gauge - shortByMm ? { resistanceOhm: 0.5 } : {};
	return { ...end, strippedMm: mm, ...poor };
}
