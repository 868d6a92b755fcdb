import { execFileSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parseHouse } from '@wary/core/files';
import { settle, type House } from '@wary/core/house';
import { currentProcedure, nextAt, planJob } from '@wary/core/job';
import { parseBench } from '@wary/core/bench';
import { everything } from '../../../../core/test/draws';
import { Person } from '../../../../core/test/person';
import { migrate } from '../../../../scripts/lib/database.mjs';
import { serverBin } from '../../../../scripts/lib/postgres.mjs';
import { manyBenches, maybeBench } from './benches';
import { disconnect } from './db';
import { latestHouse, manyHomes, maybeHousehold, type Household } from './households';
import { manyJobs, maybeJob } from './jobs';
import { recordsOf } from './records';
import { endOlder } from './olderJobs';
import { maybeTold } from './told';
import { appendEvent, findJob, loadJob, startJob } from './useCases';

/** Sets of what earlier builds stored, each a database and the records that the build made of it. */
const folder = new URL('../../../../db/golden/', import.meta.url);
const sets = readdirSync(folder, { withFileTypes: true }).filter((each) => each.isDirectory());

interface Taken {
	readonly home: string;
	readonly job: string;
	readonly box: string;
	readonly status: 'underWay' | 'finished' | 'stopped';
	readonly events: number;
	readonly next: { readonly kind: string } | null;
	/** By which procedure it was begun. */
	readonly procedure: number;
	/** Of one that has ended what was told of it then; of one under way what its record says so far. */
	readonly toldSha256?: string;
	readonly recordSha256?: string;
}

describe.each(sets.map(({ name }) => name))('what the build “%s” stored', (name) => {
	const read = (file: string) => gunzipSync(readFileSync(new URL(`${name}/${file}`, folder)));
	const taken = JSON.parse(read('records.json.gz').toString()) as Taken[];
	let server: pg.Client;
	const database = `golden_${randomUUID().replaceAll('-', '')}`;

	beforeAll(async () => {
		const admin = process.env.TEST_DATABASE_URL;
		if (!admin) throw new Error('TEST_DATABASE_URL is not set: run npm test');
		server = new pg.Client({ connectionString: admin });
		await server.connect();
		await server.query(`create database ${database}`);
		const url = admin.replace(/\/[^/]*$/, `/${database}`);
		execFileSync(`${serverBin()}/psql`, ['-q', '-v', 'ON_ERROR_STOP=1', url], {
			input: read('dump.sql.gz'),
			maxBuffer: 1e9,
			stdio: ['pipe', 'ignore', 'pipe']
		});
		await migrate(url);
		process.env.DATABASE_URL = url;
	}, 120_000);
	afterAll(async () => {
		await disconnect();
		await server.query(`drop database ${database} with (force)`);
		await server.end();
	});

	const houseFiles = readdirSync(new URL(`${name}/homes`, folder));
	it.each(houseFiles)(
		'the house file %s is read, means what it meant, and is written as a file that reads alike',
		(file) => {
			const text = read(`homes/${file}`).toString();
			const parsed = parseHouse(JSON.parse(text));
			if (!parsed.ok) throw new Error(JSON.stringify(parsed));
			const { house } = parsed;
			const before = JSON.parse(text) as Pick<House, 'region' | 'boxes' | 'cables' | 'circuits' | 'service'>;
			expect(house.boxes.map(({ id }) => id)).toEqual(before.boxes.map(({ id }) => id));
			expect(house.cables).toMatchObject(before.cables);
			expect(house.circuits).toMatchObject(before.circuits);
			expect(parseHouse(JSON.parse(JSON.stringify(house)))).toEqual(parsed);
			// Nobody had said how a uk supply is earthed: it stays unsaid, and TN-C-S is meant.
			expect(house.service).toEqual(before.service);
			expect(settle(house).ended).toBe('still');
		}
	);

	const homeOf = async (slug: string): Promise<Household> => (await maybeHousehold(slug))!;

	it('holds jobs ended both ways and under way at every step, in both regions', () => {
		expect(taken.length).toBeGreaterThan(200);
		const at = (status: Taken['status']) => taken.filter((each) => each.status === status);
		expect(at('finished').length).toBeGreaterThan(10);
		expect(at('stopped').length).toBeGreaterThan(3);
		for (const region of ['us', 'uk'])
			expect(
				new Set(at('underWay').flatMap(({ home, next }) => (home.startsWith(region) ? [next!.kind] : [])))
					.size
			).toBeGreaterThan(20);
	});

	it('starts under this build: every home is listed and every house read', async () => {
		const slugs = [...new Set(taken.map(({ home }) => home))];
		for (const slug of slugs) expect((await latestHouse((await homeOf(slug)).id)).house.name).not.toBe('');
		expect((await manyHomes('Fennel')).map(({ slug }) => slug)).toContain('fennel-lane');
		expect((await manyHomes()).length).toBe(20);
	});

	it('what was told of every job that has ended stands as it was, and one under way as it stood', async () => {
		for (const [at, { home, job, status, events, toldSha256, recordSha256, procedure }] of taken.entries()) {
			const household = await homeOf(home);
			expect((await maybeJob(household.id, job))!.procedure).toBe(procedure);
			if (toldSha256) {
				expect([home, job, sha256(await maybeTold(household.id, job))]).toEqual([home, job, toldSha256]);
				continue;
			}
			// One of another procedure is never gone on with. By day one of eight is worked out.
			if (procedure !== currentProcedure || (!everything && at % 8 > 0)) continue;
			const loaded = (await loadJob(household, job))!;
			expect([loaded.state.status, loaded.events.length], `${home} ${job}`).toEqual([status, events]);
			const made = recordsOf(loaded).map((each) => each.record);
			expect([home, job, sha256(made.length > 1 ? made : made[0])]).toEqual([home, job, recordSha256]);
		}
	}, 120_000);

	it('every job under way goes on to its end, or is closed safely; one of another procedure is ended, and kept', async () => {
		const ends = { finished: 0, stopped: 0 };
		// By day one of each step that a job stands at, in whichever home; in the long run one in each kind of home.
		const met = new Set<string>();
		const going = taken.filter(({ home, status, next }) => {
			const stands = `${everything ? home.replace(/-\d+$/, '') : ''} ${next?.kind}`;
			const first = !met.has(stands);
			if (status === 'underWay') met.add(stands);
			return status === 'underWay' && first;
		});
		expect(going.length).toBeGreaterThan(25);
		for (const { home, job } of going) {
			const household = await homeOf(home);
			const found = (await findJob(household, job))!;
			if (found.code === 'older') {
				const ended = await endOlder(household, found.job, { id: randomUUID(), anew: false });
				expect(ended).toEqual({ code: 'ended' });
				ends.stopped++;
				continue;
			}
			const { loaded } = found;
			const at = new Date(
				Date.parse(loaded.events.at(-1)?.at ?? '2026-11-21T09:00:00Z') + 1000
			).toISOString();
			const { breaker } = loaded.house.circuits.find(({ id }) =>
				loaded.house.cables.some(
					({ circuit, to, from }) =>
						circuit === id &&
						(to.box === loaded.plan.boxId || ('box' in from && from.box === loaded.plan.boxId))
				)
			)!;
			const person = new Person(
				loaded.house,
				loaded.house,
				loaded.whole.plans,
				Array(6).fill(breaker) as string[]
			);
			person.earthFrom = earthFrom(loaded.house, loaded.plan.boxId);
			person.events = [...loaded.events];
			person.whole = loaded.whole;
			const end = await toTheEnd(household, job, person, at);
			ends[end]++;
			expect((await loadJob(household, job))!.job.outcome).toBe(end);
		}
		// What was begun under another procedure is never gone on with.
		const older = going.filter(({ procedure }) => procedure !== currentProcedure).length;
		expect(ends.stopped).toBeGreaterThanOrEqual(older);
		expect(ends.finished).toBeGreaterThanOrEqual((going.length - older) / 2);
	}, 600_000);

	it('new jobs begin by the procedure of this build, and benches open', async () => {
		const household = await homeOf('fennel-lane');
		const { house } = await latestHouse(household.id);
		const busy = (await manyJobs(household.id)).flatMap(({ boxId, outcome }) => (outcome ? [] : [boxId]));
		const box = house.boxes.find(
			({ id, use }) => use === 'outlet' && !busy.includes(id) && planJob(house, id).ok
		)!;
		const id = randomUUID();
		await startJob(household, { id, boxId: box.id, school: 'groundFirst', who: 'Avery Quill' });
		expect((await loadJob(household, id))!.job.procedure).toBe(currentProcedure);
		const benches = await manyBenches(household.id);
		expect(benches.length).toBeGreaterThan(0);
		for (const bench of benches)
			expect(parseBench((await maybeBench(household.id, bench.id))!.file)).toMatchObject({ ok: true });
	});
});

/** JSON with every key in its alphabetical place, as the set was taken. */
const canonical = (value: unknown): string =>
	JSON.stringify(value, (_, each: unknown) =>
		typeof each === 'object' && each !== null && !Array.isArray(each)
			? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
			: each
	);

const sha256 = (value: unknown): string =>
	createHash('sha256')
		.update(canonical(JSON.parse(JSON.stringify(value))))
		.digest('hex');

const earthFrom = (house: Person['recorded'], boxId: string): string =>
	`outlet:${house.boxes.find(({ id, device }) => id !== boxId && device && ['duplex', 'socketTwin'].includes(device.kind))?.id ?? boxId}`;

/** Does what comes next until the job has ended; where nothing goes on, it is stopped the safe way. */
async function toTheEnd(
	household: Household,
	job: string,
	person: Person,
	at: string
): Promise<'finished' | 'stopped'> {
	let stopping = false;
	for (let count = 0; count < 320 && person.state.status === 'underWay'; count++) {
		const expectedVersion = person.events.length;
		const box = person.whole.plans.length > 1 ? person.plan.boxId : undefined;
		const stop = { kind: 'stop', reason: 'ownChoice', note: '' } as const;
		let command = stopping ? stop : whatToSay(person);
		if (!command || count > 260) stopping = true;
		command ??= stop;
		let said = person.say(command, { at });
		if (!said.ok && command.kind === 'stop') {
			command = whatToSay(person)!;
			said = person.say(command, { at });
		}
		if (!said.ok) {
			stopping = true;
			continue;
		}
		const answer = await appendEvent(household, job, { id: randomUUID(), at, expectedVersion, box, command });
		expect(answer.code, JSON.stringify([command, answer])).toBe('stored');
	}
	const { status } = person.state;
	if (status === 'underWay')
		throw new Error(`${job} can't be ended: ${JSON.stringify(nextAt(person.whole))}`);
	return status;
}

function whatToSay(person: Person) {
	try {
		return person.answer();
	} catch {
		// No known earth in this home: nobody could read there.
		return null;
	}
}
