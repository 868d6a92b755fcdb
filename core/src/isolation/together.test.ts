import { describe, expect, it } from 'vitest';
import type { House } from '../house';
import { apartOnNeutral, areTied, mustBeOffTogether } from './together';

/** Of each cable: from where, to where, and the circuits of its hot conductors, its own first. */
const house = (
	cables: readonly (readonly [from: string, to: string, ...circuits: string[]])[],
	more: { readonly beside?: Record<string, string>; readonly tied?: Record<string, string> } = {}
): House => {
	const boxes = [...new Set(cables.flatMap(([from, to]) => [from, to]))].filter((id) => id !== 'panel');
	return {
		panels: [
			{
				id: 'panel',
				breakers: ['b1', 'b2', 'b3', 'b4'].map((id) => ({ id, tiedWith: more.tied?.[id] }))
			}
		],
		circuits: ['b1', 'b2', 'b3', 'b4'].map((breaker) => ({ id: `of ${breaker}`, breaker })),
		cables: cables.map(([from, to, own, ...others], k) => ({
			id: `c${k}`,
			circuit: `of ${own}`,
			from: from === 'panel' ? { panel: 'panel' } : { box: from },
			to: { box: to },
			conductors: [{ id: 'own' }, ...others.map((other) => ({ id: other, circuit: `of ${other}` }))]
		})),
		boxes: boxes.map((id) => ({ id, inBoxWith: more.beside?.[id] }))
	} as unknown as House;
};
const together = (...asked: Parameters<typeof mustBeOffTogether>) =>
	mustBeOffTogether(...asked)
		.map(({ breaker, because }) => `${breaker} ${because}`)
		.sort();

describe('what must be off with a breaker', () => {
	it('nothing, for a circuit by itself, whatever else is in the house', () => {
		const plain = house([
			['panel', 'one', 'b1'],
			['one', 'two', 'b1'],
			['panel', 'three', 'b2']
		]);
		expect(together(plain, 'two', 'b1')).toEqual([]);
		expect(apartOnNeutral(plain, 'two', 'b1')).toEqual([]);
	});

	it('the other circuit of the same box, and of the device beside it, whichever of the two is asked for', () => {
		const two = house([
			['panel', 'one', 'b1'],
			['panel', 'one', 'b2']
		]);
		expect(together(two, 'one', 'b1')).toEqual(['b2 inTheBox']);
		expect(together(two, 'one', 'b2')).toEqual(['b1 inTheBox']);
		// Each with its own neutral: neither is a shared one.
		expect(apartOnNeutral(two, 'one', 'b1')).toEqual([]);
		const gang = house(
			[
				['panel', 'one', 'b1'],
				['panel', 'beside', 'b2']
			],
			{ beside: { beside: 'one' } }
		);
		expect(together(gang, 'one', 'b1')).toEqual(['b2 inTheBox']);
		expect(together(gang, 'beside', 'b2')).toEqual(['b1 inTheBox']);
	});

	it('the one that shares a neutral anywhere on the circuit, and what shares one with that', () => {
		const shared = house([
			['panel', 'one', 'b1', 'b2'],
			['one', 'two', 'b1'],
			['panel', 'far', 'b2', 'b3'],
			['panel', 'other', 'b4']
		]);
		expect(together(shared, 'two', 'b1')).toEqual(['b2 sharedNeutral', 'b3 sharedNeutral']);
		expect(apartOnNeutral(shared, 'two', 'b1')).toEqual(['b2', 'b3']);
		// Where it comes into the box itself.
		expect(together(shared, 'one', 'b1')).toEqual(['b2 inTheBox', 'b3 sharedNeutral']);
		expect(apartOnNeutral(shared, 'one', 'b1')).toEqual(['b2', 'b3']);
	});

	it('handles that are tied open together: said at either of them, of these two alone', () => {
		const cables = [
			['panel', 'one', 'b1', 'b2'],
			['one', 'two', 'b1']
		] as const;
		for (const tied of [{ b1: 'b2' }, { b2: 'b1' }] as Record<string, string>[]) {
			const house2 = house(cables, { tied });
			expect(together(house2, 'two', 'b1')).toEqual(['b2 tied']);
			expect(apartOnNeutral(house2, 'two', 'b1')).toEqual([]);
			expect(apartOnNeutral(house2, 'one', 'b1')).toEqual([]);
			expect([areTied(house2, 'b1', 'b2'), areTied(house2, 'b2', 'b1')]).toEqual([true, true]);
			expect([areTied(house2, 'b1', 'b3'), areTied(house2, 'b3', 'b4')]).toEqual([false, false]);
		}
		expect(apartOnNeutral(house(cables, { tied: { b1: 'b3' } }), 'two', 'b1')).toEqual(['b2']);
	});

	it('a circuit or a breaker that isn’t on record is left out', () => {
		const gone = house([
			['panel', 'one', 'b1', 'b9'],
			['one', 'two', 'b1']
		]);
		expect(together(gone, 'two', 'b1')).toEqual([]);
		expect(areTied(gone, 'b8', 'b9')).toBe(false);
	});
});
