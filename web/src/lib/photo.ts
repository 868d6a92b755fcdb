/** The largest photograph taken, bytes. */
export const largestPhotoBytes = 10 * 1024 * 1024;
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;
export type PhotoType = (typeof photoTypes)[number];

/** What a file is by its first bytes, whatever it is called; `null` where it is no picture that is taken. */
export function photoTypeOf(bytes: Uint8Array): PhotoType | null {
	const starts = (...wanted: number[]) => wanted.every((byte, k) => bytes[k] === byte);
	const text = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to));
	if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg';
	if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
	return text(0, 4) === 'RIFF' && text(8, 12) === 'WEBP' ? 'image/webp' : null;
}

/** Whether a file is HEIC, as some phones keep pictures: neither most browsers nor the server read it. */
export function isHeic(bytes: Uint8Array): boolean {
	const brand = String.fromCharCode(...bytes.subarray(4, 12));
	return /^ftyp(hei[cxs]|hev[cx]|mif1|msf1)$/.test(brand);
}

/** Longest side of a picture that is kept, px: chosen, a stain on a terminal is still seen. */
export const longestSidePx = 1600;

/** A photograph made small enough to send from a hallway: at most 1600 px, JPEG. Throws where the browser can't read it. */
export async function resized(file: Blob): Promise<Blob> {
	const picture = await createImageBitmap(file);
	const share = Math.min(1, longestSidePx / Math.max(picture.width, picture.height));
	const canvas = Object.assign(document.createElement('canvas'), {
		width: Math.round(picture.width * share),
		height: Math.round(picture.height * share)
	});
	canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
	picture.close();
	return new Promise((resolve, reject) =>
		canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/jpeg', 0.85)
	);
}
