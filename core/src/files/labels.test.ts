import { expect, test } from 'vitest';
import { drawingSvg, fittedMm, labelMm, labelSheet } from '.';

const words = { title: 'Labels', foot: 'Cut along the lines.' };
const sheet = (texts: readonly string[]) =>
	labelSheet(
		texts.map((text, k) => ({ text, place: `Room ${k}, wall` })),
		words
	);

test('a label is narrower than a plate (2 3/4 in, 69.85 mm), its type stays inside its frame', () => {
	expect(labelMm.width).toBeLessThan(2.75 * 25.4);
	const drawing = sheet(['No Equipment Ground', 'GFCI Protected']);
	const frames = drawing.shapes.filter((shape) => shape.kind === 'box');
	expect(frames.length).toBe(2);
	for (const text of drawing.shapes.filter((shape) => shape.kind === 'text' && shape.middle)) {
		if (text.kind !== 'text') continue;
		// Letters of this type run at most 0.62 of their height (Atkinson Hyperlegible Next bold, widest capitals aside).
		expect(text.text.length * 0.62 * fittedMm(text)).toBeLessThan(labelMm.width);
	}
});

test('each label has its place beside it, none over another, all on the sheet', () => {
	const drawing = sheet(Array.from({ length: 12 }, () => 'GFCI Protected'));
	const frames = drawing.shapes.flatMap((shape) => (shape.kind === 'box' ? [shape] : []));
	for (const [k, frame] of frames.entries()) {
		const next = frames[k + 1];
		if (next) expect(frame.y + frame.height).toBeLessThan(next.y);
		expect(frame.y + frame.height).toBeLessThan(drawing.heightMm);
		expect(drawing.shapes).toContainEqual(expect.objectContaining({ text: `Room ${k}, wall` }));
	}
	// A4 is 297 mm high.
	expect(drawing.heightMm).toBeLessThan(297);
});

test('a place that is markup stays text', () => {
	const svg = drawingSvg(labelSheet([{ text: 'GFCI Protected', place: '<script>' }], words));
	expect(svg).toContain('&lt;script&gt;');
	expect(svg).not.toContain('<script>');
});
