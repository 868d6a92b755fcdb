import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { circuitsInBox, findBox, withBox, type House } from '../house';
import { energyOf } from '../isolation';
import { Person, meter } from '../../test/person';
import { planWhole } from '.';

const here = 'living-bookcase';
const recorded = fennelLaneRecorded();
const { breaker } = circuitsInBox(recorded, here)[0]!;
/** The hot of the half is burned off inside the device: the tab is gone, or every hot screw is. */
const burned = (which: 'lower' | 'both'): House =>
	withBox(recorded, here, (box) => ({
		...box,
		...(which === 'lower'
			? { device: { ...box.device!, tabs: { hot: false, neutral: true } } as typeof box.device }
			: {}),
		terminations: box.terminations.map((end) =>
			(which === 'both' ? end.at.startsWith('terminal:hot') : end.at === 'terminal:hotLower')
				? { ...end, open: true }
				: end
		)
	}));
const person = (actual: House, breakers = [breaker, breaker, breaker]) => {
	const planned = planWhole(recorded, [{ boxId: here, wish: null }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return new Person(recorded, actual, planned.plans, [...breakers]);
};
/** As far as the first reading after which the half is said to be dead from the start. */
const said = (one: Person) => {
	one.until('readLive');
	while (one.step?.kind === 'readLive') one.go();
	return one.events.flatMap(({ body }) => (body.kind === 'deadFromStart' ? [body] : []));
};

describe('an outlet that is dead from the start', () => {
	test('one half burned: the other stands for it, and everything is read to a known earth', () => {
		const one = person(burned('lower'));
		// Whoever wired it did not put the tab there: what burned it is found later, in the hand.
		one.differs = () => false;
		const [dead] = said(one);
		expect(dead).toMatchObject({ half: 'lower' });
		expect(one.state.earth).toEqual({ source: null });
		one.until('inspect');
		const read = one.events.flatMap(({ body }) => (body.kind === 'readPair' ? [body.pair] : []));
		expect(read).toContain('ground~earth');
		expect(read).toContain('bare.ground~earth');
		expect(energyOf(one.state.isolation)).toBe('provenDead');
	});

	test('all of it dead: a neighbour on the same breaker is watched, and has to go dark', () => {
		const one = person(burned('both'));
		one.differs = () => false;
		expect(said(one).map(({ witness }) => witness)).toEqual([expect.any(String), expect.any(String)]);
		one.until('readWitness');
		const { witness } = one.state;
		expect(circuitsInBox(recorded, witness!.box).map((circuit) => circuit.breaker)).toContain(breaker);
		one.until('inspect');
		expect(one.state.witness).toEqual({ box: witness!.box, dark: true });
	});

	test('the witness still lit: the wrong breaker, however dead the outlet reads', () => {
		const other = 'b14';
		expect(other).not.toBe(breaker);
		const one = person(burned('both'), [other, breaker, breaker]);
		one.differs = () => false;
		said(one);
		one.until('readWitness');
		one.go();
		expect(one.state.isolation).toMatchObject({
			notFeeding: [other],
			doubt: { reason: 'liveReading', until: 'panel' }
		});
		expect(one.step).toEqual({ kind: 'switchOff', also: null });
		one.until('inspect');
		expect(one.state.isolation.off).toContain(breaker);
		expect(one.state.feeder).toBe(breaker);
	});

	test('nothing lit on that breaker: only with the main switch off is it off', () => {
		const one = person(burned('both'));
		one.differs = () => false;
		one.litWitness = () => null;
		said(one);
		one.until('switchOff');
		one.go();
		expect(one.step).toEqual({ kind: 'switchOff', also: one.plan.mainSwitch });
		// What may not simply go dark with the main switch is seen to first, as ever.
		for (const { id } of one.plan.hard[one.plan.mainSwitch]!)
			expect(one.say({ kind: 'arranged', thing: id, how: 'its own battery' }).ok).toBe(true);
		one.breakers.unshift(one.plan.mainSwitch);
		one.go();
		one.until('inspect');
		expect(one.state.isolation.off).toEqual([breaker, one.plan.mainSwitch]);
	});

	test('power after all, its GFCI reset: read live, and what had stood for it goes', () => {
		const one = person(burned('both'));
		said(one);
		expect(one.state.notLive).toEqual(['upper', 'lower']);
		for (const half of ['upper', 'lower'] as const)
			expect(one.say({ kind: 'readLive', half, reading: meter(120) }).ok).toBe(true);
		expect([one.state.notLive, one.state.witness, one.state.earth]).toEqual([[], null, 'untested']);
		expect(one.step).toMatchObject({ kind: 'readLiveGround' });
	});

	test('only after it was read and nothing was there, and only an outlet of that breaker is a witness', () => {
		const one = person(burned('both'));
		one.until('readLive');
		expect(one.say({ kind: 'deadFromStart', half: 'upper', witness: null })).toMatchObject({ ok: false });
		one.go();
		expect(one.say({ kind: 'deadFromStart', half: 'upper', witness: here })).toMatchObject({
			refusal: { code: 'noWitness', box: here }
		});
		expect(findBox(recorded, 'music-piano')).toBeDefined();
		expect(one.say({ kind: 'deadFromStart', half: 'upper', witness: 'music-piano' })).toMatchObject({
			refusal: { code: 'noWitness' }
		});
	});

	test('to its end: a new part gives power in both halves', () => {
		const one = person(burned('both'));
		one.differs = () => false;
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
	});
});
