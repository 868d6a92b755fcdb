import { z } from 'zod';

/** Money in a hundredth of the region’s unit: cents, pence. At most a million units. */
const minor = z.number().int().min(0).max(100_000_000);
/** As `needId` writes them. */
const need = z
	.string()
	.max(200)
	.regex(/^[a-z][A-Za-z]*( [\w.,-]+)*$/);

/** What a household has entered of what things cost, and what it has already. */
export const costsSchema = z.strictObject({
	/** Of one, by need. */
	prices: z.record(need, minor).default({}),
	owned: z.array(need).max(1000).default([]),
	/** Of one’s own time: minutes for all that is on the list, and what an hour is worth to one. */
	minutes: z
		.number()
		.int()
		.min(0)
		.max(60 * 24 * 30)
		.nullable()
		.default(null),
	hour: minor.nullable().default(null),
	/** What somebody else would ask for the same. */
	callOut: minor.nullable().default(null)
});
export type Costs = Readonly<z.infer<typeof costsSchema>>;

/** One thing entered or put right; `null` takes a figure away. */
export const costEntrySchema = z.discriminatedUnion('set', [
	z.strictObject({ set: z.literal('price'), need, minor: minor.nullable() }),
	z.strictObject({ set: z.literal('owned'), need, is: z.boolean() }),
	z.strictObject({ set: z.literal('minutes'), minutes: costsSchema.shape.minutes.unwrap() }),
	z.strictObject({ set: z.literal('hour'), minor: minor.nullable() }),
	z.strictObject({ set: z.literal('callOut'), minor: minor.nullable() })
]);
export type CostEntry = z.infer<typeof costEntrySchema>;
