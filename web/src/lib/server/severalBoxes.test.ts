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
import { appendEvent, loadJob, startJob } from './useCases';

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
