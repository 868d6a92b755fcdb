import { expect, it } from 'vitest';
import { everyWhole, plainBox } from '../../test/everyWhole';
import { arrangements, here } from '../arrangements';
import { energyOf } from '../isolation';
import { handMoves, initialWhole, planWhole, plannerOn, wayNow, type JobPlan } from '.';

const house = arrangements.find(({ kind }) => kind === 'endOfRun')!.build();
const begun = planWhole(house, [{ boxId: here, wish: null }]);
if (!begun.ok) throw new Error(begun.failure.code);
const { landAt } = plannerOn(house);
const onHot = (id: string) => id.startsWith('land hot');

const plans = new Map<string, JobPlan>();
/** A box as the isolation sees it, and of its work the landing of the hot alone; the same plan, the same object. */
function plain(plan: JobPlan): JobPlan {
	const ways = plan.work!.ways.map((way) => ({
		...way,
		moves: way.moves.filter(({ kind, id }) => kind !== 'land' || onHot(id))
	}));
	const name = ways[0]!.moves.map(({ id }) => id).join();
	if (!plans.has(name)) plans.set(name, { ...plainBox(plan), work: { ...plan.work!, ways } });
	return plans.get(name)!;
}
const landing = { move: 'land hotUpper', terminal: 'hotLower' };
const back = { move: 'land hotLower', terminal: 'hotUpper' };
const elsewhere = landAt(begun.plans, initialWhole(begun.plans).boxes, 0, landing);
if (!elsewhere?.ok) throw new Error('the other brass screw has to serve as well');

everyWhole(
	'landed on the other screw at every step, and back',
	begun.plans.map(plain),
	{
		others: elsewhere.plans.map(plain),
		more: [landing, back].map((each) => ({ kind: 'landAt', ...each }) as const),
		planner: {
			anew: () => ({ ok: false, failure: { code: 'unknownBox', box: here } }),
			landAt: (...asked) => {
				const planned = landAt(...asked);
				return planned?.ok ? { ok: true, plans: planned.plans.map(plain) } : planned;
			},
			add: (_plans, _boxes, { boxId }) => ({ ok: false, failure: { code: 'unknownBox', box: boxId } })
		}
	},
	({ states, moves }) => {
		it('is said with the device out, on bare conductors that are proven dead, and nowhere else', () => {
			const said = moves.filter(({ command }) => command.kind === 'landAt');
			const before = said.map(({ from }) => states[from]!.boxes[0]!);
			expect(new Set(before.map(({ device }) => device))).toEqual(new Set(['none', 'newOut']));
			for (const { isolation } of before)
				expect([energyOf(isolation), isolation.proof.scope]).toEqual(['provenDead', 'bare']);
		});

		it('undoes no proof, and what was driven in or tugged there is to be done again', () => {
			const said = moves.filter(({ command }) => command.kind === 'landAt');
			for (const { from, to } of said) {
				const [before, after] = [states[from]!.boxes[0]!, states[to]!.boxes[0]!];
				expect(after.isolation).toEqual(before.isolation);
				expect(Object.keys(after.moved).filter((id) => onHot(id) || id.startsWith('driveIn'))).toEqual([]);
				expect(Object.values(after.wires)).not.toContain('tugged');
			}
		});

		it('ends on either screw, with every move of the plan that is in force then, and none of another', () => {
			const ends = states.filter(({ boxes }) => boxes[0]!.status === 'finished');
			const landed = new Set<string>();
			for (const { boxes, plans } of ends) {
				const wanted = handMoves(wayNow(plans[0]!.work!, boxes[0]!)).map(({ id }) => id);
				expect(Object.keys(boxes[0]!.moved).toSorted()).toEqual(wanted.toSorted());
				landed.add(wanted.find(onHot)!);
			}
			expect(landed).toEqual(new Set(['land hotUpper', 'land hotLower']));
		});
	}
);
