import { describe, expect, it } from 'vitest';
import { Person } from '../../test/person';
import { twoGang } from '../../test/twoGang';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { tanneryRow } from '../demo';
import { checkHouse } from '../house/check';
import { findBox, points, withBox, type House } from '../house';
import { readOhms } from '../instruments';
import { planJob, planWhole, type JobPlan } from './index';
import { judgeOhms } from './judge';

const worktop = 'kitchen-worktop';
const planAt = (house: House, box: string, wish: Parameters<typeof planJob>[3] = null): JobPlan => {
	const planned = planJob(house, box, 'groundFirst', wish);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return planned.plan;
};
const ids = ({ work }: JobPlan): string[] => work!.ways[0]!.moves.map(({ id }) => id);
const unbonded = (house: House, box: string): House =>
	withBox(house, box, (each) => ({
		...each,
		material: 'metal',
		pigtails: each.pigtails.filter(({ from, to }) => from !== 'box' && to !== 'box')
	}));
const ohms = (house: House, box: string, to: string) =>
	readOhms(house, {
		red: points.contact(box, house.region === 'uk' ? 'left' : 'upper', 'ground'),
		black: to
	});

describe('metal that has to be at ground', () => {
	it('uk: a metal plate is read from the pin, before power; an insulating one isn’t', () => {
		expect(planAt(tanneryRow(), worktop).resistanceChecks).toContain('pinPlate');
		expect(planAt(tanneryRow(), worktop, wishOf('socketTwin')).resistanceChecks).not.toContain('pinPlate');
		expect(planAt(tanneryRow(), 'kitchen-fridge', wishOf('metalTwin')).resistanceChecks).toContain(
			'pinPlate'
		);
		expect(judgeOhms('pinPlate', { kind: 'ohms', resistanceOhm: 0.3 }, 0.2)).toEqual({
			passes: true,
			verdict: 'continuous'
		});
		expect(judgeOhms('pinPlate', { kind: 'overload' }, 0.2).passes).toBe(false);
		// Leads of 0.2 Ω and two good joints; an insulating face has nothing there to read.
		const house = tanneryRow();
		expect(ohms(house, worktop, points.plate(worktop))).toMatchObject({ kind: 'ohms' });
		expect(ohms(house, 'kitchen-fridge', points.plate('kitchen-fridge'))).toMatchObject({ kind: 'overload' });
	});

	it('uk: a metal box without an earth tail gets one, and reads to earth after; the job goes to its end', () => {
		const house = tanneryRow();
		expect(ohms(house, worktop, points.metal(worktop))).toMatchObject({ kind: 'overload' });
		const plan = planAt(house, worktop);
		expect(ids(plan).some((id) => id.startsWith('bond'))).toBe(true);
		const breaker = house.circuits.find(({ id }) =>
			house.cables.some(({ to, circuit }) => to.box === worktop && circuit === id)
		)!.breaker;
		const person = new Person(house, house, plan, [breaker, breaker]);
		person.earthFrom = 'outlet:kitchen-fridge';
		for (let n = 0; n < 300 && person.state.status === 'underWay'; n++) person.go();
		expect(person.state.status).toBe('finished');
		expect(person.state.resistance).toMatchObject({ groundBox: 'passed', pinPlate: 'passed' });
		const after = person.recordAfter();
		expect(checkHouse(after)).toEqual([]);
		expect(ohms(after, worktop, points.metal(worktop))).toMatchObject({ kind: 'ohms' });
		expect(findBox(after, worktop)!.device).toMatchObject({ kind: 'socketTwin', plate: 'metal' });
	});

	it.each(['endOfRun', 'middleThrough', 'middlePigtails'] as const)(
		'us: %s in a metal box that nothing bonds: a tail from the splice, which is made where there is none',
		(kind) => {
			const house = unbonded(arrangements.find((each) => each.kind === kind)!.build(), here);
			const { work } = planAt(house, here, wishOf('decorator'));
			const { pigtails, joints } = work!.ways[0]!.wanted;
			const bond = pigtails.filter(({ to }) => to === 'box');
			expect(bond).toHaveLength(1);
			expect(joints.map(({ id }) => `joint:${id}`)).toContain(bond[0]!.from);
			expect(work!.verdict.passes).toBe(true);
		}
	);

	it('one bond serves the whole box: beside a device that has it none is added', () => {
		const house = ['after', here].reduce(
			(now, box) => withBox(now, box, (each) => ({ ...each, material: 'metal' })),
			twoGang()
		);
		const bonds = (of: House) => {
			const planned = planWhole(
				of,
				[here, 'after'].map((boxId) => ({ boxId, wish: wishOf('decorator') }))
			);
			if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
			return planned.plans.map(
				({ work }) =>
					work!.ways[0]!.wanted.pigtails.filter(({ to, from }) => [to, from].includes('box')).length
			);
		};
		expect(bonds(['after', here].reduce(unbonded, house)).reduce((sum, n) => sum + n)).toBe(1);
	});
});
