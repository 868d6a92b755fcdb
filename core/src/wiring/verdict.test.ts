import { describe, expect, it } from 'vitest';
import { arrangements, here, newGfci } from '../arrangements';
import { cablesInBox, usualDevice, withBox, type Device, type House } from '../house';
import {
	asRecorded,
	endsOf,
	guardBefore,
	guardOfOutlet,
	promised,
	verdict,
	wanted,
	type Fault,
	type Feed,
	type Wiring
} from '.';
import { withEnd } from './value';

const duplex = usualDevice('us', 15);
const houseOf = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();
const asFound = { feed: 'asFound', switched: 'keep' } as const;

/** A fault in a line: its code, where, and of ends at which terminals of the plan. */
const line =
	(plan: Wiring) =>
	(fault: Fault): string => {
		const { code, ...rest } = fault;
		const said = Object.entries(rest).map(([key, value]) =>
			key === 'ends'
				? (value as readonly object[])
						.map((end) => endsOf(plan).find((each) => JSON.stringify(each.end) === JSON.stringify(end))!.at)
						.sort()
						.join(' ')
				: String(value)
		);
		return [code, ...said].join(' ');
	};
/** The verdict on a plan, in lines. */
function of(house: House, plan: Wiring, promise = promised(house, here, asFound)) {
	const { faults, passes, ...rest } = verdict(house, here, plan, promise);
	expect(passes).toBe(faults.length === 0);
	return { faults: faults.map(line(plan)).sort(), ...rest };
}
/** What is wanted with a part in a box, as it comes out of `wanted`. */
function plan(house: House, device: Device, feed: Feed = 'asFound', switched: 'keep' | 'alwaysOn' = 'keep') {
	const supply = cablesInBox(house, here).flatMap(({ cable, end }) => (end === 'to' ? [cable.id] : []));
	const wish = { device, feed, switched, supply, wireEnd: 'clampPlate', connector: 'lever' } as const;
	const made = wanted(house, here, wish);
	if (!made.ok) throw new Error(made.refusal.code);
	return { wiring: made.wiring, promise: promised(house, here, wish) };
}
/** Ends at a place put to another. */
const put = (wiring: Wiring, places: Readonly<Record<string, string>>): Wiring =>
	endsOf(wiring).reduce(
		(made, { end, at }) => (at in places ? withEnd(made, end, places[at]!, 'hook') : made),
		wiring
	);
const halves = (...faults: string[]): string[] =>
	faults.flatMap((each) => [`${each} lower`, `${each} upper`]).sort();
const nothing = { faults: [], protects: [], guardedBy: null, withoutGround: false };
const capped = (...places: string[]) => Object.fromEntries(places.map((at) => [`terminal:${at}`, 'capped']));
const exchanged = (...pairs: readonly (readonly [string, string])[]) =>
	Object.fromEntries(
		pairs.flatMap(([a, b]) => [
			[`terminal:${a}`, `terminal:${b}`],
			[`terminal:${b}`, `terminal:${a}`]
		])
	);

describe('a box as it is recorded', () => {
	it.each([
		['endOfRun', {}],
		['middlePigtails', {}],
		['halfSwitched', {}],
		['twoCircuits', {}],
		['ungrounded', {}],
		['ring', {}],
		['fusedSpur', {}],
		['throughGfci', { protects: ['here', 'after'], guardedBy: 'here' }],
		['behindGfci', { guardedBy: 'before' }]
	] as const)('%s passes: %j', (kind, said) => {
		const house = houseOf(kind);
		expect(of(house, asRecorded(house, here))).toEqual({ ...nothing, ...said });
	});
});

describe('one end let go, or two exchanged', () => {
	it.each([
		['middleThrough', capped('hotUpper'), halves('dead after', 'dead here')],
		['middleThrough', capped('hotLower'), halves('dead after')],
		['middleThrough', capped('neutralLower'), halves('dead after')],
		['middleThrough', capped('ground'), halves('groundOpen here')],
		['middleThrough', { 'joint:ground': 'capped' }, halves('groundOpen after', 'groundOpen here')],
		['middlePigtails', capped('hotUpper'), halves('dead here')],
		// A half each: what one loses the other keeps.
		['twoCircuits', capped('hotLower'), ['dead here lower']],
		['halfSwitched', capped('hotUpper'), ['dead here upper']],
		// Another of the leg that shares its neutral.
		['sharedNeutralMiddle', { 'joint:red': 'capped' }, halves('dead after')],
		['sharedNeutralMiddle', { 'joint:neutral': 'capped' }, halves('dead after', 'dead here')],
		// Hot to neutral: the breaker opens.
		[
			'endOfRun',
			{ 'terminal:neutralUpper': 'terminal:hotUpper' },
			[
				'dead before lower',
				'dead before upper',
				'dead here lower',
				'dead here upper',
				'trips b1 shortCircuit'
			]
		],
		// A hot at the ground screw: it opens too, whatever is plugged in.
		[
			'endOfRun',
			{ 'terminal:hotUpper': 'terminal:ground' },
			[
				'dead before lower',
				'dead before upper',
				'dead here lower',
				'dead here upper',
				'trips b1 shortCircuit'
			]
		],
		['middleThrough', exchanged(['hotUpper', 'neutralUpper']), halves('polarity after', 'polarity here')],
		['middleThrough', exchanged(['hotLower', 'neutralLower']), halves('polarity after')]
	] as const)('%s, %j: %j', (kind, places, faults) => {
		const house = houseOf(kind);
		const said = of(house, put(asRecorded(house, here), places)).faults;
		expect(said.filter((each) => !/^(wrongTerminal|overfull)/.test(each))).toEqual(faults);
	});

	it('uk: a ring holds with one leg of its earth; a radial doesn’t', () => {
		const said = (kind: string, at: string) => {
			const house = houseOf(kind);
			return of(house, put(asRecorded(house, here), capped(at))).faults;
		};
		expect(said('ring', 'groundA')).toEqual([]);
		expect(said('radialMiddle', 'groundB')).toEqual(['groundOpen after left', 'groundOpen after right']);
		expect(said('fusedSpur', 'loadHot')).toEqual(['dead after left', 'dead after right']);
	});
});

describe('a half that hangs on a wall switch', () => {
	const house = houseOf('halfSwitched');
	it('is promised to go on doing so, unless it is to be always on, and nowhere without a switch', () => {
		expect(promised(house, here, asFound)).toEqual({ protects: false, switched: ['lower'] });
		expect(promised(house, here, { feed: 'protected', switched: 'keep' }).protects).toBe(true);
		expect(promised(house, here, { feed: 'asFound', switched: 'alwaysOn' }).switched).toEqual([]);
		expect(promised(houseOf('middleThrough'), here, asFound)).toEqual({ protects: false, switched: [] });
		// Whichever way the switch stands just now.
		const off = {
			...house,
			boxes: house.boxes.map((box) =>
				box.device?.kind === 'switch' ? { ...box, device: { ...box.device, on: false } } : box
			)
		};
		expect(promised(off, here, asFound).switched).toEqual(['lower']);
		expect(of(off, asRecorded(off, here)).faults).toEqual([]);
	});

	it('must not come to be always on, nor the other one to hang on it', () => {
		const found = asRecorded(house, here);
		const whole = { ...found, device: { ...duplex, tabs: { hot: true, neutral: true } } } as Wiring;
		expect(of(house, whole).faults).toEqual([
			'hotsJoined joint:hot joint:hot terminal:hotLower',
			'switching lower'
		]);
		expect(of(house, put(found, exchanged(['hotUpper', 'hotLower']))).faults).toEqual([
			'switching lower',
			'switching upper'
		]);
		const { wiring, promise } = plan(house, duplex, 'asFound', 'alwaysOn');
		expect(of(house, wiring, promise).faults).toEqual([]);
		// As found it isn’t what was wished.
		expect(of(house, found, promise).faults).toEqual(['switching lower']);
	});
});

describe('what opens at a leak', () => {
	const gfci = houseOf('throughGfci');
	const found = asRecorded(gfci, here);

	it.each([
		['endOfRun', 'asFound', [], ['here']],
		['middleThrough', 'throughDevice', [], ['here']],
		['middleThrough', 'protected', [], ['here', 'after']],
		['branch', 'protected', [], ['here', 'after', 'after2']],
		['throughGfci', 'pigtails', ['unprotected after false'], ['here']],
		['throughGfci', 'protected', [], ['here', 'after']]
	] as const)('a GFCI in %s, %s: %j, protects %j', (kind, feed, faults, protects) => {
		const house = houseOf(kind);
		const { wiring, promise } = plan(house, newGfci, feed);
		expect(of(house, wiring, promise)).toEqual({ faults, protects, guardedBy: 'here', withoutGround: false });
	});

	it('behind another the other opens first: that it is this one can’t be promised', () => {
		const house = houseOf('behindGfci');
		const { wiring, promise } = plan(house, newGfci, 'protected');
		expect(of(house, wiring, promise)).toEqual({
			...nothing,
			faults: ['unprotected after true'],
			guardedBy: 'before'
		});
		// Asked for nothing of the kind it is no fault.
		expect(of(house, plan(house, newGfci).wiring).faults).toEqual([]);
	});

	it('names itself first of what it protects, in whatever order the house has its boxes', () => {
		const turned: House = { ...gfci, boxes: [...gfci.boxes].reverse() };
		expect(of(turned, asRecorded(turned, here)).protects).toEqual(['here', 'after']);
		const branch = houseOf('branch');
		const { wiring, promise } = plan(branch, newGfci, 'protected');
		for (const boxes of [branch.boxes, [...branch.boxes].reverse()]) {
			const said = of({ ...branch, boxes }, wiring, promise);
			expect([said.faults, said.protects[0], said.protects.length]).toEqual([[], 'here', 3]);
		}
	});

	it('a part that opens at nothing can’t be held to a promise that it protects: nothing hangs after it', () => {
		const plain = houseOf('middleThrough');
		const promise = { protects: true, switched: [] };
		expect(of(plain, asRecorded(plain, here), promise).faults).toEqual([]);
		// On its supply side what follows hangs beside it, not after it: the model can’t find it unprotected by this one.
		const { wiring } = plan(plain, newGfci, 'throughDevice');
		expect(of(plain, wiring, promise).faults).toEqual([]);
	});

	it('taken away, what it guarded is named, here and after', () => {
		const { wiring, promise } = plan(gfci, duplex);
		expect(of(gfci, wiring, promise)).toEqual({
			...nothing,
			faults: ['unprotected after false', 'unprotected here false']
		});
	});

	it('with supply and load exchanged, or no supply, it can’t be reset; the ends on its load side are named', () => {
		const places = exchanged(['supplyHot', 'loadHot'], ['supplyNeutral', 'loadNeutral']);
		const wontReset = 'wontReset terminal:loadHot terminal:loadNeutral';
		for (const change of [places, capped('supplyHot'), capped('supplyNeutral')])
			expect(of(gfci, put(found, change))).toEqual({
				...nothing,
				faults: [
					...halves('dead after', 'dead here'),
					'unprotected after false',
					'unprotected here false',
					wontReset
				]
			});
		expect(of(gfci, put(found, capped('loadHot')))).toEqual({
			...nothing,
			faults: [...halves('dead after'), 'unprotected after false'],
			protects: ['here'],
			guardedBy: 'here'
		});
	});

	it('is solved as it will be: reset, its face on, breakers on, however it stands now', () => {
		const out: House = {
			...gfci,
			panels: gfci.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) => ({ ...breaker, on: false }))
			})),
			boxes: gfci.boxes.map((box) =>
				box.device?.kind === 'gfci' ? { ...box, device: { ...box.device, tripped: true } } : box
			)
		};
		expect(of(out, asRecorded(out, here))).toEqual({
			...nothing,
			protects: ['here', 'after'],
			guardedBy: 'here'
		});
	});
});

describe('where no ground comes', () => {
	const house = houseOf('ungrounded');
	it.each([
		['a duplex has a place for one, and nothing guards it', duplex, ['unguardedWithoutGround here'], null],
		['a GFCI guards itself', newGfci, [], 'here']
	] as const)('%s', (_name, device, faults, guardedBy) => {
		expect(of(house, plan(house, device).wiring)).toEqual({
			faults,
			protects: guardedBy === null ? [] : [guardedBy],
			guardedBy,
			withoutGround: true
		});
	});

	it('metal round the cables is one, as long as the screw is on it', () => {
		const metal = houseOf('metalPath');
		const found = asRecorded(metal, here);
		expect(of(metal, found)).toEqual(nothing);
		for (const places of [capped('ground'), { box: 'capped' }])
			expect(of(metal, put(found, places))).toEqual({
				...nothing,
				faults: ['unguardedWithoutGround here'],
				withoutGround: true
			});
	});
});

describe('who guards an outlet', () => {
	const withBreaker = (house: House, type: 'residual' | 'dualFunction'): House => ({
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => ({ ...breaker, type, tripMa: 6 }))
		}))
	});

	it('nothing on a plain circuit; the breaker where that opens at a leak', () => {
		const plain = houseOf('middleThrough');
		expect([guardOfOutlet(plain, here), guardBefore(plain, here)]).toEqual([null, null]);
		expect(guardOfOutlet(plain, 'nowhere')).toBeNull();
		for (const type of ['residual', 'dualFunction'] as const) {
			const house = withBreaker(plain, type);
			const breaker = house.circuits[0]!.breaker;
			expect([guardOfOutlet(house, here), guardOfOutlet(house, 'after')]).toEqual([breaker, breaker]);
			// Asked again it is the same, and a duplex that stays is guarded as it was.
			expect(guardOfOutlet(house, here)).toBe(breaker);
			expect(of(house, asRecorded(house, here)).guardedBy).toBe(breaker);
		}
	});

	it('an RCD in the panel guards what hangs on it, and a breaker that feeds something else guards nothing here', () => {
		const uk = arrangements.find((each) => each.kind === 'ring')!.build({ residual: true });
		const guard = guardOfOutlet(uk, here);
		expect(guard).not.toBeNull();
		expect(
			[...uk.panels.flatMap(({ residualDevices, breakers }) => [...residualDevices, ...breakers])].map(
				({ id }) => id
			)
		).toContain(guard);
		expect(of(uk, asRecorded(uk, here)).guardedBy).toBe(guard);
		const plain = houseOf('twoCircuits');
		const spare = {
			...plain.panels[0]!.breakers[0]!,
			id: 'spare',
			spaces: [9],
			type: 'residual' as const,
			tripMa: 6
		};
		const withSpare: House = {
			...plain,
			panels: plain.panels.map((panel) => ({ ...panel, breakers: [...panel.breakers, spare] }))
		};
		expect(guardOfOutlet(withSpare, here)).toBeNull();
		expect(of(withSpare, asRecorded(withSpare, here))).toEqual(nothing);
	});

	it('what feeds a sub-panel guards all of it', () => {
		const house = houseOf('endOfRun');
		const [main] = house.panels;
		const feeding = { ...main!.breakers[0]!, id: 'feeds', type: 'residual' as const, tripMa: 6 };
		const fed: House = {
			...house,
			panels: [
				{ ...main!, id: 'first', breakers: [feeding] },
				{
					...main!,
					fedFrom: { breaker: 'feeds', lengthM: 10, size: '6AWG' as const }
				}
			]
		};
		expect(guardOfOutlet(fed, here)).toBe('feeds');
	});

	it('whatever sits in it: a GFCI isn’t what guards it before', () => {
		const through = houseOf('throughGfci');
		expect([guardOfOutlet(through, here), guardBefore(through, here)]).toEqual(['here', null]);
		expect([guardOfOutlet(through, 'after'), guardBefore(through, 'after')]).toEqual(['here', 'here']);
		expect(guardOfOutlet(through, 'before')).toBeNull();
		expect(guardBefore(through, 'nowhere')).toBeNull();
		const behind = houseOf('behindGfci');
		const two = withBox(behind, here, (box) => ({ ...box, ...plan(behind, newGfci).wiring }));
		expect([guardBefore(two, here), guardBefore(two, here)]).toEqual(['before', 'before']);
	});

	it('each half must be guarded where they are fed apart', () => {
		const two = houseOf('twoCircuits');
		const one: House = {
			...two,
			panels: two.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker, k) =>
					k === 0 ? { ...breaker, type: 'residual' as const, tripMa: 6 } : breaker
				)
			}))
		};
		expect(guardOfOutlet(one, here)).toBeNull();
	});
});
