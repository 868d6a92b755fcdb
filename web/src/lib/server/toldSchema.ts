import type { BoxSeen } from '@wary/core/arrangements';
import { boxSchema } from '@wary/core/house';
import { boxSeenSchema, foundSchema, type Found } from '@wary/core/job';
import { z } from 'zod';

/*
 * What is stored of a job when it ends, and shown ever after. All of it is what was said then: texts as they were read, and of drawings the wiring that they show.
 */

const keyed = { key: z.string(), text: z.string(), value: z.string() };
const line = z.strictObject({
	...keyed,
	at: z.string(),
	expected: z.string(),
	passes: z.boolean().nullable()
});
const wiring = boxSchema.pick({ device: true, joints: true, terminations: true, pigtails: true });
const found: z.ZodType<Found | null> = foundSchema.nullable();
const seen: z.ZodType<BoxSeen | null> = boxSeenSchema.nullable();
const proof = { key: z.string(), caption: z.string() };

/** The record of one box. */
export const recordSheetSchema = z.strictObject({
	boxId: z.string(),
	place: z.string(),
	outcome: z.string(),
	endedAt: z.string().nullable(),
	facts: z.array(z.strictObject({ name: z.string(), text: z.string() })),
	worries: z.array(z.string()),
	resolutions: z.array(z.strictObject({ key: z.string(), text: z.string() })),
	proofs: z.array(z.strictObject({ ...proof, rows: z.array(z.strictObject(keyed)) })),
	/** As found beside the final test, of one half; `stands`: wrong, and not shown to be right since. */
	compared: z.array(
		z.strictObject({
			half: z.string(),
			before: z.string(),
			after: z.string(),
			comes: z.string(),
			stands: z.boolean()
		})
	),
	groups: z.array(z.strictObject({ title: z.string(), lines: z.array(line) })),
	/** Before and after. `alike`: the same again wires nothing otherwise, and on paper the two would be one picture twice. */
	wirings: z
		.strictObject({ foundAs: found, wanted: wiring, done: z.boolean(), alike: z.boolean() })
		.nullable()
});
export type RecordSheet = z.infer<typeof recordSheetSchema>;

/** What one box is handed on with. */
export const handoverSheetSchema = z.strictObject({
	boxId: z.string(),
	region: z.enum(['us', 'uk']),
	place: z.string(),
	by: z.string(),
	stopped: z.boolean(),
	reasons: z.array(z.strictObject({ key: z.string(), why: z.string(), tell: z.string() })),
	elsewhere: z.string().nullable(),
	note: z.string(),
	left: z.array(z.string()),
	/** The box as it hangs there. */
	asLeft: boxSchema,
	/** It is drawn as it was on record: nobody knows how it is now. */
	asRecorded: z.literal(true).optional(),
	seen,
	supply: z.string().nullable(),
	inspected: z.boolean(),
	conditions: z.array(z.strictObject({ key: z.string(), text: z.string(), severity: z.string() })),
	readings: z.strictObject({
		live: z.array(z.strictObject(keyed)),
		proofs: z.array(z.strictObject({ ...proof, lines: z.array(z.strictObject(keyed)) })),
		refuted: z.array(z.strictObject(keyed)),
		done: z.array(z.strictObject({ key: z.string(), at: z.string(), text: z.string() }))
	}),
	wirings: z.strictObject({ foundAs: found, wanted: wiring }).nullable()
});
export type HandoverSheet = z.infer<typeof handoverSheetSchema>;

export const toldSchema = z.strictObject({
	/** One a box, in the order in which they were worked at. */
	record: z.array(recordSheetSchema).min(1),
	/** The one that ended the job first. */
	handover: z.array(handoverSheetSchema).min(1),
	/** What the parts of it cost by the price list as it was. `null`: not all of them were on it. */
	parts: z.number().nullable()
});
export type Told = z.infer<typeof toldSchema>;
