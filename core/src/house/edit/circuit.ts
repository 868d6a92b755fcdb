import { findBox, findBreaker, findCircuit, panelOf } from '../lookup';
import { chainOfCircuit } from '../topology';
import type { House } from '../schema';
import { changed, rearranged, refused, split, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf } from './ids';

/** Changes at circuits. */
export function atCircuit(
	house: House,
	edit: EditOf<'addCircuit' | 'setCircuit' | 'removeCircuit' | 'splitCircuit'>
): Changed {
	const breakerId = 'breaker' in edit ? edit.breaker : undefined;
	if (breakerId !== undefined && !findBreaker(house, breakerId))
		return refused({ code: 'unknown', what: 'breaker', id: breakerId });
	switch (edit.do) {
		case 'addCircuit':
			return changed(withCircuit(house, edit.name, edit.breaker).house);
		case 'setCircuit': {
			const circuit = findCircuit(house, edit.circuit);
			if (!circuit) return refused({ code: 'unknown', what: 'circuit', id: edit.circuit });
			const set = { ...circuit, name: edit.name ?? circuit.name, breaker: edit.breaker ?? circuit.breaker };
			const panel = panelOf(house, set.breaker)!.id;
			const moved = {
				...house,
				circuits: house.circuits.map((each) => (each === circuit ? set : each)),
				cables: house.cables.map((cable) =>
					cable.circuit === circuit.id && 'panel' in cable.from ? { ...cable, from: { panel } } : cable
				)
			};
			const { arrangement } = edit;
			return arrangement === undefined || arrangement === circuit.arrangement
				? changed(moved)
				: rearranged(moved, circuit.id, arrangement);
		}
		case 'removeCircuit': {
			if (!findCircuit(house, edit.circuit))
				return refused({ code: 'unknown', what: 'circuit', id: edit.circuit });
			const boxes = chainOfCircuit(house, edit.circuit).length;
			if (boxes > 0) return refused({ code: 'circuitInUse', circuit: edit.circuit, boxes });
			return changed({ ...house, circuits: house.circuits.filter(({ id }) => id !== edit.circuit) });
		}
		case 'splitCircuit': {
			if (!findBox(house, edit.box)) return refused({ code: 'unknown', what: 'box', id: edit.box });
			const made = withCircuit(house, edit.name, edit.breaker);
			return split(made.house, edit.box, made.id, edit.breaker);
		}
	}
}

const withCircuit = (house: House, name: string, breaker: string): { house: House; id: string } => {
	const id = freshId(name, 'circuit', idsOf(house.circuits));
	return {
		id,
		house: { ...house, circuits: [...house.circuits, { id, name, breaker, arrangement: 'radial' }] }
	};
};
