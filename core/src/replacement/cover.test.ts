import { seedOf } from '../../test/draws';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../test/searchPanels';
import { cover, insteadOf, type CoverNode } from './cover';

/** Every shape of a circuit with so many boxes: each box after the first hangs on one before it, or on the panel. */
function* shapes(count: number): Generator<readonly (number | null)[]> {
	if (count === 0) {
		yield [];
		return;
	}
	for (const shape of shapes(count - 1))
		for (let parent = -1; parent < count - 1; parent++) yield [...shape, parent < 0 ? null : parent];
}

/** What a set of devices leaves uncovered, told box by box: is there a device here, or one above on whose load side this branch may be? */
function left(nodes: readonly CoverNode[], devices: ReadonlySet<number>): number {
	const isUnder = (k: number, top: number): boolean => {
		for (let at: number | null = k; at !== null; at = nodes[at]!.parent) if (at === top) return true;
		return false;
	};
	const spares = (top: number) => nodes.some(({ avoid, needs }, k) => avoid && !needs && isUnder(k, top));
	const covered = (k: number): boolean => {
		if (devices.has(k)) return true;
		let below = k;
		for (let at = nodes[k]!.parent; at !== null; below = at, at = nodes[at]!.parent)
			if (devices.has(at) && !spares(below)) return true;
		return false;
	};
	return nodes.filter(({ needs }, k) => needs && !covered(k)).length;
}

function byTrying(nodes: readonly CoverNode[]): readonly [uncovered: number, devices: number] {
	let best: readonly [number, number] = [Infinity, Infinity];
	for (let set = 0; set < 2 ** nodes.length; set++) {
		const devices = new Set(nodes.flatMap((_, k) => ((set >> k) & 1 ? [k] : [])));
		const may = [...devices].every((k) => {
			const { canTake, avoid, needs } = nodes[k]!;
			return canTake && !(avoid && !needs);
		});
		if (!may) continue;
		const uncovered = left(nodes, devices);
		if (uncovered < best[0] || (uncovered === best[0] && devices.size < best[1]))
			best = [uncovered, devices.size];
	}
	return best;
}

const some = (random: () => number, parents: readonly (number | null)[]): CoverNode[] =>
	parents.map((parent, k) => ({
		id: `b${k}`,
		parent,
		needs: random() < 0.4,
		canTake: random() < 0.7,
		avoid: random() < 0.2
	}));

const agrees = (nodes: readonly CoverNode[]) => {
	const { devices, uncovered } = cover(nodes);
	const [most, fewest] = byTrying(nodes);
	expect([uncovered.length, devices.length], JSON.stringify(nodes)).toEqual([most, fewest]);
	const chosen = new Set(devices.map(({ id }) => nodes.findIndex((node) => node.id === id)));
	expect(left(nodes, chosen)).toBe(uncovered.length);
};

describe('the fewest devices that cover a circuit', () => {
	it('agrees with trying every set, on every shape of up to seven boxes', () => {
		const random = seeded(seedOf(11));
		let tried = 0;
		for (let count = 1; count <= 7; count++)
			for (const parents of shapes(count)) {
				agrees(some(random, parents));
				tried++;
			}
		expect(tried).toBe(1 + 2 + 6 + 24 + 120 + 720 + 5040);
	});

	it('agrees on a seeded sample of eight to twelve boxes', () => {
		const random = seeded(seedOf(12));
		for (let k = 0; k < 150; k++) {
			const count = 8 + (k % 5);
			const parents = Array.from({ length: count }, (_, at) => {
				const parent = Math.floor(random() * (at + 1)) - 1;
				return parent < 0 ? null : parent;
			});
			agrees(some(random, parents));
		}
	});

	const node = (id: string, parent: number | null, more: Partial<CoverNode> = {}): CoverNode => ({
		id,
		parent,
		needs: false,
		canTake: true,
		avoid: false,
		...more
	});

	it('puts one at the head of a chain, which guards what follows', () => {
		const chain = [
			node('a', null, { needs: true }),
			node('b', 0, { needs: true }),
			node('c', 1, { needs: true })
		];
		expect(cover(chain)).toEqual({
			devices: [{ id: 'a', onLoad: ['b'], onSupply: [], guards: ['a', 'b', 'c'] }],
			uncovered: []
		});
	});

	it('goes upstream of a box that can’t take one', () => {
		const behind = [node('before', null), node('refrigerator', 0, { needs: true, canTake: false })];
		expect(cover(behind).devices.map(({ id }) => id)).toEqual(['before']);
	});

	it('leaves a freezer’s branch on the supply side', () => {
		const fork = [
			node('a', null, { needs: true }),
			node('freezer', 0, { avoid: true }),
			node('b', 0, { needs: true })
		];
		expect(cover(fork).devices).toEqual([
			{ id: 'a', onLoad: ['b'], onSupply: ['freezer'], guards: ['a', 'b'] }
		]);
	});

	it('of two that do takes the one further upstream, and puts on its load side only what asks for it', () => {
		const fork = [node('head', null), node('sink', 0, { needs: true }), node('dry', 0)];
		expect(cover(fork).devices).toEqual([
			{ id: 'head', onLoad: ['sink'], onSupply: ['dry'], guards: ['head', 'sink'] }
		]);
	});

	it('every place named instead does as well, by trying; and one that does is named', () => {
		const random = seeded(seedOf(13));
		let named = 0;
		for (let count = 2; count <= 6; count++)
			for (const parents of shapes(count)) {
				const nodes = some(random, parents);
				const plan = cover(nodes);
				const at = (id: string) => nodes.findIndex((each) => each.id === id);
				const chosen = plan.devices.map(({ id }) => at(id));
				for (const [id, places] of insteadOf(nodes, plan)) {
					const others = chosen.filter((k) => k !== at(id));
					const alike = nodes.flatMap(({ canTake, avoid, needs }, k) =>
						canTake &&
						!(avoid && !needs) &&
						!chosen.includes(k) &&
						left(nodes, new Set([...others, k])) === plan.uncovered.length
							? [k]
							: []
					);
					for (const place of places) expect(alike, JSON.stringify(nodes)).toContain(at(place));
					expect(places.length > 0, JSON.stringify([nodes, id])).toBe(alike.length > 0);
					named += places.length;
				}
			}
		expect(named).toBeGreaterThan(100);
	});

	it('says where else one could sit, the nearest the panel first, and never a place that can’t take one', () => {
		const run = [
			node('head', null),
			node('middle', 0, { canTake: false }),
			node('before', 1),
			node('sink', 2, { needs: true })
		];
		const plan = cover(run);
		expect(plan.devices.map(({ id }) => id)).toEqual(['head']);
		expect([...insteadOf(run, plan)]).toEqual([['head', ['before', 'sink']]]);
		const alone = [node('only', null, { needs: true })];
		expect([...insteadOf(alone, cover(alone))]).toEqual([['only', []]]);
	});

	it('says what nothing reaches', () => {
		expect(cover([node('a', null, { needs: true, canTake: false })])).toEqual({
			devices: [],
			uncovered: ['a']
		});
	});
});
