import { longestSidePx, photoTypeOf, type PhotoType } from '$lib/photo';
import sharp from 'sharp';

/** More than any camera in a pocket takes; what claims more is made to fill memory. */
const pixelsAtMost = 80_000_000;

/**
 * A photograph as it is kept: turned upright, at most `longestSidePx` long, and nothing with it that the camera wrote down (position, time, make). `null` where it can't be read as the picture that
 * its first bytes say.
 */
export async function picture(content: Uint8Array): Promise<{ type: PhotoType; content: Uint8Array } | null> {
	const type = photoTypeOf(content);
	if (!type) return null;
	try {
		const kept = await sharp(content, { limitInputPixels: pixelsAtMost, failOn: 'error' })
			.rotate()
			.resize({ width: longestSidePx, height: longestSidePx, fit: 'inside', withoutEnlargement: true })
			.toBuffer();
		return { type, content: kept };
	} catch {
		return null;
	}
}
