import { circuitsOfCable, listed, once } from '../lookup';
import type { Cable, House } from '../schema';
import type { HouseProblem } from './problem';

/** A radial has no way back to where it was; a ring has one, through its panel. Cables that carry a circuit beside another one count for both. */
export function chainCycles(house: House): HouseProblem[] {
	return house.circuits.flatMap(({ id, arrangement }, c): HouseProblem[] => {
		const group = new Map<string, string>();
		const rootOf = (node: string): string => {
			let root = node;
			while (group.has(root)) root = group.get(root)!;
			return root;
		};
		const carrying = carryingOf(house.cables).get(id) ?? [];
		// Boxes first: a loop among them alone comes back to no panel, and is none that a ring may have.
		const loops = [
			...carrying.filter(({ cable }) => 'box' in cable.from),
			...carrying.filter(({ cable }) => 'panel' in cable.from)
		].filter(({ cable }) => {
			const from = rootOf('panel' in cable.from ? 'panel' : `box ${cable.from.box}`);
			const to = rootOf(`box ${cable.to.box}`);
			if (from === to) return true;
			group.set(to, from);
			return false;
		});
		const closing =
			arrangement === 'ring' ? loops.filter(({ cable }) => 'panel' in cable.from).slice(0, 1) : [];
		const problems = loops
			.filter((loop) => !closing.includes(loop))
			.map(({ cable, k }): HouseProblem => ({
				code: 'chainCycle',
				path: ['cables', k],
				circuit: id,
				cable: cable.id
			}));
		if (arrangement === 'ring' && carrying.length > 0 && closing.length === 0)
			problems.push({ code: 'ringOpen', path: ['circuits', c, 'arrangement'], circuit: id });
		return problems;
	});
}

/** The cables that carry a circuit, whole or in a conductor, and their numbers in the list. */
const carryingOf = once((cables: House['cables']) => {
	const found = new Map<string, { readonly cable: Cable; readonly k: number }[]>();
	cables.forEach((cable, k) => {
		for (const id of circuitsOfCable(cable)) listed(found, id).push({ cable, k });
	});
	return found;
});
