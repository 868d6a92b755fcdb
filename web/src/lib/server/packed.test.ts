import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { describe, expect, it } from 'vitest';
import { packedOf, unpacked } from '$lib/sent';
import { packedOnce } from './packed';

describe('a house on its way to the browser', () => {
	it.each([fennelLaneRecorded, tanneryRow])('comes out as it went in, a seventh as long or less', (home) => {
		const house = packedOnce(home());
		const text = packedOf(house);
		expect(unpacked(text as string)).toEqual(house);
		expect((text as string).length).toBeLessThan(JSON.stringify(house).length / 7);
	});
	it('is packed once', () => {
		const house = packedOnce(tanneryRow());
		expect(packedOf(house)).toBe(packedOf(house));
	});
	it('keeps every letter of every script', () => {
		const named = packedOnce({ name: 'Küche – 台所 🔌 </script>' });
		expect(unpacked(packedOf(named) as string)).toEqual(named);
	});
	it.each([['text'], [null], [7], [{ house: 'not said to be packed' }]])(
		'goes as it is otherwise: %j',
		(value) => expect(packedOf(value)).toBe(false)
	);
});
