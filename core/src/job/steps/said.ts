import { z } from 'zod';
import { text } from '../../text';

/** Makes a schema; the bundler is told that this call is pure, so that a page which only runs the steps doesn't carry their schemas. */
export const saying = <Schema>(make: () => Schema): Schema => make();

/** An id of something in the house, a pair, a point. */
export const name = saying(() => text().min(1).max(120));
export const half = saying(() => z.enum(['upper', 'lower', 'left', 'right', 'only']));
export const lamps = saying(() =>
	z.strictObject({ hotNeutral: z.boolean(), hotGround: z.boolean(), neutralGround: z.boolean() })
);
export const volts = saying(() =>
	z.discriminatedUnion('instrument', [
		z.strictObject({
			instrument: z.literal('multimeter'),
			volts: z.number(),
			mode: z.enum(['highImpedance', 'lowImpedance', 'lampAcross'])
		}),
		z.strictObject({
			instrument: z.literal('indicator'),
			litV: z.union([
				z.literal(0),
				z.literal(12),
				z.literal(24),
				z.literal(50),
				z.literal(120),
				z.literal(230)
			])
		}),
		z.strictObject({ instrument: z.enum(['lamp', 'plugTester']), lit: z.boolean() })
	])
);
export const ohms = saying(() =>
	z.discriminatedUnion('kind', [
		z.strictObject({ kind: z.literal('ohms'), resistanceOhm: z.number() }),
		z.strictObject({ kind: z.literal('overload') })
	])
);
export const answer = saying(() => z.enum(['no', 'yes', 'unsure']));
