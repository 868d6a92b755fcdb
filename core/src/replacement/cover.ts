/** A box on a circuit as far as covering it goes. Parents come before their children. */
export interface CoverNode {
	readonly id: string;
	/** Its place in the list; `null`: fed from the panel. */
	readonly parent: number | null;
	/** Protection is asked here and nothing guards it yet. */
	readonly needs: boolean;
	/** A residual device may go in here. */
	readonly canTake: boolean;
	/** Should not hang behind one: a freezer, a pump, an alarm. Where it is asked for all the same, it does. */
	readonly avoid: boolean;
}

export interface CoverDevice {
	readonly id: string;
	/** Boxes after it that go on its load side, and those that stay on its supply side. */
	readonly onLoad: readonly string[];
	readonly onSupply: readonly string[];
	/** Everything that it guards, itself first. */
	readonly guards: readonly string[];
}

export interface Cover {
	readonly devices: readonly CoverDevice[];
	/** Asked for, and out of reach of any device. */
	readonly uncovered: readonly string[];
}

/** What a choice costs: what stays uncovered first, then devices; of two alike the one further upstream, which guards more. */
type Cost = readonly [uncovered: number, devices: number, unguarded: number];
const add = (a: Cost, b: Cost): Cost => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const cheaper = (a: Cost, b: Cost): boolean =>
	a[0] !== b[0] ? a[0] < b[0] : a[1] !== b[1] ? a[1] < b[1] : a[2] < b[2];

interface Best {
	readonly cost: Cost;
	readonly devices: readonly number[];
}

/**
 * The fewest residual devices that guard every box of a circuit where one is asked for, exactly: from the ends of the tree inwards, each box either takes one or doesn't. A
 * device guards its own face and whichever of the following branches is put on its load side; a branch with something in it that shouldn't hang behind one isn't.
 */
export function cover(nodes: readonly CoverNode[]): Cover {
	const children = nodes.map((_, k) => nodes.flatMap(({ parent }, c) => (parent === k ? [c] : [])));
	const spared = nodes.map(({ avoid, needs }) => avoid && !needs);
	const whole = nodes.map((_, k) => branch(children, k));
	const mayHang = whole.map((each) => !each.some((k) => spared[k]));
	const best: Best[] = new Array<Best>(nodes.length);
	const without = (k: number): Best => ({
		cost: children[k]!.map((c) => best[c]!.cost).reduce(add, [nodes[k]!.needs ? 1 : 0, 0, 1]),
		devices: children[k]!.flatMap((c) => best[c]!.devices)
	});
	const onLoad = (k: number): number[] => children[k]!.filter((c) => mayHang[c] && needed(c));
	const needed = (c: number): boolean => whole[c]!.some((k) => nodes[k]!.needs);
	const withOne = (k: number): Best => {
		const fed = new Set(onLoad(k));
		const rest = children[k]!.filter((c) => !fed.has(c));
		return {
			cost: rest.map((c) => best[c]!.cost).reduce(add, [0, 1, 0]),
			devices: [k, ...rest.flatMap((c) => best[c]!.devices)]
		};
	};
	for (let k = nodes.length - 1; k >= 0; k--) {
		const [plain, one] = [without(k), nodes[k]!.canTake && !spared[k] ? withOne(k) : null];
		best[k] = one && cheaper(one.cost, plain.cost) ? one : plain;
	}
	const devices = nodes.flatMap(({ parent }, k) => (parent === null ? best[k]!.devices : []));
	const guards = (k: number): number[] => [k, ...onLoad(k).flatMap((c) => whole[c]!)];
	const guarded = new Set(devices.flatMap(guards));
	const id = (k: number) => nodes[k]!.id;
	return {
		devices: devices.map((k) => ({
			id: id(k),
			onLoad: onLoad(k).map(id),
			onSupply: children[k]!.filter((c) => !onLoad(k).includes(c)).map(id),
			guards: guards(k).map(id)
		})),
		uncovered: nodes.filter(({ needs }, k) => needs && !guarded.has(k)).map((node) => node.id)
	};
}

/**
 * Where else each device of a cover could sit, with as few devices and as much guarded: for the person to choose, since which place is reached or liked better no sum knows. The one nearest
 * the panel first; at most `most` each.
 */
export function insteadOf(
	nodes: readonly CoverNode[],
	{ devices, uncovered }: Cover,
	most = 3
): ReadonlyMap<string, readonly string[]> {
	const chosen = new Set(devices.map(({ id }) => id));
	return new Map(
		devices.map(({ id }) => {
			const found: string[] = [];
			while (found.length < most) {
				const barred = new Set([id, ...found]);
				const other = cover(nodes.map((node) => (barred.has(node.id) ? { ...node, canTake: false } : node)));
				const moved = other.devices.filter((each) => !chosen.has(each.id));
				const alike = other.uncovered.length === uncovered.length && other.devices.length === devices.length;
				// One moved, and the others stay where they are.
				if (!alike || moved.length !== 1) break;
				found.push(moved[0]!.id);
			}
			return [id, found];
		})
	);
}

/** A box and everything that hangs on it. */
const branch = (children: readonly (readonly number[])[], k: number): number[] => [
	k,
	...children[k]!.flatMap((c) => branch(children, c))
];
