import { mustStop } from '@wary/core/job';
import { bill, needsOfJob, type Costs } from '@wary/core/shopping';
import { boxPlace } from '$words/terms';
import { bounded, bytesLikeText } from './caches';
import { connections, maybeOne, readAs, UnreadableRow, type Queryable } from './db';
import { handoverSheet } from './handoverSheet';
import { recordsOf } from './records';
import { recordSheet } from './recordSheet';
import { toldSchema, type HandoverSheet, type Told } from './toldSchema';
import type { LoadedJob } from './useCases';
import { z } from 'zod';

/** The form of what this build tells of a job. */
export const toldVersion = 1;

/** From each form to the one after it. */
const broughtUp: readonly ((told: unknown) => unknown)[] = [];

/** What a job comes to at each of its boxes, for its record. */
export const recordSheetsOf = (loaded: LoadedJob) =>
	recordsOf(loaded).map((one) => recordSheet(loaded.house, loaded.job, one));

/** What each of its boxes is handed on with, the one that ended the job first. */
export function handoverSheetsOf(loaded: LoadedJob): HandoverSheet[] {
	const { house, job } = loaded;
	const boxes = recordsOf(loaded);
	const ended = boxes.find(({ state }) => mustStop(state) !== null);
	const ordered = ended ? [ended, ...boxes.filter((one) => one !== ended)] : boxes;
	return ordered.map((one) =>
		handoverSheet(house, job, one, ended && one !== ended ? boxPlace(house, ended.plan.boxId) : null)
	);
}

/** What the parts of a job cost by the price list; `null`: not all of them are on it. */
export function partsOf({ house, whole }: LoadedJob, costs: Costs): number | null {
	const priced = bill(needsOfJob(house, whole.plans), costs);
	return priced.unpriced > 0 ? null : priced.parts;
}

/** All that is told of a job, in the words of now. */
export const toldOf = (loaded: LoadedJob, costs: Costs): Told => ({
	record: recordSheetsOf(loaded),
	handover: handoverSheetsOf(loaded),
	parts: partsOf(loaded, costs)
});

/** Stores what is told of a job, once and for all: with the event that ends it, in one transaction. */
export async function addTold(on: Queryable, householdId: string, jobId: string, told: Told): Promise<void> {
	await on.query('insert into job_told (household_id, job_id, version, told) values ($1, $2, $3, $4)', [
		householdId,
		jobId,
		toldVersion,
		JSON.stringify(told)
	]);
}

/** What was told never changes: that of the jobs that were looked at last is kept as it was read. */
const kept = bounded<Told>('told', 16, bytesLikeText);

/** What was told of a job when it ended; `null` while it is under way. */
export async function maybeTold(householdId: string, jobId: string): Promise<Told | null> {
	const key = `${householdId} ${jobId}`;
	const known = kept.get(key);
	if (known) return known;
	const told = await readTold(householdId, jobId);
	if (told) kept.set(key, told);
	return told;
}

async function readTold(householdId: string, jobId: string): Promise<Told | null> {
	const row = await maybeOne(connections(), {
		name: `what was told of job ${jobId}`,
		row: z.object({ version: z.int(), told: z.unknown() }),
		sql: 'select version, told from job_told where household_id = $1 and job_id = $2',
		values: [householdId, jobId]
	});
	if (!row) return null;
	if (row.version > toldVersion)
		throw new UnreadableRow(
			`job_told ${jobId}`,
			'version',
			`${row.version}; this build knows ${toldVersion}`
		);
	const told = broughtUp.slice(row.version - 1).reduce((now, bringUp) => bringUp(now), row.told);
	return readAs(toldSchema, `job_told ${jobId}`, told);
}
