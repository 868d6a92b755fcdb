import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	deadBand,
	energyOf,
	initialIsolation,
	isolate,
	type IsolationEvent,
	type IsolationState,
	type VoltReading
} from './index';

const meter = (volts: number, mode: 'highImpedance' | 'lowImpedance' = 'highImpedance'): VoltReading => ({
	instrument: 'multimeter',
	volts,
	mode
});
const pairs = ['hn', 'hg', 'ng'];
const after = (...events: IsolationEvent[]): IsolationState =>
	events.reduce(isolate, initialIsolation(pairs));
const off: IsolationEvent = { kind: 'switchBreaker', breaker: 'b14', on: false };
const locked: IsolationEvent = { kind: 'hold', way: 'padlock' };
const taped: IsolationEvent = { kind: 'hold', way: 'tape' };
const tester = (when: 'before' | 'after', volts = 120): IsolationEvent => ({
	kind: 'proveTester',
	id: when,
	when,
	reading: meter(volts)
});
const read = (pair: string, volts: number, mode?: 'lowImpedance'): IsolationEvent => ({
	kind: 'readPair',
	id: pair,
	pair,
	reading: meter(volts, mode)
});
const proof = [tester('before'), ...pairs.map((pair) => read(pair, 0.1)), tester('after')];

describe('reading bands', () => {
	it.each([
		[0, 'dead'],
		[2.99, 'dead'],
		[3, 'unresolved'],
		[50, 'unresolved'],
		[50.1, 'live'],
		[120, 'live']
	] as const)('%f V on a 10 MΩ meter is %s', (volts, band) => expect(deadBand(meter(volts))).toBe(band));

	it('what a low-impedance input still shows is fed', () => {
		expect(deadBand(meter(2.9, 'lowImpedance'))).toBe('dead');
		expect(deadBand(meter(3, 'lowImpedance'))).toBe('live');
	});

	it.each([
		[0, 'dead'],
		[12, 'unresolved'],
		[24, 'unresolved'],
		[50, 'live'],
		[230, 'live']
	] as const)('an indicator lit to %i V is %s', (litV, band) =>
		expect(deadBand({ instrument: 'indicator', litV })).toBe(band)
	);
});

describe('energy state', () => {
	it('goes assumedLive → expectedDead → provenDead → deliberatelyLive', () => {
		expect(energyOf(after())).toBe('assumedLive');
		expect(energyOf(after(off))).toBe('assumedLive');
		expect(energyOf(after(off, locked))).toBe('expectedDead');
		expect(energyOf(after(off, locked, ...proof))).toBe('provenDead');
		expect(
			energyOf(after(off, locked, ...proof, { kind: 'clearArea' }, { kind: 'restorePower', held: true }))
		).toBe('deliberatelyLive');
		expect(energyOf(after(off, locked, ...proof, { kind: 'restorePower', held: true }))).toBe('assumedLive');
	});

	it('one of two breakers back on leaves the power off at the other, but nothing held and nothing proven', () => {
		const both = after(off, { kind: 'switchBreaker', breaker: 'b11', on: false }, locked, ...proof);
		expect(energyOf(both)).toBe('provenDead');
		const one = isolate(both, { kind: 'switchBreaker', breaker: 'b11', on: true });
		expect(one).toMatchObject({ off: ['b14'], power: 'off', hold: null, proof: { before: null, pairs: {} } });
		const none = isolate(one, { kind: 'switchBreaker', breaker: 'b14', on: true });
		expect(none).toMatchObject({ off: [], power: 'asFound' });
		expect([energyOf(one), energyOf(none)]).toEqual(['assumedLive', 'assumedLive']);
	});

	it('is not proven without the tester first, without it last, or with one pair missing', () => {
		for (const left of [0, 1, 2, 3, 4])
			expect(energyOf(after(off, locked, ...proof.filter((_, k) => k !== left)))).toBe('expectedDead');
	});

	it('a live reading is live, remembers the breaker, and only the panel lifts it', () => {
		const found = after(off, locked, tester('before'), read('hn', 119));
		expect(energyOf(found)).toBe('assumedLive');
		expect(found.notFeeding).toEqual(['b14']);
		const proofOnly = proof.reduce(isolate, found);
		expect(energyOf(proofOnly)).toBe('assumedLive');
		expect(
			energyOf([{ ...off, breaker: 'b11' } as IsolationEvent, locked, ...proof].reduce(isolate, found))
		).toBe('provenDead');
	});

	it('3 to 50 V holds the proof open until a low-impedance reading settles it', () => {
		const open = [tester('before'), read('hn', 17), read('hg', 0), read('ng', 0), tester('after')];
		expect(energyOf(after(off, locked, ...open))).toBe('expectedDead');
		expect(
			energyOf(
				after(
					off,
					locked,
					tester('before'),
					read('hn', 17),
					read('hn', 0.2, 'lowImpedance'),
					read('hg', 0),
					read('ng', 0),
					tester('after')
				)
			)
		).toBe('provenDead');
		expect(
			energyOf(after(off, locked, tester('before'), read('hn', 17), read('hn', 11, 'lowImpedance')))
		).toBe('assumedLive');
	});

	it('a tester that fails its second proof takes every reading with it', () => {
		const failed = after(off, locked, ...proof.slice(0, 4), tester('after', 0));
		expect(energyOf(failed)).toBe('assumedLive');
		expect(failed.proof.pairs).toEqual({});
		expect(energyOf(proof.reduce(isolate, failed))).toBe('provenDead');
	});

	it('lapses: power seen, found unlocked, away from a taped breaker; not away from a padlocked one', () => {
		const lapse = (
			hold: IsolationEvent,
			what: 'powerSeen' | 'foundUnlocked' | 'wasAway' | 'otherBoxOpened'
		) => energyOf(after(off, hold, ...proof, { kind: 'changed', what }));
		expect(lapse(locked, 'powerSeen')).toBe('assumedLive');
		expect(lapse(locked, 'foundUnlocked')).toBe('assumedLive');
		expect(lapse(locked, 'otherBoxOpened')).toBe('assumedLive');
		expect(lapse(taped, 'wasAway')).toBe('assumedLive');
		expect(lapse(locked, 'wasAway')).toBe('provenDead');
	});

	it('a conductor that comes to light asks for its own reading and the tester again, and only that', () => {
		const found = after(off, locked, ...proof, { kind: 'foundConductor', pairs: ['x'] });
		expect(energyOf(found)).toBe('assumedLive');
		expect(energyOf([read('x', 0), tester('after')].reduce(isolate, found))).toBe('provenDead');
	});

	it('one that is read to two references is not proven by the first of them, and goes back to the panel by either', () => {
		const found = after(off, locked, ...proof, { kind: 'foundConductor', pairs: ['x', 'y'] });
		expect(energyOf([read('x', 0), tester('after')].reduce(isolate, found))).not.toBe('provenDead');
		expect(energyOf([read('x', 0), read('y', 0), tester('after')].reduce(isolate, found))).toBe('provenDead');
		for (const live of ['x', 'y'])
			expect(
				[read('x', live === 'x' ? 120 : 0), read('y', live === 'y' ? 120 : 0)].reduce(isolate, found).doubt
			).toMatchObject({ until: 'panel' });
	});

	it('a proof ends with its job: live again after power, only expected dead where it stays off', () => {
		expect(energyOf(after(off, locked, ...proof, { kind: 'over' }))).toBe('expectedDead');
		expect(
			energyOf(
				after(
					off,
					locked,
					...proof,
					{ kind: 'clearArea' },
					{ kind: 'restorePower', held: true },
					{ kind: 'over' }
				)
			)
		).toBe('assumedLive');
	});

	it('the tester’s first proof put right: kept where it still shows the source, all readings with it where not', () => {
		const proven = after(off, locked, ...proof);
		const still = isolate(proven, { kind: 'amendVolts', of: 'before', reading: meter(118) });
		expect(energyOf(still)).toBe('provenDead');
		expect(still.proof.before!.reading).toEqual(meter(118));
		expect(Object.keys(still.proof.pairs)).toEqual(pairs);
		const not = isolate(proven, { kind: 'amendVolts', of: 'before', reading: meter(0.2) });
		expect(energyOf(not)).toBe('assumedLive');
		expect(not.proof).toMatchObject({ before: null, pairs: {}, after: null });
	});

	it('a reading put right is judged by its right value', () => {
		const proven = after(off, locked, ...proof);
		expect(energyOf(isolate(proven, { kind: 'amendVolts', of: 'hg', reading: meter(0.4) }))).toBe(
			'provenDead'
		);
		expect(energyOf(isolate(proven, { kind: 'amendVolts', of: 'hg', reading: meter(118) }))).toBe(
			'assumedLive'
		);
		expect(energyOf(isolate(proven, { kind: 'amendVolts', of: 'after', reading: meter(0) }))).toBe(
			'assumedLive'
		);
	});

	it('no sequence of events with a live reading last, or none at all, proves dead', () => {
		const anyEvent: fc.Arbitrary<IsolationEvent> = fc.oneof(
			fc.constantFrom(
				off,
				locked,
				taped,
				...proof,
				{ ...off, on: true } as IsolationEvent,
				{ kind: 'clearArea' } as const,
				{ kind: 'exposed', pairs } as const,
				{ kind: 'closed' } as const
			),
			fc
				.constantFrom('powerSeen', 'foundUnlocked', 'wasAway', 'otherBoxOpened')
				.map((what) => ({ kind: 'changed', what }) as IsolationEvent),
			fc.boolean().map((held): IsolationEvent => ({ kind: 'restorePower', held })),
			fc
				.tuple(fc.constantFrom(...pairs), fc.constantFrom(0.1, 20, 119))
				.map(([pair, volts]) => read(pair, volts))
		);
		fc.assert(
			fc.property(fc.array(anyEvent, { maxLength: 40 }), fc.constantFrom(...pairs), (events, pair) => {
				expect(energyOf(after(...events, read(pair, 119)))).not.toBe('provenDead');
				if (energyOf(after(...events)) === 'provenDead') {
					const last = (kind: string) => events.map((event) => event.kind).lastIndexOf(kind as never);
					expect(last('restorePower')).toBeLessThan(last('hold'));
					expect(last('switchBreaker')).toBeLessThan(last('proveTester'));
				}
			}),
			drawn(20261124, 3000)
		);
	});

	it('a reading put right makes no proof that the same readings, taken so in the first place, would not make', () => {
		const step: fc.Arbitrary<(id: string) => IsolationEvent> = fc.oneof(
			fc
				.constantFrom<IsolationEvent>(
					off,
					locked,
					{ ...off, on: true },
					{ kind: 'exposed', pairs },
					{ kind: 'closed' }
				)
				.map((event) => () => event),
			fc
				.constantFrom('powerSeen', 'wasAway', 'otherBoxOpened')
				.map((what) => () => ({ kind: 'changed', what }) as IsolationEvent),
			fc
				.tuple(fc.constantFrom('before', 'after'), fc.constantFrom(0.2, 118))
				.map(([when, volts]) => (id: string): IsolationEvent => ({
					kind: 'proveTester',
					id,
					when,
					reading: meter(volts)
				})),
			fc
				.tuple(fc.constantFrom(...pairs), fc.constantFrom(0.1, 20, 119))
				.map(([pair, volts]) => (id: string): IsolationEvent => ({
					kind: 'readPair',
					id,
					pair,
					reading: meter(volts)
				}))
		);
		/** A proof as it is made, with something amiss in it as often as not. */
		const mostly = fc
			.tuple(
				fc.array(step, { maxLength: 12 }),
				fc.array(fc.constantFrom(0.1, 0.2, 20), { minLength: 3, maxLength: 3 })
			)
			.map(([some, volts]) => [
				...some,
				() => off,
				() => locked,
				(id: string): IsolationEvent => ({ kind: 'proveTester', id, when: 'before', reading: meter(118) }),
				...pairs.map((pair, k) => (id: string): IsolationEvent => ({
					kind: 'readPair',
					id,
					pair,
					reading: meter(volts[k]!)
				})),
				(id: string): IsolationEvent => ({ kind: 'proveTester', id, when: 'after', reading: meter(118) })
			]);
		let made = 0;
		fc.assert(
			fc.property(
				fc.oneof(mostly, fc.array(step, { maxLength: 20 })),
				fc.nat(),
				fc.constantFrom(0.1, 20, 118),
				(steps, at, volts) => {
					const events = steps.map((make, k) => make(`e${k}`));
					const readings = events.flatMap((event, k) =>
						event.kind === 'readPair' || event.kind === 'proveTester' ? [k] : []
					);
					if (readings.length === 0) return;
					const k = readings[at % readings.length]!;
					const amended = after(...events, { kind: 'amendVolts', of: `e${k}`, reading: meter(volts) });
					// What no proof rests on any more changes nothing at all.
					const { proof } = after(...events);
					const rests = [proof.before, proof.after, ...Object.values(proof.pairs)].some(
						(each) => each?.id === `e${k}`
					);
					if (!rests) expect(amended).toEqual(after(...events));
					if (energyOf(amended) !== 'provenDead' || energyOf(after(...events)) === 'provenDead') return;
					made++;
					const soInTheFirstPlace = events.map((event, n) =>
						n === k ? { ...event, reading: meter(volts) } : event
					);
					expect(energyOf(after(...(soInTheFirstPlace as IsolationEvent[])))).toBe('provenDead');
				}
			),
			drawn(20261201, 3000)
		);
		// None does: after a reading is put right the tester is proved once more.
		expect(made).toBe(0);
	});
});
