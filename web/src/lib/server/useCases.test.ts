import { randomUUID } from 'node:crypto';
import { planWhole, type Command } from '@wary/core/job';
import type pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { connections } from './db';
import {
	addHousehold,
	latestHouse,
	manyHomes,
	maybeDemoWiring,
	maybeHousehold,
	type Household
} from './households';
import { takeReading } from './instruments';
import { countEvents } from './jobs';
import { freshDatabase } from './test/database';
import { appendEvent, loadJob, startJob } from './useCases';

let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
let jobId: string;
let boxes: string[];

beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
	const { house } = await latestHouse(home.id);
	boxes = house.boxes.filter(({ use }) => use === 'outlet').map(({ id }) => id);
	boxes = boxes.filter((id) => planWhole(house, [{ boxId: id, wish: null }]).ok);
});
afterAll(async () => {
	await connections().end();
	await drop();
});
beforeEach(async () => {
	jobId = randomUUID();
	const started = await startJob(home, {
		id: jobId,
		boxId: boxes.shift()!,
		school: 'groundFirst',
		who: 'Avery Quill'
	});
	expect(started).toEqual({ code: 'started', jobId });
});

const at = '2026-11-24T10:00:00.000Z';
const cautions: Command = { kind: 'confirm', step: 'cautions' };
const note = (text: string): Command => ({ kind: 'note', text });
const append = (command: Command, expectedVersion: number, id = randomUUID()) =>
	appendEvent(home, jobId, { id, at, expectedVersion, command });

describe('appending events', () => {
	it('stores an event once however often it is sent, and acknowledges it each time', async () => {
		const id = randomUUID();
		expect(await append(cautions, 0, id)).toMatchObject({ code: 'stored', version: 1 });
		for (let again = 0; again < 3; again++)
			expect(await append(cautions, 0, id)).toEqual({ code: 'alreadyStored', version: 1 });
		expect(await countEvents(home.id, jobId)).toBe(1);
	});

	it('refuses an append against an old version, with what came since', async () => {
		await append(cautions, 0);
		await append(note('warm plate'), 1);
		const behind = await append(note('late'), 1);
		expect(behind).toMatchObject({
			code: 'conflict',
			version: 2,
			events: [{ body: { kind: 'note', text: 'warm plate' } }]
		});
		expect(await countEvents(home.id, jobId)).toBe(2);
	});

	it('two racing writers: exactly one of each round is stored', async () => {
		for (let version = 0; version < 8; version++) {
			const answers = await Promise.all(['a', 'b', 'c', 'd'].map((who) => append(note(who), version)));
			expect(answers.filter(({ code }) => code === 'stored')).toHaveLength(1);
			expect(answers.filter(({ code }) => code === 'conflict')).toHaveLength(3);
		}
		expect(await countEvents(home.id, jobId)).toBe(8);
	});

	it('notices what another process has stored', async () => {
		await append(cautions, 0);
		await client.query(
			'insert into job_event (household_id, job_id, seq, event_id, at, body) values ($1, $2, 2, $3, $5, $4)',
			[home.id, jobId, randomUUID(), JSON.stringify(note('from elsewhere')), at]
		);
		expect(await append(note('mine'), 1)).toMatchObject({ code: 'conflict', version: 2 });
		expect(await append(note('mine'), 2)).toMatchObject({ code: 'stored', version: 3 });
	});

	it('a job that is looked at again is not replayed again, until something is added or it ends', async () => {
		const looked = async () => (await loadJob(home, jobId))!;
		const first = await looked();
		expect((await looked()).whole).toBe(first.whole);
		await append(cautions, 0);
		const then = await looked();
		expect(then.whole).not.toBe(first.whole);
		expect(then.events.length).toBe(1);
		expect(then.step).not.toEqual(first.step);
		// What another process stores is seen as well.
		await client.query(
			`insert into job_event (household_id, job_id, seq, event_id, at, body, version)
			select household_id, job_id, 2, $2, at, '{"kind": "note", "text": "from elsewhere"}', version
			from job_event where job_id = $1 and seq = 1`,
			[jobId, randomUUID()]
		);
		expect((await looked()).events.map(({ body }) => body.kind)).toEqual(['confirm', 'note']);
		await append({ kind: 'stop', reason: 'ownChoice', note: '' }, 2);
		expect((await looked()).job.outcome).toBe('stopped');
	});

	it('an unsafe step is refused with the reason, and nothing is stored', async () => {
		expect(await append({ kind: 'takeOff', terminal: 'hotUpper' }, 0)).toMatchObject({
			code: 'refused',
			refusal: { code: 'notProvenDead', energy: 'assumedLive' }
		});
		expect(await append({ kind: 'confirm', step: 'easeOut' }, 0)).toMatchObject({ code: 'refused' });
		expect(await countEvents(home.id, jobId)).toBe(0);
	});

	it('an event id of another job, and an unknown job', async () => {
		const id = randomUUID();
		await append(cautions, 0, id);
		const first = jobId;
		jobId = randomUUID();
		await startJob(home, { id: jobId, boxId: boxes.shift()!, school: 'groundFirst', who: 'B' });
		expect(await append(cautions, 0, id)).toEqual({ code: 'idTaken' });
		expect(first).not.toBe(jobId);
		jobId = randomUUID();
		expect(await append(cautions, 0)).toEqual({ code: 'unknownJob' });
	});

	it('a second job at the same box is pointed to the first, also when both start at once', async () => {
		const boxId = boxes.shift()!;
		const both = await Promise.all(
			[1, 2].map(() => startJob(home, { id: randomUUID(), boxId, school: 'groundFirst', who: 'C' }))
		);
		expect(both.map(({ code }) => code).sort()).toEqual(['started', 'underWay']);
	});

	it('a stop closes the job and writes the house record, all or nothing', async () => {
		const before = await latestHouse(home.id);
		expect(await append({ kind: 'stop', reason: 'ownChoice', note: 'rain' }, 0)).toMatchObject({
			code: 'stored'
		});
		const after = await latestHouse(home.id);
		expect(after.version).toBe(before.version + 1);
		expect(JSON.stringify(after.house)).toContain('Job stopped: rain');
		expect(await append(cautions, 1)).toMatchObject({ code: 'refused', refusal: { code: 'over' } });
		expect((await loadJob(home, jobId))!.job.outcome).toBe('stopped');
	});
});

describe('what the database itself refuses', () => {
	it.each([
		'update job_event set at = now()',
		'delete from job_event',
		'truncate job_event',
		"update job set who = 'x'",
		'delete from job cascade',
		'delete from house_version',
		"update house_version set why = 'x'",
		'delete from job_ended',
		'delete from household',
		"update household set slug = 'other'",
		'truncate house_version cascade'
	])('%s', async (sql) => {
		await append(cautions, 0);
		await expect(client.query(sql)).rejects.toThrow();
		expect(await countEvents(home.id, jobId)).toBe(1);
	});

	it('a gap, a second event with one number, and an event of no job', async () => {
		const insert = (values: unknown[]) =>
			client.query(
				'insert into job_event (household_id, job_id, seq, event_id, at, body) values ($1, $2, $3, $4, now(), $5)',
				values
			);
		await append(cautions, 0);
		await expect(insert([home.id, jobId, 1, randomUUID(), '{}'])).rejects.toThrow(/job_event_pkey/);
		await expect(insert([home.id, randomUUID(), 1, randomUUID(), '{}'])).rejects.toThrow(/foreign key/);
		await expect(insert([home.id, jobId, 0, randomUUID(), '{}'])).rejects.toThrow(/check/);
	});
});

describe('homes', () => {
	it('lists the demo homes, adds a user’s own, and refuses a name in use', async () => {
		expect((await manyHomes()).map(({ name }) => name)).toEqual(['14 Fennel Lane', '3 Tannery Row']);
		const { house } = await latestHouse(home.id);
		const own = await addHousehold('own-home', { ...house, name: 'Own home' });
		expect(own?.isDemo).toBe(false);
		expect(await addHousehold('own-home', house)).toBeNull();
		expect(await maybeDemoWiring(own!.id)).toBeNull();
	});

	it('lists page after page, each behind the last of the one before, whatever they are called', async () => {
		const { house } = await latestHouse(home.id);
		const names = ['Zoar', 'aha', 'Aha', '100% (own)', 'Éa', 'b_b'];
		for (const [k, name] of names.entries()) await addHousehold(`paged-${k}`, { ...house, name });
		const all = (await manyHomes('', null, 100)).map(({ slug }) => slug);
		const paged: string[] = [];
		for (let after: string | null = null; ; after = paged.at(-1)!) {
			const page: string[] = (await manyHomes('', after, 2)).map(({ slug }) => slug);
			if (page.length === 0) break;
			paged.push(...page);
		}
		expect(paged).toEqual(all);
		expect(new Set(all).size).toBe(all.length);
		expect(all.slice(0, 2)).toEqual(['fennel-lane', 'tannery-row']);
		expect((await manyHomes('% (')).map(({ slug }) => slug)).toEqual(['paged-3']);
		expect(await manyHomes('', 'no-such-home')).toEqual([]);
		// One that is retired is out of the list at once.
		await client.query("update household set retired_at = now() where slug = 'paged-0'");
		expect(await manyHomes('Zoar')).toEqual([]);
	});

	it('the simulated instruments read the real wiring and not the record', async () => {
		const wiring = (await maybeDemoWiring(home.id))!;
		const loaded = (await loadJob(home, jobId))!;
		const plan = { ...loaded.plan, boxId: 'sewing-east-wall' };
		const isolation = { ...loaded.state.isolation, power: 'off' as const, off: ['b14'] };
		const state = { ...loaded.state, isolation };
		const sewing = { ...loaded, plan, state, whole: { ...loaded.whole, plans: [plan], boxes: [state] } };
		expect(
			takeReading(wiring, sewing, { what: 'live', half: 'upper', instrument: 'multimeter' })
		).toMatchObject({ reading: { volts: 0 } });
	});
});
