import type { House, WorryKind } from '../house';

/** Something that wants doing at a box, and why. */
export interface Need {
	readonly boxId: string;
	readonly worry: {
		readonly id: string;
		readonly kind: WorryKind;
		readonly note: string;
		readonly seen: string;
	};
}

/** How soon each kind of worry wants attention: heat before wear, wear before looks. */
const urgency: Record<WorryKind, number> = {
	scorch: 0,
	warmPlate: 1,
	wornContacts: 2,
	crackedFace: 3,
	looseFaceplate: 4,
	other: 5
};

export const urgencyOf = (kind: WorryKind): number => urgency[kind];

/** What needs doing in a house, most pressing first, then oldest first. */
export function needsOf(house: House): Need[] {
	return house.boxes
		.flatMap((box) => box.worries.map((worry) => ({ boxId: box.id, worry })))
		.sort(
			(a, b) => urgency[a.worry.kind] - urgency[b.worry.kind] || a.worry.seen.localeCompare(b.worry.seen)
		);
}
