import { describe, expect, it } from 'vitest';
import { drawingSvg, fittedMm, tagDrawing } from './index';

const tag = (name: string) =>
	tagDrawing({
		doNot: 'DO NOT\nSWITCH ON',
		rows: [
			{ what: 'breaker', text: '14' },
			{ what: 'who', text: name }
		],
		foot: 'Ask before touching it.'
	});

describe('a tag', () => {
	it('keeps every text inside its width, however long a name is', () => {
		for (const name of ['Al', 'A'.repeat(80), '台所の配電盤を管理している者'.repeat(5)])
			for (const shape of tag(name).shapes)
				if (shape.kind === 'text' && shape.widthMm !== undefined)
					expect([...shape.text].length * fittedMm(shape) * 0.5).toBeLessThanOrEqual(shape.widthMm);
	});

	it('is well-formed whatever is written in it', () => {
		const svg = drawingSvg(tag('O’Brien <b>&"\'</b>'));
		expect(svg).toContain('O’Brien &lt;b&gt;&amp;&quot;&#39;&lt;/b&gt;');
		expect(svg.match(/<text/g)).toHaveLength(7);
		expect(svg).not.toMatch(/NaN|undefined/);
	});
});
