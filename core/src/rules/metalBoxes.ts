import type { Region } from './regions';

/** A metal box by the size it is sold under. */
export interface MetalBox {
	/** As one asks for it, in inches. */
	readonly size: string;
	readonly shape: 'device' | 'utility' | 'round' | 'square';
	readonly volumeIn3: number;
	/** From its front edge back, mm. */
	readonly depthMm: number;
}

const box = (
	shape: MetalBox['shape'],
	face: string,
	depth: string,
	depthIn: number,
	volumeIn3: number
): MetalBox => ({
	shape,
	size: `${face} × ${depth}`,
	volumeIn3,
	depthMm: Math.round(depthIn * 25.4)
});

/** Metal boxes whose volume their size tells (us: NEC table 314.16(A)); elsewhere, and of plastic, it is stamped or measured. */
export const metalBoxes: Readonly<Record<Region, readonly MetalBox[]>> = {
	us: [
		box('device', '3 × 2', '1½', 1.5, 7.5),
		box('device', '3 × 2', '2', 2, 10),
		box('device', '3 × 2', '2¼', 2.25, 10.5),
		box('device', '3 × 2', '2½', 2.5, 12.5),
		box('device', '3 × 2', '2¾', 2.75, 14),
		box('device', '3 × 2', '3½', 3.5, 18),
		box('utility', '4 × 2⅛', '1½', 1.5, 10.3),
		box('utility', '4 × 2⅛', '1⅞', 1.875, 13),
		box('utility', '4 × 2⅛', '2⅛', 2.125, 14.5),
		box('round', '4', '1¼', 1.25, 12.5),
		box('round', '4', '1½', 1.5, 15.5),
		box('round', '4', '2⅛', 2.125, 21.5),
		box('square', '4', '1¼', 1.25, 18),
		box('square', '4', '1½', 1.5, 21),
		box('square', '4', '2⅛', 2.125, 30.3),
		box('square', '4¹¹⁄₁₆', '1¼', 1.25, 25.5),
		box('square', '4¹¹⁄₁₆', '1½', 1.5, 29.5),
		box('square', '4¹¹⁄₁₆', '2⅛', 2.125, 42)
	],
	uk: []
};
