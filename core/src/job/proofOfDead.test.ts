import { describe, expect, it } from 'vitest';
import { meter, Person, planOf } from '../../test/person';
import { edited } from '../../test/shed';
import { fennelLaneActual, fennelLaneRecorded } from '../demo';
import { withBox, type House } from '../house';
import { energyOf, holds, mustBeOffTogether, type Hold } from '../isolation';
import { readPlugLamps, readVoltageV } from '../instruments';
import {
	asOf,
	expectationsOf,
	groundProbes,
	houseAfterJob,
	houseAfterStop,
	mustStop,
	nextStep,
	planJob,
	recordOf
} from './index';
import { outcomeWords } from '../../test/outcomeWords';

const east = 'sewing-east-wall';
const person = (recorded = fennelLaneRecorded(), actual = fennelLaneActual(), ...breakers: string[]) =>
	new Person(recorded, actual, planOf(recorded, east), breakers.length > 0 ? breakers : ['b14']);
/** A conductor let go at the outlet upstream, in the wiring as it is. */
const letGo = (house: House, conductor: string): House =>
	withBox(house, 'sewing-door-wall', (box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			end.cable === 'sewing-2' && end.conductor === conductor ? { ...end, at: 'capped' } : end
		)
	}));

describe('what must be off together, from the record', () => {
	/** Red of the sewing cable belongs to the music circuit and comes back by the same white. */
	const shared: House = {
		...fennelLaneRecorded(),
		cables: fennelLaneRecorded().cables.map((cable) =>
			cable.id === 'sewing-1'
				? {
						...cable,
						conductors: [
							...cable.conductors,
							{ id: 'red', role: 'hot' as const, colour: 'red' as const, circuit: 'music' }
						]
					}
				: cable
		),
		boxes: fennelLaneRecorded().boxes.map((box) =>
			box.id === 'sewing-door-wall'
				? {
						...box,
						terminations: [...box.terminations, { cable: 'sewing-1', conductor: 'red', at: 'capped' }]
					}
				: box
		)
	};

	it('a neutral that two breakers share ends it, as long as they don’t open together', () => {
		expect(planJob(shared, east)).toEqual({
			ok: false,
			failure: { code: 'sharedNeutral', box: east, breakers: ['b11', 'b10'] }
		});
	});

	it('two breakers whose circuits meet in the box both go off', () => {
		const plan = { ...planOf(fennelLaneRecorded(), east), together: mustBeOffTogether(shared, east, 'b11') };
		const one = new Person(shared, shared, plan, ['b11']);
		one.until('switchOff');
		one.go();
		expect(nextStep(one.plan, one.state)).toEqual({ kind: 'switchOff', also: 'b10' });
		expect(one.say({ kind: 'hold', way: 'padlock' }).ok).toBe(false);
		one.until('takeOff');
		expect([...one.state.isolation.off].sort()).toEqual(['b10', 'b11']);
		one.until('finish');
		const after = houseAfterJob(shared, one.plan, one.state, one.events, '2026-11-25', outcomeWords);
		expect(after.boxes.find(({ id }) => id === east)!.worries[0]!.note).toBe('sharedNeutral');
		for (const id of ['b10', 'b11'])
			expect(after.panels[0]!.breakers.find((breaker) => breaker.id === id)!.findings.at(-1)).toMatchObject({
				finding: 'feeds',
				box: east
			});
	});

	it('two poles of one handle are one breaker', () => {
		const house = fennelLaneRecorded();
		const twoPole = house.panels[0]!.breakers.find(({ spaces }) => spaces.length === 2)!;
		const onIt = {
			...house,
			circuits: house.circuits.map((circuit) =>
				circuit.id === 'sewing' ? { ...circuit, breaker: twoPole.id } : circuit
			)
		};
		expect(mustBeOffTogether(onIt, east, twoPole.id)).toEqual([]);
	});
});

describe('before switching off', () => {
	const withAid = edited(
		fennelLaneRecorded(),
		{ do: 'addLoad', box: 'sewing-closet', name: 'breathing aid', matters: 'medical' },
		{ do: 'addLoad', box: 'sewing-door-wall', name: 'router', matters: 'router' }
	);

	it('medical equipment is a hard question: nothing goes off before it is answered', () => {
		const one = person(withAid, fennelLaneActual(), 'b11');
		one.until('switchOff');
		const refused = one.say({ kind: 'switchBreaker', breaker: 'b11', on: false });
		expect(refused).toMatchObject({
			ok: false,
			refusal: { code: 'arrangeFirst', breaker: 'b11', things: [{ name: 'breathing aid' }] }
		});
		expect(one.say({ kind: 'switchBreaker', breaker: 'main:main', on: false })).toMatchObject({
			ok: false,
			refusal: { code: 'arrangeFirst' }
		});
		expect(one.say({ kind: 'arranged', thing: 'nothing', how: '' })).toMatchObject({
			ok: false,
			refusal: { code: 'unknownThing' }
		});
		expect(
			one.say({ kind: 'arranged', thing: one.plan.hard.b11![0]!.id, how: 'on its battery, 6 h' }).ok
		).toBe(true);
		expect(one.say({ kind: 'switchBreaker', breaker: 'b11', on: false }).ok).toBe(true);
	});

	it('what depends on one of several breakers is seen to for that one', () => {
		const two = edited(withAid, {
			do: 'addLoad',
			box: 'nursery-crib-wall',
			name: 'oxygen',
			matters: 'medical'
		});
		const one = person(two, fennelLaneActual(), 'b11');
		one.until('switchOff');
		for (const things of Object.values(one.plan.hard)) expect(things.length).toBeGreaterThan(0);
		for (const thing of new Set(Object.values(one.plan.hard).flatMap((things) => things.map(({ id }) => id))))
			expect(one.say({ kind: 'arranged', thing, how: 'on its battery' }).ok).toBe(true);
	});

	it('a search is answered about breakers that there are', () => {
		const one = person(fennelLaneRecorded(), fennelLaneActual(), 'b11');
		one.until('switchOff');
		const answer = (...off: string[]) =>
			one.say({ kind: 'searched', event: { kind: 'answer', off, by: 'lamp', answer: 'on' } });
		expect(answer('b9', 'nowhere')).toMatchObject({
			ok: false,
			refusal: { code: 'unknownBreaker', breaker: 'nowhere' }
		});
		expect(answer('b9', 'b14').ok).toBe(true);
	});
});

describe('what “to ground” is worth', () => {
	it('a ground that shows nothing while power is on is not read to: a known earth is asked for and proven first', () => {
		const one = person(fennelLaneRecorded(), letGo(fennelLaneActual(), 'ground'));
		one.until('readLiveGround');
		// What makes it a trap: the floating ground shows a 10 MΩ meter a live reading.
		expect(readVoltageV(one.actual, groundProbes(east, 'upper'), 'highImpedance')).toBeGreaterThan(50);
		expect(
			one.say({ kind: 'readLiveGround', half: 'upper', reading: meter(58), touchless: 'silent' })
		).toMatchObject({
			refusal: { code: 'needsCurrent' }
		});
		one.go();
		expect(one.state.earth).toEqual({ source: null });
		one.until('proveEarth');
		expect(
			one.say({
				kind: 'proveEarth',
				source: 'outlet:nowhere',
				lamps: { hotNeutral: true, hotGround: true, neutralGround: false }
			})
		).toMatchObject({
			refusal: { code: 'unknownSource' }
		});
		expect(
			one.say({
				kind: 'proveEarth',
				source: 'outlet:music-piano',
				lamps: { hotNeutral: true, hotGround: false, neutralGround: false }
			}).ok
		).toBe(true);
		expect(nextStep(one.plan, one.state)).toEqual({ kind: 'proveEarth' });
		one.until('takeOff');
		expect(one.state.earth).toEqual({ source: 'outlet:music-piano' });
		expect(one.state.isolation.proof.required).toContain('bare.ground~earth');
	});

	it('a ground that is alive behind swapped conductors lights the lamps as it should: the contactless tester asks, a reading tells, and the job stops', () => {
		const on = (conductor: string) => (conductor === 'hot' ? 'terminal:neutralLower' : 'terminal:hotLower');
		const actual = withBox(fennelLaneActual(), 'sewing-door-wall', (box) => ({
			...box,
			terminations: box.terminations.map((end) =>
				end.cable === 'sewing-2' ? { ...end, at: on(end.conductor) } : end
			)
		}));
		const one = person(fennelLaneRecorded(), actual);
		one.until('readLiveGround');
		expect(readPlugLamps(actual, east, 'upper')).toEqual({
			hotNeutral: true,
			hotGround: true,
			neutralGround: false
		});
		one.go();
		expect([mustStop(one.state), nextStep(one.plan, one.state)]).toEqual([null, { kind: 'proveEarth' }]);
		one.go();
		expect(nextStep(one.plan, one.state)).toMatchObject({ kind: 'readGroundEarth' });
		expect(one.say({ kind: 'switchBreaker', breaker: 'b14', on: false }).ok).toBe(false);
		one.go();
		// A sensitive meter shows as much of what only floats: again, with what draws current.
		expect(nextStep(one.plan, one.state)).toMatchObject({ kind: 'readGroundEarth', lowImpedance: true });
		one.go();
		// What makes metal alive goes off, is held and tagged before anybody leaves.
		expect([mustStop(one.state), nextStep(one.plan, one.state)]).toEqual([
			'liveGround',
			{ kind: 'switchOff', also: null }
		]);
		one.go();
		one.go();
		expect(nextStep(one.plan, one.state)).toEqual({ kind: 'confirm', step: 'tag' });
		one.go();
		expect(nextStep(one.plan, one.state)).toEqual({ kind: 'stop' });
	});

	it('without a contactless tester a known earth is asked for', () => {
		const one = person();
		one.until('readLiveGround');
		one.say({
			kind: 'readLiveGround',
			half: 'upper',
			reading: { instrument: 'plugTester', lit: true },
			touchless: 'none'
		});
		expect(one.state.earth).toEqual({ source: null });
	});

	it('ground and neutral both open upstream, hot alive: not live at first, so it never begins', () => {
		const one = person(fennelLaneRecorded(), letGo(letGo(fennelLaneActual(), 'ground'), 'neutral'));
		one.until('readLive');
		one.go();
		expect(one.state.live).toEqual({ upper: 'failed' });
	});

	it('a second circuit in the box cannot hide behind an open ground', () => {
		// The box’s own ground floats, and the cable onward is alive from elsewhere: read to that ground, it would show only what couples.
		const actual = letGo(fennelLaneActual(), 'ground');
		const fed: House = {
			...actual,
			cables: actual.cables.map((cable) =>
				cable.id === 'sewing-3' ? { ...cable, circuit: 'music', from: { panel: 'main' } } : cable
			)
		};
		const one = person(fennelLaneRecorded(), fed, 'b14', 'b10');
		for (let count = 0; count < 60; count++) {
			const step = nextStep(one.plan, one.state);
			if (step?.kind === 'takeOff' || (step?.kind === 'readLive' && one.state.live[step.half] === 'failed'))
				break;
			if (step?.kind === 'switchOff' && one.breakers.length === 0) break;
			one.go();
			if (energyOf(one.state.isolation) === 'provenDead' && one.state.isolation.proof.scope === 'bare')
				expect(one.state.isolation.off).toContain('b10');
		}
	});
});

describe('a job that was stopped', () => {
	it('keeps what it found of breakers: the one that left it live, and nothing of what was never proven', () => {
		const one = person(fennelLaneRecorded(), fennelLaneActual(), 'b11', 'b14');
		one.until('readPair');
		one.go();
		const found = (id: string) => {
			const after = houseAfterStop(one.recorded, one.plan, one.state, one.events, '2026-11-25', outcomeWords);
			return after.panels[0]!.breakers.find((breaker) => breaker.id === id)!.findings.filter(
				({ box }) => box === east
			);
		};
		expect([found('b11').map(({ finding }) => finding), found('b14')]).toEqual([['doesNotFeed'], []]);
		one.until('takeOff');
		expect([found('b11'), found('b14')].map(([first]) => first!.finding)).toEqual(['doesNotFeed', 'feeds']);
		// The circuit goes where it was proven to start: whoever begins anew isn't sent to the wrong breaker again.
		const after = houseAfterStop(one.recorded, one.plan, one.state, one.events, '2026-11-25', outcomeWords);
		expect(planOf(after, east).recordedBreaker).toBe('b14');
	});
});

describe('the main switch, as a last resort', () => {
	it('makes dead what no breaker did, takes a hard question first, and says nothing about breakers', () => {
		const one = person(fennelLaneRecorded(), fennelLaneActual(), 'main:main');
		one.until('switchOff');
		expect(one.say({ kind: 'switchBreaker', breaker: 'main:main', on: false })).toMatchObject({
			refusal: { code: 'arrangeFirst' }
		});
		one.say({ kind: 'arranged', thing: 'monitor', how: 'its battery' });
		// No outlet is a known source any more.
		one.until('proveTester');
		expect(expectationsOf(one.recorded, one.plan, one.state).sourceV('outlet:music-piano')).toBeLessThan(1);
		one.until('finish');
		const after = houseAfterJob(one.recorded, one.plan, one.state, one.events, '2026-11-25', outcomeWords);
		expect(after.circuits).toEqual(one.recorded.circuits);
		expect(after.panels[0]!.breakers).toEqual(one.recorded.panels[0]!.breakers);
		expect(recordOf(one.plan, one.events, one.state).worries).toEqual([]);
	});
});

describe('no ground in the box', () => {
	const stove = 'reading-stove-wall';
	const ungrounded = (actual = fennelLaneActual()) => {
		const one = new Person(fennelLaneRecorded(), actual, planOf(fennelLaneRecorded(), stove), ['b9']);
		return one;
	};

	it('every wire and the metal of the box are read to a known earth from another outlet, proven first', () => {
		const one = ungrounded();
		one.until('readPair');
		expect(one.state.earth).toEqual({ source: 'outlet:music-piano' });
		one.until('takeOff');
		expect(one.state.isolation.proof.required).toEqual([
			'reading-5/hot~reading-5/neutral',
			'reading-5/hot~ground',
			'reading-5/neutral~ground',
			'box~earth'
		]);
		one.until('finish');
	});

	it('swapped slots, which a lamp can’t tell, fail the final test by the neutral', () => {
		const swapped = withBox(fennelLaneActual(), 'reading-shelf', (box) => ({
			...box,
			terminations: box.terminations.map((end) =>
				end.cable === 'reading-3'
					? { ...end, at: end.conductor === 'hot' ? 'terminal:neutralLower' : 'terminal:hotLower' }
					: end
			)
		}));
		const one = ungrounded(swapped);
		one.until('readOutlet');
		one.go();
		expect(one.state.final).toEqual({ upper: 'failed' });
	});

	it('is no like-for-like job where there is a ground after all', () => {
		const grounded = edited(fennelLaneRecorded(), {
			do: 'addOutlet',
			room: 'porch',
			name: 'old',
			kind: 'duplex',
			spot: { circuit: 'porch', after: 'panel' }
		});
		const house = withBox(grounded, 'porch-old', (box) => ({
			...box,
			device: { kind: 'twoSlot', ratingA: 15, tamperResistant: false, contacts: 'good' },
			pigtails: box.pigtails.filter(({ to }) => to !== 'terminal:ground')
		}));
		expect(planJob(house, 'porch-old')).toEqual({
			ok: false,
			failure: { code: 'groundUnused', box: 'porch-old' }
		});
	});
});

describe('without a tester that reads between two points', () => {
	it('goes as far as the plate at EXPECTED DEAD, stops there, keeps the job, and goes on when one is borrowed', () => {
		const one = person();
		one.go();
		expect(one.say({ kind: 'checkTools', tester: 'none', has: [] })).toMatchObject({
			refusal: { code: 'toolsMissing' }
		});
		expect(
			one.say({
				kind: 'checkTools',
				tester: 'none',
				has: ['lamp', 'plugTester', 'drivers', 'stripper', 'lockOrTape', 'headTorch', 'knife', 'tape']
			}).ok
		).toBe(true);
		one.until('readLive');
		for (const half of ['upper', 'lower'] as const)
			expect(one.say({ kind: 'readLive', half, reading: { instrument: 'lamp', lit: true } }).ok).toBe(true);
		one.until('needTester');
		expect([one.state.plate, energyOf(one.state.isolation)]).toEqual(['off', 'expectedDead']);
		expect(one.say({ kind: 'confirm', step: 'easeOut' })).toMatchObject({
			refusal: { code: 'notProvenDead' }
		});
		expect(
			one.say({ kind: 'readPair', pair: 'upper.hotNeutral', reading: { instrument: 'lamp', lit: false } }).ok
		).toBe(false);
		one.go();
		expect([one.state.tester, one.state.earth]).toEqual(['multimeter', 'box']);
		one.until('finish');
	});

	it('a lamp is not taken from somebody who has a tester', () => {
		const one = person();
		one.until('readLive');
		expect(
			one.say({ kind: 'readLive', half: 'upper', reading: { instrument: 'lamp', lit: true } })
		).toMatchObject({
			refusal: { code: 'otherInstrument' }
		});
	});
});

describe('lapse', () => {
	it.each([
		['padlock', 'provenDead'],
		['clip', 'assumedLive'],
		['tape', 'assumedLive'],
		['watch', 'assumedLive']
	] as [Hold, string][])('after a long absence, held by %s: %s', (way, after) => {
		const one = person();
		one.until('hold');
		one.say({ kind: 'hold', way });
		one.until('takeOff');
		const { state } = one;
		expect(energyOf(asOf(state, '2026-11-24T10:14:00Z').isolation)).toBe('provenDead');
		expect(energyOf(asOf(state, '2026-11-24T10:16:00Z').isolation)).toBe(after);
		expect(holds[way].survivesAbsence).toBe(after === 'provenDead');
		const late = { at: '2026-11-24T12:00:00Z' };
		const said = one.say({ kind: 'takeOff', terminal: one.plan.takeOff[0]!.terminal }, late);
		expect(said.ok).toBe(after === 'provenDead');
	});

	it('after a job nothing is left hanging, and it is asked', () => {
		const one = person();
		one.until('tidyDirectory');
		expect(one.state.nothingLeft).toBe(true);
	});
});
