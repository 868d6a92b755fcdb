import { photoTypes, type PhotoType } from '$lib/photo';
import { z } from 'zod';
import { connections, many, maybeOne } from './db';

export interface PhotoRow {
	readonly id: string;
	readonly caption: string;
	readonly takenAt: string;
}

/** A job's photographs in the order they were taken. */
export async function manyPhotos(householdId: string, jobId: string): Promise<PhotoRow[]> {
	const rows = await many(connections(), {
		name: 'photographs of a job',
		row: z.object({ photo_id: z.string(), caption: z.string(), taken_at: z.date() }),
		sql: 'select photo_id, caption, taken_at from photo where household_id = $1 and job_id = $2 order by taken_at limit 100',
		values: [householdId, jobId]
	});
	return rows.map(({ photo_id, caption, taken_at }) => ({
		id: photo_id,
		caption,
		takenAt: taken_at.toISOString()
	}));
}

export async function maybePhoto(
	householdId: string,
	photoId: string
): Promise<{ type: PhotoType; content: Buffer } | null> {
	const row = await maybeOne(connections(), {
		name: 'a photograph',
		row: z.object({ content_type: z.enum(photoTypes), content: z.instanceof(Buffer) }),
		sql: 'select content_type, content from photo where household_id = $1 and photo_id = $2',
		values: [householdId, photoId]
	});
	return row && { type: row.content_type, content: row.content };
}

/** What the photographs of one home may take together, bytes: chosen, some two thousand of them. */
export const photosAtMostBytes = 500 * 1024 ** 2;

/** Keeps a photograph; the same id again changes nothing. `full`: the home has no room for it. */
export async function addPhoto(
	householdId: string,
	jobId: string,
	photo: {
		readonly id: string;
		readonly caption: string;
		readonly type: PhotoType;
		readonly content: Uint8Array;
	},
	atMostBytes = photosAtMostBytes
): Promise<'kept' | 'full'> {
	const { rowCount } = await connections().query(
		`insert into photo (household_id, photo_id, job_id, caption, content_type, content)
		select $1, $2, $3, $4, $5, $6
		where (select coalesce(sum(octet_length(content)), 0) from photo where household_id = $1) + octet_length($6::bytea) <= $7
		on conflict (household_id, photo_id) do nothing`,
		[householdId, photo.id, jobId, photo.caption, photo.type, Buffer.from(photo.content), atMostBytes]
	);
	if (rowCount === 1) return 'kept';
	return (await maybePhoto(householdId, photo.id)) ? 'kept' : 'full';
}
