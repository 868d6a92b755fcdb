import { findBox, freshId, placeName, withBox, type House } from '@wary/core/house';
import { leftAsTold, readStoredEvent, type LeftAsTold } from '@wary/core/job';
import { entryWords, figureWords, leftLines, words as w } from '$words/anew';
import { clock, moment } from '$words/dates';
import { words as recordWords } from '$words/job/record/page';
import { terms } from '$words/terms';
import { transaction, violatedConstraint, type Queryable } from './db';
import { addHouseVersion, houseAt, latestHouse, type Household } from './households';
import { addJobEnd, manyStoredEvents, type JobRow, type StoredEventRow } from './jobs';
import { addTold } from './told';
import type { RecordSheet, Told } from './toldSchema';
import { startJob, type Started } from './useCases';

/** An entry of a job of another procedure, as far as this build can read it. */
export type OlderEntry = RecordSheet['groups'][number]['lines'][number];

/** A job that was begun under another procedure: how it stands by what was entered, and all of that. */
export interface OlderJob {
	readonly job: JobRow;
	readonly house: House;
	readonly left: LeftAsTold;
	readonly entries: readonly OlderEntry[];
}

export async function olderJob(household: Household, job: JobRow): Promise<OlderJob> {
	const [house, stored] = await Promise.all([
		houseAt(household.id, job.houseVersion),
		manyStoredEvents(household.id, job.id)
	]);
	const bodies = stored.map(bodyOf);
	return {
		job,
		house,
		left: leftAsTold(bodies, (body) => body !== null),
		entries: stored.map((event, k) => entryOf(event, bodies[k]!, house))
	};
}

function bodyOf({ version, body }: StoredEventRow) {
	const read = readStoredEvent(version, body);
	return read.ok ? read.body : null;
}

const entryOf = (
	{ event_id, at }: StoredEventRow,
	body: ReturnType<typeof bodyOf>,
	house: House
): OlderEntry => ({
	key: event_id,
	at: at.toISOString(),
	text: body ? entryWords(body, house) : w.unreadEntry,
	value: body ? figureWords(body, house) : '',
	expected: '',
	passes: null
});

/**
 * Ends a job of another procedure, its entries kept and told; with `anew` begins the same again at once under this one (`id`: of the new job). Said again, it ends
 * nothing twice. `now`: the server's clock.
 */
export async function endOlder(
	household: Household,
	job: JobRow,
	{ id, anew }: { readonly id: string; readonly anew: boolean },
	now = new Date()
): Promise<Started | { readonly code: 'ended' }> {
	if (job.outcome === null) await end(household, await olderJob(household, job), now);
	if (!anew) return { code: 'ended' };
	const [first, ...more] = job.begun;
	return startJob(household, {
		id,
		boxId: job.boxId,
		school: job.school,
		who: job.who,
		wish: first?.wish ?? null,
		more
	});
}

async function end(household: Household, older: OlderJob, now: Date): Promise<void> {
	try {
		await transaction((on) => ending(on, household, older, now));
	} catch (error) {
		// Somebody else has ended it meanwhile.
		if (violatedConstraint(error) !== 'job_ended_pkey') throw error;
	}
}

async function ending(on: Queryable, household: Household, older: OlderJob, now: Date): Promise<void> {
	const { job, left } = older;
	await addJobEnd(on, household.id, job.id, 'stopped');
	await addTold(on, household.id, job.id, toldOf(older, now.toISOString()));
	const { version, house } = await latestHouse(household.id, on);
	const day = now.toISOString().slice(0, 10);
	const after = job.boxes.reduce(
		(record, { boxId }) =>
			withBox(record, boxId, (box) => ({
				...box,
				history: [...box.history, { on: day, what: w.history }],
				worries: left.opened
					? [
							...box.worries,
							{
								id: freshId(
									'left open',
									'worry',
									box.worries.map((worry) => worry.id)
								),
								kind: 'other' as const,
								note: w.worry,
								seen: day
							}
						]
					: box.worries
			})),
		house
	);
	await addHouseVersion(on, household.id, version + 1, after, w.history);
}

/** What is told of it: what was entered, how it was left, and that nothing it proved counts. */
function toldOf({ job, house, left, entries }: OlderJob, endedAt: string): Told {
	const { locale } = terms[house.region];
	const boxes = job.boxes.flatMap(({ boxId }) => findBox(house, boxId) ?? []);
	const ended = recordWords.utc(moment(endedAt, locale));
	const lines = leftLines(house, left);
	return {
		record: boxes.map((box) => ({
			boxId: box.id,
			place: placeName(house, box),
			outcome: recordWords.outcomes.stopped,
			endedAt: ended,
			facts: [
				{ name: recordWords.who, text: job.who },
				{ name: recordWords.begun, text: recordWords.utc(moment(job.startedAt, locale)) }
			],
			worries: [w.endedWhy, ...lines],
			resolutions: [],
			proofs: [{ key: 'older', caption: w.noProof, rows: [] }],
			compared: [],
			groups: entries.length > 0 ? [{ title: w.group, lines: [...entries] }] : [],
			wirings: null
		})),
		handover: boxes.map((box) => ({
			boxId: box.id,
			region: house.region,
			place: placeName(house, box),
			by: `${job.who}, ${ended}`,
			stopped: true,
			reasons: [{ key: 'older', why: w.endedWhy, tell: left.opened ? w.tellElectrician : '' }],
			elsewhere: null,
			note: '',
			left: lines,
			asLeft: box,
			...(left.opened ? { asRecorded: true as const } : {}),
			seen: null,
			supply: null,
			inspected: false,
			conditions: [],
			readings: {
				live: [],
				proofs: [],
				refuted: [],
				done: entries.map(({ key, at, text, value }) => ({
					key,
					at: clock(at),
					text: value ? `${text}: ${value}` : text
				}))
			},
			wirings: null
		})),
		parts: null
	};
}
