import { expect, it } from 'vitest';
import { typedAs } from './typedAs';

it('a place is found without its comma, and by its own name before its room’s', () => {
	expect(typedAs('Bath, mirror')).toEqual(['Bath mirror', 'mirror Bath']);
	expect(typedAs('Settings')).toEqual(['Settings']);
});

it('words may be left out, and nothing is found by words that aren’t in it', () => {
	const typed = typedAs('Sewing room, east wall');
	for (const way of ['Sewing east', 'Sewing east wall', 'Sewing wall', 'east wall Sewing', 'room east'])
		expect(typed).toContain(way);
	expect(typed.every((way) => way.split(' ').every((word) => /^(Sewing|room|east|wall)$/.test(word)))).toBe(
		true
	);
	expect(new Set(typed).size).toBe(typed.length);
});

it('a long name is found by what stands together in it', () => {
	expect(typedAs('Small room, under the stairs to the cellar').length).toBeLessThanOrEqual(2);
});
