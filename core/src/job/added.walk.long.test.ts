import { expect, it } from 'vitest';
import { everyWhole, plainBox } from '../../test/everyWhole';
import { arrangements, here } from '../arrangements';
import { planWhole, type JobPlan } from '.';

const house = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
const planned = planWhole(
	house,
	[here, 'before'].map((boxId) => ({ boxId, wish: null }))
);
if (!planned.ok) throw new Error(planned.failure.code);
/** A box as the isolation sees it, and one landing of its work. */
const plain = (plan: JobPlan): JobPlan => {
	const ways = plan.work!.ways.map((way) => {
		const first = way.moves.findIndex(({ kind }) => kind === 'land');
		return { ...way, moves: way.moves.filter(({ kind }, k) => kind !== 'land' || k === first) };
	});
	return { ...plainBox(plan), work: { ...plan.work!, ways } };
};
const all = planned.plans.map(plain);

everyWhole(
	'another outlet taken in at every step, and left out again',
	all,
	{
		begun: 1,
		planner: {
			anew: (_plans, _at, found) => {
				throw new Error(JSON.stringify(found));
			},
			landAt: () => null,
			add: (plans, _boxes, { boxId }) =>
				plans.length === 1
					? { ok: true, plans: all }
					: { ok: false, failure: { code: 'boxTwice', box: boxId } }
		}
	},
	({ states, moves }) => {
		it('is taken in at any time, whatever the power is', () => {
			const at = (kind: string) =>
				new Set(
					moves.flatMap(({ from, command }) =>
						command.kind === kind ? [states[from]!.boxes[0]!.isolation.power] : []
					)
				);
			expect(at('addBox')).toEqual(new Set(['asFound', 'off', 'unknown', 'tripped', 'restored']));
			expect(at('dropBox')).toEqual(new Set(['asFound', 'off', 'unknown', 'tripped', 'restored']));
		});

		it('is left out again only untouched', () => {
			for (const { from, command } of moves)
				if (command.kind === 'dropBox') expect(states[from]!.boxes[1]!.device).toBe('oldSeated');
		});

		it('waits while power is off, and is worked at before the job ends', () => {
			const late = states.filter(({ boxes }) => boxes[1]?.late);
			expect(late.length).toBeGreaterThan(0);
			for (const { boxes } of late) expect(boxes[1]!.device).toBe('oldSeated');
			const ends = states.filter(({ boxes }) => boxes[0]!.status === 'finished');
			for (const { boxes } of ends) for (const state of boxes) expect(state.device).toBe('newSeated');
			expect(new Set(ends.map(({ boxes }) => boxes.length))).toEqual(new Set([1, 2]));
		});
	}
);
