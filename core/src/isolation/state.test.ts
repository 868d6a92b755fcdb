import { describe, expect, it } from 'vitest';
import { deadBand, inRange, isTwoPoint, drawsCurrent, provesTester, type VoltReading } from './bands';
import { energyOf, pairsLeft, proofStands } from './energy';
import {
	holds,
	initialIsolation,
	isolate,
	withShared,
	type Change,
	type Doubt,
	type Hold,
	type IsolationEvent,
	type IsolationState
} from './state';

const meter = (volts: number, mode: 'highImpedance' | 'lowImpedance' | 'lampAcross' = 'highImpedance') =>
	({ instrument: 'multimeter', volts, mode }) as const;
const face = ['hn', 'hg'];
const from = (state: IsolationState, ...events: readonly IsolationEvent[]) => events.reduce(isolate, state);
const off = (breaker: string): IsolationEvent => ({ kind: 'switchBreaker', breaker, on: false });
const on = (breaker: string): IsolationEvent => ({ kind: 'switchBreaker', breaker, on: true });
const tester = (when: 'before' | 'after', volts = 120, id: string = when): IsolationEvent => ({
	kind: 'proveTester',
	id,
	when,
	reading: meter(volts)
});
const read = (pair: string, volts = 0, id = pair): IsolationEvent => ({
	kind: 'readPair',
	id,
	pair,
	reading: meter(volts)
});
const seen = (what: Change): IsolationEvent => ({ kind: 'changed', what });
const taken = (id: string, volts: number, band: 'dead' | 'unresolved' | 'live') => ({
	id,
	reading: meter(volts),
	band
});

const fresh = initialIsolation(face);
const nothingRead = {
	scope: 'face',
	required: face,
	before: null,
	pairs: {},
	after: null,
	parted: []
} as const;
const held = from(fresh, off('b1'), { kind: 'hold', way: 'padlock' });
const proven = from(held, tester('before'), read('hn'), read('hg'), tester('after'));
const provenFace = {
	...nothingRead,
	before: taken('before', 120, 'live'),
	pairs: { hn: taken('hn', 0, 'dead'), hg: taken('hg', 0, 'dead') },
	after: taken('after', 120, 'live')
};
/** Out of its box, and its conductors read dead. */
const opened = from(
	proven,
	{ kind: 'exposed', pairs: ['h', 'n'] },
	tester('before'),
	read('h'),
	read('n'),
	tester('after')
);
const doubt = (reason: Change, until: 'panel' | 'proof'): Doubt => ({ reason, until });

describe('each event, from a state that is known to the last of its keys', () => {
	it('at first nothing is off and nothing is read', () => {
		expect(fresh).toEqual({
			power: 'asFound',
			off: [],
			notFeeding: [],
			hold: null,
			areaClear: false,
			doubt: null,
			closed: true,
			besideProven: true,
			facePairs: face,
			proof: nothingRead
		});
		expect(proven).toEqual({ ...fresh, power: 'off', off: ['b1'], hold: 'padlock', proof: provenFace });
	});

	it('a breaker off begins the proof anew, is no longer held, and lifts what only the panel lifts', () => {
		const clear = { ...proven, areaClear: true };
		const two = isolate(clear, off('b2'));
		expect(two).toEqual({
			...clear,
			off: ['b1', 'b2'],
			hold: null,
			areaClear: false,
			proof: nothingRead
		});
		expect(isolate(two, off('b1')).off).toEqual(['b2', 'b1']);
		for (const [before, lifted] of [
			[doubt('powerSeen', 'panel'), true],
			[doubt('otherBoxOpened', 'proof'), false],
			[{ reason: 'foundConductor', pair: 'x', until: 'pair' } as const, false]
		] as const)
			expect(isolate({ ...proven, doubt: before }, off('b2')).doubt).toEqual(lifted ? null : before);
	});

	it('a breaker on: as found again with the last of them', () => {
		const two = { ...from(proven, off('b2'), { kind: 'hold', way: 'tape' }), areaClear: true };
		const one = isolate(two, on('b1'));
		expect(one).toEqual({ ...two, off: ['b2'], hold: null, proof: nothingRead });
		expect(isolate(one, on('b2'))).toEqual({ ...one, off: [], power: 'asFound' });
	});

	it('ways of holding are told by their strength, and one alone outlasts being away', () => {
		expect(holds).toEqual({
			padlock: { strength: 3, survivesAbsence: true },
			clip: { strength: 2, survivesAbsence: false },
			watch: { strength: 2, survivesAbsence: false },
			tape: { strength: 1, survivesAbsence: false }
		});
	});

	it('a way of holding is kept, and nothing else changes', () => {
		for (const way of ['padlock', 'clip', 'tape', 'watch'] as const)
			expect(isolate(proven, { kind: 'hold', way })).toEqual({ ...proven, hold: way });
	});

	it('a tester that shows the source: the first lifts the doubt that a proof lifts, the last one lifts none', () => {
		for (const [before, lifted] of [
			[doubt('otherBoxOpened', 'proof'), true],
			[doubt('powerSeen', 'panel'), false]
		] as const) {
			const doubted = { ...held, doubt: before };
			expect(isolate(doubted, tester('before'))).toEqual({
				...doubted,
				doubt: lifted ? null : before,
				proof: { ...nothingRead, before: taken('before', 120, 'live') }
			});
			expect(isolate(doubted, tester('after'))).toEqual({
				...doubted,
				proof: { ...nothingRead, after: taken('after', 120, 'live') }
			});
		}
	});

	it('a tester that doesn’t, before or after, takes all readings with it', () => {
		for (const when of ['before', 'after'] as const)
			for (const volts of [0, 3, 50])
				expect(isolate(proven, tester(when, volts))).toEqual({
					...proven,
					doubt: { reason: 'testerFailed', until: 'proof' },
					proof: nothingRead
				});
	});

	it('a dead pair: one read for the first time asks for the tester after it, one read again doesn’t', () => {
		const again = isolate(proven, read('hn', 1, 'second'));
		expect(again).toEqual({
			...proven,
			proof: { ...provenFace, pairs: { ...provenFace.pairs, hn: taken('second', 1, 'dead') } }
		});
		const other = isolate(proven, read('other'));
		expect(other.proof.after).toBeNull();
		expect(Object.keys(other.proof.pairs)).toEqual(['hn', 'hg', 'other']);
	});

	it('an unresolved one stays open; where it was dead before, the proof begins anew', () => {
		const open = from(held, tester('before'), read('hn', 17));
		expect(open.proof).toEqual({
			...nothingRead,
			before: taken('before', 120, 'live'),
			pairs: { hn: taken('hn', 17, 'unresolved') }
		});
		expect(pairsLeft(open)).toEqual(['hn', 'hg']);
		// Read again as unresolved, and then dead.
		expect(isolate(open, read('hn', 18, 'more')).proof.pairs).toEqual({
			hn: taken('more', 18, 'unresolved')
		});
		expect(pairsLeft(isolate(open, read('hn', 0, 'more')))).toEqual(['hg']);
		expect(isolate(proven, read('hn', 17))).toEqual({ ...proven, proof: nothingRead });
	});

	it('a live one, or what stays lit, names the one breaker it can be said of', () => {
		const doubted = { reason: 'liveReading', pair: 'hn', until: 'panel' } as const;
		for (const event of [read('hn', 120), { kind: 'stayedLive', at: 'hn' }] as const)
			expect(isolate(proven, event)).toEqual({
				...proven,
				notFeeding: ['b1'],
				doubt: doubted,
				proof: nothingRead
			});
		const both = from(held, off('b2'));
		expect(isolate(both, read('hn', 120)).notFeeding).toEqual([]);
		const known = isolate(held, read('hn', 120));
		expect(isolate(known, read('hn', 120)).notFeeding).toEqual(['b1']);
		expect(from(known, off('b2'), read('hn', 120)).notFeeding).toEqual(['b1', 'b2']);
		expect(isolate(fresh, read('hn', 120)).notFeeding).toEqual([]);
	});

	it('opened: the bare conductors are to be read; what was read of them before it was shut stays read', () => {
		const bare: IsolationEvent = { kind: 'exposed', pairs: ['h', 'n'] };
		const open = isolate(proven, bare);
		expect(open).toEqual({
			...proven,
			closed: false,
			proof: { scope: 'bare', required: ['h', 'n'], before: null, pairs: {}, after: null, parted: [] }
		});
		const read1 = from(open, tester('before'), read('h'));
		const shut = isolate(read1, { kind: 'closed' });
		expect(shut).toEqual({ ...read1, closed: true });
		expect(isolate(shut, bare)).toEqual(read1);
		// Begun anew while it is shut, it is the face that is read.
		expect(isolate(shut, off('b2')).proof).toEqual(nothingRead);
		expect(isolate(read1, off('b2')).proof).toEqual(open.proof);
	});

	it('other conductors than thought: those that were read stay read, and a tester proved after all of them still counts', () => {
		const conductors = (...pairs: string[]): IsolationEvent => ({ kind: 'conductors', pairs });
		const open = opened;
		expect(isolate(open, conductors('n'))).toEqual({
			...open,
			proof: { ...open.proof, required: ['n'], pairs: { n: taken('n', 0, 'dead') } }
		});
		expect(isolate(open, conductors('h', 'n', 'g')).proof).toEqual({
			...open.proof,
			required: ['h', 'n', 'g'],
			after: null
		});
		// A face isn’t changed by it.
		expect(isolate(proven, conductors('h'))).toBe(proven);
	});

	it('conductors that come apart: what read dead while they were joined is read again, by the tester that was proved last', () => {
		const open = opened;
		const freed = isolate(open, { kind: 'freed', pairs: ['n'] });
		expect(freed).toEqual({
			...open,
			proof: {
				...open.proof,
				before: open.proof.after,
				pairs: { h: taken('h', 0, 'dead') },
				after: null,
				parted: ['n']
			}
		});
		expect([energyOf(open), energyOf(freed), pairsLeft(freed)]).toEqual([
			'provenDead',
			'expectedDead',
			['n']
		]);
		expect(energyOf(from(freed, read('n')))).toBe('expectedDead');
		expect(energyOf(from(freed, read('n'), tester('after')))).toBe('provenDead');
		// Nothing came apart; and at a face nothing does.
		expect(isolate(open, { kind: 'freed', pairs: [] })).toBe(open);
		expect(isolate(proven, { kind: 'freed', pairs: ['hn'] })).toBe(proven);
	});

	it('a neutral that carries another circuit’s current sends to the panel, and accuses no breaker', () => {
		const borrowed = isolate(proven, {
			kind: 'readPair',
			id: 'hn',
			pair: 'hn',
			reading: meter(0.3),
			borrowed: true
		});
		expect(borrowed).toEqual({
			...proven,
			doubt: { reason: 'borrowedNeutral', pair: 'hn', until: 'panel' },
			proof: nothingRead
		});
		expect(isolate(borrowed, off('b2')).doubt).toBeNull();
	});

	it('alive where it was proven dead before accuses no breaker that was off then', () => {
		const live = { kind: 'readPair', id: 'hn', pair: 'hn', reading: meter(118) } as const;
		expect(isolate(proven, live).notFeeding).toEqual(['b1']);
		expect(isolate(proven, { ...live, cleared: ['b1'] }).notFeeding).toEqual([]);
	});

	it('a conductor that turns up is read before the proof stands, its first pair lifts the doubt, an older doubt stays', () => {
		const x: IsolationEvent = { kind: 'foundConductor', pairs: ['x', 'y'] };
		const found = isolate(proven, x);
		expect(found).toEqual({
			...proven,
			doubt: { reason: 'foundConductor', pair: 'x', until: 'pair' },
			proof: { ...provenFace, required: ['hn', 'hg', 'x', 'y'], after: null }
		});
		expect(isolate(found, read('y')).doubt).toEqual(found.doubt);
		expect(isolate(found, read('x', 17)).doubt).toEqual(found.doubt);
		expect(isolate(found, read('x')).doubt).toBeNull();
		const panel = doubt('powerSeen', 'panel');
		expect(isolate({ ...proven, doubt: panel }, x).doubt).toEqual(panel);
		expect(from({ ...proven, doubt: panel }, x, read('x')).doubt).toEqual(panel);
	});

	it('read to other points: the face is read anew; bare, what is to be read there', () => {
		const reference: IsolationEvent = { kind: 'reference', facePairs: ['he', 'ne'] };
		expect(isolate(proven, reference)).toEqual({
			...proven,
			facePairs: ['he', 'ne'],
			proof: { ...nothingRead, required: ['he', 'ne'] }
		});
		const open = isolate(proven, { kind: 'exposed', pairs: ['h'] });
		expect(isolate(open, reference)).toEqual({ ...open, facePairs: ['he', 'ne'] });
	});

	it('power back: it holds, or it trips and only the panel lifts that', () => {
		const clear = isolate({ ...proven, doubt: doubt('otherBoxOpened', 'proof') }, { kind: 'clearArea' });
		expect(clear.areaClear).toBe(true);
		expect(isolate(clear, { kind: 'restorePower', held: true })).toEqual({
			...clear,
			power: 'restored',
			off: [],
			hold: null,
			doubt: null,
			proof: nothingRead
		});
		expect(isolate(clear, { kind: 'restorePower', held: false })).toEqual({
			...clear,
			power: 'tripped',
			hold: null,
			areaClear: false,
			doubt: { reason: 'tripped', until: 'panel' },
			proof: nothingRead
		});
	});

	it('over: whoever comes next proves anew', () => {
		expect(isolate({ ...proven, areaClear: true }, { kind: 'over' })).toEqual({
			...proven,
			proof: nothingRead
		});
	});

	it('power seen, found unlocked, away: back to the panel; only a padlock outlasts being away', () => {
		const lost = (state: IsolationState, what: Change) => ({
			...state,
			power: 'unknown',
			hold: null,
			doubt: doubt(what, 'panel'),
			proof: nothingRead
		});
		for (const what of ['powerSeen', 'foundUnlocked'] as const)
			expect(isolate(proven, seen(what))).toEqual(lost(proven, what));
		for (const hold of ['padlock', 'clip', 'tape', 'watch', null] as readonly (Hold | null)[]) {
			const state = { ...proven, hold };
			expect(isolate(state, seen('wasAway'))).toEqual(hold === 'padlock' ? state : lost(state, 'wasAway'));
		}
	});

	it('another box opened: proven anew, but for what hangs shut without a face', () => {
		const opened = seen('otherBoxOpened');
		expect(isolate(proven, opened)).toEqual({
			...proven,
			doubt: doubt('otherBoxOpened', 'proof'),
			proof: nothingRead
		});
		const faceless = from(initialIsolation([]), off('b1'), { kind: 'hold', way: 'clip' });
		expect(isolate(faceless, opened)).toBe(faceless);
		expect(isolate({ ...faceless, closed: false }, opened).doubt).toEqual(doubt('otherBoxOpened', 'proof'));
		expect(isolate(faceless, seen('powerSeen')).doubt).toEqual(doubt('powerSeen', 'panel'));
	});

	it('with power as found, or back on, there is no proof to be undone', () => {
		const restored = isolate(proven, { kind: 'restorePower', held: true });
		for (const what of ['powerSeen', 'foundUnlocked', 'wasAway', 'otherBoxOpened'] as const)
			for (const state of [fresh, restored]) expect(isolate(state, seen(what))).toBe(state);
		for (const power of ['unknown', 'tripped'] as const)
			expect(isolate({ ...proven, power }, seen('foundUnlocked')).doubt).toEqual(
				doubt('foundUnlocked', 'panel')
			);
	});
});

describe('a reading put right', () => {
	const amend = (of: string, volts: number): IsolationEvent => ({
		kind: 'amendVolts',
		of,
		reading: meter(volts)
	});

	it('is judged as if it had been taken so', () => {
		expect(isolate(proven, amend('hn', 1)).proof.pairs['hn']).toEqual(taken('hn', 1, 'dead'));
		expect(isolate(proven, amend('hn', 120))).toEqual(isolate(proven, read('hn', 120)));
		expect(isolate(proven, amend('hn', 17))).toEqual(isolate(proven, read('hn', 17)));
		expect(isolate(proven, amend('after', 0))).toEqual(isolate(proven, tester('after', 0)));
		expect(isolate(proven, amend('after', 118)).proof.after).toEqual(taken('after', 118, 'live'));
		expect(isolate(proven, amend('before', 0))).toEqual(isolate(proven, tester('before', 0)));
		expect(isolate(proven, amend('nothing', 120))).toBe(proven);
	});

	it('the first of the tester lifts no doubt that came after it', () => {
		const doubted = { ...proven, doubt: doubt('otherBoxOpened', 'proof') };
		expect(isolate(doubted, amend('before', 118))).toEqual({
			...doubted,
			proof: { ...provenFace, before: taken('before', 118, 'live') }
		});
	});

	it('of a proof that has only its first reading', () => {
		const first = isolate(held, tester('before'));
		expect(isolate(first, amend('before', 110)).proof.before).toEqual(taken('before', 110, 'live'));
		expect(isolate(held, amend('before', 110))).toBe(held);
	});
});

describe('what one box of a job means for another', () => {
	const open = from(proven, { kind: 'exposed', pairs: ['h'] });

	it('the same breakers, lock and what was cleared; its own proof, face and reading', () => {
		const theirs = { ...from(open, off('b2')), areaClear: true };
		expect(withShared(proven, theirs)).toEqual({
			...proven,
			off: ['b1', 'b2'],
			hold: null,
			areaClear: true
		});
		for (const change of [
			{ power: 'unknown' },
			{ off: ['b2'] },
			{ notFeeding: ['b3'] },
			{ hold: 'tape' },
			{ areaClear: true }
		] as const)
			expect(withShared(proven, { ...proven, ...change })).toEqual({ ...proven, ...change });
	});

	it('nothing new is the same state, to the object', () => {
		expect(withShared(proven, { ...proven, proof: nothingRead, closed: false })).toBe(proven);
		expect(withShared(proven, { ...proven, doubt: doubt('otherBoxOpened', 'proof') })).toBe(proven);
		const mine = { ...proven, doubt: doubt('powerSeen', 'panel') };
		expect(withShared(mine, { ...proven, doubt: doubt('wasAway', 'panel') })).toBe(mine);
	});

	it('a doubt that sends to the panel undoes this proof too, over one that only asks for a proof', () => {
		const theirs = { ...proven, doubt: doubt('powerSeen', 'panel') };
		for (const mine of [proven, { ...proven, doubt: doubt('otherBoxOpened', 'proof') }])
			expect(withShared(mine, theirs)).toEqual({ ...mine, doubt: theirs.doubt, proof: nothingRead });
		expect(withShared(open, theirs).proof).toEqual(open.proof);
	});
});

describe('what is said of it', () => {
	it('nothing read proves nothing, and each of three is asked for', () => {
		expect(proofStands({ ...proven, proof: { ...provenFace, required: [] } })).toBe(false);
		for (const without of [{ before: null }, { after: null }, { pairs: {} }])
			expect(proofStands({ ...proven, proof: { ...provenFace, ...without } })).toBe(false);
		expect(proofStands(proven)).toBe(true);
		expect(pairsLeft(proven)).toEqual([]);
		expect(pairsLeft(held)).toEqual(face);
	});

	it('dead is never said without evidence', () => {
		const cases: readonly (readonly [IsolationState, string])[] = [
			[fresh, 'assumedLive'],
			[held, 'expectedDead'],
			[proven, 'provenDead'],
			[{ ...proven, power: 'asFound' }, 'assumedLive'],
			[{ ...proven, power: 'unknown' }, 'assumedLive'],
			[{ ...proven, power: 'tripped' }, 'assumedLive'],
			[{ ...proven, hold: null }, 'assumedLive'],
			[{ ...proven, doubt: doubt('otherBoxOpened', 'proof') }, 'assumedLive'],
			[{ ...proven, besideProven: false }, 'expectedDead'],
			[{ ...proven, power: 'restored' }, 'assumedLive'],
			[{ ...proven, power: 'restored', areaClear: true }, 'deliberatelyLive'],
			[{ ...held, areaClear: true }, 'expectedDead']
		];
		for (const [state, energy] of cases)
			expect([state.power, energyOf(state)]).toEqual([state.power, energy]);
		// The same, asked twice, and after another.
		expect([energyOf(proven), energyOf(proven), energyOf(held)]).toEqual([
			'provenDead',
			'provenDead',
			'expectedDead'
		]);
	});
});

describe('a reading', () => {
	it('proves a tester where it is plainly live between two points', () => {
		for (const [reading, proves] of [
			[meter(50), false],
			[meter(50.1), true],
			[meter(3, 'lowImpedance'), true],
			[meter(3, 'lampAcross'), true],
			[meter(2.9, 'lampAcross'), false],
			[{ instrument: 'indicator', litV: 50 }, true],
			[{ instrument: 'indicator', litV: 24 }, false],
			[{ instrument: 'lamp', lit: true }, false],
			[{ instrument: 'plugTester', lit: true }, false]
		] as readonly (readonly [VoltReading, boolean])[])
			expect([reading, provesTester(reading)]).toEqual([reading, proves]);
		expect(isTwoPoint({ instrument: 'lamp', lit: true })).toBe(false);
		expect(isTwoPoint({ instrument: 'indicator', litV: 0 })).toBe(true);
	});

	it('of a lamp is live where it is lit; dark, it says nothing', () => {
		for (const instrument of ['lamp', 'plugTester'] as const) {
			expect(deadBand({ instrument, lit: true })).toBe('live');
			expect(deadBand({ instrument, lit: false })).toBe('unresolved');
		}
	});

	it('is one that its instrument can show', () => {
		expect([-0.1, 0, 750, 750.1, NaN, Infinity].map((volts) => inRange(meter(volts)))).toEqual([
			false,
			true,
			true,
			false,
			false,
			false
		]);
		expect(inRange({ instrument: 'indicator', litV: 230 })).toBe(true);
		expect(inRange({ instrument: 'lamp', lit: false })).toBe(true);
	});

	it('draws current but for a meter of ten megohms', () => {
		expect(drawsCurrent(meter(0))).toBe(false);
		expect(drawsCurrent(meter(0, 'lowImpedance'))).toBe(true);
		expect(drawsCurrent(meter(0, 'lampAcross'))).toBe(true);
		expect(drawsCurrent({ instrument: 'indicator', litV: 0 })).toBe(true);
		expect(drawsCurrent({ instrument: 'lamp', lit: false })).toBe(true);
	});
});
