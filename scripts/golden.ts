import { execFileSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { arrangements, here } from '../core/src/arrangements';
import { benchFile, newBench, perform, type BenchEvent } from '../core/src/bench';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../core/src/demo';
import { findCircuit, circuitsInBox, type House } from '../core/src/house';
import { nextAt, planJob, planWhole, recordOf, type BoxWish, type Command } from '../core/src/job';
import { Person } from '../core/test/person';
import { threeCables } from '../core/test/threeCables';
import { wishOf } from '../core/test/wishes';
import { addBench } from '../web/src/lib/server/benches';
import { connections } from '../web/src/lib/server/db';
import { addHousehold, latestHouse, maybeHousehold, type Household } from '../web/src/lib/server/households';
import { recordsOf } from '../web/src/lib/server/records';
import { maybeTold } from '../web/src/lib/server/told';
import { appendEvent, loadJob, startJob } from '../web/src/lib/server/useCases';
import { migrate, seed } from './lib/database.mjs';
import { Cluster } from './lib/postgres.mjs';

/**
 * Takes what this build stores, for later builds to prove that they read it: `db/golden/NAME/dump.sql.gz`, its house files, and `records.json` with every
 * job's record as this build has it. One set stands in the tree, named for the release it was taken from; a later release takes its own and keeps this one as long as it
 * promises to read it.
 */
const name = process.argv[2];
if (!name || !/^[a-z0-9-]+$/.test(name)) throw new Error('name the set: npm run golden -- NAME');
const folder = new URL(`../db/golden/${name}/`, import.meta.url);

/** Somebody at work whose every act is stored by the server as well. */
class Worker {
	#clock = Date.parse('2026-11-20T09:00:00Z');
	private constructor(
		readonly household: Household,
		readonly jobId: string,
		readonly person: Person
	) {}
	static async at(
		household: Household,
		actual: House,
		at: string | readonly BoxWish[],
		change?: (person: Person) => void
	): Promise<Worker> {
		const { house } = await latestHouse(household.id);
		const [first, ...more] = typeof at === 'string' ? [{ boxId: at, wish: null }] : at;
		const { boxId, wish } = first!;
		const planned = planWhole(house, [first!, ...more], 'groundFirst');
		if (!planned.ok) throw new Error(planned.failure.code);
		const jobId = randomUUID();
		const started = await startJob(household, {
			id: jobId,
			boxId,
			school: 'groundFirst',
			who: 'Avery Quill',
			wish,
			more
		});
		if (started.code !== 'started') throw new Error(JSON.stringify(started));
		const breaker = findCircuit(actual, circuitsInBox(actual, boxId)[0]!.id)!.breaker;
		const person = new Person(house, actual, planned.plans, [breaker, breaker, breaker, breaker]);
		person.earthFrom = earthFor(house, boxId);
		change?.(person);
		return new Worker(household, jobId, person);
	}
	/** Does the next step here and on the server; false when there is none, or none that this person can do. */
	async go(): Promise<boolean> {
		const { person } = this;
		if (nextAt(person.whole).step === null || person.events.length > mostEvents) return false;
		const command = whatToSay(person);
		if (!command) return false;
		const at = new Date((this.#clock += 40_000)).toISOString();
		const expectedVersion = person.events.length;
		const box = person.whole.plans.length > 1 ? person.plan.boxId : undefined;
		if (!person.say(command, { at }).ok) return false;
		const id = randomUUID();
		const answer = await appendEvent(this.household, this.jobId, { id, at, expectedVersion, box, command });
		if (answer.code !== 'stored') throw new Error(`${command.kind}: ${JSON.stringify(answer)}`);
		person.events[expectedVersion] = { ...person.events[expectedVersion]!, id };
		return true;
	}
	async steps(count: number): Promise<void> {
		for (let done = 0; done < count && (await this.go()); done++);
	}
	async stop(note: string): Promise<void> {
		for (let tries = 0; tries < 40 && this.person.state.status === 'underWay'; tries++) {
			const at = new Date((this.#clock += 40_000)).toISOString();
			const command = { kind: 'stop', reason: 'ownChoice', note } as const;
			const expectedVersion = this.person.events.length;
			if (this.person.say(command, { at }).ok)
				await appendEvent(this.household, this.jobId, { id: randomUUID(), at, expectedVersion, command });
			else if (!(await this.go())) throw new Error('cannot stop');
		}
	}
}

/** More than any job takes: somebody who gets no further is left where they are. */
const mostEvents = 260;

/** What comes next; null where this home has nothing to read it on: a known earth where no outlet is grounded. */
const whatToSay = (person: Person): Command | null => {
	try {
		return fitting(person.answer(), person);
	} catch (error) {
		if (error instanceof TypeError) return null;
		throw error;
	}
};

/** The part in hand is the one that the plan asks for. */
const fitting = (command: Command, { plan }: Person): Command =>
	command.kind === 'checkPart' && 'ratingA' in plan.newDevice
		? { ...command, answers: { ...command.answers, ratingA: plan.newDevice.ratingA } }
		: command;

const earthFor = (house: House, boxId: string): string => {
	const other = house.boxes.find(
		({ id, device }) => id !== boxId && device && ['duplex', 'socketTwin', 'gfci'].includes(device.kind)
	);
	return `outlet:${other?.id ?? boxId}`;
};
const outlets = (house: House): string[] =>
	house.boxes
		.filter(
			({ use, id }) => use === 'outlet' && planWhole(house, [{ boxId: id, wish: null }], 'groundFirst').ok
		)
		.map(({ id }) => id);

async function own(slug: string, house: House): Promise<Household> {
	const made = await addHousehold(slug, house);
	if (!made) throw new Error(`${slug} is taken`);
	return made;
}

/** Jobs under way after one event, two, three … on to the last but one, an outlet each, in as many copies of the home as that takes. */
async function atEveryStep(slug: string, house: House, change?: (person: Person) => void): Promise<void> {
	const boxes = outlets(house);
	const dry = await Worker.at(await own(`${slug}-whole`, house), house, boxes[0]!, change);
	while (await dry.go());
	const steps = dry.person.events.length;
	let home: Household | null = null;
	console.log(`${slug}: ${steps} steps`);
	for (let count = 0; count < steps; count++) {
		if (count % boxes.length === 0) home = await own(`${slug}-${count / boxes.length + 1}`, house);
		await (await Worker.at(home!, house, boxes[count % boxes.length]!, change)).steps(count);
	}
}

const arrangement = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();

/** Jobs that put something else in: to their ends, stopped, and under way after every step. */
async function wished(): Promise<void> {
	const { house } = await latestHouse((await maybeHousehold('fennel-lane'))!.id);
	const chain = [
		{ boxId: 'reading-alcove', wish: wishOf('gfci', 'protected') },
		{ boxId: 'reading-lamp-table', wish: wishOf('duplex', 'asFound') },
		{ boxId: 'reading-stove-wall', wish: wishOf('duplex', 'asFound') }
	];
	const done: [string, House, readonly BoxWish[]][] = [
		['decorator', arrangement('middleThrough'), [{ boxId: here, wish: wishOf('decorator', 'asFound') }]],
		['usb', arrangement('endOfRun'), [{ boxId: here, wish: wishOf('usb', 'asFound') }]],
		['switched', arrangement('halfSwitched'), [{ boxId: here, wish: wishOf('decorator', 'asFound') }]],
		['uk-usb', arrangement('ring'), [{ boxId: here, wish: wishOf('usbTwin', 'asFound') }]],
		['two', arrangement('middleThrough'), ['before', here].map((boxId) => ({ boxId, wish: null }))],
		[
			'beside-switch',
			house,
			[
				{ boxId: 'living-desk', wish: null },
				{ boxId: 'living-desk-switch', wish: 'putBack' }
			]
		]
	];
	for (const [slug, found, boxes] of done) {
		const worker = await Worker.at(await own(`wish-${slug}`, found), found, boxes);
		while (await worker.go());
		console.log(`${slug}: ${worker.person.events.length} steps, ${worker.person.state.status}`);
		const stopped = await Worker.at(await own(`wish-${slug}-stopped`, found), found, boxes);
		await stopped.steps(Math.floor(worker.person.events.length * 0.6));
		await stopped.stop('It got late.');
	}
	await everyStepOf('wish-gfci', arrangement('middleThrough'), [
		{ boxId: here, wish: wishOf('gfci', 'protected') }
	]);
	await everyStepOf('wish-chain', house, chain);
	await everyStepOf('wish-switch', house, done.at(-1)![2]);
}

async function everyStepOf(slug: string, house: House, boxes: readonly BoxWish[]): Promise<void> {
	const dry = await Worker.at(await own(`${slug}-whole`, house), house, boxes);
	while (await dry.go());
	console.log(`${slug}: ${dry.person.events.length} steps, ${dry.person.state.status}`);
	// A chain is long: every third of its steps.
	const every = boxes.length > 1 ? 6 : 2;
	for (let count = 0; count < dry.person.events.length; count += every)
		await (await Worker.at(await own(`${slug}-${count}`, house), house, boxes)).steps(count);
}

async function demoHomes(): Promise<void> {
	const fennel = (await maybeHousehold('fennel-lane'))!;
	const actual = fennelLaneActual();
	for (const box of [
		'music-piano',
		'living-sofa',
		'nursery-door-wall',
		'kitchen-bread-board',
		'reading-stove-wall'
	])
		while (await (workers[box] ??= await Worker.at(fennel, actual, box)).go());
	const wrong = await Worker.at(fennel, actual, 'sewing-east-wall', (person) =>
		person.breakers.unshift('b11')
	);
	while (await wrong.go());
	await (await Worker.at(fennel, actual, 'sewing-closet')).steps(30);
	const stopped = await Worker.at(fennel, actual, 'bedroom-dresser');
	await stopped.steps(45);
	await stopped.stop('A visitor came; closed for today.');
	await (await Worker.at(fennel, actual, 'porch-front')).stop('Rain.');
	const tannery = (await maybeHousehold('tannery-row'))!;
	for (const box of ['box-room-desk', 'kitchen-worktop']) {
		const worker = await Worker.at(tannery, tanneryRow(), box);
		while (await worker.go());
	}
	await (await Worker.at(tannery, tanneryRow(), 'hall-meter-cupboard')).steps(33);
	const early = await Worker.at(tannery, tanneryRow(), 'kitchen-washer');
	await early.steps(40);
	await early.stop('Gone to buy a part.');
	const late = await Worker.at(tannery, tanneryRow(), 'front-room-bay');
	await late.steps(52);
	await late.stop('It got dark.');
}
const workers: Record<string, Worker> = {};

/** Every arrangement in which this build plans a job: one done to its end where it comes there, one under way in the middle. */
async function everyArrangement(): Promise<void> {
	for (const { kind, region, build } of arrangements) {
		const house = { ...build(), name: `Arrangement ${kind}` };
		if (!planJob(house, here).ok) continue;
		for (const [suffix, count] of [
			['end', 200],
			['middle', 38]
		] as const)
			await (
				await Worker.at(await own(`${region}-${kind.toLowerCase()}-${suffix}`, house), house, here)
			).steps(count);
	}
}

async function benches(): Promise<void> {
	const home = (await maybeHousehold('fennel-lane'))!;
	const house = arrangements.find(({ kind }) => kind === 'throughGfci')!.build();
	const events: BenchEvent[] = [
		{ kind: 'breaker', id: 'b1', on: true },
		{ kind: 'plug', box: here, half: 'upper', what: 'heater', id: 'l1' },
		{ kind: 'pressTest' }
	];
	const bench = events.reduce(
		(now, event) => {
			const next = perform(now, event);
			if (!next.ok) throw new Error(JSON.stringify(next.refusal));
			return next.bench;
		},
		newBench('GFCI in the middle', house, here)
	);
	await addBench(home.id, randomUUID(), benchFile(bench));
}

/** JSON with every key in its alphabetical place: what a value says, whatever kept it. */
const canonical = (value: unknown): string =>
	JSON.stringify(value, (_, each: unknown) =>
		typeof each === 'object' && each !== null && !Array.isArray(each)
			? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
			: each
	);

const sha256 = (value: unknown): string => createHash('sha256').update(canonical(value)).digest('hex');

/** What this build says of every job: whether it has ended, what comes next, and the whole record. */
async function records(): Promise<unknown[]> {
	const { rows } = await connections().query(
		'select h.slug, j.job_id from job j join household h using (household_id) order by 1, 2'
	);
	const found = [];
	for (const { slug, job_id } of rows as { slug: string; job_id: string }[]) {
		const household = (await maybeHousehold(slug))!;
		const loaded = (await loadJob(household, job_id))!;
		const { job, plan, events, state, whole } = loaded;
		const several = whole.plans.length > 1;
		const made = several ? recordsOf(loaded).map(({ record: each }) => each) : recordOf(plan, events, state);
		const record = JSON.parse(JSON.stringify(made)) as unknown;
		const ended = state.status !== 'underWay';
		found.push({
			home: slug,
			job: job_id,
			box: job.boxId,
			status: state.status,
			events: events.length,
			procedure: job.procedure,
			next: nextAt(whole).step,
			// What was told of it where it has ended; otherwise enough to notice a difference.
			...(ended
				? { toldSha256: sha256(await maybeTold(household.id, job_id)) }
				: { recordSha256: sha256(record) })
		});
	}
	return found;
}

const data = mkdtempSync(join(tmpdir(), 'wary-golden-'));
const cluster = new Cluster({ folder: data, port: 0, name: 'golden' });
try {
	await cluster.start();
	const url = await cluster.database('wary');
	process.env.DATABASE_URL = url;
	await migrate(url);
	await seed(url, { reset: false });
	await demoHomes();
	await atEveryStep('us-steps', { ...fennelLaneRecorded(), name: 'Own bungalow' });
	await atEveryStep('uk-steps', { ...tanneryRow(), name: 'Own terrace' });
	const three = await own('uk-three-cables', threeCables());
	await (await Worker.at(three, threeCables(), here, (person) => (person.supplyWay = 'live'))).steps(200);
	await everyArrangement();
	await wished();
	await benches();
	mkdirSync(folder, { recursive: true });
	const dump = execFileSync(
		join(cluster.bin, 'pg_dump'),
		['--no-owner', '--no-privileges', '-h', '127.0.0.1', '-p', String(cluster.port), '-U', 'wary', 'wary'],
		{ maxBuffer: 1e9 }
	);
	writeFileSync(new URL('dump.sql.gz', folder), gzipSync(dump, { level: 9 }));
	mkdirSync(new URL('homes', folder), { recursive: true });
	const files = new URL('../data/homes/', import.meta.url);
	for (const file of readdirSync(files))
		writeFileSync(
			new URL(`homes/${file}.gz`, folder),
			gzipSync(readFileSync(new URL(file, files)), { level: 9 })
		);
	const taken = await records();
	writeFileSync(new URL('records.json.gz', folder), gzipSync(JSON.stringify(taken), { level: 9 }));
	console.log(`${taken.length} jobs, dump ${(dump.length / 1e6).toFixed(1)} MB`);
} finally {
	await connections().end();
	await cluster.discard();
	rmSync(data, { recursive: true, force: true });
}
