import { randomUUID } from 'node:crypto';
import { findBox } from '@wary/core/house';
import { currentProcedure, planWhole, type Command } from '@wary/core/job';
import { fennelLaneActual } from '@wary/core/demo';
import type * as jobs from '@wary/core/job';
import type pg from 'pg';
import { afterAll, beforeAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Person } from '../../../../core/test/person';
import { load as loadAnew } from '../../routes/[home]/job/[job]/anew/+page.server';
import { load as loadHandover } from '../../routes/[home]/job/[job]/handover/+page.server';
import { load as loadRecord } from '../../routes/[home]/job/[job]/record/+page.server';
import { connections } from './db';
import { latestHouse, maybeHousehold, type Household } from './households';
import { maybeJob } from './jobs';
import { endOlder, olderJob } from './olderJobs';
import { freshDatabase } from './test/database';
import { appendEvent, findJob, loadJob, startJob, takeIn } from './useCases';

/** While it is set, nothing can be planned, as by a later build that refuses whatever there is. */
let refusing = false;
vi.mock('@wary/core/job', async (original) => {
	const job = await original<typeof jobs>();
	return {
		...job,
		planWhole: (...asked: Parameters<typeof job.planWhole>) =>
			refusing ? { ok: false, failure: { code: 'unknownBox', box: 'refused' } } : job.planWhole(...asked)
	};
});

/** A number that no build has. */
const madeUp = currentProcedure + 4711;
const box = 'sewing-east-wall';
let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
let jobId: string;
let person: Person;

beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
});
afterAll(async () => {
	await connections().end();
	await drop();
});
beforeEach(async () => {
	refusing = false;
	const { house } = await latestHouse(home.id);
	jobId = randomUUID();
	const started = await startJob(home, { id: jobId, boxId: box, school: 'groundFirst', who: 'Avery Quill' });
	if (started.code !== 'started') throw new Error(JSON.stringify(started));
	const planned = planWhole(house, [{ boxId: box, wish: null }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	person = new Person(house, fennelLaneActual(), planned.plans, ['b14', 'b14', 'b14']);
	person.earthFrom = 'outlet:music-piano';
});

/** Whatever is still under way is out of the way of the next test. */
afterEach(async () => {
	refusing = false;
	await client.query(
		`insert into job_ended (household_id, job_id, outcome)
			select household_id, job_id, 'stopped' from job j where not exists (select from job_ended e where e.job_id = j.job_id)`
	);
});

const at = '2026-11-24T10:00:00.000Z';
const store = async (command: Command) => {
	const expectedVersion = person.events.length;
	const said = person.say(command, { at });
	expect(said.ok).toBe(true);
	const answer = await appendEvent(home, jobId, { id: randomUUID(), at, expectedVersion, command });
	expect(answer.code).toBe('stored');
};
/** Goes on until a step of this kind is next, every entry stored. */
const until = async (kind: string) => {
	for (let n = 0; n < 200 && person.state.status === 'underWay' && person.step?.kind !== kind; n++)
		await store(person.answer());
};
/** As it stands in a home whose build was replaced by one of another procedure. */
async function ofAnotherProcedure() {
	await client.query('alter table job disable trigger all');
	await client.query('update job set procedure = $1 where job_id = $2', [madeUp, jobId]);
	await client.query('alter table job enable trigger all');
}
const params = () => ({ home: 'fennel-lane', job: jobId });
const page = (load: (event: never) => unknown) => load({ params: params() } as never);

describe('a job that was begun under another procedure', () => {
	it('goes on by no rule: nothing is added to it, and its page leads to where it is made safe', async () => {
		await until('takeOff');
		await ofAnotherProcedure();
		expect(await findJob(home, jobId)).toMatchObject({ code: 'older' });
		expect(await loadJob(home, jobId)).toBeNull();
		// One more than this process had replayed before, so that it has to look.
		const expectedVersion = person.events.length + 1;
		const command: Command = { kind: 'note', text: 'on' };
		expect(await appendEvent(home, jobId, { id: randomUUID(), at, expectedVersion, command })).toEqual({
			code: 'olderProcedure'
		});
		expect(await takeIn(home, jobId, { id: randomUUID(), box: 'sewing-closet', wish: null })).toEqual({
			code: 'olderProcedure'
		});
		const { rows } = await client.query('select seq from job_event where job_id = $1', [jobId]);
		expect(rows).toHaveLength(person.events.length);
		const shown = await loadAnew({ params: params() } as never);
		expect(shown).toMatchObject({ opened: true, job: { id: jobId, boxId: box } });
		expect(JSON.stringify(shown)).toMatch(/breaker 14: switched off, clip and padlock on, tagged/i);
		expect(JSON.stringify(shown)).toMatch(/Keep your hands out of the box/);
	});

	it('ended with the box open: every entry is told, the outlet has a worry, and the same is begun anew, once', async () => {
		await until('takeOff');
		await ofAnotherProcedure();
		refusing = true;
		const { entries } = await olderJob(home, (await maybeJob(home.id, jobId))!);
		expect(entries).toHaveLength(person.events.length);
		refusing = false;
		const id = randomUUID();
		const job = (await maybeJob(home.id, jobId))!;
		const both = await Promise.all([
			endOlder(home, job, { id, anew: true }),
			endOlder(home, job, { id, anew: true })
		]);
		expect(new Set(both.map((each) => 'jobId' in each && each.jobId))).toEqual(new Set([id]));
		expect((await loadJob(home, id))!.job).toMatchObject({
			boxId: box,
			procedure: currentProcedure,
			outcome: null
		});
		const { house } = await latestHouse(home.id);
		const { worries, history } = findBox(house, box)!;
		expect(worries.filter(({ note }) => /treat it as live/.test(note))).toHaveLength(1);
		expect(history.filter(({ what }) => /another procedure/.test(what))).toHaveLength(1);
		const record = (await page(loadRecord)) as {
			sheets: { groups: { lines: unknown[] }[]; worries: string[] }[];
		};
		expect(record.sheets[0]!.groups[0]!.lines).toHaveLength(entries.length);
		expect(JSON.stringify(record.sheets)).toMatch(/doesn’t count any more/);
		expect(await page(loadHandover)).toMatchObject({ sheets: [{ stopped: true }] });
	});

	it('never opened: it is ended without a worry, and by itself', async () => {
		await until('switchOff');
		await ofAnotherProcedure();
		const worriesNow = async () => findBox((await latestHouse(home.id)).house, box)!.worries;
		const before = await worriesNow();
		const id = randomUUID();
		expect(await endOlder(home, (await maybeJob(home.id, jobId))!, { id, anew: false })).toEqual({
			code: 'ended'
		});
		expect(await worriesNow()).toEqual(before);
		expect((await maybeJob(home.id, jobId))!.outcome).toBe('stopped');
		expect(await maybeJob(home.id, id)).toBeNull();
	});

	it('entries that no build knows are counted, and treated as the worst', async () => {
		await until('readLive');
		await client.query('alter table job_event disable trigger all');
		await client.query(`update job_event set body = '{"kind":"waveWand"}' where job_id = $1 and seq = 2`, [
			jobId
		]);
		await client.query('alter table job_event enable trigger all');
		await ofAnotherProcedure();
		const job = (await maybeJob(home.id, jobId))!;
		expect((await olderJob(home, job)).left).toMatchObject({ opened: true, unread: 1 });
		await endOlder(home, job, { id: randomUUID(), anew: false });
		const record = (await page(loadRecord)) as { sheets: { groups: { lines: { text: string }[] }[] }[] };
		expect(record.sheets[0]!.groups[0]!.lines[1]!.text).toMatch(/can’t read/);
	});
});

describe('what is told of a job when it ends', () => {
	it('is shown ever after as it was told then, also by a build that would refuse its plan', async () => {
		await until('none of them');
		expect(person.state.status).toBe('finished');
		const told = await page(loadRecord);
		const handed = await page(loadHandover);
		expect(JSON.stringify(told)).toMatch(/Proof|dead/i);
		refusing = true;
		await ofAnotherProcedure();
		expect(await page(loadRecord)).toEqual({
			...(told as object),
			job: expect.objectContaining({ procedure: madeUp }) as unknown
		});
		expect(await page(loadHandover)).toEqual(handed);
		await expect(client.query('update job_told set version = 2')).rejects.toThrow();
		await expect(client.query('delete from job_told')).rejects.toThrow();
	});

	it('stands with the event that ends it: the same outcome, one row a job', async () => {
		await store({ kind: 'stop', reason: 'ownChoice', note: 'Rain.' });
		const { rows } = await client.query('select version, told from job_told where job_id = $1', [jobId]);
		expect(rows).toMatchObject([{ version: 1, told: { record: [{ outcome: 'Stopped' }] } }]);
		expect(JSON.stringify(await page(loadHandover))).toContain('Rain.');
	});
});
