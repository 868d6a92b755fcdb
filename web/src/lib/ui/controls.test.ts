import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parse } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';

const root = fileURLToPath(new URL('../../', import.meta.url));
const components = readdirSync(root, { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('.svelte'))
	.map((file) => ({ file, source: readFileSync(join(root, file), 'utf8') }));

/** Names of the elements of a component that are written out in it, and of those they stand in. */
function elementsOf(source: string): { name: string; within: readonly string[] }[] {
	const found: { name: string; within: readonly string[] }[] = [];
	const walk = (node: unknown, within: readonly string[]): void => {
		if (Array.isArray(node)) return node.forEach((each) => walk(each, within));
		if (typeof node !== 'object' || node === null) return;
		const { type, name } = node as { type?: string; name?: string };
		const named = (type === 'RegularElement' || type === 'Component') && name !== undefined;
		if (named) found.push({ name, within });
		for (const [key, value] of Object.entries(node))
			if (key !== 'metadata') walk(value, named ? [...within, name] : within);
	};
	walk(parse(source, { modern: true }).fragment, []);
	return found;
}

describe('controls', () => {
	const raw = ['button', 'input', 'select', 'textarea', 'dialog', 'table', 'details'];
	/** Made by hand because the library has none: what it is. */
	const ownMade = new Map([
		['routes/[home]/job/[job]/steps/PlugLamps.svelte', 'the lamps of a plug-in tester']
	]);

	it('stand in components of at most 200 lines', () => {
		const long = components.filter(({ source }) => source.trimEnd().split('\n').length > 200);
		expect(long.map(({ file }) => file)).toEqual([]);
	});

	it('ask a region for its facts, never for its name', () => {
		const named = components.filter(({ source }) => /region === '/.test(source));
		expect(named.map(({ file }) => file)).toEqual([]);
	});

	it('are the library’s, but for drawings', () => {
		const made = components
			.filter(({ file }) => !file.startsWith('lib/ui/') && !ownMade.has(file))
			.flatMap(({ file, source }) =>
				elementsOf(source)
					.filter(({ name }) => raw.includes(name))
					.map(({ name }) => `${file}: <${name}>`)
			);
		expect(made).toEqual([]);
	});

	it('what is said to be made by hand still is', () => {
		for (const [file] of ownMade)
			expect(
				elementsOf(readFileSync(join(root, file), 'utf8')).some(({ name }) => raw.includes(name)),
				file
			).toBe(true);
	});

	it('that draw blocks of their own don’t stand in a paragraph, which a browser would end before them', () => {
		const blocks = [
			'Select',
			'Textarea',
			'Verdict',
			'Table',
			'More',
			'FilePick',
			'Segments',
			'Choices',
			'ButtonGroup'
		];
		const ends = ['div', 'section', 'li', 'td', 'fieldset', 'Button', 'Verdict'];
		const wrong = components.flatMap(({ file, source }) =>
			elementsOf(source)
				.filter(({ name }) => blocks.includes(name))
				.filter(
					({ within }) => within.lastIndexOf('p') > Math.max(...ends.map((each) => within.lastIndexOf(each)))
				)
				.map(({ name }) => `${file}: <${name}> in a <p>`)
		);
		expect(wrong).toEqual([]);
	});
});
