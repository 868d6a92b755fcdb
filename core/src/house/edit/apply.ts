import { checkHouse, type HouseProblem } from '../check';
import { cablesInBox } from '../lookup';
import type { House } from '../schema';
import { atBox } from './box';
import { setCable } from './cable';
import { atBreakers } from './breaker';
import type { Changed } from './chain';
import { atCircuit } from './circuit';
import type { Edit, EditRefusal } from './edits';
import { atHome } from './home';
import { addLoad, removeLoad, setLoad } from './load';
import type { Making } from './making';
import { atPanels } from './panel';
import { atResiduals } from './residual';
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

/** How each change is made; a kind that isn't here doesn't compile. */
const makings: Making<Edit['do']> = {
	...atHome,
	...atPanels,
	...atBreakers,
	...atResiduals,
	addCircuit: atCircuit,
	setCircuit: atCircuit,
	removeCircuit: atCircuit,
	splitCircuit: atCircuit,
	setCable,
	addSwitch,
	addOutlet: atBox,
	setBox: atBox,
	removeBox: atBox,
	placeBox: atBox,
	unplaceBox: atBox,
	wireBox: atBox,
	addLoad,
	setLoad,
	removeLoad
};

// The compiler can't follow one kind through the table.
const make = (house: House, edit: Edit): Changed =>
	(makings[edit.do] as (house: House, edit: Edit) => Changed)(house, edit);
