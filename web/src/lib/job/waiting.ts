import { commandSchema, type Entry } from '@wary/core/job';
import { z } from 'zod';

const waitingSchema = z.strictObject({
	id: z.uuid(),
	at: z.iso.datetime({ offset: true }),
	/** What the server's clock was taken to be ahead when it was entered, ms. */
	aheadMs: z.number().optional(),
	/** The box it was said at. */
	box: z.string().min(1).max(120).optional(),
	command: commandSchema,
	/** Kept before it was noted: it knew nothing. */
	knew: z.int().min(0).default(0),
	own: z.array(z.uuid()).default([])
});

/** An entry of a job that waits on this device to be sent. */
export interface Waiting extends Entry {
	readonly aheadMs?: number | undefined;
}

/** What waits, each entry by itself: those that can be read, and the text of those that can't. */
export function readWaiting(value: unknown): { waiting: Waiting[]; odd: string[] } {
	const waiting: Waiting[] = [];
	const odd: string[] = [];
	for (const each of Array.isArray(value) ? (value as unknown[]) : [value]) {
		const parsed = waitingSchema.safeParse(each);
		if (parsed.success) waiting.push(parsed.data);
		else odd.push(JSON.stringify(each));
	}
	return { waiting, odd };
}
