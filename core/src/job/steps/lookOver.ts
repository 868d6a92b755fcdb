import { z } from 'zod';
import { settlingTests, wiredWays } from '../../arrangements';
import { colour, how } from '../../house/schema';
import { freeText } from '../../text';
import { accept } from '../decision';
import { nothingTakenOff } from '../progress';
import { name, saying } from './said';
import type { StepModule } from './module';

export const boxSeen = saying(() =>
	z.strictObject({
		region: z.enum(['us', 'uk']),
		cables: z.array(z.array(colour).max(8)).max(12),
		device: z.enum([
			'duplex',
			'single',
			'twoSlot',
			'usb',
			'gfci',
			'switch',
			'socketSingle',
			'socketTwin',
			'socketRcd',
			'fusedSpur',
			'fixed',
			'none'
		]),
		hotTabBroken: z.boolean().nullable(),
		wired: z.enum(wiredWays),
		metalSheath: z.boolean(),
		measured: z
			.array(z.strictObject({ test: z.enum(settlingTests), shows: name }))
			.max(8)
			.optional()
	})
);
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('lookOver'),
		asRecorded: z.boolean(),
		landings: z
			.array(
				z.strictObject({ terminal: name, wires: z.array(z.strictObject({ id: name, colour, how })).max(12) })
			)
			.max(12),
		note: freeText(500),
		seen: boxSeen.optional(),
		/** What the box is made of; left out: as recorded. */
		material: z.enum(['metal', 'plastic']).optional()
	})
);

export const step: StepModule<'lookOver'> = {
	kind: 'lookOver',
	concerns: 'box',
	record: 'work',
	at: 'work',
	due: (_plan, { lookedOver }) => (lookedOver ? null : { kind: 'lookOver' }),
	beside: (_context, state, said) => (state.lookedOver && nothingTakenOff(state) ? accept(said) : null),
	applied: ({ state, said }) => ({
		...state,
		lookedOver: true,
		metalBox: said.material === undefined ? state.metalBox : said.material === 'metal',
		stops: { ...state.stops, lookOver: said.asRecorded ? null : 'notAsRecorded' }
	})
};
