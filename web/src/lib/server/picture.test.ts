import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { isHeic } from '$lib/photo';
import { picture } from './picture';

const plain = (width = 40, height = 20) =>
	sharp({ create: { width, height, channels: 3, background: '#884422' } });
/** What a phone writes beside the picture: where it was taken, by what, and that it lies on its side. */
const told = {
	exif: {
		IFD0: { Make: 'Pocket', Model: 'Phone' },
		IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' }
	}
};

describe('a photograph as it is kept', () => {
	it.each(['jpeg', 'png', 'webp'] as const)('has nothing beside the picture: %s', async (format) => {
		const content = await plain()
			.withMetadata({ ...told, orientation: 6 })
			.toFormat(format)
			.toBuffer();
		expect((await sharp(content).metadata()).exif?.includes('Pocket')).toBe(true);
		const kept = (await picture(content))!;
		const after = await sharp(kept.content).metadata();
		expect([kept.type, after.exif, after.xmp, after.iptc]).toEqual([
			`image/${format}`,
			undefined,
			undefined,
			undefined
		]);
		// Turned upright by what was dropped.
		expect([after.width, after.height]).toEqual([20, 40]);
		expect(Buffer.from(kept.content).includes('Pocket')).toBe(false);
	});
	it('is at most 1600 px long', async () => {
		const { content } = (await picture(await plain(3200, 400).jpeg().toBuffer()))!;
		expect(await sharp(content).metadata()).toMatchObject({ width: 1600, height: 200 });
	});
	it('is none where only its first bytes are', async () => {
		const whole = await plain().jpeg().toBuffer();
		expect(await picture(whole.subarray(0, 60))).toBeNull();
		expect(await picture(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 1]))).toBeNull();
		expect(await picture(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))).toBeNull();
	});
	it('HEIC is told from other files', () => {
		const file = (brand: string) => new Uint8Array(Buffer.from(`\0\0\0\x18ftyp${brand}\0\0\0\0`));
		expect(['heic', 'heix', 'mif1', 'mp42', 'isom'].map((brand) => isHeic(file(brand)))).toEqual([
			true,
			true,
			true,
			false,
			false
		]);
	});
});
