import type { Drawing, Shape } from './tag';

/** One label, and the outlet it is for. */
export interface Label {
	readonly text: string;
	readonly place: string;
}

/** A label as it goes on a plate, mm: narrower than any plate (2 3/4 in, 70 mm), type that is read at arm’s length. */
export const labelMm = { width: 48, height: 9, type: 3.6 } as const;
const rowMm = 16;
const topMm = 16;
const widthMm = 150;

/** Labels to cut out, one below the other, each with its place beside it. */
export function labelSheet(
	labels: readonly Label[],
	words: { readonly title: string; readonly foot: string }
): Drawing {
	const heightMm = topMm + labels.length * rowMm + 8;
	return {
		widthMm,
		heightMm,
		title: words.title,
		shapes: [
			{ kind: 'text', x: 4, y: 8, text: words.title, sizeMm: 4.6, bold: true },
			...labels.flatMap(({ text, place }, k): Shape[] => {
				const y = topMm + k * rowMm;
				return [
					{ kind: 'box', x: 4, y, width: labelMm.width, height: labelMm.height, lineMm: 0.2 },
					{
						kind: 'text',
						x: 4 + labelMm.width / 2,
						y: y + labelMm.height / 2 + labelMm.type * 0.36,
						text,
						sizeMm: labelMm.type,
						bold: true,
						middle: true,
						widthMm: labelMm.width - 4
					},
					{ kind: 'text', x: labelMm.width + 9, y: y + 5.8, text: place, sizeMm: 3.6, widthMm: 85 }
				];
			}),
			{ kind: 'text', x: 4, y: heightMm - 3, text: words.foot, sizeMm: 2.8, widthMm: widthMm - 8 }
		]
	};
}
