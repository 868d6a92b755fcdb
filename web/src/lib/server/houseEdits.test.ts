import { randomUUID } from 'node:crypto';
import { planJob } from '@wary/core/job';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connections } from './db';
import { recordEdits } from './houseEdits';
import { houseAt, latestHouse, maybeDemoWiring, maybeHousehold, type Household } from './households';
import { searched, strongestAt } from './instruments';
import { addSettings, latestSettings } from './settings';
import { freshDatabase } from './test/database';
import { startJob } from './useCases';
import { defaultsFor } from '../settings';

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
const label = (text: string) => [{ do: 'setBreaker' as const, breaker: 'b9', label: text }];

describe('edits of the house record', () => {
	it('become its next version, all or none; what was before stays readable', async () => {
		const { version, house } = await latestHouse(home.id);
		expect(
			await recordEdits(home, { expectedVersion: version, edits: label('stove'), why: 'label of 9' })
		).toMatchObject({
			code: 'recorded',
			version: version + 1
		});
		const refused = await recordEdits(home, {
			expectedVersion: version + 1,
			edits: [...label('never'), { do: 'setBreaker', breaker: 'b9', spaces: [10] }],
			why: 'two at once'
		});
		expect(refused).toMatchObject({
			code: 'refused',
			edit: 1,
			refusal: { code: 'wouldBeWrong', problem: { code: 'spaceTaken' } }
		});
		const now = await latestHouse(home.id);
		expect(now.version).toBe(version + 1);
		expect(now.house.panels[0]!.breakers.find(({ id }) => id === 'b9')!.label).toBe('stove');
		expect(await houseAt(home.id, version)).toEqual(house);
	});

	it('of two who knew the same version one is told what the other did', async () => {
		const { version } = await latestHouse(home.id);
		const answers = await Promise.all(
			['one', 'two'].map((text) =>
				recordEdits(home, { expectedVersion: version, edits: label(text), why: text })
			)
		);
		expect(answers.map(({ code }) => code).sort()).toEqual(['conflict', 'recorded']);
		const conflict = answers.find(({ code }) => code === 'conflict')!;
		expect(conflict).toMatchObject({ version: version + 1 });
	});

	it('take no box away from under a job', async () => {
		const { version, house } = await latestHouse(home.id);
		const boxId = house.boxes.find(({ id }) => planJob(house, id).ok)!.id;
		await startJob(home, { id: randomUUID(), boxId, school: 'groundFirst', who: 'Avery Quill' });
		expect(
			await recordEdits(home, {
				expectedVersion: version,
				edits: [{ do: 'removeBox', box: boxId }],
				why: 'gone'
			})
		).toMatchObject({
			code: 'refused',
			refusal: { code: 'jobUnderWay', box: boxId }
		});
	});

	it('nor one that is only taken out with it and put back', async () => {
		const { version } = await latestHouse(home.id);
		const boxId = 'living-desk';
		await startJob(home, { id: randomUUID(), boxId, school: 'groundFirst', who: 'Avery Quill' });
		expect(
			await recordEdits(home, {
				expectedVersion: version,
				edits: [{ do: 'removeBox', box: 'living-desk-switch' }],
				why: 'gone'
			})
		).toMatchObject({
			code: 'refused',
			refusal: { code: 'jobUnderWay', box: 'living-desk-switch' }
		});
	});
});

describe('settings', () => {
	it('are what is usual until somebody says otherwise, and are only ever added to', async () => {
		expect(await latestSettings(home.id, 'us')).toEqual(defaultsFor('us'));
		const mine = { ...defaultsFor('us'), holdGear: ['clip', 'padlock'] as const };
		await addSettings(home.id, { ...mine, holdGear: [...mine.holdGear] });
		expect((await latestSettings(home.id, 'us')).holdGear).toEqual(['clip', 'padlock']);
		await expect(client.query("update settings_version set settings = '{}'")).rejects.toThrow(
			/only ever added/
		);
	});
});

describe('the stand-in at the panel', () => {
	it('shows the wiring as it is, whatever the directory says', async () => {
		const wiring = (await maybeDemoWiring(home.id))!;
		expect(searched(wiring, 'sewing-east-wall', ['b11'])).toBe('on');
		expect(searched(wiring, 'sewing-east-wall', ['b3', 'b14'])).toBe('dark');
		expect(strongestAt(wiring, 'sewing-east-wall')).toBe('b14');
	});
});
