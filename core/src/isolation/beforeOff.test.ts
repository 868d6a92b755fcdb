import { describe, expect, it } from 'vitest';
import type { House, Matters } from '../house';
import { goingOffWith, hardThings, thingsBehind } from './beforeOff';

type Plugged = readonly [name: string, box: string, matters?: Matters];
/**
 * Main panel: b1 feeds the hall, b2 the study and what follows it, b3 a panel in the shed, whose s1 feeds the shed. In the attic something is connected for good, on b1.
 */
const house = (
	loads: readonly Plugged[],
	fixed: { readonly name: string; readonly matters?: Matters } | null = null
): House =>
	({
		panels: [
			{ id: 'main', breakers: [{ id: 'b1' }, { id: 'b2' }, { id: 'b3' }, { id: 'b4' }] },
			{ id: 'shed', breakers: [{ id: 's1' }], fedFrom: { panel: 'main', breaker: 'b3' } }
		],
		circuits: [
			{ id: 'hall', breaker: 'b1' },
			{ id: 'study', breaker: 'b2' },
			{ id: 'shed', breaker: 's1' }
		],
		cables: [
			{ circuit: 'hall', from: { panel: 'main' }, to: { box: 'hall' } },
			{ circuit: 'hall', from: { box: 'hall' }, to: { box: 'attic' } },
			{ circuit: 'study', from: { panel: 'main' }, to: { box: 'study' } },
			{ circuit: 'study', from: { box: 'study' }, to: { box: 'nook' } },
			{ circuit: 'shed', from: { panel: 'shed' }, to: { box: 'bench' } }
		],
		boxes: ['hall', 'attic', 'study', 'nook', 'bench'].map((id) =>
			id === 'attic' && fixed ? { id, device: { kind: 'fixed', ...fixed } } : { id }
		),
		loads: loads.map(([name, box, matters], k) => ({ id: `l${k}`, name, box, matters }))
	}) as unknown as House;
const names = (things: readonly { readonly name: string }[]) => things.map(({ name }) => name);

describe('what goes off with a breaker', () => {
	const all = house(
		[
			['clock', 'hall', 'clock'],
			['kettle', 'hall'],
			['router', 'nook', 'router'],
			['pump', 'bench', 'pump']
		],
		{ name: 'boiler', matters: 'work' }
	);

	it('is what matters on its circuits, plugged in or connected for good, and no more', () => {
		expect(thingsBehind(all, 'b1')).toEqual([
			{ id: 'l0', name: 'clock', box: 'hall', matters: 'clock' },
			{ id: 'attic', name: 'boiler', box: 'attic', matters: 'work' }
		]);
		expect(names(thingsBehind(all, 'b2'))).toEqual(['router']);
		expect(thingsBehind(all, 'b4')).toEqual([]);
		expect(names(thingsBehind(house([], { name: 'fan' }), 'b1'))).toEqual([]);
	});

	it('with a panel that hangs behind it goes all of that; with a main switch all of its panel', () => {
		expect(names(thingsBehind(all, 'b3'))).toEqual(['pump']);
		expect(names(thingsBehind(all, 's1'))).toEqual(['pump']);
		expect(names(thingsBehind(all, 'main:main')).sort()).toEqual(['boiler', 'clock', 'pump', 'router']);
		expect(names(thingsBehind(all, 'main:shed'))).toEqual(['pump']);
	});

	it('is told once, with what it means, what hurts most first', () => {
		const things = goingOffWith(
			house([
				['clock', 'hall', 'clock'],
				['freezer', 'hall', 'freezer'],
				['pump', 'study', 'pump'],
				['ventilator', 'nook', 'medical'],
				['desk', 'nook', 'work'],
				['alarm', 'study', 'alarm']
			]),
			['b1', 'b2', 'b1']
		);
		// Those that may hurt somebody, the longest trouble first; then the others by what they put somebody to, s.
		expect(names(things)).toEqual(['ventilator', 'alarm', 'desk', 'clock', 'pump', 'freezer']);
		expect(things.map(({ means }) => means.hard)).toEqual([true, true, false, false, false, false]);
		expect(goingOffWith(all, [])).toEqual([]);
	});
});

describe('what may not go off before it is seen to', () => {
	it('is what somebody’s health hangs on; a freezer isn’t', () => {
		const some = house([
			['ventilator', 'hall', 'medical'],
			['freezer', 'hall', 'freezer']
		]);
		expect(names(hardThings(some, 'b1'))).toEqual(['ventilator']);
		expect(hardThings(some, 'b2')).toEqual([]);
		// Another of its kind elsewhere helps nobody here.
		expect(
			names(
				hardThings(
					house([
						['ventilator', 'hall', 'medical'],
						['ventilator', 'nook', 'medical']
					]),
					'b1'
				)
			)
		).toEqual(['ventilator']);
	});

	it('an alarm, unless another stays on: plugged in or connected for good, an alarm, and not behind the same breaker', () => {
		const alarm = ['alarm', 'hall', 'alarm'] as const;
		expect(names(hardThings(house([alarm]), 'b1'))).toEqual(['alarm']);
		expect(hardThings(house([alarm, ['second', 'nook', 'alarm']]), 'b1')).toEqual([]);
		expect(names(hardThings(house([alarm, ['second', 'attic', 'alarm']]), 'b1'))).toEqual([
			'alarm',
			'second'
		]);
		expect(names(hardThings(house([alarm, ['second', 'nook', 'alarm']]), 'main:main'))).toEqual([
			'alarm',
			'second'
		]);
		expect(names(hardThings(house([alarm, ['radio', 'nook', 'clock']]), 'b1'))).toEqual(['alarm']);
		const onNook = house([['alarm', 'nook', 'alarm']], { name: 'fixed alarm', matters: 'alarm' });
		expect([names(hardThings(onNook, 'b1')), names(hardThings(onNook, 'b2'))]).toEqual([[], []]);
		const onlyFixed = house([['clock', 'nook', 'clock']], { name: 'fixed alarm', matters: 'alarm' });
		expect(names(hardThings(onlyFixed, 'b1'))).toEqual(['fixed alarm']);
		const boiler = house([['alarm', 'nook', 'alarm']], { name: 'boiler', matters: 'work' });
		expect(names(hardThings(boiler, 'b2'))).toEqual(['alarm']);
	});
});
