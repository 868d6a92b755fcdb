import { randomUUID } from 'node:crypto';
import { Person, meter, planOf } from '../../../../core/test/person';
import { fennelLaneActual } from '@wary/core/demo';
import { energyOf } from '@wary/core/isolation';
import type { Command } from '@wary/core/job';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { appendSchema } from './commandSchema';
import { connections } from './db';
import { latestHouse, maybeHousehold, type Household } from './households';
import { freshDatabase } from './test/database';
import { appendEvent, loadJob, startJob, type Append } from './useCases';

let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
let jobId: string;
/** How many events the job has where the two devices part. */
let parted: number;
const boxId = 'sewing-east-wall';
const startMs = Date.parse('2026-11-24T10:00:00Z');
const at = (afterS: number) => new Date(startMs + afterS * 1000).toISOString();

beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
	const { house } = await latestHouse(home.id);
	jobId = randomUUID();
	await startJob(home, { id: jobId, boxId, school: 'groundFirst', who: 'Avery Quill' });
	const person = new Person(house, fennelLaneActual(), planOf(house, boxId), ['b11', 'b14']);
	while (energyOf(person.state.isolation) !== 'provenDead') person.go();
	for (const [k, { body }] of person.events.entries())
		expect(await said({ command: body, at: at(k), expectedVersion: k })).toMatchObject({ code: 'stored' });
	parted = person.events.length;
});
afterAll(async () => {
	await connections().end();
	await drop();
});

const said = (append: Partial<Append> & { command: Command; expectedVersion: number }) =>
	appendEvent(home, jobId, { id: randomUUID(), at: at(300), ...append });
const stored = async () => (await loadJob(home, jobId))!;
const energy = async () => energyOf((await stored()).state.isolation);

describe('two devices of one job, one of them offline', () => {
	it('what the other said in the meantime stands, and readings taken without knowing it prove nothing', async () => {
		const otherBox = { kind: 'changed', what: 'otherBoxOpened' } as const;
		expect(await said({ command: otherBox, expectedVersion: parted })).toMatchObject({ code: 'stored' });
		expect(await energy()).toBe('assumedLive');
		const tester = {
			kind: 'proveTester',
			when: 'before',
			source: 'provingUnit',
			reading: meter(240)
		} as const;
		expect(
			await said({ command: tester, at: at(200), expectedVersion: parted + 1, knew: parted })
		).toMatchObject({ code: 'refused', refusal: { code: 'unknowing', by: { body: otherBox } } });
		expect(await said({ command: tester, at: at(301), expectedVersion: parted + 1 })).toMatchObject({
			code: 'stored'
		});
	});

	it('what was done long before it arrives keeps its time, and how much its device knew', async () => {
		const id = randomUUID();
		const note: Command = { kind: 'note', text: 'warm plate' };
		const command = { id, command: note, at: at(60), expectedVersion: parted + 2, knew: parted };
		expect(await said(command)).toMatchObject({ code: 'stored', event: { at: at(60) } });
		const { rows } = await client.query('select at, knew from job_event where event_id = $1', [id]);
		expect(rows).toEqual([{ at: new Date(at(60)), knew: parted }]);
		// No earlier than what it knew.
		expect(await said({ ...command, id: randomUUID(), at: at(-90), expectedVersion: parted + 3 })).toEqual({
			code: 'timeWrong',
			lastAt: at(parted - 1)
		});
		// Time doesn't run back for what comes next.
		expect((await stored()).state.lastAt).toBe(at(301));
	});

	it('power switched on elsewhere counts as seen, though it no longer fits', async () => {
		const expectedVersion = parted + 3;
		const id = randomUUID();
		const restore = { id, command: { kind: 'restorePower', held: true }, expectedVersion } as const;
		// Of a device that knows all of it: refused, and nothing more.
		expect(await said({ ...restore, id: randomUUID() })).toMatchObject({ code: 'refused' });
		expect(await said({ ...restore, knew: parted })).toMatchObject({
			code: 'stored',
			event: { id, body: { kind: 'changed', what: 'powerSeen' } }
		});
		expect(await energy()).toBe('assumedLive');
		expect(await said({ ...restore, knew: parted })).toMatchObject({ code: 'alreadyStored' });
	});

	it('no event lies ahead of the server’s clock, so that a fast one stands in nobody’s way', async () => {
		const now = new Date(startMs + 400_000);
		const note: Command = { kind: 'note', text: 'from the future' };
		const fast = { id: randomUUID(), at: at(400 + 270), expectedVersion: parted + 4, command: note };
		expect(await appendEvent(home, jobId, fast, now)).toMatchObject({ code: 'timeWrong' });
		const slack = { ...fast, at: at(405) };
		expect(await appendEvent(home, jobId, slack, now)).toMatchObject({ code: 'stored' });
	});

	it('nobody knows more than there is', () => {
		const append = { id: randomUUID(), at: at(0), expectedVersion: 3, command: { kind: 'note', text: 'x' } };
		expect(appendSchema.safeParse({ ...append, knew: 3 }).success).toBe(true);
		expect(appendSchema.safeParse({ ...append, knew: 4 }).error?.issues[0]?.path).toEqual(['knew']);
	});
});
