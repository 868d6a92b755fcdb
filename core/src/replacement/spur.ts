import { cablesInBox, cablesOfCircuit, circuitsInBox, findBox, hasOutlet, type House } from '../house';

/**
 * uk: whether a box hangs on a branch off a ring. What stays when every end that leads nowhere is taken away, again and again, is the ring; the rest are spurs. On an unfused one
 * stands a single or a twin alone (BS 7671 433.1.204, app. 15). `null`: on no circuit.
 */
export function spurOf(house: House, boxId: string): 'no' | 'alone' | 'withOthers' | null {
	const [circuit] = circuitsInBox(house, boxId);
	if (!circuit) return null;
	if (circuit.arrangement !== 'ring') return 'no';
	const cables = cablesOfCircuit(house, circuit.id);
	const endsOf = (cable: (typeof cables)[number]) => [
		'box' in cable.from ? cable.from.box : panel,
		cable.to.box
	];
	let left = cables;
	for (let was = -1; was !== left.length;) {
		was = left.length;
		const met = new Map<string, number>();
		for (const cable of left) for (const end of endsOf(cable)) met.set(end, (met.get(end) ?? 0) + 1);
		left = left.filter((cable) => endsOf(cable).every((end) => end === panel || met.get(end)! > 1));
	}
	const onRing = new Set(left.flatMap(endsOf));
	if (onRing.has(boxId)) return 'no';
	// A whole branch, from the ring outwards.
	const branch = new Set([boxId]);
	const queue = [boxId];
	for (const at of queue)
		for (const { cable } of cablesInBox(house, at))
			for (const end of endsOf(cable))
				if (end !== panel && !onRing.has(end) && !branch.has(end)) {
					branch.add(end);
					queue.push(end);
				}
	const outlets = [...branch].filter((id) => {
		const box = findBox(house, id);
		return box !== undefined && hasOutlet(box);
	});
	return outlets.length > 1 ? 'withOthers' : 'alone';
}

/** Stands for the panel among boxes; no box can have this name. */
const panel = '*';
