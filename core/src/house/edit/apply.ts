import { editionsIn } from '../../rules';
import { checkHouse, type HouseProblem } from '../check';
import { cablesInBox, findBox, findBreaker } from '../lookup';
import type { House } from '../schema';
import { atBox } from './box';
import { setCable } from './cable';
import { changed, refused, type Changed } from './chain';
import { atCircuit } from './circuit';
import type { Edit, EditRefusal } from './edits';
import { freshId, idsOf, sameName } from './ids';
import { addLoad, removeLoad, setLoad } from './load';
import { atPanel, withBreaker } from './panel';
import { addSwitch } from './switchBeside';

export type Edited =
	| { readonly ok: true; readonly house: House }
	/** `edit`: which of several, from 0. */
	| {
			readonly ok: false;
			readonly edit: number;
			readonly refusal: EditRefusal | { readonly code: 'wouldBeWrong'; readonly problem: HouseProblem };
	  };

/** Makes changes one after another; all of them, or none and why. The result is a house without problems if the first was. */
export function editHouse(house: House, edits: readonly Edit[]): Edited {
	let now = house;
	// What was wrong before (a record of an earlier build, when less was refused) doesn't stand in the way of anything else.
	const had = new Set(checkHouse(house).map(withoutPlace));
	for (const [k, edit] of edits.entries()) {
		const made = make(now, edit);
		if (!made.ok) return { ...made, edit: k };
		const next = supplyStillKnown(now, made.house);
		const problem = checkHouse(next).find(
			(each) => edit.do === 'replaceHouse' || !had.has(withoutPlace(each))
		);
		if (problem?.code === 'tooThick')
			return {
				ok: false,
				edit: k,
				refusal: { code: 'cableTooThick', size: problem.size, takes: problem.takes }
			};
		if (problem) return { ok: false, edit: k, refusal: { code: 'wouldBeWrong', problem } };
		now = next;
	}
	return { ok: true, house: now };
}

const withoutPlace = ({ path: _, ...problem }: HouseProblem): string => JSON.stringify(problem);

/** Which cable feeds a box was found among the cables that were in it: where those are others now, the finding goes. */
function supplyStillKnown(before: House, after: House): House {
	const cablesOf = (house: House, id: string) =>
		cablesInBox(house, id)
			.map(({ cable }) => cable.id)
			.sort()
			.join();
	if (before.cables === after.cables || !after.boxes.some(({ supply }) => supply)) return after;
	return {
		...after,
		boxes: after.boxes.map((box) => {
			if (!box.supply || cablesOf(before, box.id) === cablesOf(after, box.id)) return box;
			const { supply: _gone, ...kept } = box;
			return kept;
		})
	};
}

function make(house: House, edit: Edit): Changed {
	switch (edit.do) {
		case 'renameHome':
			return changed({ ...house, name: edit.name });
		case 'setEarthing':
			return changed({ ...house, service: { ...house.service, earthing: edit.earthing } });
		case 'setEdition':
			return editionsIn[house.region].includes(edit.edition)
				? changed({ ...house, edition: edit.edition })
				: refused({ code: 'otherBook', edition: edit.edition });
		case 'addRoom':
			if (house.rooms.some(({ name }) => sameName(name, edit.name)))
				return refused({ code: 'nameTaken', name: edit.name });
			return changed({
				...house,
				rooms: [...house.rooms, { id: freshId(edit.name, 'room', idsOf(house.rooms)), name: edit.name }]
			});
		case 'renameRoom':
			if (!house.rooms.some(({ id }) => id === edit.room))
				return refused({ code: 'unknown', what: 'room', id: edit.room });
			if (house.rooms.some(({ id, name }) => id !== edit.room && sameName(name, edit.name)))
				return refused({ code: 'nameTaken', name: edit.name });
			return changed({
				...house,
				rooms: house.rooms.map((room) => (room.id === edit.room ? { ...room, name: edit.name } : room))
			});
		case 'removeRoom': {
			const boxes = house.boxes.filter(({ room }) => room === edit.room).length;
			if (boxes > 0) return refused({ code: 'roomInUse', room: edit.room, boxes });
			return changed({ ...house, rooms: house.rooms.filter(({ id }) => id !== edit.room) });
		}
		case 'setPanel':
		case 'addSubPanel':
		case 'removeSubPanel':
		case 'addBreaker':
		case 'setBreaker':
		case 'removeBreaker':
		case 'setResidual':
			return atPanel(house, edit);
		case 'addCircuit':
		case 'setCircuit':
		case 'removeCircuit':
		case 'splitCircuit':
			return atCircuit(house, edit);
		case 'setCable':
			return setCable(house, edit);
		case 'addSwitch':
			return addSwitch(house, edit);
		case 'addOutlet':
		case 'setBox':
		case 'removeBox':
		case 'placeBox':
		case 'unplaceBox':
		case 'wireBox':
			return atBox(house, edit);
		case 'addFinding':
			if (!findBreaker(house, edit.breaker))
				return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
			if (!findBox(house, edit.box)) return refused({ code: 'unknown', what: 'box', id: edit.box });
			return changed(
				withBreaker(house, edit.breaker, (breaker) => ({
					...breaker,
					findings: [
						...breaker.findings,
						{ finding: edit.finding, box: edit.box, on: edit.on, how: edit.how }
					]
				}))
			);
		case 'addLoad':
			return addLoad(house, edit);
		case 'setLoad':
			return setLoad(house, edit);
		case 'removeLoad':
			return removeLoad(house, edit);
		case 'replaceHouse':
			return edit.house.region === house.region
				? changed(edit.house)
				: refused({ code: 'otherRegion', region: edit.house.region });
	}
}
