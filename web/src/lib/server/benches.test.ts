import { randomUUID } from 'node:crypto';
import { arrangementsOf, here } from '@wary/core/arrangements';
import { benchFile, newBench, perform } from '@wary/core/bench';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connections } from './db';
import { addBench, manyBenches, maybeBench, removeBench, saveBench } from './benches';
import { latestHouse, maybeHousehold, type Household } from './households';
import { addPhoto, manyPhotos, maybePhoto } from './photos';
import { freshDatabase } from './test/database';
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
const bench = newBench(
	'middle',
	arrangementsOf('us')
		.find(({ kind }) => kind === 'middleThrough')!
		.build(),
	here
);

describe('benches', () => {
	it('are kept, saved over the revision last seen only, and go; the record of the house stays', async () => {
		const before = await latestHouse(home.id);
		const id = randomUUID();
		await addBench(home.id, id, benchFile(bench));
		await addBench(home.id, id, benchFile({ ...bench, name: 'the same id again' }));
		expect(await manyBenches(home.id)).toMatchObject([{ id, name: 'middle' }]);
		const next = perform(bench, { kind: 'breakTab', which: 'hot' });
		if (!next.ok) throw new Error(next.refusal.code);
		const save = { name: 'middle', keep: 0, events: benchFile(next.bench).events, done: 1 };
		expect(await saveBench(home.id, id, 1, save)).toBe(2);
		// Another tab still knows revision 1: it is told, and nothing is lost.
		expect(await saveBench(home.id, id, 1, save)).toBeNull();
		// What would leave a hole, or say that more was done than there is, makes no whole.
		expect(await saveBench(home.id, id, 2, { ...save, keep: 2 })).toBeNull();
		expect(await saveBench(home.id, id, 2, { ...save, keep: 1, events: [], done: 2 })).toBeNull();
		const more = { kind: 'breaker', id: 'b1', on: false } as const;
		expect(await saveBench(home.id, id, 2, { name: 'renamed', keep: 1, events: [more], done: 2 })).toBe(3);
		expect((await maybeBench(home.id, id))!.file).toMatchObject({
			name: 'renamed',
			done: 2,
			events: [{ kind: 'breakTab' }, more]
		});
		expect(await saveBench(home.id, id, 3, { name: 'middle', keep: 1, events: [], done: 1 })).toBe(4);
		expect((await maybeBench(home.id, id))!.file.events).toEqual([{ kind: 'breakTab', which: 'hot' }]);
		expect(await maybeBench(other.id, id)).toBeNull();
		await removeBench(other.id, id);
		expect(await manyBenches(home.id)).toHaveLength(1);
		await removeBench(home.id, id);
		expect(await manyBenches(home.id)).toEqual([]);
		expect(await latestHouse(home.id)).toEqual(before);
	});
});

describe('photographs', () => {
	it('belong to a job, are seen by their household only, and are never changed', async () => {
		const { house } = await latestHouse(home.id);
		const started = await startJob(home, {
			id: randomUUID(),
			boxId: house.boxes.find(({ id }) => id === 'sewing-east-wall')!.id,
			school: 'groundFirst',
			who: 'Avery Quill'
		});
		if (started.code !== 'started') throw new Error(started.code);
		const photo = {
			id: randomUUID(),
			caption: 'stain',
			type: 'image/png' as const,
			content: new Uint8Array([0x89, 0x50, 1, 2, 3])
		};
		await addPhoto(home.id, started.jobId, photo);
		await addPhoto(home.id, started.jobId, { ...photo, caption: 'sent twice' });
		expect(await manyPhotos(home.id, started.jobId)).toMatchObject([{ id: photo.id, caption: 'stain' }]);
		expect(new Uint8Array((await maybePhoto(home.id, photo.id))!.content)).toEqual(photo.content);
		expect(await maybePhoto(other.id, photo.id)).toBeNull();
		// A home has room for so much: what is kept already is kept, sent again.
		const next = { ...photo, id: randomUUID() };
		expect(await addPhoto(home.id, started.jobId, next, 9)).toBe('full');
		expect(await addPhoto(home.id, started.jobId, photo, 9)).toBe('kept');
		expect(await addPhoto(home.id, started.jobId, next, 10)).toBe('kept');
		await expect(client.query('update photo set caption = $1', ['other'])).rejects.toThrow(/only ever added/);
		await expect(client.query('delete from photo')).rejects.toThrow(/only ever added/);
		await expect(addPhoto(other.id, started.jobId, { ...photo, id: randomUUID() })).rejects.toThrow();
	});
});
