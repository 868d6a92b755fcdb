import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { outcomeWords } from '../../test/outcomeWords';
import { Person } from '../../test/person';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { parseHouse } from '../files';
import { circuitsInBox, deviceModel, findBox, type House } from '../house';
import { readPlugLamps } from '../instruments';
import { promised, verdict } from '../wiring';
import { houseAfterJob, otherTerminals, plannerOn, planWhole, replayWhole, wayNow } from '.';

const us = fennelLaneRecorded();
const begin = (house: House, boxId: string) => {
	const planned = planWhole(house, [{ boxId, wish: null }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const { breaker } = circuitsInBox(house, boxId)[0]!;
	const person = new Person(house, house, planned.plans, [breaker, breaker, breaker]);
	person.differs = () => false;
	return person;
};
const landing = (one: Person): string | null =>
	one.step?.kind === 'move' && one.step.move.startsWith('land hot') ? one.step.move : null;
/** As far as the first hot that is landed. */
const atHot = (boxId: string) => {
	const one = begin(us, boxId);
	while (landing(one) === null) one.go();
	return one;
};
const instead = (one: Person, move: string) => otherTerminals(one.plan, one.state, move);

describe('a landing on another terminal than planned', () => {
	test('the other brass screw of a whole outlet serves as well; it is made there, tugged, tested, and on record', () => {
		// At the end of a run one brass screw is left over.
		const one = atHot('sewing-closet');
		const move = landing(one)!;
		const [other] = instead(one, move);
		expect([move, other]).toEqual(['land hotUpper', 'hotLower']);
		expect(one.say({ kind: 'landAt', move, terminal: other! }).ok).toBe(true);
		expect(one.step).toMatchObject({ kind: 'move', move: `land ${other!}` });
		while (one.state.status === 'underWay') one.go();
		expect(one.state.status).toBe('finished');
		const after = houseAfterJob(us, one.plan, one.state, one.events, '2026-11-27', outcomeWords);
		const hot = findBox(after, 'sewing-closet')!.terminations.filter(({ conductor }) => conductor === 'hot');
		expect(hot.map(({ at }) => at)).toEqual(['terminal:hotLower']);
		for (const half of ['upper', 'lower'] as const)
			expect(readPlugLamps(after, 'sewing-closet', half)).toEqual({
				hotNeutral: true,
				hotGround: true,
				neutralGround: false
			});
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		expect(replayWhole(one.whole.earlier[0]!, one.events, plannerOn(us)).boxes).toEqual(one.whole.boxes);
		expect(one.proofScopes().slice(0, 2)).toEqual(['face', 'bare']);
	});

	test('after a failed test, in the box that was opened again, one may stay where it is found to sit', () => {
		const one = begin(us, 'sewing-closet');
		one.until('readPlug');
		one.say({
			kind: 'readPlug',
			half: 'upper',
			lamps: { hotNeutral: false, hotGround: false, neutralGround: false }
		});
		while (landing(one) === null) one.go();
		expect(one.step).toMatchObject({ move: 'land hotUpper', again: true });
		expect(one.say({ kind: 'landAt', move: 'land hotUpper', terminal: 'hotLower' }).ok).toBe(true);
		expect(one.step).toEqual({ kind: 'move', move: 'land hotLower', again: false });
		one.go();
		// The screw that carries nothing now is driven in before the box is shut.
		one.until('readPlug');
		expect(one.state.moved['land hotLower']).toBe('done');
		expect(
			wayNow(one.plan.work!, one.state).moves.flatMap((move) =>
				move.kind === 'driveIn' ? move.terminals : []
			)
		).toContain('hotUpper');
		while (one.state.status === 'underWay') one.go();
		expect(one.state.status).toBe('finished');
	});

	test('never where another conductor belongs, where something sits, on itself, or on what is made: not now', () => {
		const one = atHot('sewing-closet');
		const move = landing(one)!;
		const not = { ok: false, refusal: { code: 'notNow' } };
		for (const terminal of ['neutralUpper', 'ground', 'hotUpper', 'nowhere'])
			expect(one.say({ kind: 'landAt', move, terminal }), terminal).toMatchObject(not);
		expect(one.say({ kind: 'landAt', move: 'land nothing', terminal: 'hotLower' })).toMatchObject(not);
		one.go();
		expect(one.say({ kind: 'landAt', move, terminal: 'hotLower' })).toMatchObject(not);
		const early = begin(us, 'sewing-closet');
		early.until('readPair');
		expect(early.say({ kind: 'landAt', move, terminal: 'hotLower' })).toMatchObject({ ok: false });
	});

	test('a part with plain screws takes a hook a screw: no second wire goes on one, and the free screw gets a hook', () => {
		const withScrews = (boxId: string) => {
			const one = begin(us, boxId);
			one.until('checkPart');
			const said = one.answer();
			if (said.kind !== 'checkPart') throw new Error(said.kind);
			expect(one.say({ ...said, hand: { holds: 'screws' } }).ok).toBe(true);
			while (landing(one) === null) one.go();
			return one;
		};
		// In the middle of a run both brass screws are taken: with plates two wires could share one.
		expect(instead(atHot('sewing-east-wall'), 'land hotUpper')).toEqual(['hotLower']);
		const middle = withScrews('sewing-east-wall');
		expect(instead(middle, 'land hotUpper')).toEqual([]);
		expect(middle.say({ kind: 'landAt', move: 'land hotUpper', terminal: 'hotLower' })).toMatchObject({
			refusal: { code: 'notNow' }
		});
		const end = withScrews('sewing-closet');
		expect(end.say({ kind: 'landAt', move: 'land hotUpper', terminal: 'hotLower' }).ok).toBe(true);
		expect(wayNow(end.plan.work!, end.state).moves).toContainEqual(
			expect.objectContaining({ id: 'land hotLower', how: 'hook' })
		);
	});

	test('no hands on it once the proof has lapsed', () => {
		const one = atHot('sewing-closet');
		one.say({ kind: 'changed', what: 'foundUnlocked' });
		expect(one.say({ kind: 'landAt', move: 'land hotUpper', terminal: 'hotLower' })).toMatchObject({
			ok: false
		});
		expect(one.plan.work!.ways[0]!.moves.some(({ id }) => id === 'land hotUpper')).toBe(true);
	});

	test('with the tab broken the other half is another circuit or a switch: the model won’t have it', () => {
		const house = us;
		const broken = house.boxes.filter(
			({ device }) => device?.kind === 'duplex' && !device.tabs.hot && device.tabs.neutral
		);
		expect(broken.length).toBeGreaterThan(0);
		for (const { id } of broken) {
			const planned = planWhole(house, [{ boxId: id, wish: null }]);
			if (!planned.ok) continue;
			const [plan] = planned.plans;
			const { state } = begin(house, id);
			const hots = plan!.work!.ways[0]!.moves.filter(
				(move) => move.kind === 'land' && (move.role === 'hot' || move.role === 'switchedHot')
			);
			for (const { id: move } of hots)
				for (const terminal of otherTerminals(plan!, state, move))
					expect(plannerOn(house).landAt([plan!], [state], 0, { move, terminal })).toMatchObject({
						ok: false,
						failure: { code: 'planFails', box: id }
					});
		}
	});

	test('whatever is offered and taken leaves a plan that the model passes, in either home', () => {
		const homes = [us, tanneryRow()];
		const boxes = homes.flatMap((house) =>
			house.boxes.flatMap(({ id, device }) => {
				if (!device || deviceModel(device).halves.length === 0) return [];
				const planned = planWhole(house, [{ boxId: id, wish: null }]);
				return planned.ok && planned.plans.length === 1 && planned.plans[0]!.work
					? [{ house, plan: planned.plans[0]!, state: begin(house, id).state }]
					: [];
			})
		);
		let taken = 0;
		fc.assert(
			fc.property(fc.constantFrom(...boxes), fc.nat(), ({ house, plan, state }, pick) => {
				const lands = plan.work!.ways[0]!.moves.filter(({ kind }) => kind === 'land');
				const { id } = lands[pick % lands.length]!;
				for (const terminal of otherTerminals(plan, state, id)) {
					const planned = plannerOn(house).landAt([plan], [state], 0, { move: id, terminal });
					if (!planned?.ok) continue;
					taken++;
					const { wanted, moves } = planned.plans[0]!.work!.ways[0]!;
					const promise = promised(house, plan.boxId, plan.work!.wish);
					expect(verdict(house, plan.boxId, wanted, promise).faults).toEqual([]);
					expect(moves.map((move) => move.id)).toContain(`land ${terminal}`);
					expect(moves.map((move) => move.id)).not.toContain(id);
				}
			}),
			drawn(12, 40, 480)
		);
		expect(taken).toBeGreaterThan(8);
	});
});
