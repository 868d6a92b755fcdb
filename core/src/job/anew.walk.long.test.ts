import { expect, it } from 'vitest';
import { everyWhole, plainBox } from '../../test/everyWhole';
import { arrangements, here } from '../arrangements';
import { foundAsRecorded, handMoves, planWhole, plannerOn, wayNow, type Found, type JobPlan } from '.';

const house = arrangements.find(({ kind }) => kind === 'endOfRun')!.build();
const begun = planWhole(house, [{ boxId: here, wish: null }]);
if (!begun.ok) throw new Error(begun.failure.code);
const asRecorded = foundAsRecorded(house, here);
/** Hot and neutral on each other’s screws. */
const reversed: Found = {
	...asRecorded,
	terminations: asRecorded.terminations.map((end) => ({
		...end,
		at: end.at.startsWith('terminal:hot')
			? end.at.replace('hot', 'neutral')
			: end.at.replace('terminal:neutral', 'terminal:hot')
	}))
};

/** A plan with a box as the isolation sees it, and one landing of its work. */
function plain(plan: JobPlan): JobPlan {
	const box = plainBox(plan);
	if (!plan.work) return box;
	const ways = plan.work.ways.map((way) => {
		const first = way.moves.findIndex(({ kind }) => kind === 'land');
		return { ...way, moves: way.moves.filter(({ kind }, k) => kind !== 'land' || k === first) };
	});
	return { ...box, work: { ...plan.work, ways } };
}
const anew = (found: Found): JobPlan => {
	const planned = plannerOn(house).anew(begun.plans, 0, found);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return plain(planned.plans[0]!);
};
const others = [anew(asRecorded), anew(reversed)];

everyWhole(
	'planned anew at every step, either way',
	begun.plans.map(plain),
	{
		others,
		planner: {
			anew: (_plans, _at, found) => ({
				ok: true,
				plans: [others.find(({ foundAs }) => JSON.stringify(foundAs) === JSON.stringify(found))!]
			}),
			landAt: () => null,
			add: (_plans, _boxes, { boxId }) => ({ ok: false, failure: { code: 'unknownBox', box: boxId } })
		}
	},
	({ states, moves }) => {
		it('is planned anew with the box open, and while wires are off', () => {
			const before = moves.flatMap(({ from, command }) =>
				command.kind === 'planAnew' ? [states[from]!.boxes[0]!.device] : []
			);
			expect(new Set(before)).toEqual(new Set(['oldOut', 'none', 'newOut']));
		});

		it('ends with every move of the plan that is in force then, and none of another', () => {
			const ends = states.filter(({ boxes, plans }) => boxes[0]!.status === 'finished' && plans[0]!.work);
			expect(ends.length).toBeGreaterThan(0);
			for (const { boxes, plans } of ends) {
				const wanted = handMoves(wayNow(plans[0]!.work!, boxes[0]!)).map(({ id }) => id);
				expect(Object.keys(boxes[0]!.moved).toSorted()).toEqual(wanted.toSorted());
			}
		});
	}
);
