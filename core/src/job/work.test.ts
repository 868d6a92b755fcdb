import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { arrangements, here } from '../arrangements';
import { familyOf, soldIn } from '../devices';
import { parseHouse } from '../files';
import { deviceModel, editHouse, findBox, settle, withBox, withBreakers, type House } from '../house';
import { fennelLaneRecorded } from '../demo';
import { readPlugLamps } from '../instruments';
import { withTie } from '../../test/sharedNeutral';
import { twoGangTwoCircuits } from '../../test/twoGang';
import { outcomeWords } from '../../test/outcomeWords';
import { reversed } from '../../test/reversed';
import { wishOf } from '../../test/wishes';
import { Person } from '../../test/person';
import { endsOf, type Feed } from '../wiring';
import {
	houseAfterJob,
	nextStep,
	wayNow,
	partFaults,
	tripsWithinS,
	planJob,
	recordOf,
	workCheckPasses,
	soundLamps,
	type WishChoice
} from '.';

const planFor = (house: House, wish: WishChoice) => planJob(house, here, 'groundFirst', wish);
const sharing = ['twoCircuits', 'sharedNeutralMiddle'];
const untied = (kind: string, options = {}) =>
	arrangements.find((each) => each.kind === kind)!.build(options);
/** A neutral that two circuits share is worked at only where their breakers open together. */
const built = (kind: string, options = {}) =>
	sharing.includes(kind) ? withTie(untied(kind, options)) : untied(kind, options);

/** Somebody who does the whole job, and what the record says after. */
function through(house: House, wish: WishChoice, actual = house) {
	const planned = planFor(house, wish);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const person = new Person(house, actual, planned.plan, ['b1', 'b1', 'b1']);
	person.earthFrom = 'outlet:before';
	for (let n = 0; n < 300 && person.state.status === 'underWay'; n++) {
		person.go();
		const last = person.events.at(-1)!;
		if (last.judged?.passes === false && last.body.kind !== 'readSupplyOhms')
			throw new Error(JSON.stringify({ kind: house.boxes.length, wish, last }));
	}
	const after = houseAfterJob(house, planned.plan, person.state, person.events, '2026-11-26', outcomeWords);
	return { person, plan: planned.plan, after, kinds: person.events.map(({ body }) => body.kind) };
}

describe('two slots in a box that is grounded by its own metal', () => {
	const wall = 'reading-stove-wall';
	/** The old run as it was drawn in armour; `path`: its metal is a path to ground. */
	const armoured = (path: boolean): House => {
		const edited = editHouse(fennelLaneRecorded(), [
			{ do: 'setCable', cable: 'reading-5', everywhere: true, sheath: 'armoured' },
			{ do: 'setCable', cable: 'reading-5', everywhere: true, metalGround: path }
		]);
		if (!edited.ok) throw new Error(edited.refusal.code);
		return edited.house;
	};
	const plan = (house: House, part: 'duplex' | 'gfci') => planJob(house, wall, 'groundFirst', wishOf(part));

	test('a grounding type goes in, its ground screw to the box; it is read before power and tried after', () => {
		const house = armoured(true);
		const planned = plan(house, 'duplex');
		if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
		expect(planned.plan.labels).toEqual([]);
		expect(planned.plan.newGrounded).toBe(true);
		const person = new Person(house, house, planned.plan, ['b9', 'b9', 'b9']);
		for (let n = 0; n < 300 && person.state.status === 'underWay'; n++) person.go();
		expect(person.state.status).toBe('finished');
		const read = person.events.flatMap(({ body }) => (body.kind === 'readOhms' ? [body.check] : []));
		expect(read).toEqual(['hotNeutral', 'hotGround', 'groundBox']);
		const after = person.recordAfter();
		expect(findBox(after, wall)!.pigtails).toMatchObject([
			{ role: 'ground', from: 'box', to: 'terminal:ground', how: 'clampPlate' }
		]);
		const on = withBreakers(after, { b9: true });
		for (const half of ['upper', 'lower'] as const) expect(readPlugLamps(on, wall, half)).toEqual(soundLamps);
	});

	test('where the metal leads nowhere it is refused without a guard, and a GFCI leaves the box alone', () => {
		const bare = plan(armoured(false), 'duplex');
		expect(bare.ok ? null : bare.failure).toMatchObject({ code: 'planFails' });
		const guarded = plan(armoured(false), 'gfci');
		expect(guarded.ok && guarded.plan.work!.ways[0]!.wanted.pigtails).toEqual([]);
	});
});

describe('two circuits that share a neutral on one device', () => {
	test.each(sharing)('%s: refused until their breakers open together', (kind) => {
		const same = { ok: false, failure: { code: 'sharedNeutral', box: here, breakers: ['b1', 'b2'] } };
		expect(planJob(untied(kind), here)).toEqual(same);
		expect(planJob(built(kind), here).ok).toBe(true);
	});
	test('two circuits that share nothing but the box only go off together', () => {
		const plan = planJob(twoGangTwoCircuits(), here);
		expect(plan.ok && plan.plan.together).toEqual([{ breaker: 'own', because: 'inTheBox' }]);
	});
});

describe('a job that puts something else in', () => {
	test.each([
		['middleThrough', 'decorator', 'asFound'],
		['middlePigtails', 'decorator', 'asFound'],
		['middleThrough', 'usb', 'asFound'],
		['endOfRun', 'gfci', 'asFound'],
		['throughGfci', 'gfci', 'asFound'],
		['middleThrough', 'gfci', 'protected'],
		['middlePigtails', 'gfci', 'protected'],
		['middleThrough', 'gfci', 'pigtails'],
		['halfSwitched', 'duplex', 'asFound'],
		['halfSwitched', 'decorator', 'asFound'],
		['middleThrough', 'duplex', 'pigtails'],
		['middlePigtails', 'duplex', 'throughDevice'],
		['ring', 'usbTwin', 'asFound'],
		['radialEnd', 'usbTwinUnswitched', 'asFound'],
		['radialMiddle', 'rcdTwin', 'asFound'],
		['middleThrough', 'gfciUsb', 'protected'],
		['branch', 'gfci', 'protected'],
		['branch', 'duplex', 'pigtails'],
		['twoCircuits', 'duplex', 'asFound'],
		['twoCircuits', 'decorator', 'asFound'],
		['sharedNeutralMiddle', 'decorator', 'asFound'],
		['sharedNeutralMiddle', 'gfci', 'asFound'],
		['metalPath', 'duplex', 'asFound'],
		['metalPath', 'gfci', 'asFound'],
		['passingThrough', 'decorator', 'asFound'],
		['behindGfci', 'usb', 'asFound'],
		['ring', 'rcdTwin', 'asFound'],
		['spur', 'socketTwin', 'asFound'],
		['ringWithSpur', 'usbTwin', 'asFound'],
		['radialEnd', 'socketSingle', 'asFound']
	] as const)('%s, %s, fed on %s: to its end, and the record is a house that holds', (kind, part, feed) => {
		const house = built(kind, { residual: true });
		const { person, plan, after } = through(house, wishOf(part, feed));
		expect(person.state.status).toBe('finished');
		expect(person.state.final).toEqual(Object.fromEntries(plan.newHalves.map((half) => [half, 'passed'])));
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		const box = findBox(after, here)!;
		expect(endsOf(box).filter(({ at }) => at === 'bare')).toEqual([]);
		const on = withBreakers(after, { b1: true });
		for (const half of deviceModel(box.device!).halves)
			expect(readPlugLamps(on, here, half)).toEqual(soundLamps);
		expect(settle(on).trips).toEqual([]);
		expect(recordOf(plan, person.events, person.state).refuted).toEqual([]);
	});

	test('two circuits on one yoke: both breakers off, the hot tab broken before any wire, the neutral in one, 240 V from hot to hot after', () => {
		const house = built('twoCircuits');
		const { person, plan, after } = through(house, wishOf('decorator', 'asFound'));
		expect(plan.work!.checks).toEqual([{ check: 'betweenHots', volts: 240 }]);
		const off = person.events.flatMap(({ body }) =>
			body.kind === 'switchBreaker' && !body.on ? [body.breaker] : []
		);
		expect(off.toSorted()).toEqual(['b1', 'b2']);
		expect(person.state.provenWith.toSorted()).toEqual(['b1', 'b2']);
		const moves = person.events.flatMap(({ body }) => (body.kind === 'move' ? [body.move] : []));
		expect(moves.indexOf('tab hot')).toBeLessThan(moves.findIndex((id) => id.startsWith('land')));
		expect(findBox(after, here)!.device).toMatchObject({ tabs: { hot: false, neutral: true } });
		// Both on one leg, as somebody may have moved a breaker: the check shows it.
		const oneLeg: House = {
			...after,
			panels: after.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((each) => (each.id === 'b2' ? { ...each, spaces: [5] } : each))
			}))
		};
		expect(workCheckPasses(after, plan, 'betweenHots')).toBe(true);
		expect(workCheckPasses(oneLeg, plan, 'betweenHots')).toBe(false);
	});

	test('a GFCI in the middle: supply found before the load side is landed, tape lifted, the next outlet dark with the button', () => {
		const { kinds, person, plan } = through(built('middleThrough'), wishOf('gfci', 'protected'));
		const at = (kind: string, which = '') =>
			person.events.findIndex(
				({ body }) => body.kind === kind && (!which || ('move' in body && body.move === which))
			);
		expect(at('readSupplyOhms')).toBeGreaterThan(0);
		expect(at('readSupplyOhms')).toBeLessThan(at('move', 'land loadHot'));
		expect(kinds.filter((kind) => kind === 'checkWork').length).toBe(plan.work!.checks.length + 1);
		expect(plan.work!.checks).toContainEqual({ check: 'dark', box: 'after' });
	});

	test('the record had the cables the wrong way round: what is found decides which goes on LINE', () => {
		const house = built('middleThrough');
		const actual = reversed(house);
		const { person, after } = through(house, wishOf('gfci', 'protected'), actual);
		expect(person.state.supply.found).toEqual(['c3']);
		const at = (cable: string) =>
			findBox(after, here)!.terminations.find((end) => end.cable === cable && end.conductor === 'hot')!.at;
		expect([at('c3'), at('c2')]).toEqual(['terminal:supplyHot', 'terminal:loadHot']);
	});

	test('an old GFCI with its load side used: the supply is found anew, never taken from where the wires sat', () => {
		const house = built('throughGfci');
		const { kinds, person } = through(house, wishOf('gfci', 'asFound'));
		expect(kinds.indexOf('readSupplyOhms')).toBeGreaterThan(0);
		const landed = person.events.findIndex(
			({ body }) => body.kind === 'move' && body.move === 'land loadHot'
		);
		expect(kinds.indexOf('readSupplyOhms')).toBeLessThan(landed);
	});

	test('a supply that nothing was planned for ends the job, made safe: its wires go nowhere by guess', () => {
		const house = built('middleThrough');
		const planned = planFor(house, wishOf('gfci', 'protected'));
		if (!planned.ok) throw new Error();
		const work = { ...planned.plan.work!, ways: planned.plan.work!.ways.slice(0, 1) };
		const person = new Person(house, reversed(house), { ...planned.plan, work }, ['b1', 'b1']);
		for (let n = 0; n < 200 && person.state.status === 'underWay'; n++) person.go();
		expect(person.state.status).toBe('stopped');
		expect(person.state.stops.supply).toBe('noArrangement');
		expect(Object.keys(person.state.moved).filter((id) => id.startsWith('land'))).toEqual([]);
	});

	test('a new part that doesn’t grip is taken off, another is checked, and wired from its tab on', () => {
		const house = built('halfSwitched');
		const planned = planFor(house, wishOf('decorator', 'asFound'));
		if (!planned.ok) throw new Error();
		const person = new Person(house, house, planned.plan, ['b1', 'b1', 'b1']);
		person.until('grip');
		expect(person.say({ kind: 'grip', half: planned.plan.newHalves[0]!, holds: false }).ok).toBe(true);
		person.until('reopen');
		person.go();
		person.until('checkPart');
		person.go();
		expect(nextStep(planned.plan, person.state)).toEqual({
			kind: 'move',
			move: 'breakTab hot',
			again: false
		});
		for (let n = 0; n < 200 && person.state.status === 'underWay'; n++) person.go();
		expect(person.state.status).toBe('finished');
	});

	test('tails of the old part are read before they are put aside', () => {
		const { person } = through(built('middlePigtails'), wishOf('gfci', 'protected'));
		const at = (is: (body: (typeof person.events)[number]['body']) => boolean) =>
			person.events.findIndex(({ body }) => is(body));
		const read = at((body) => body.kind === 'readBaseline');
		expect(read).toBeGreaterThan(0);
		expect(read).toBeLessThan(at((body) => body.kind === 'move' && body.move.startsWith('undo')));
	});

	test('where the work depends on the supply it can’t be left unfound', () => {
		const planned = planFor(built('middleThrough'), wishOf('gfci', 'protected'));
		if (!planned.ok) throw new Error();
		const person = new Person(built('middleThrough'), built('middleThrough'), planned.plan, ['b1']);
		person.until('supplyWay');
		expect(person.say({ kind: 'supplyWay', way: 'skip' })).toEqual({
			ok: false,
			refusal: { code: 'supplyNeeded' }
		});
	});

	test('a half-switched outlet: the tab is broken before a wire is on, and the wall switch is tried both ways', () => {
		const { person, plan, after } = through(built('halfSwitched'), wishOf('decorator', 'asFound'));
		const move = (id: string) =>
			person.events.findIndex(({ body }) => body.kind === 'move' && body.move === id);
		const lands = person.events.flatMap(({ body }, k) =>
			body.kind === 'move' && body.move.startsWith('land') ? [k] : []
		);
		expect(move('breakTab hot')).toBeGreaterThan(0);
		expect(move('breakTab hot')).toBeLessThan(Math.min(...lands));
		expect(plan.work!.checks.map(({ check }) => check).sort()).toEqual(['switchDark', 'switchStays']);
		expect(findBox(after, here)!.device).toMatchObject({
			style: 'decorator',
			tabs: { hot: false, neutral: true }
		});
	});

	test.each([
		['halfSwitched', wishOf('usb', 'asFound'), 'halvesApart'],
		['endOfRun', wishOf('gfci', 'protected'), 'nothingAfter'],
		['middleThrough', wishOf('duplex', 'protected'), 'noSides']
	] as const)('%s can’t be %o: refused as %s', (kind, wish, code) => {
		expect(planFor(built(kind), wish)).toMatchObject({
			ok: false,
			failure: { code: 'wish', refusal: { code } }
		});
	});
	test('what protected can’t be replaced by what doesn’t; a part of the other region isn’t had', () => {
		expect(planFor(built('throughGfci'), wishOf('duplex', 'asFound'))).toMatchObject({
			ok: false,
			failure: { code: 'planFails' }
		});
		expect(planFor(built('middleThrough'), wishOf('socketTwin', 'asFound'))).toMatchObject({
			ok: false,
			failure: { code: 'notSoldHere' }
		});
	});

	test('three slots without a ground and without a GFCI: refused by the model; the GFCI itself is had, and marked', () => {
		expect(planFor(built('ungrounded'), wishOf('duplex', 'asFound'))).toMatchObject({
			ok: false,
			failure: {
				code: 'planFails',
				verdict: { faults: [{ code: 'unguardedWithoutGround', box: here }], guardedBy: null }
			}
		});
		const planned = planFor(built('ungrounded'), wishOf('gfci', 'asFound'));
		expect(planned.ok && planned.plan.labels).toEqual(['noEquipmentGround']);
		expect(planned.ok && planned.plan.newGrounded).toBe(false);
		expect(planned.ok && planned.plan.work!.verdict).toMatchObject({ withoutGround: true, guardedBy: here });
	});

	test('a trip time that a tester shows is judged: 8 mA have (20 / 8)^1.43 = 3.7 s (UL 943)', () => {
		expect(tripsWithinS('us')).toBeCloseTo(3.707, 3);
		const timed = (tripS: number) => {
			const house = built('middleThrough');
			const planned = planFor(house, wishOf('gfci', 'protected'));
			if (!planned.ok) throw new Error(planned.failure.code);
			const person = new Person(house, house, planned.plan, ['b1']);
			person.earthFrom = 'outlet:before';
			while (!(person.step?.kind === 'checkWork' && person.step.check === 'tester')) person.go();
			person.say({ kind: 'checkWork', check: 'tester', passes: true, tripS });
			return person.state;
		};
		expect([timed(0.03).checks.tester, timed(0.03).redo]).toEqual(['passed', null]);
		expect([timed(4.2).checks.tester, timed(4.2).redo]).toEqual(['failed', 'finalTest']);
	});

	test('the same again is a new one: what wore out, tripped or was an older make isn’t copied, style and marks are', () => {
		const house = built('throughGfci');
		const worn = withBox(house, here, (box) => ({
			...box,
			device: {
				...box.device!,
				make: 'old',
				senses: false,
				weatherResistant: true,
				contacts: 'worn',
				fitted: '1994-05-01'
			} as typeof box.device
		}));
		const planned = planJob(worn, here);
		if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
		expect(planned.plan.newDevice).toEqual({ ...familyOf('gfci').made(15), weatherResistant: true });
		// And so it is tried as a new one is, the tester’s button too.
		expect(planned.plan.work!.checks.map(({ check }) => check)).toContain('tester');
	});

	test('plain screws take one hook each: two wires that were to go under one plate ask for another part', () => {
		const answers = { ratingA: 15, tamperResistant: true, sameKind: true, grounded: true, undamaged: true };
		const faults = (kind: string, feed: WishChoice['feed'], holds: 'plates' | 'screws') => {
			const planned = planFor(built(kind), wishOf('gfci', feed));
			if (!planned.ok) throw new Error(planned.failure.code);
			return partFaults(planned.plan, answers, null, { holds });
		};
		expect(faults('branch', 'protected', 'plates')).toEqual([]);
		expect(faults('branch', 'protected', 'screws')).toEqual(['noPlates']);
		expect(faults('endOfRun', 'asFound', 'screws')).toEqual([]);
	});

	test('where the part in hand has plain screws its moves and its record say hooks', () => {
		const house = built('middleThrough');
		const planned = planFor(house, wishOf('decorator'));
		if (!planned.ok) throw new Error(planned.failure.code);
		const person = new Person(house, house, planned.plan, ['b1']);
		person.earthFrom = 'outlet:before';
		person.until('checkPart');
		const said = person.answer();
		expect(person.say({ ...said, hand: { holds: 'screws' } } as typeof said).ok).toBe(true);
		const lands = wayNow(planned.plan.work!, person.state).moves.filter(({ kind }) => kind === 'land');
		expect(lands.map((move) => 'how' in move && move.how)).toEqual(lands.map(() => 'hook'));
		person.until('finish');
		person.go();
		const after = houseAfterJob(house, person.plan, person.state, person.events, '2026-11-26', outcomeWords);
		const onScrews = findBox(after, here)!.terminations.filter(({ at }) => at.startsWith('terminal:'));
		expect(onScrews.length).toBeGreaterThan(3);
		expect(new Set(onScrews.map(({ how }) => how))).toEqual(new Set(['hook']));
	});

	test('what was read off the part is on record: where LINE is, when its light is lit', () => {
		const planned = planFor(built('endOfRun'), wishOf('gfci', 'asFound'));
		if (!planned.ok) throw new Error(planned.failure.code);
		const house = built('endOfRun');
		const person = new Person(house, house, planned.plan, ['b1']);
		person.earthFrom = 'outlet:before';
		person.until('checkPart');
		const said = person.answer();
		if (said.kind !== 'checkPart') throw new Error(said.kind);
		const hand = { holds: 'plates', lineAt: 'bottom', indicator: 'showsTrip', torqueNm: 1.6 } as const;
		expect(person.say({ ...said, hand }).ok).toBe(true);
		while (person.state.status === 'underWay') person.go();
		const after = houseAfterJob(house, planned.plan, person.state, person.events, '2026-11-26', outcomeWords);
		expect(findBox(after, here)!.device).toMatchObject({
			kind: 'gfci',
			lineAt: 'bottom',
			indicator: 'showsTrip',
			tripped: false
		});
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
	});

	test('what is printed on its charger is on record, and kept off one that has none', () => {
		for (const [part, on] of [
			['usb', true],
			['decorator', false]
		] as const) {
			const planned = planFor(built('endOfRun'), wishOf(part));
			if (!planned.ok) throw new Error(planned.failure.code);
			const house = built('endOfRun');
			const person = new Person(house, house, planned.plan, ['b1']);
			person.until('checkPart');
			const said = person.answer();
			if (said.kind !== 'checkPart') throw new Error(said.kind);
			expect(person.say({ ...said, hand: { chargerW: 45 } }).ok).toBe(true);
			while (person.state.status === 'underWay') person.go();
			const after = houseAfterJob(
				house,
				planned.plan,
				person.state,
				person.events,
				'2026-11-26',
				outcomeWords
			);
			expect(findBox(after, here)!.device).toMatchObject(
				on ? { kind: 'usb', chargerW: 45 } : { kind: 'duplex' }
			);
			expect('chargerW' in findBox(after, here)!.device!).toBe(on);
			expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		}
	});

	test('a new plate has what the new part asks for: labels of the old one went with it', () => {
		const house = built('middleThrough');
		const labelled: House = {
			...house,
			boxes: house.boxes.map((box) => (box.id === here ? { ...box, labels: ['noEquipmentGround'] } : box))
		};
		const { after } = through(labelled, wishOf('decorator', 'asFound'));
		expect('labels' in findBox(after, here)!).toBe(false);
	});

	test('half-switched to USB, always on: the switched end is capped', () => {
		const { after } = through(built('halfSwitched'), wishOf('usb', 'asFound', { switched: 'alwaysOn' }));
		expect(findBox(after, here)!.terminations.filter(({ at }) => at === 'capped').length).toBeGreaterThan(0);
	});

	test('whatever is wished for is either refused with its reason or done to its end', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(
					// Of the ungrounded one no outlet has a ground to lend: done in `whole.test`, in a house that has.
					...arrangements.filter(({ kind }) => !['fusedSpur', 'passingThrough', 'ungrounded'].includes(kind))
				),
				fc.nat(),
				fc.constantFrom<Feed>('asFound', 'throughDevice', 'pigtails', 'protected'),
				fc.constantFrom('metal' as const, 'plastic' as const),
				(arrangement, n, feed, boxMaterial) => {
					const house = arrangement.build({ boxMaterial, residual: true });
					const parts = soldIn(house.region);
					const wish = wishOf(parts[n % parts.length]!.id, feed);
					const planned = planFor(house, wish);
					if (!planned.ok) return void expect(planned.failure.code).toBeTruthy();
					const { person } = through(house, wish);
					expect({
						kind: arrangement.kind,
						wish,
						status: person.state.status,
						at: nextStep(planned.plan, person.state)
					}).toMatchObject({
						status: 'finished'
					});
				}
			),
			drawn(21, 60)
		);
	});
});
