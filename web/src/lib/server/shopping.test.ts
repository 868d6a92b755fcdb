import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bill, neededBy, type KeptPlan } from '@wary/core/shopping';
import { connections } from './db';
import { latestHouse, maybeHousehold, type Household } from './households';
import {
	dropPlan,
	enterCost,
	keepPlan,
	latestCosts,
	listOf,
	manyKeptPlans,
	maybeKeptPlan,
	mostKept
} from './shopping';
import { freshDatabase } from './test/database';
import { addJobEnd } from './jobs';
import { addObservations, maybeCostOf } from './observations';
import { startJob } from './useCases';

let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
let other: Household;
beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
	other = (await maybeHousehold('tannery-row'))!;
});
afterAll(async () => {
	await connections().end();
	await drop();
});
const plan = (boxId: string, part: 'decorator' | 'usb' = 'decorator'): KeptPlan => ({
	boxes: [
		{ boxId, wish: { part, feed: 'asFound', switched: 'keep', connector: 'lever', wireEnd: 'clampPlate' } }
	]
});

describe('kept plans', () => {
	it('one an outlet, the last one kept; a home’s own; gone when taken off, or when the job is begun', async () => {
		const [first, second, piano] = [randomUUID(), randomUUID(), randomUUID()];
		expect(await keepPlan(home.id, first, plan('living-sofa'))).toBe('kept');
		expect(await keepPlan(home.id, first, plan('living-sofa'))).toBe('kept');
		await keepPlan(home.id, piano, plan('music-piano'));
		await keepPlan(home.id, second, plan('living-sofa', 'usb'));
		expect((await manyKeptPlans(home.id)).map(({ id }) => id)).toEqual([piano, second]);
		expect(await manyKeptPlans(other.id)).toEqual([]);
		expect(await maybeKeptPlan(other.id, second)).toBeNull();
		expect((await maybeKeptPlan(home.id, second))!.boxes[0]!.wish).toMatchObject({ part: 'usb' });
		const list = await listOf(home.id, await latestHouse(home.id));
		expect(list.map(({ ok }) => ok)).toEqual([true, true]);
		expect(neededBy(list).filter(({ need }) => need.kind === 'part')).toHaveLength(2);
		const started = await startJob(home, {
			id: randomUUID(),
			boxId: 'music-piano',
			school: 'groundFirst',
			who: 'Avery Quill'
		});
		expect(started.code).toBe('started');
		expect((await manyKeptPlans(home.id)).map(({ id }) => id)).toEqual([second]);
		await dropPlan(other.id, second);
		expect(await manyKeptPlans(home.id)).toHaveLength(1);
		await dropPlan(home.id, second);
		expect(await manyKeptPlans(home.id)).toEqual([]);
	});

	it('no more than anybody plans for; what no build wrote is an error with its place', async () => {
		await client.query(
			`insert into kept_plan (household_id, plan_id, body)
			select $1, gen_random_uuid(), jsonb_build_object('boxes', jsonb_build_array(jsonb_build_object('boxId', 'b' || n, 'wish', null)))
			from generate_series(1, ${mostKept}) n`,
			[other.id]
		);
		expect(await keepPlan(other.id, randomUUID(), plan('box-room-desk'))).toBe('full');
		expect(await manyKeptPlans(other.id)).toHaveLength(mostKept);
		// One that is kept already is kept, however often it is sent.
		const [first] = await manyKeptPlans(other.id);
		expect(await keepPlan(other.id, first!.id, first!.plan)).toBe('kept');
		await client.query(`update kept_plan set body = '{"boxes": []}' where household_id = $1`, [other.id]);
		await expect(manyKeptPlans(other.id)).rejects.toThrow(/boxes/);
		await client.query('delete from kept_plan where household_id = $1', [other.id]);
	});
});

describe('costs', () => {
	it('what a job cost is that job’s, whatever comes after it at the same outlet', async () => {
		const begin = async () => {
			const id = randomUUID();
			const boxId = 'music-window-wall';
			const started = await startJob(home, { id, boxId, school: 'groundFirst', who: 'Avery Quill' });
			expect(started.code).toBe('started');
			return id;
		};
		const cost = (job: string, parts: number) =>
			addObservations(connections(), home.id, [
				{
					id: randomUUID(),
					box: 'music-window-wall',
					job,
					body: { kind: 'cost', parts, minutes: null, callOut: null }
				}
			]);
		const first = await begin();
		await cost(first, 1240);
		await addJobEnd(connections(), home.id, first, 'stopped');
		const second = await begin();
		await cost(second, 99);
		await cost(second, 100);
		expect((await maybeCostOf(home.id, first))!.parts).toBe(1240);
		expect((await maybeCostOf(home.id, second))!.parts).toBe(100);
		expect(await maybeCostOf(other.id, first)).toBeNull();
	});

	it('two who enter at once lose nothing of each other’s', async () => {
		expect(bill([], await latestCosts(home.id)).parts).toBe(0);
		await Promise.all(
			Array.from({ length: 20 }, (_, k) => enterCost(home.id, { set: 'price', need: `part n${k}`, minor: k }))
		);
		await enterCost(home.id, { set: 'price', need: 'part n3', minor: null });
		const { prices } = await latestCosts(home.id);
		expect(Object.keys(prices)).toHaveLength(19);
		expect(prices['part n7']).toBe(7);
		expect((await latestCosts(other.id)).prices).toEqual({});
	});
});
