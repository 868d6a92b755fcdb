import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { fittedMm, type Drawing } from '@wary/core/files';

const pointsPerMm = 72 / 25.4;

/** The page's own type, as files a PDF can take a subset of. */
const typeFile = (weight: 400 | 700): string =>
	createRequire(import.meta.url).resolve(
		`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`
	);

/** A drawing as a PDF, in the middle of an A4 sheet so that any printer takes it. */
export function drawingPdf({ widthMm, heightMm, title, shapes }: Drawing): Promise<Buffer> {
	const document = new PDFDocument({ size: 'A4', margin: 0, info: { Title: title, Creator: 'Wary Hand' } });
	const chunks: Buffer[] = [];
	const done = new Promise<Buffer>((resolve, reject) => {
		document.on('data', (chunk: Buffer) => chunks.push(chunk));
		document.on('end', () => resolve(Buffer.concat(chunks)));
		document.on('error', reject);
	});
	const plain = typeFile(400);
	const bold = typeFile(700);
	document.scale(pointsPerMm).translate((210 - widthMm) / 2, (297 - heightMm) / 4);
	for (const shape of shapes) {
		switch (shape.kind) {
			case 'box':
				document.lineWidth(shape.lineMm).rect(shape.x, shape.y, shape.width, shape.height);
				if (shape.filled) document.fill('#000');
				else document.stroke('#000');
				break;
			case 'circle':
				document.lineWidth(shape.lineMm).circle(shape.x, shape.y, shape.radiusMm).stroke('#000');
				break;
			case 'line':
				document
					.lineWidth(shape.lineMm)
					.moveTo(...shape.from)
					.lineTo(...shape.to);
				if (shape.dashed) document.dash(2, { space: 1.4 });
				document.stroke('#000').undash();
				break;
			case 'text': {
				const size = fittedMm(shape);
				document.font(shape.bold ? bold : plain, size).fillColor(shape.paper ? '#fff' : '#000');
				const x = shape.middle ? shape.x - document.widthOfString(shape.text) / 2 : shape.x;
				document.text(shape.text, x, shape.y - size * 0.8, { lineBreak: false });
			}
		}
	}
	document.end();
	return done;
}
