import { randomUUID } from 'node:crypto';
import type { Command } from '@wary/core/job';
import type pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { wishOf } from '../../../../core/test/wishes';
import { connections } from './db';
import { latestHouse, maybeHousehold, type Household } from './households';
import { manyJobs } from './jobs';
import { recordsOf } from './records';
import { freshDatabase } from './test/database';
import { appendEvent, loadJob, startJob, takeIn } from './useCases';
import { recordEdits } from './houseEdits';

let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
});
afterAll(async () => {
	await connections().end();
	await drop();
});

const at = '2026-11-24T10:00:00.000Z';
const chain = (id: string) => ({
	id,
	boxId: 'reading-alcove',
	school: 'groundFirst' as const,
	who: 'Avery Quill',
	wish: wishOf('gfci', 'protected'),
	more: [
		{ boxId: 'reading-lamp-table', wish: wishOf('duplex', 'asFound') },
		{ boxId: 'reading-stove-wall', wish: wishOf('duplex', 'asFound') }
	]
});

it('a job at three boxes is stored, found at each of them, and keeps which box was spoken of', async () => {
	const id = randomUUID();
	expect(await startJob(home, chain(id))).toEqual({ code: 'started', jobId: id });
	for (const box of ['reading-alcove', 'reading-lamp-table', 'reading-stove-wall']) {
		expect((await manyJobs(home.id, box)).map((job) => job.id)).toEqual([id]);
		// None of them can be in a second job meanwhile.
		expect(
			await startJob(home, { ...chain(randomUUID()), boxId: box, wish: wishOf('gfci', 'asFound'), more: [] })
		).toEqual({ code: 'underWay', jobId: id });
	}
	const say = (command: Command, version: number, box?: string) =>
		appendEvent(home, id, { id: randomUUID(), at, expectedVersion: version, box, command });
	expect(await say({ kind: 'note', text: 'plate was painted over' }, 0, 'reading-lamp-table')).toMatchObject({
		code: 'stored',
		event: { box: 'reading-lamp-table' }
	});
	expect(await say({ kind: 'note', text: 'elsewhere' }, 1, 'sewing-closet')).toEqual({
		code: 'notOfThisJob'
	});
	expect(await say({ kind: 'confirm', step: 'cautions' }, 1, 'reading-alcove')).toMatchObject({
		code: 'stored'
	});
	const loaded = (await loadJob(home, id))!;
	expect(loaded.whole.boxes.map(({ cautions }) => cautions)).toEqual([true, true, true]);
	const notes = recordsOf(loaded).map(({ record }) => record.notes.length);
	expect(notes).toEqual([0, 1, 0]);
	// Stopped before anything was touched: every box has it in its history, in one version of the record.
	const before = await latestHouse(home.id);
	expect(await say({ kind: 'stop', reason: 'ownChoice', note: '' }, 2, 'reading-alcove')).toMatchObject({
		code: 'stored'
	});
	const after = await latestHouse(home.id);
	expect(after.version).toBe(before.version + 1);
	const told = (house: typeof after.house, box: string) =>
		house.boxes.find((each) => each.id === box)!.history.length;
	for (const box of ['reading-alcove', 'reading-lamp-table', 'reading-stove-wall'])
		expect([box, told(after.house, box)]).toEqual([box, told(before.house, box) + 1]);
});

it('what isn’t on one breaker, named twice, or refused by the model is begun nowhere', async () => {
	const start = (more: ReturnType<typeof chain>['more']) => startJob(home, { ...chain(randomUUID()), more });
	expect(await start([{ boxId: 'bedroom-window', wish: wishOf('decorator', 'asFound') }])).toMatchObject({
		code: 'cannotPlan',
		failure: { code: 'otherBreaker', box: 'bedroom-window' }
	});
	expect(await start([{ boxId: 'reading-alcove', wish: wishOf('duplex', 'asFound') }])).toMatchObject({
		code: 'cannotPlan',
		failure: { code: 'boxTwice' }
	});
	const alone = {
		...chain(randomUUID()),
		boxId: 'reading-lamp-table',
		wish: wishOf('duplex', 'asFound'),
		more: []
	};
	expect(await startJob(home, alone)).toMatchObject({
		code: 'cannotPlan',
		failure: { code: 'planFails', box: 'reading-lamp-table' }
	});
});

it('the boxes of a job are only ever added, like everything a record rests on', async () => {
	const id = randomUUID();
	await startJob(home, chain(id));
	await expect(client.query('update job_box set box_id = $1', ['elsewhere'])).rejects.toThrow(
		/only ever added/
	);
	await expect(client.query('delete from job_box')).rejects.toThrow(/only ever added/);
});

const single = (boxId: string) => ({
	id: randomUUID(),
	boxId,
	school: 'groundFirst' as const,
	who: 'Avery Quill'
});

it('an outlet is taken into a job under way, once, and left out again; it is of that job and of no other meanwhile', async () => {
	const job = single('sewing-east-wall');
	expect(await startJob(home, job)).toMatchObject({ code: 'started' });
	const request = { id: randomUUID(), box: 'sewing-closet', wish: null };
	expect(await takeIn(home, job.id, request)).toMatchObject({ code: 'stored', version: 1 });
	expect(await takeIn(home, job.id, request)).toMatchObject({ code: 'alreadyStored' });
	const loaded = (await loadJob(home, job.id))!;
	expect(loaded.whole.plans.map(({ boxId }) => boxId)).toEqual(['sewing-east-wall', 'sewing-closet']);
	expect((await manyJobs(home.id, 'sewing-closet')).map(({ id }) => id)).toEqual([job.id]);
	expect(loaded.job.boxes.map(({ boxId }) => boxId)).toEqual(['sewing-east-wall', 'sewing-closet']);
	// Neither a job of its own, nor a second one that would take it in, nor off the record.
	expect(await startJob(home, single('sewing-closet'))).toEqual({ code: 'underWay', jobId: job.id });
	const second = single('sewing-door-wall');
	await startJob(home, second);
	expect(await takeIn(home, second.id, { ...request, id: randomUUID() })).toMatchObject({
		code: 'refused',
		refusal: { code: 'boxInOtherJob', box: 'sewing-closet' }
	});
	const { version } = await latestHouse(home.id);
	expect(
		await recordEdits(home, {
			expectedVersion: version,
			edits: [{ do: 'removeBox', box: 'sewing-closet' }],
			why: 'test'
		})
	).toMatchObject({ refusal: { code: 'jobUnderWay', box: 'sewing-closet' } });
	const drop = await appendEvent(home, job.id, {
		id: randomUUID(),
		at: new Date().toISOString(),
		expectedVersion: 1,
		box: 'sewing-east-wall',
		command: { kind: 'dropBox', box: 'sewing-closet' }
	});
	expect(drop).toMatchObject({ code: 'stored' });
	expect(await manyJobs(home.id, 'sewing-closet')).toEqual([]);
	expect((await loadJob(home, job.id))!.whole.plans).toHaveLength(1);
	expect(await takeIn(home, second.id, { ...request, id: randomUUID() })).toMatchObject({ code: 'stored' });
});

it('of two jobs that take the same outlet in at one time only one has it', async () => {
	const jobs = [single('living-sofa'), single('living-bookcase')];
	for (const job of jobs) await startJob(home, job);
	const taken = await Promise.all(
		jobs.map(({ id }) => takeIn(home, id, { id: randomUUID(), box: 'living-fireplace-left', wish: null }))
	);
	expect(taken.map(({ code }) => code).sort()).toEqual(['refused', 'stored']);
	expect(await manyJobs(home.id, 'living-fireplace-left')).toHaveLength(1);
});

it('what is on another breaker, unknown, or recorded otherwise since the job began is not taken in', async () => {
	const job = single('bedroom-dresser');
	await startJob(home, job);
	const ask = (box: string) => takeIn(home, job.id, { id: randomUUID(), box, wish: null });
	expect(await ask('music-piano')).toMatchObject({
		code: 'refused',
		refusal: { code: 'cannotAdd', failure: { code: 'otherBreaker' } }
	});
	expect(await ask('nowhere')).toMatchObject({ refusal: { failure: { code: 'unknownBox' } } });
	// From its plan and from the job’s own page alike: the job would wire it by what it was.
	const { version, house } = await latestHouse(home.id);
	const device = { ...house.boxes.find(({ id }) => id === 'bedroom-window')!.device!, tamperResistant: true };
	await recordEdits(home, {
		expectedVersion: version,
		edits: [{ do: 'setBox', box: 'bedroom-window', device } as never],
		why: 'test'
	});
	const changed = { code: 'refused', refusal: { code: 'recordChanged', box: 'bedroom-window' } };
	expect(await ask('bedroom-window')).toMatchObject(changed);
	const said = await appendEvent(home, job.id, {
		id: randomUUID(),
		at: new Date().toISOString(),
		expectedVersion: 0,
		command: { kind: 'addBox', box: 'bedroom-window', wish: null }
	});
	expect(said).toMatchObject(changed);
	expect((await loadJob(home, job.id))!.events).toEqual([]);
});
