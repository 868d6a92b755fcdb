import { randomUUID } from 'node:crypto';
import { findBox } from '@wary/core/house';
import type { WishChoice } from '@wary/core/job';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Person } from '../../../../core/test/person';
import { wishOf } from '../../../../core/test/wishes';
import { connections } from './db';
import { maybeWiringNow } from './demoWiring';
import { addHousehold, latestHouse, maybeDemoWiring, maybeHousehold, type Household } from './households';
import { takeReading } from './instruments';
import { freshDatabase } from './test/database';
import { appendEvent, loadJob, startJob } from './useCases';

let drop: () => Promise<void>;
let home: Household;
beforeAll(async () => {
	({ drop } = await freshDatabase());
	home = (await maybeHousehold('tannery-row'))!;
});
afterAll(async () => {
	await connections().end();
	await drop();
});

const boxId = 'front-room-chimney-left';
async function begin(wish: WishChoice): Promise<string> {
	const id = randomUUID();
	expect(await startJob(home, { id, boxId, school: 'groundFirst', who: 'Avery Quill', wish })).toEqual({
		code: 'started',
		jobId: id
	});
	return id;
}
async function finish(id: string): Promise<void> {
	const { house, whole } = (await loadJob(home, id))!;
	const person = new Person(house, house, whole.plans, ['b2', 'b2', 'b2']);
	person.earthFrom = 'outlet:kitchen-fridge';
	const at = new Date().toISOString();
	while (person.state.status === 'underWay') {
		const expectedVersion = person.events.length;
		const command = person.answer();
		expect(person.say(command, { at })).toMatchObject({ ok: true });
		expect(await appendEvent(home, id, { id: randomUUID(), at, expectedVersion, command })).toMatchObject({
			code: 'stored'
		});
	}
	expect(person.state.status).toBe('finished');
}
const kindNow = async (except?: string) =>
	findBox((await maybeWiringNow(home, except))!, boxId)!.device!.kind;

describe('a demo home after a job', () => {
	it('is wired as the job has left it: another job at the same outlet measures the part that is there', async () => {
		const built = (await maybeDemoWiring(home.id))!;
		expect(await maybeWiringNow(home)).toBe(built);
		const first = await begin(wishOf('socketSingle'));
		// Under way it changes nothing for others.
		expect(await kindNow()).toBe('socketTwin');
		await finish(first);
		expect(await kindNow()).toBe('socketSingle');
		expect(await kindNow(first)).toBe('socketTwin');
		const now = (await maybeWiringNow(home))!;
		expect(now.boxes.filter((box) => box.id !== boxId)).toEqual(
			built.boxes.filter((box) => box.id !== boxId)
		);
		expect(now.panels).toEqual(built.panels);

		const second = await begin(wishOf('socketTwin'));
		const loaded = (await loadJob(home, second))!;
		expect(loaded.plan.halves).toEqual(['only']);
		const wiring = (await maybeWiringNow(home, second))!;
		expect(
			takeReading(wiring, loaded, { what: 'live', half: 'only', instrument: 'indicator' })
		).toMatchObject({ reading: { litV: 230 } });
		await finish(second);
		expect(await kindNow()).toBe('socketTwin');
	}, 120_000);

	it('nobody knows the wiring of a user’s own', async () => {
		const { house } = await latestHouse(home.id);
		expect(await maybeWiringNow((await addHousehold('2-glover-street', house))!)).toBeNull();
	});
});
