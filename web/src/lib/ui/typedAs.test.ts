import { expect, it } from 'vitest';
import { typedAs } from './typedAs';

it('a place is found without its comma, and by its own name before its room’s', () => {
	expect(typedAs('Bath, mirror')).toEqual(['Bath mirror', 'mirror Bath']);
	expect(typedAs('Settings')).toEqual(['Settings', 'Settings']);
});
