import {
	circuitsInBox,
	findBox,
	findBreaker,
	hasOutlet,
	placesOf,
	walkChain,
	type Box,
	type ChainPlace,
	type House
} from '../house';

/**
 * What opens at an arc before a box: its breaker, or an outlet that it hangs on by the load side, by id; `null`: nothing. Arcs aren't modelled: it follows from where the wires end. `isFirst`: the
 * first outlet of the circuit, as NEC 210.12 asks of what is extended.
 */
export function arcGuardBefore(
	house: House,
	boxId: string
): { readonly by: 'breaker' | string; readonly isFirst: boolean } | null {
	const [circuit] = circuitsInBox(house, boxId);
	if (!circuit) return null;
	const type = findBreaker(house, circuit.breaker)?.type;
	if (type === 'arcFault' || type === 'dualFunction') return { by: 'breaker', isFirst: true };
	const chain = walkChain(house, circuit.id);
	const first = chain.find(({ box }) => box.id !== boxId && hasOutlet(box));
	const places = placesOf(house, circuit.id);
	let place = places.get(boxId);
	for (let n = 0; place && place.after !== 'panel' && n < chain.length; n++) {
		const before = findBox(house, place.after.box);
		if (before && opensAtArcs(before) && hangsOnLoad(before, place))
			return { by: before.id, isFirst: before.id === first?.box.id };
		place = before && places.get(before.id);
	}
	return null;
}

const opensAtArcs = ({ device }: Box): boolean =>
	device !== undefined && 'protection' in device && device.protection !== 'groundFault';

/** Whether the hot of a cable ends on the load side, by itself or by a tail. */
function hangsOnLoad({ terminations, pigtails }: Box, { cable }: ChainPlace): boolean {
	const hots = new Set(cable.conductors.filter(({ role }) => role === 'hot').map(({ id }) => id));
	const onLoad = (at: string): boolean =>
		at === loadHot ||
		(at.startsWith('joint:') &&
			pigtails.some(({ from, to }) => [from, to].includes(at) && [from, to].includes(loadHot)));
	return terminations.some((end) => end.cable === cable.id && hots.has(end.conductor) && onLoad(end.at));
}
const loadHot = 'terminal:loadHot';
