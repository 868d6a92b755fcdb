import { circuitsOfCable, type House } from '../house';

/**
 * The part of a house that can have to do with a box: the circuits whose cables enter it, those that share a cable or a box with any of them, and so on until nothing more
 * is met. Whatever is left out meets it at the panel only. Nothing is plugged in, so the service is without load.
 */
export function partOf(house: House, boxId: string): House {
	const boxes = new Set([boxId]);
	const circuits = new Set<string>();
	for (let met = -1; met !== boxes.size + circuits.size;) {
		met = boxes.size + circuits.size;
		for (const cable of house.cables) {
			const ends = ['box' in cable.from ? cable.from.box : null, cable.to.box];
			const of = circuitsOfCable(cable);
			if (!ends.some((end) => end !== null && boxes.has(end)) && !of.some((id) => circuits.has(id))) continue;
			for (const end of ends) if (end !== null) boxes.add(end);
			for (const id of of) circuits.add(id);
		}
	}
	return {
		...house,
		circuits: house.circuits.filter(({ id }) => circuits.has(id)),
		boxes: house.boxes.filter(({ id }) => boxes.has(id)),
		cables: house.cables.filter((cable) => circuitsOfCable(cable).some((id) => circuits.has(id))),
		loads: []
	};
}
