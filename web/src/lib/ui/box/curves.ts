export interface Spot {
	readonly x: number;
	readonly y: number;
}

export const round1 = (value: number): number => Math.round(value * 10) / 10;

/** A cubic Bézier curve: its ends and its two control points. */
export type Curve = readonly [from: Spot, one: Spot, two: Spot, to: Spot];

export const pathOf = ([a, b, c, d]: Curve): string =>
	`M${round1(a.x)} ${round1(a.y)}C${round1(b.x)} ${round1(b.y)} ${round1(c.x)} ${round1(c.y)} ${round1(d.x)} ${round1(d.y)}`;

/** The point of a curve at `t`, 0 to 1. */
export function along([a, b, c, d]: Curve, t: number): Spot {
	const u = 1 - t;
	const mix = (p: number, q: number, s: number, e: number) =>
		u ** 3 * p + 3 * u * u * t * q + 3 * u * t * t * s + t ** 3 * e;
	return { x: round1(mix(a.x, b.x, c.x, d.x)), y: round1(mix(a.y, b.y, c.y, d.y)) };
}

const between = (a: Spot, b: Spot, t: number): Spot => ({
	x: a.x + (b.x - a.x) * t,
	y: a.y + (b.y - a.y) * t
});

/** A curve in two at `t` (de Casteljau). */
export function splitAt([a, b, c, d]: Curve, t: number): readonly [Curve, Curve] {
	const [ab, bc, cd] = [between(a, b, t), between(b, c, t), between(c, d, t)];
	const [abc, bcd] = [between(ab, bc, t), between(bc, cd, t)];
	const at = between(abc, bcd, t);
	return [
		[a, ab, abc, at],
		[at, bcd, cd, d]
	];
}

/** Where on a curve its last `length` begins, as `t`; 0 where it isn't that long. By chords of 48 equal steps. */
export function lastOf(curve: Curve, length: number): number {
	const steps = 48;
	let left = length;
	for (let k = steps; k > 0; k--) {
		const [one, other] = [along(curve, k / steps), along(curve, (k - 1) / steps)];
		const chord = Math.hypot(one.x - other.x, one.y - other.y);
		if (chord >= left) return (k - left / chord) / steps;
		left -= chord;
	}
	return 0;
}
