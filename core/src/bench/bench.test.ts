import { describe, expect, it } from 'vitest';
import { benchMoves } from '../../test/benchMoves';
import { arrangements, arrangementsOf, emptyBox, here, newGfci } from '../arrangements';
import { fennelLaneRecorded } from '../demo';
import { deviceModel, findBox, points, settle, usualDevice, type Device, type House } from '../house';
import { checkHouse } from '../house/check';
import { personOhm, touchBand, touchCurrentsMa } from '../instruments';

import { magnitude, solve } from '../network';
import {
	benchFile,
	houseOf,
	look,
	newBench,
	newDevices,
	parseBench,
	perform,
	redo,
	thingsIn,
	tripsOf,
	undo,
	type Bench,
	type BenchEvent,
	type Instruments
} from './index';

const quiet: Instruments = { layer: 'none', meter: 'volts', red: null, black: null, tester: null };
const built = (region: 'us' | 'uk', kind: string): House =>
	arrangementsOf(region)
		.find((each) => each.kind === kind)!
		.build();
const on = (house: House): Bench => newBench('test', house, here);
function did(bench: Bench, ...events: BenchEvent[]): Bench {
	return events.reduce((now, event) => {
		const next = perform(now, event);
		if (!next.ok) throw new Error(`${event.kind}: ${next.refusal.code}`);
		return next.bench;
	}, bench);
}
const refused = (bench: Bench, event: BenchEvent): string | null => {
	const next = perform(bench, event);
	return next.ok ? null : next.refusal.code;
};
const guardAfter = (bench: Bench, box: string) =>
	look(houseOf(bench), here, { ...quiet, layer: 'guards' }).guards.find((each) => each.box === box)!.guard;

describe('a residual device in the middle of a run', () => {
	const wires = ['hot', 'neutral'] as const;
	const side = (cable: string, to: 'supply' | 'load'): BenchEvent[] =>
		wires.map((conductor) => ({
			kind: 'land',
			cable,
			conductor,
			at: `terminal:${to}${conductor === 'hot' ? 'Hot' : 'Neutral'}`
		}));
	const off: BenchEvent = { kind: 'breaker', id: 'b1', on: false };
	const power: BenchEvent = { kind: 'breaker', id: 'b1', on: true };
	const fresh: BenchEvent = { kind: 'fit', device: { ...newGfci, tripped: true } };

	it('guards what is on its load side, within the time of its curve', () => {
		const guard = guardAfter(on(built('us', 'throughGfci')), 'after');
		// 8 mA through 15 kΩ: (20 / 8)^1.43 = 3.7 s, UL 943.
		expect(guard).toMatchObject({ state: 'guarded', device: here, where: 'outlet' });
		expect(guard.state === 'guarded' && guard.afterS).toBeCloseTo(3.7, 1);
		expect(guardAfter(on(built('us', 'throughGfci')), 'before')).toEqual({ state: 'none' });
		// In the box itself: what comes in isn't guarded, what goes on is.
		const { seen } = look(built('us', 'throughGfci'), here, { ...quiet, layer: 'guards' });
		const guardOfWire = (id: string) => seen.find((each) => each.id === id)!.guard?.state;
		expect([guardOfWire('c2/hot'), guardOfWire('c3/hot'), guardOfWire('c3/neutral')]).toEqual([
			'none',
			'guarded',
			undefined
		]);
	});

	it('with supply and load exchanged a current make won’t reset and guards nothing; turned round it does', () => {
		const reversed = did(
			on(built('us', 'throughGfci')),
			off,
			fresh,
			...side('c2', 'load'),
			...side('c3', 'supply'),
			power
		);
		expect(refused(reversed, { kind: 'reset' })).toBe('wontReset');
		expect(guardAfter(reversed, 'after')).toEqual({ state: 'dead' });
		const right = did(reversed, off, ...side('c2', 'supply'), ...side('c3', 'load'), power, {
			kind: 'reset'
		});
		expect(guardAfter(right, 'after').state).toBe('guarded');
	});

	it('an old make with its sides exchanged gives power at its face and doesn’t guard it', () => {
		const old: BenchEvent = { kind: 'fit', device: { ...newGfci, make: 'old' } };
		const reversed = did(
			on(built('us', 'throughGfci')),
			off,
			old,
			...side('c2', 'load'),
			...side('c3', 'supply'),
			power
		);
		expect(guardAfter(reversed, here)).toEqual({ state: 'none' });
		expect(look(houseOf(reversed), here, quiet).halves[0]!.hotNeutralV).toBeGreaterThan(110);
	});

	it('trips at its button, shows it by its light, and can be reset', () => {
		const tested = did(on(built('us', 'throughGfci')), { kind: 'pressTest' });
		expect(tripsOf(tested)).toMatchObject([{ device: here, where: 'outlet', cause: 'residual' }]);
		expect(look(houseOf(tested), here, quiet)).toMatchObject({
			indicator: 'dark',
			halves: [{ hotNeutralV: 0 }, { hotNeutralV: 0 }]
		});
		expect(look(houseOf(did(tested, { kind: 'reset' })), here, quiet).indicator).toBe('lit');
		expect(refused(did(tested, { kind: 'reset' }), { kind: 'reset' })).toBe('notTripped');
	});

	it('trips at a tester’s button where there is a ground, and does nothing without one', () => {
		const tester: BenchEvent = { kind: 'pressTester', half: 'upper' };
		const grounded = did(on(built('us', 'throughGfci')), tester);
		// 120 V through 15 kΩ: 8 mA, above the 5 mA of the device.
		expect(tripsOf(grounded)).toMatchObject([{ device: here, cause: 'residual' }]);
		const cut = did(
			on(built('us', 'throughGfci')),
			{ kind: 'landTail', tail: 'groundTail', end: 'to', at: 'bare' },
			tester
		);
		expect(tripsOf(cut)).toEqual([]);
		expect(tripsOf(did(cut, { kind: 'pressTest' }))).toMatchObject([{ device: here }]);
	});

	it('one that guards against arcs only says that arcs aren’t modelled, and lets itself be reset', () => {
		const arcs = did(on(built('us', 'throughGfci')), {
			kind: 'fit',
			device: { ...newGfci, protection: 'arcFault', tripped: true }
		});
		expect(refused(arcs, { kind: 'pressTest' })).toBe('arcsNotModelled');
		expect(refused(arcs, { kind: 'reset' })).toBe(null);
	});

	it('worn out, it stays shut when its button is pressed', () => {
		const worn = did(
			on(built('us', 'throughGfci')),
			{ kind: 'fit', device: { ...newGfci, senses: false } },
			{ kind: 'pressTest' }
		);
		expect(tripsOf(worn)).toEqual([]);
	});
});

describe.each(['us', 'uk'] as const)('every device that can be fitted, %s', (region) => {
	const terminals = (device: Device, role: 'hot' | 'neutral' | 'ground') =>
		deviceModel(device).terminals.find((each) => each.role === role && each.side !== 'load');
	it.each(Object.entries(newDevices[region]))(
		'%s: wired from nothing it gives its voltage, and its current comes back',
		(_, device) => {
			const cable: BenchEvent = {
				kind: 'addCable',
				id: 'k',
				circuit: 'a',
				way: 'fromPanel',
				secondHot: false,
				grounded: true,
				sheath: region === 'us' ? 'nonmetallic' : 'twinAndEarth',
				material: 'copper',
				size: region === 'us' ? '14AWG' : '2.5mm2',
				palette: region === 'us' ? 'us' : 'ukNew',
				lengthM: 10
			};
			const wires = (['hot', 'neutral', 'ground'] as const).flatMap((role): BenchEvent[] => {
				const terminal = terminals(device, role);
				return terminal
					? [{ kind: 'land', cable: 'k', conductor: role, at: `terminal:${terminal.name}` }]
					: [];
			});
			const wired = did(on(emptyBox(region)), { kind: 'fit', device }, cable, ...wires);
			const ready = 'tripped' in device && device.tripped ? did(wired, { kind: 'reset' }) : wired;
			const nominalV = region === 'us' ? 120 : 230;
			for (const half of deviceModel(device).halves) {
				const loaded = did(ready, { kind: 'plug', box: here, half, what: 'heater', id: 'heater' });
				expect(tripsOf(loaded)).toEqual([]);
				const { halves, loads, seen } = look(houseOf(loaded), here, quiet);
				expect(halves.find((each) => each.half === half)!.hotNeutralV).toBeGreaterThan(nominalV * 0.95);
				expect(loads.heater).toBeGreaterThan(0.95);
				const amps = (id: string) => seen.find((each) => each.id === id)!.currentA!;
				expect(amps('k/hot')).toBeGreaterThan(7);
				expect(amps('k/hot') + amps('k/neutral')).toBeCloseTo(0, 5);
			}
			expect(look(houseOf(ready), here, quiet).indicator).toBe(
				device.kind === 'gfci' ? (device.indicator === 'showsPower' ? 'lit' : 'dark') : null
			);
		}
	);
});

describe('what is refused, in the trade’s terms', () => {
	const us = on(built('us', 'middleThrough'));
	const land = (at: string, how?: 'hook' | 'pushIn'): BenchEvent => ({
		kind: 'land',
		cable: 'c3',
		conductor: 'hot',
		at,
		...(how ? { how } : {})
	});

	it('two wires under a one-wire screw, a terminal that isn’t there, a plastic box as ground', () => {
		expect(refused(us, land('terminal:hotUpper', 'hook'))).toBe('terminalFull');
		expect(refused(us, land('terminal:hotUpper'))).toBe(null);
		expect(refused(us, land('terminal:middle'))).toBe('unknown');
		expect(refused(us, land('box'))).toBe('noMetal');
		expect(refused(us, land('joint:none'))).toBe('unknown');
	});

	it('a conductor too big for its clamp; aluminium in a push-in spring', () => {
		const cable = (id: string, size: '6AWG' | '12AWG', material: 'copper' | 'aluminium'): BenchEvent => ({
			kind: 'addCable',
			id,
			circuit: 'b',
			way: 'fromPanel',
			secondHot: false,
			grounded: true,
			sheath: 'nonmetallic',
			material,
			size,
			palette: 'us',
			lengthM: 5
		});
		const empty = did(
			on(emptyBox('us')),
			{ kind: 'fit', device: usualDevice('us', 15) },
			cable('thick', '6AWG', 'copper'),
			cable('al', '12AWG', 'aluminium')
		);
		expect(refused(empty, { kind: 'land', cable: 'thick', conductor: 'hot', at: 'terminal:hotUpper' })).toBe(
			'conductorTooBig'
		);
		expect(
			refused(empty, { kind: 'land', cable: 'al', conductor: 'hot', at: 'terminal:hotUpper', how: 'pushIn' })
		).toBe('conductorTooBig');
		expect(refused(empty, cable('al', '12AWG', 'copper'))).toBe('idTaken');
		let many = empty;
		for (let k = 3; k <= 8; k++) many = did(many, cable(`more${k}`, '12AWG', 'copper'));
		expect(refused(many, cable('another', '12AWG', 'copper'))).toBe('tooManyCables');
	});

	it('a tab that is broken already, a device with wires on it taken out', () => {
		expect(refused(did(us, { kind: 'breakTab', which: 'hot' }), { kind: 'breakTab', which: 'hot' })).toBe(
			'noTab'
		);
		expect(refused(us, { kind: 'takeOut' })).toBe('deviceInUse');
		expect(refused(us, { kind: 'removeCable', id: 'c2' })).toBe('cableGoesOn');
	});
});

describe('what a hand would feel', () => {
	it('is what the network with a person in it says, at every thing in every arrangement, by update as anew', () => {
		for (const { build } of arrangements) {
			const house = build();
			const { network } = settle(house);
			const things = thingsIn(house, findBox(house, here)!);
			const felt = touchCurrentsMa(
				house,
				network,
				things.map(({ point }) => point)
			);
			expect(felt.size).toBeGreaterThan(5);
			for (const [point, milliamperes] of felt) {
				const person = {
					kind: 'resistor',
					id: 'p',
					from: point,
					to: points.earth('main'),
					resistanceOhm: personOhm
				} as const;
				const solution = solve({ ...network, branches: [...network.branches, person] });
				if (solution.outcome === 'singular') throw new Error(solution.node);
				const at = solution.voltageV.get(point);
				expect(milliamperes, point).toBeCloseTo(at ? (magnitude(at) / personOhm) * 1000 : 0, 9);
			}
		}
	});
	it('bands begin at 0.5, 10 and 30 mA', () => {
		expect([0, 0.49, 0.5, 9.9, 10, 29.9, 30, 230].map(touchBand)).toEqual([
			'nothing',
			'nothing',
			'felt',
			'felt',
			'cantLetGo',
			'cantLetGo',
			'heart',
			'heart'
		]);
	});
});

describe('what answers at once', () => {
	it('a contactless tester alarms at a hot, is silent at a neutral and blind through armour', () => {
		const alarms = (house: House, point: string) =>
			look(house, here, { ...quiet, meter: 'contactless', red: point }).metered;
		const house = built('us', 'endOfRun');
		expect(alarms(house, points.conductor('c2', 'hot', 'to'))).toEqual({ kind: 'alarm', alarms: true });
		expect(alarms(house, points.conductor('c2', 'neutral', 'to'))).toEqual({ kind: 'alarm', alarms: false });
		expect(alarms(built('us', 'metalPath'), points.conductor('c2', 'hot', 'to'))).toEqual({
			kind: 'alarm',
			alarms: false
		});
	});

	it('a bare hot against the metal box trips the breaker; the hand on an unearthed box would be hurt', () => {
		const metal = built('us', 'ungrounded');
		const touching = did(on(metal), { kind: 'touch', cable: 'c2', conductor: 'hot', touches: true });
		expect(tripsOf(touching)).toEqual([]);
		const { seen } = look(houseOf(touching), here, { ...quiet, layer: 'touch' });
		const box = seen.find(({ id }) => id === 'box')!;
		// 120 V through 1000 Ω.
		expect(box.touch!.milliamperes).toBeCloseTo(120, 0);
		expect(box.touch!.band).toBe('heart');
		const earthed = did(on(built('us', 'metalPath')), {
			kind: 'touch',
			cable: 'c2',
			conductor: 'hot',
			touches: true
		});
		expect(tripsOf(earthed)).toMatchObject([{ device: 'b1', where: 'breaker' }]);
		expect(tripsOf(earthed)[0]!.currentA).toBeGreaterThan(100);
	});

	it('hardly stripped: insulation under the screw, and nothing at the slots; current goes out and comes back', () => {
		const end = built('us', 'endOfRun');
		const cut = did(on(end), { kind: 'strip', cable: 'c2', conductor: 'hot', mm: 1 });
		expect(look(houseOf(cut), here, quiet).halves[0]!.hotNeutralV).toBeLessThan(60);
		const heater = did(on(end), { kind: 'plug', box: here, half: 'upper', what: 'heater', id: 'heater' });
		const { seen, loads } = look(houseOf(heater), here, quiet);
		const amps = (id: string) => seen.find((each) => each.id === id)!.currentA!;
		// 1500 W at 120 V.
		expect(amps('c2/hot')).toBeGreaterThan(11.6);
		expect(amps('c2/hot')).toBeLessThan(12.6);
		expect(amps('c2/hot') + amps('c2/neutral')).toBeCloseTo(0, 6);
		expect(loads.heater).toBeGreaterThan(0.93);
	});

	it('two kettles overload a 15 A circuit, but not within ten seconds', () => {
		const both = did(
			on(built('us', 'endOfRun')),
			{ kind: 'plug', box: here, half: 'upper', what: 'kettle', id: 'one' },
			{ kind: 'plug', box: 'before', half: 'upper', what: 'kettle', id: 'two' }
		);
		expect(tripsOf(both)).toEqual([]);
		expect(look(houseOf(both), here, quiet).coming).toMatchObject([{ device: 'b1', cause: 'overload' }]);
	});
});

describe('any sequence of events', () => {
	const anyEvent = benchMoves(4711);

	it.each(arrangements.map((each) => [`${each.region} ${each.kind}`, each] as const))(
		'%s: leaves a sound record, is undone and redone, and survives a file',
		(_, { build }) => {
			let bench = on(build());
			const houses = [houseOf(bench)];
			for (let k = 0; k < 40; k++) {
				const next = perform(bench, anyEvent(houseOf(bench)));
				if (!next.ok) continue;
				bench = next.bench;
				houses.push(houseOf(bench));
				// A mistake may put two wires under a one-wire screw, or close a loop; nobody else may.
				const mistaken = bench.past.some(({ event }) => event.kind === 'mistake');
				const ofMistakes = ['terminalOverfull', 'notHeldThatWay', 'chainCycle'];
				// A tail in the hand leads nowhere yet.
				const found = checkHouse(houseOf(bench)).filter(
					({ code }) => code !== 'tailToNothing' && (!mistaken || !ofMistakes.includes(code))
				);
				expect(found, bench.past.at(-1)!.event.kind).toEqual([]);
			}
			expect(houses.length).toBeGreaterThan(5);
			let back = bench;
			for (let k = houses.length - 2; k >= 0; k--) {
				const move = undo(back);
				if (!move.ok) throw new Error(move.refusal.code);
				back = move.bench;
				expect(houseOf(back)).toBe(houses[k]);
			}
			expect(undo(back)).toMatchObject({ ok: false, refusal: { code: 'nothingToUndo' } });
			const forth = redo(back);
			expect(forth.ok && houseOf(forth.bench)).toBe(houses[1]);
			const read = parseBench(JSON.parse(JSON.stringify(benchFile(bench))));
			expect(read.ok && houseOf(read.bench)).toEqual(houseOf(bench));
		}
	);
});

describe('a bench file', () => {
	const file = benchFile(did(on(built('uk', 'ring')), { kind: 'breaker', id: 'b1', on: false }));
	const problems = (value: unknown) => {
		const read = parseBench(value);
		return read.ok ? [] : read.problems.map(({ code }) => code);
	};
	it('from elsewhere, from the future, cut short or with a step that can’t be done is refused with the reason', () => {
		expect(problems(file)).toEqual([]);
		expect(problems(null)).toEqual(['notABench']);
		expect(problems({ format: 'wary-hand/house' })).toEqual(['notABench']);
		expect(problems({ ...file, version: 2 })).toEqual(['fromTheFuture']);
		expect(problems({ ...file, box: 'cellar' })).toEqual(['noSuchBox']);
		expect(problems({ ...file, done: 3 })).toEqual(['doneBeyondEnd']);
		expect(problems({ ...file, events: [{ kind: 'teleport' }] })).toEqual(['shape']);
		expect(problems({ ...file, events: [{ kind: 'breaker', id: 'b9', on: true }] })).toEqual(['event']);
		expect(problems({ ...file, house: { ...file.house, circuits: [] } })).toContain('house');
	});
	it('never changes the house it began from', () => {
		const house = fennelLaneRecorded();
		const before = JSON.stringify(house);
		const bench = newBench(
			'sewing room',
			house,
			house.boxes.find(({ device }) => device?.kind === 'duplex')!.id
		);
		perform(bench, { kind: 'breakTab', which: 'hot' });
		expect(JSON.stringify(house)).toBe(before);
		expect(points.metal('x')).toBe('box:x/metal');
	});
});
