import { cablesInBox, circuitsInBox, editHouse, findBox, type Edit, type House } from '../house';
import { agreesWith, type BoxSeen } from './fit';

/**
 * The changes to the record after which a box is on it as it was seen: wired straight or with pigtails, and for each cable more than recorded an outlet after it that
 * nobody has found yet. None where the record agrees already; `null` where what was seen can't be said by these (fewer cables, other conductors, another device).
 */
export function editsToRecord(house: House, boxId: string, seen: BoxSeen): Edit[] | null {
	if (agreesWith(seen, house, boxId)) return [];
	const box = findBox(house, boxId);
	const circuit = circuitsInBox(house, boxId)[0];
	const more = seen.cables.length - cablesInBox(house, boxId).length;
	if (!box || !circuit || more < 0) return null;
	const added = Array.from({ length: more }, (_, k): Edit => ({
		do: 'addOutlet',
		room: box.room,
		name: freeName(house, box.room, `not found yet, after ${box.name}`, k),
		spot: { circuit: circuit.id, after: { box: boxId }, branch: true }
	}));
	const way: Edit[] =
		seen.wired === 'ownScrews' || seen.wired === 'pigtails'
			? [{ do: 'wireBox', box: boxId, way: seen.wired }]
			: [];
	// A uk socket has no choice of ways: its pillars take everything.
	return (
		[[...added, ...way], added].find((edits) => {
			const edited = editHouse(house, edits);
			return edits.length > 0 && edited.ok && agreesWith(seen, edited.house, boxId);
		}) ?? null
	);
}

function freeName(house: House, room: string, wanted: string, nth: number): string {
	const taken = new Set(house.boxes.filter((box) => box.room === room).map(({ name }) => name.toLowerCase()));
	const names = [wanted, ...Array.from({ length: 20 }, (_, k) => `${wanted} (${k + 2})`)].map((name) =>
		name.slice(0, 80)
	);
	return names.filter((name) => !taken.has(name.toLowerCase()))[nth] ?? wanted;
}
