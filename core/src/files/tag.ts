/** Flat drawing instructions, millimetres from the upper left corner: what both SVG and PDF are made from. */
export type Shape =
	| {
			readonly kind: 'box';
			readonly x: number;
			readonly y: number;
			readonly width: number;
			readonly height: number;
			readonly lineMm: number;
			readonly filled?: boolean;
	  }
	| {
			readonly kind: 'circle';
			readonly x: number;
			readonly y: number;
			readonly radiusMm: number;
			readonly lineMm: number;
	  }
	| {
			readonly kind: 'line';
			readonly from: readonly [number, number];
			readonly to: readonly [number, number];
			readonly lineMm: number;
			readonly dashed?: boolean;
	  }
	| {
			readonly kind: 'text';
			readonly x: number;
			readonly y: number;
			readonly text: string;
			/** Height of the type, mm. */
			readonly sizeMm: number;
			readonly bold?: boolean;
			readonly paper?: boolean;
			/** Widest it may run; longer text is set smaller. */
			readonly widthMm?: number;
			readonly middle?: boolean;
	  };

export interface Drawing {
	readonly widthMm: number;
	readonly heightMm: number;
	readonly title: string;
	readonly shapes: readonly Shape[];
}

/** What a tag at a switched-off breaker says, in the words of the region. */
export interface Tag {
	readonly doNot: string;
	readonly rows: readonly { readonly what: string; readonly text: string }[];
	readonly foot: string;
}

/** A tag to cut out and fold over the handle: 74 × 120 mm, a hole to hang it by, hatched edge so that it is seen in bad light. */
export function tagDrawing(tag: Tag): Drawing {
	const widthMm = 74;
	const heightMm = 120;
	const hatch: Shape[] = Array.from({ length: 12 }, (_, k) => ({
		kind: 'line',
		from: [3 + k * 6, 34] as const,
		to: [6 + k * 6, 28] as const,
		lineMm: 1.6
	}));
	const words = tag.doNot.split('\n');
	return {
		widthMm,
		heightMm,
		title: words.join(' '),
		shapes: [
			{ kind: 'box', x: 0.6, y: 0.6, width: widthMm - 1.2, height: heightMm - 1.2, lineMm: 0.4 },
			{ kind: 'circle', x: widthMm / 2, y: 9, radiusMm: 3.4, lineMm: 0.5 },
			{ kind: 'line', from: [6, 19], to: [widthMm - 6, 19], lineMm: 0.3, dashed: true },
			...hatch,
			{
				kind: 'box',
				x: 0.6,
				y: 36,
				width: widthMm - 1.2,
				height: 9 + words.length * 9,
				lineMm: 0.4,
				filled: true
			},
			...words.map((text, k): Shape => ({
				kind: 'text',
				x: widthMm / 2,
				y: 47.5 + k * 9,
				text,
				sizeMm: 8,
				bold: true,
				paper: true,
				middle: true,
				widthMm: widthMm - 10
			})),
			...tag.rows.flatMap(({ what, text }, k): Shape[] => {
				const y = 50 + words.length * 9 + k * 9.5;
				return [
					{ kind: 'text', x: 5, y, text: what, sizeMm: 2.8 },
					{ kind: 'text', x: 5, y: y + 4.6, text, sizeMm: 4.4, bold: true, widthMm: widthMm - 10 }
				];
			}),
			{
				kind: 'text',
				x: widthMm / 2,
				y: heightMm - 4,
				text: tag.foot,
				sizeMm: 2.7,
				middle: true,
				widthMm: widthMm - 8
			}
		]
	};
}

/** Roughly how wide a text runs in this type, mm: an even 0.52 of its height a character, full height for ideographs. */
const roughWidthMm = (text: string, sizeMm: number): number =>
	[...text].reduce((sum, letter) => sum + (/[\u1100-\uffdc]/.test(letter) ? 1 : 0.54), 0) * sizeMm;

/** The type's height so that a text stays within its width. */
export const fittedMm = ({ text, sizeMm, widthMm }: Extract<Shape, { kind: 'text' }>): number =>
	widthMm === undefined
		? sizeMm
		: Math.min(sizeMm, (sizeMm * widthMm) / Math.max(1, roughWidthMm(text, sizeMm)));

const escaped = (text: string): string =>
	text.replace(
		/[&<>"']/g,
		(letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[letter]!
	);

/** A drawing as an SVG document, in millimetres. */
export function drawingSvg({ widthMm, heightMm, title, shapes }: Drawing): string {
	const body = shapes.map((shape) => {
		switch (shape.kind) {
			case 'box':
				return `<rect x="${shape.x}" y="${shape.y}" width="${shape.width}" height="${shape.height}" fill="${shape.filled ? '#000' : 'none'}" stroke="#000" stroke-width="${shape.lineMm}"/>`;
			case 'circle':
				return `<circle cx="${shape.x}" cy="${shape.y}" r="${shape.radiusMm}" fill="none" stroke="#000" stroke-width="${shape.lineMm}"/>`;
			case 'line':
				return `<path d="M${shape.from.join(' ')}L${shape.to.join(' ')}" stroke="#000" stroke-width="${shape.lineMm}"${shape.dashed ? ' stroke-dasharray="2 1.4"' : ''}/>`;
			case 'text':
				return `<text x="${shape.x}" y="${shape.y}" font-size="${Number(fittedMm(shape).toFixed(2))}"${shape.bold ? ' font-weight="700"' : ''}${shape.middle ? ' text-anchor="middle"' : ''} fill="${shape.paper ? '#fff' : '#000'}">${escaped(shape.text)}</text>`;
		}
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" font-family="'Atkinson Hyperlegible Next', Helvetica, Arial, sans-serif" role="img"><title>${escaped(title)}</title><rect width="${widthMm}" height="${heightMm}" fill="#fff"/>${body.join('')}</svg>\n`;
}
