import sharp from 'sharp';
import { forward } from './forward';
import { startJob } from './jobDriver';
import { expect, test } from './server';

test('a photograph taken at the box is kept upright without what the camera wrote; HEIC says what to do', async ({
	page,
	request
}) => {
	await startJob(page, 'fennel-lane', 'sewing-closet');
	await forward(page, ({ kind }) => kind === 'lookOver', ['b14']);
	const file = page.locator('input[type=file]');
	const taken = { name: 'box.jpg', mimeType: 'image/jpeg' };
	const jpeg = sharp({ create: { width: 400, height: 200, channels: 3, background: '#884422' } }).jpeg();
	const buffer = await jpeg.withMetadata({ exif: { IFD0: { Make: 'Pocket' } }, orientation: 6 }).toBuffer();
	await file.setInputFiles({ ...taken, buffer });
	const shown = page.getByRole('img', { name: 'photograph' });
	await expect(shown).toBeVisible();
	const kept = await (await request.get((await shown.getAttribute('src'))!)).body();
	expect(await sharp(kept).metadata()).toMatchObject({ format: 'jpeg', width: 200, height: 400 });

	// Sent by whatever doesn't make it small first.
	const [, home, , job] = new URL(page.url()).pathname.split('/');
	const at = (id: string) => `/api/${home}/jobs/${job}/photos?id=${id}`;
	const id = '5f0c7a52-0b1e-4a57-9a0c-4b5d1c1f0a01';
	expect((await request.post(at(id), { data: buffer })).status()).toBe(201);
	const photo = await (await request.get(`/${home}/photo/${id}`)).body();
	expect([photo.includes('Pocket'), (await sharp(photo).metadata()).exif]).toEqual([false, undefined]);

	const heic = Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'latin1');
	await file.setInputFiles({ name: 'IMG_1.heic', mimeType: 'image/heic', buffer: heic });
	await expect(page.getByRole('alert').filter({ hasText: 'HEIC picture' })).toBeVisible();
	const refused = await request.post(at('5f0c7a52-0b1e-4a57-9a0c-4b5d1c1f0a02'), { data: heic });
	expect([refused.status(), await refused.json()]).toMatchObject([415, { code: 'heic' }]);
});
