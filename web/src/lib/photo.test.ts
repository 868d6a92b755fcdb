import { describe, expect, it } from 'vitest';
import { photoTypeOf } from './photo';

const bytes = (...values: (number | string)[]) =>
	new Uint8Array(
		values.flatMap((value) =>
			typeof value === 'number' ? [value] : [...value].map((letter) => letter.charCodeAt(0))
		)
	);

describe('what a file is', () => {
	it('goes by its content: three kinds of picture, and nothing that only calls itself one', () => {
		expect(photoTypeOf(bytes(0xff, 0xd8, 0xff, 0xe0))).toBe('image/jpeg');
		expect(photoTypeOf(bytes(0x89, 'PNG', 0x0d, 0x0a, 0x1a, 0x0a, 0))).toBe('image/png');
		expect(photoTypeOf(bytes('RIFF', 1, 2, 3, 4, 'WEBPVP8 '))).toBe('image/webp');
		expect(photoTypeOf(bytes('<svg xmlns='))).toBeNull();
		expect(photoTypeOf(bytes('RIFF', 1, 2, 3, 4, 'WAVE'))).toBeNull();
		expect(photoTypeOf(bytes('%PDF-1.7'))).toBeNull();
		expect(photoTypeOf(new Uint8Array())).toBeNull();
	});
});
