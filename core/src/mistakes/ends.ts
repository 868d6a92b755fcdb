import { cablesInBox, deviceModel, withBox, type Box, type Cable, type House, type Role } from '../house';

export type Termination = Box['terminations'][number];
export type WireRole = 'hot' | 'neutral' | 'ground';

/** The cable that feeds a box: the one whose far end is here, as recorded. */
export const supplyOf = (house: House, boxId: string): Cable | undefined =>
	house.cables.find(({ to }) => to.box === boxId);
export const onwardFrom = (house: House, boxId: string): Cable | undefined =>
	house.cables.find(({ from }) => 'box' in from && from.box === boxId);

export const conductorOf = (cable: Cable, role: Role): string | undefined =>
	cable.conductors.find((each) => each.role === role)?.id;

/** One end of a cable: in a box, or in the panel. */
export interface CableEnd {
	readonly cable: Cable;
	readonly box: string | 'panel';
}
export const nearEnd = (cable: Cable): CableEnd => ({
	cable,
	box: 'box' in cable.from ? cable.from.box : 'panel'
});
export const farEnd = (cable: Cable): CableEnd => ({ cable, box: cable.to.box });

const withCable = (house: House, cable: Cable): House => ({
	...house,
	cables: house.cables.map((each) => (each.id === cable.id ? cable : each))
});

/** A joint of one conductor at an end let go, or made poor. */
export function worsened(
	house: House,
	{ cable, box }: CableEnd,
	conductor: string,
	joint: { readonly open: true } | { readonly resistanceOhm: number }
): House {
	if (box === 'panel') {
		const landing =
			'open' in joint
				? { conductor, on: 'nothing' as const }
				: { conductor, resistanceOhm: joint.resistanceOhm };
		return withCable(house, {
			...cable,
			landings: [...(cable.landings ?? []).filter((each) => each.conductor !== conductor), landing]
		});
	}
	return withBox(house, box, (each) => ({
		...each,
		terminations: each.terminations.map((end) =>
			end.cable === cable.id && end.conductor === conductor ? { ...end, ...joint } : end
		)
	}));
}

/** Two conductors of a cable put where the other belongs, at one end. */
export function exchanged(
	house: House,
	{ cable, box }: CableEnd,
	one: WireRole,
	other: WireRole
): House | null {
	const ids = [conductorOf(cable, one), conductorOf(cable, other)] as const;
	if (ids[0] === undefined || ids[1] === undefined) return null;
	if (box === 'panel')
		return withCable(house, {
			...cable,
			landings: [
				...(cable.landings ?? []).filter(({ conductor }) => !ids.includes(conductor)),
				{ conductor: ids[0], on: other },
				{ conductor: ids[1], on: one }
			]
		});
	const there = house.boxes.find(({ id }) => id === box)!;
	const at = ids.map((id) =>
		there.terminations.find((end) => end.cable === cable.id && end.conductor === id)
	);
	if (!at[0] || !at[1]) return null;
	const [first, second] = at as [Termination, Termination];
	return withBox(house, box, (each) => ({
		...each,
		terminations: each.terminations.map((end) =>
			end === first
				? { ...end, at: second.at, how: second.how }
				: end === second
					? { ...end, at: first.at, how: first.how }
					: end
		)
	}));
}

/** Whatever sits on the device's terminals, moved to other terminals by name. */
export function relanded(house: House, boxId: string, target: (terminal: string) => string): House {
	const moved = (at: string) => (at.startsWith('terminal:') ? `terminal:${target(at.slice(9))}` : at);
	return withBox(house, boxId, (box) => ({
		...box,
		terminations: box.terminations.map((end) => ({ ...end, at: moved(end.at) })),
		pigtails: box.pigtails.map((tail) => ({ ...tail, from: moved(tail.from), to: moved(tail.to) }))
	}));
}

/** Terminals of the device that something sits on. */
export function usedTerminals(box: Box): string[] {
	const all = [
		...box.terminations.map(({ at }) => at),
		...box.pigtails.flatMap(({ from, to }) => [from, to])
	];
	return [...new Set(all.flatMap((at) => (at.startsWith('terminal:') ? [at.slice(9)] : [])))];
}

/** The first terminal of a role that something sits on. */
export const usedTerminal = (box: Box, role: Role): string | undefined => {
	const used = usedTerminals(box);
	return (
		box.device &&
		deviceModel(box.device).terminals.find((each) => each.role === role && used.includes(each.name))?.name
	);
};

/** The cables of a box with the end that is there. */
export const endsIn = (house: House, boxId: string): CableEnd[] =>
	cablesInBox(house, boxId).map(({ cable }) => ({ cable, box: boxId }));
