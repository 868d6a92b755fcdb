import { z } from 'zod';
import { chargerBoundsW } from '../rules';
import { saying } from './steps/said';

/** What makes differ in, read off the part in hand: each left out where it wasn't asked, or isn't known. */
export const partInHandSchema = saying(() =>
	z.strictObject({
		/** How its terminals hold: plates that draw down on a straight wire, or plain screws. */
		holds: z.enum(['plates', 'screws']).optional(),
		/** Where LINE is printed, the face upright, seen from the back. */
		lineAt: z.enum(['top', 'bottom']).optional(),
		/** When its light is lit. */
		indicator: z.enum(['showsPower', 'showsTrip', 'none']).optional(),
		/** Bare length that its gauge asks, mm. */
		gaugeMm: z.number().min(4).max(30).optional(),
		/** Torque printed for its terminal screws, N·m. */
		torqueNm: z.number().min(0.2).max(5).optional(),
		/** What its USB ports give together, as printed on it, W. */
		chargerW: z.number().min(chargerBoundsW.least).max(chargerBoundsW.most).optional()
	})
);
export type PartInHand = Readonly<z.infer<typeof partInHandSchema>>;
