const ways: Readonly<Record<string, readonly [number, number]>> = {
	ArrowUp: [0, -1],
	ArrowDown: [0, 1],
	ArrowLeft: [-1, 0],
	ArrowRight: [1, 0]
};
/** Less than that is the same row or column, px. */
const leastPx = 4;

/** The element next to one in an arrow’s direction, as they lie on the page: the nearest, those off the line counting thrice as far aside. */
export function nextAlong<Placed extends { getBoundingClientRect: () => DOMRect }>(
	from: Placed,
	arrow: string,
	all: readonly Placed[]
): Placed | undefined {
	const way = ways[arrow];
	if (!way) return undefined;
	const here = from.getBoundingClientRect();
	return all
		.map((one) => ({ one, box: one.getBoundingClientRect() }))
		.map(({ one, box }) => ({
			one,
			dx: box.x + box.width / 2 - here.x - here.width / 2,
			dy: box.y + box.height / 2 - here.y - here.height / 2
		}))
		.filter(({ dx, dy }) => dx * way[0] + dy * way[1] > leastPx)
		.map(({ one, dx, dy }) => ({ one, far: Math.hypot(dx, dy) + Math.abs(way[0] ? dy : dx) * 2 }))
		.sort((a, b) => a.far - b.far)[0]?.one;
}
