import { randomUUID } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { chromium, type CDPSession, type Page, type Response as PageResponse } from '@playwright/test';
import pg from 'pg';
import { houseOf, look, newBench, perform, type BenchEvent, type Instruments } from '../core/src/bench';
import { fennelLaneActual } from '../core/src/demo';
import { compileHouse, editHouse, newHome, points, settle, type Edit } from '../core/src/house';
import { readVoltageV } from '../core/src/instruments';
import { expectationsOf, halfProbes, initialJob, planJob } from '../core/src/job';
import { choose, factsOf, protectionOf } from '../core/src/replacement';
import { verdict } from '../core/src/wiring';
import { betweenV, solve, solveVariant, variantSet, type Network } from '../core/src/network';
import { arrangements, here } from '../core/src/arrangements';
import { mistakesOf } from '../core/src/mistakes';
import { sideBySide, solveWithNgspice } from '../core/test/ngspice';
import { connections } from '../web/src/lib/server/db';
import { maybeHousehold } from '../web/src/lib/server/households';
import { appendEvent, startJob } from '../web/src/lib/server/useCases';
import { doStep, startJob as openJob, stepOf } from '../e2e/jobDriver';
import { Application } from '../e2e/server';
import { launchOptions } from './lib/chromium.mjs';

/** Median, ms, of a synchronous piece of work, once it has run long enough to be compiled. */
function medianMs(work: () => unknown, rounds = 300): number {
	const until = performance.now() + 200;
	for (let warm = 0; warm < 50 || performance.now() < until; warm++) work();
	return median(Array.from({ length: rounds }, () => timed(work)));
}
function timed(work: () => unknown): number {
	const from = performance.now();
	work();
	return performance.now() - from;
}
const median = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const said: (readonly [what: string, figure: string, target: string])[] = [];
function say(what: string, figure: string, target: string): void {
	said.push([what, figure, target]);
	console.log(`${what.padEnd(58)} ${figure.padStart(16)}   ${target}`);
}

/** All that was said, as the table that the documents keep. */
function written(): string {
	const [processor] = cpus();
	const rows = said.map(([what, figure, target]) => `| ${what.trim()} | ${figure} | ${target} |`);
	return [
		'# Figures',
		'',
		`Made by \`npm run bench -- --write\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} processors (${processor?.model.trim() ?? 'unknown'}), Node.js ${process.version}. Machines are noisy: figures compare within one run, and ratios more than times.`,
		'',
		'| what | figure | asked |',
		'| --- | ---: | --- |',
		...rows,
		''
	].join('\n');
}
const ms = (value: number) => `${value.toFixed(value < 10 ? 3 : 0)} ms`;

/** A GFCI that feeds what comes after it. */
const gfciBefore = {
	part: 'gfci',
	feed: 'protected',
	switched: 'keep',
	connector: 'lever',
	wireEnd: 'clampPlate'
} as const;

function model(): void {
	const house = fennelLaneActual();
	const whole = compileHouse(house);
	const circuit = oneCircuit(whole);
	say(
		`one-circuit solve (${circuit.branches.length} branches)`,
		ms(medianMs(() => solve(circuit))),
		'≤ 0.1 ms'
	);
	say(`whole-bungalow solve (${whole.branches.length} branches)`, ms(medianMs(() => solve(whole))), '≤ 5 ms');
	say('  with compiling and trips settled', ms(medianMs(() => settle(house))), '');
	say(
		'  one meter reading',
		ms(medianMs(() => readVoltageV(house, halfProbes('sewing-east-wall', 'upper'), 'highImpedance'))),
		''
	);
	const work = planJob(house, 'living-bookcase', 'groundFirst', gfciBefore);
	if (work.ok) {
		const { wanted } = work.plan.work!.ways[0]!;
		const promise = { protects: true, switched: [] };
		say(
			'  the verdict on a plan, GFCI in the middle',
			ms(medianMs(() => verdict({ ...house }, 'living-bookcase', wanted, promise), 100)),
			'≤ 50 ms'
		);
	}
	const known = factsOf(house, 'kitchen-table')!.facts;
	say('  a decision by the rules, every part', ms(medianMs(() => choose(known))), '≤ 5 ms');
	const every = house.boxes.flatMap(({ id }) => factsOf(house, id)?.facts ?? []);
	const thousand = Array.from({ length: 1000 }, (_, k) => every[k % every.length]!);
	say('  a thousand outlets decided', ms(timed(() => thousand.map((each) => choose(each)))), '≤ 1000 ms');
	say('  who guards whom, the whole bungalow', ms(medianMs(() => protectionOf({ ...house }), 10)), '≤ 50 ms');
	const planned = planJob(house, 'sewing-east-wall');
	if (planned.ok)
		say(
			'  a job step’s expected reading',
			ms(medianMs(() => expectationsOf(house, planned.plan, initialJob(planned.plan)).liveV('upper'))),
			''
		);
}

/** Mistakes and pairs of them on one fragment: by updating one factorisation, each anew, and by ngspice on the same netlists. */
function variants(): void {
	const house = arrangements.find(({ kind }) => kind === 'middlePigtails')!.build();
	const base = compileHouse(house);
	const networks = mistakesOf(house, here).map(({ apply }) => compileHouse(apply(house)!));
	const set = variantSet(base, networks);
	const node = (name: string) =>
		set.factor.pattern.numbers.get(points.contact(here, 'upper', name as 'hot'))!;
	const watched = ['hot', 'neutral', 'ground'].map(node) as [number, number, number];
	const pairs = networks.flatMap((_, k) => networks.map((__, other) => [k, other]));
	const updated =
		medianMs(
			() =>
				pairs.map((pair) => solveVariant(set, pair, (factor) => betweenV(factor, watched[0], watched[1]))),
			30
		) / pairs.length;
	const anew = medianMs(() => networks.map((network) => solve(network)), 30) / networks.length;
	say(
		`a variant by update (${base.branches.length} branches, ${pairs.length} pairs)`,
		ms(updated),
		'≤ 0.1 ms'
	);
	say('  variants a second', Math.round(1000 / updated).toLocaleString('en'), '≥ 10,000');
	say('  against solving anew', `${(anew / updated).toFixed(1)} ×`, '');
	const one = timed(() => networks.slice(0, 10).forEach((network) => solveWithNgspice(network))) / 10;
	const batch = timed(() => solveWithNgspice(sideBySide(networks.slice(0, 10)))) / 10;
	say('  against ngspice, a run each', `${Math.round(one / updated).toLocaleString('en')} ×`, '');
	say('  against ngspice, ten in a run', `${Math.round(batch / updated).toLocaleString('en')} ×`, '');
}

/** One change at the bench, and everything that is seen of it: an arrangement, and a box of the whole bungalow. */
function bench(): void {
	const instruments: Instruments = {
		layer: 'current',
		meter: 'volts',
		red: null,
		black: null,
		tester: 'upper'
	};
	const change: BenchEvent = { kind: 'breaker', id: 'b1', on: false };
	for (const [name, start, event, target] of [
		[
			'an arrangement',
			newBench('box', arrangements.find(({ kind }) => kind === 'throughGfci')!.build(), here),
			change,
			'≤ 16 ms'
		],
		[
			'the whole bungalow',
			newBench('bungalow', fennelLaneActual(), 'sewing-east-wall'),
			{ ...change, id: 'b14' },
			'≤ 50 ms'
		]
	] as const) {
		const once = (layer: Instruments['layer']) => () => {
			const moved = perform(start, event);
			if (moved.ok) look(houseOf(moved.bench), start.boxId, { ...instruments, layer });
		};
		say(`bench: a change in ${name} and all that is seen`, ms(medianMs(once('current'), 60)), target);
		say('  with who guards whom', ms(medianMs(once('guards'), 30)), target);
		say('  with what a hand would feel', ms(medianMs(once('touch'), 30)), target);
	}
}

/** The sewing room's circuit and the supply, without the rest of the house. */
function oneCircuit(whole: Network): Network {
	const mine = (name: string) => /sewing/.test(name) || /^(service|panel|breaker:b14)/.test(name);
	return { ...whole, branches: whole.branches.filter(({ from, to }) => mine(from) && mine(to)) };
}

async function appending(application: Application): Promise<void> {
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	await client.query('create table bare (id bigint primary key, body jsonb not null)');
	const body = JSON.stringify({ kind: 'note', text: 'warm plate' });
	const { jobId } = await (
		await post(application, '/api/fennel-lane/jobs', {
			id: randomUUID(),
			boxId: 'sewing-east-wall',
			who: 'bench'
		})
	).json();
	let version = 0;
	const append = async () => {
		const response = await post(application, `/api/fennel-lane/jobs/${jobId}/events`, {
			id: randomUUID(),
			at: new Date().toISOString(),
			expectedVersion: version++,
			command: JSON.parse(body)
		});
		await response.arrayBuffer();
		if (response.status !== 201) throw new Error(`append: ${response.status}`);
	};
	let row = 0;
	const insert = () => client.query('insert into bare values ($1, $2)', [row++, body]);
	process.env.DATABASE_URL = application.databaseUrl;
	const household = (await maybeHousehold('tannery-row'))!;
	const ownJob = randomUUID();
	await startJob(household, { id: ownJob, boxId: 'kitchen-worktop', school: 'groundFirst', who: 'bench' });
	let ownVersion = 0;
	const useCase = async () => {
		const { code } = await appendEvent(household, ownJob, {
			id: randomUUID(),
			at: new Date().toISOString(),
			expectedVersion: ownVersion++,
			command: { kind: 'note', text: 'warm plate' }
		});
		if (code !== 'stored') throw new Error(`append: ${code}`);
	};
	const nothing = async () => void (await (await fetch(`${application.address}/mark.svg`)).arrayBuffer());
	// By turns, so that all meet the same moments of a noisy machine.
	const works = [insert, useCase, append, nothing];
	const times = works.map((): number[] => []);
	for (let round = 0; round < 16; round++)
		for (const [k, work] of works.entries()) {
			const from = performance.now();
			for (let again = 0; again < 25; again++) await work();
			times[k]!.push((performance.now() - from) / 25);
		}
	const [bare, stored, routed, empty] = times.map(median) as [number, number, number, number];
	say('bare single-row INSERT with commit', ms(bare), '');
	say('event append: judged, stored, acknowledged', ms(stored), '');
	say('  rate against the bare insert', (bare / stored).toFixed(2), '≥ 0.5');
	say('event append through the route, one after another', ms(routed), '');
	say('  of which a static file takes by HTTP alone', ms(empty), '');
	await connections().end();
	await client.end();
}

const post = (application: Application, path: string, data: unknown) =>
	fetch(application.address + path, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(data)
	});

async function rendering(application: Application): Promise<string> {
	const { jobId } = await (
		await post(application, '/api/tannery-row/jobs', {
			id: randomUUID(),
			boxId: 'box-room-desk',
			who: 'bench'
		})
	).json();
	const job = `/tannery-row/job/${jobId}`;
	// The first reads no home: a bare render.
	let bareMs: number | null = null;
	for (const [name, path] of [
		['Add a home', '/new'],
		['Today', '/fennel-lane'],
		['Outlet', '/fennel-lane/outlet/sewing-east-wall'],
		['Job', job],
		['Record', `${job}/record`]
	] as const) {
		const times: number[] = [];
		for (let round = 0; round < 60; round++) {
			const from = performance.now();
			await (await fetch(application.address + path)).text();
			times.push(performance.now() - from);
		}
		say(`server render: ${name}`, ms(median(times)), '≤ 50 ms');
		if (bareMs === null) bareMs = median(times);
		else say('  against Add a home, which reads none', `${(median(times) / bareMs).toFixed(1)} ×`, '');
	}
	return job;
}

/** Today with two homes and with 10,000; a home of 400 outlets; what a page weighs then. By turns, so that both meet the same moments. */
async function growing(application: Application): Promise<void> {
	const render = async (path: string) => {
		const from = performance.now();
		const text = await (await fetch(application.address + path, { redirect: 'manual' })).text();
		return { ms: performance.now() - from, bytes: text.length };
	};
	const medianOf = async (path: string) => {
		const all = [];
		for (let round = 0; round < 40; round++) all.push(await render(path));
		return { ms: median(all.slice(5).map((each) => each.ms)), bytes: all[0]!.bytes };
	};
	const paths = ['/fennel-lane', '/', '/api/homes'] as const;
	const few: { ms: number; bytes: number }[] = [];
	for (const path of paths) few.push(await medianOf(path));
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	await client.query(`
		with made as (
			insert into household (household_id, slug, is_demo)
			select gen_random_uuid(), 'many-' || n, false from generate_series(1, 10000) as n returning household_id, slug
		)
		insert into house_version (household_id, version, house, why)
		select made.household_id, 1, jsonb_set(v.house, '{name}', to_jsonb(made.slug)), 'bench'
		from made, (select house from house_version join household using (household_id) where slug = 'tannery-row' limit 1) v`);
	await client.query('analyze');
	const many: { ms: number; bytes: number }[] = [];
	for (const path of paths) many.push(await medianOf(path));
	for (const [k, name] of ['Today', 'the address alone', 'the list of homes (twenty of them)'].entries())
		say(`${name} with 10,000 homes, against two`, `${(many[k]!.ms / few[k]!.ms).toFixed(2)} ×`, '≤ 1.2 ×');
	const far = await medianOf('/api/homes?after=many-9900');
	say(
		'the list of homes from the 9,900th on, against its first page',
		`${(far.ms / many[2]!.ms).toFixed(2)} ×`,
		'≤ 1.2 ×'
	);
	await writers(application);
	const search = await medianOf('/api/homes?search=many-29');
	say('  the switcher’s search among them', ms(search.ms), '');
	await client.query(
		`with made as (
			insert into household (household_id, slug, is_demo) values (gen_random_uuid(), 'large', false) returning household_id
		) insert into house_version (household_id, version, house, why) select household_id, 1, $1, 'bench' from made`,
		[JSON.stringify(outletsIn(40, 10))]
	);
	for (const [name, path] of [
		['Today', '/large'],
		['Outlet', '/large/outlet/o-0-5'],
		['House', '/large/house']
	] as const)
		say(`server render with 400 outlets: ${name}`, ms((await medianOf(path)).ms), '≤ 50 ms');
	await client.end();
}

/** What a very large home asks for, on one circuit of 200 outlets and of 400; and the longest that `/health` waited meanwhile. */
async function heavySums(application: Application): Promise<void> {
	const slugOf = async (count: number) => {
		const house = { ...outletsIn(1, count), name: `one circuit ${count} ${randomUUID()}` };
		return ((await (await post(application, '/api/homes', house)).json()) as { slug: string }).slug;
	};
	const slugs = { half: await slugOf(200), whole: await slugOf(400) };
	let slowestMs = 0;
	const took = async (ask: () => Promise<Response>): Promise<number> => {
		let answered = false;
		const from = performance.now();
		const asked = ask().then(async (answer) => {
			await answer.arrayBuffer();
			answered = true;
			if (!answer.ok) throw new Error(`${answer.url}: ${answer.status}`);
			return performance.now() - from;
		});
		while (!answered) {
			const began = performance.now();
			await (await fetch(`${application.address}/health`)).arrayBuffer();
			slowestMs = Math.max(slowestMs, performance.now() - began);
			await new Promise((resolve) => setTimeout(resolve, 20));
		}
		return asked;
	};
	const sums: readonly [string, (slug: string, count: number) => Promise<Response>][] = [
		[
			'a GFCI job begun in the middle',
			(slug, count) =>
				post(application, `/api/${slug}/jobs`, {
					id: randomUUID(),
					boxId: `o-0-${count / 2}`,
					who: 'bench',
					wish: gfciBefore
				})
		],
		['Protection', (slug) => fetch(`${application.address}/${slug}/protection`)],
		[
			'as many changes in one request',
			(slug, count) =>
				post(application, `/api/${slug}/house`, {
					expectedVersion: 1,
					why: 'bench',
					edits: Array.from({ length: count }, (_, k) => ({
						do: 'setBox',
						box: `o-0-${k}`,
						name: `renamed ${k}`
					}))
				})
		]
	];
	for (const [name, ask] of sums) {
		// The threads have worked before: what is told is not their start.
		const half = await took(() => ask(slugs.half, 200));
		const whole = await took(() => ask(slugs.whole, 400));
		say(`400 outlets on one circuit: ${name}`, ms(whole), '≤ 2000 ms');
		say('  against 200 of them', `${(whole / half).toFixed(2)} ×`, '');
	}
	say('  the longest that /health waited meanwhile', ms(slowestMs), '≤ 50 ms');
}

/** Fifty writers at once, each at a job of a home of its own, against the same rows inserted by as many connections as the server has. */
async function writers(application: Application): Promise<void> {
	const each = 20;
	const rate = async (count: number, write: (k: number, n: number) => Promise<unknown>) => {
		const times: number[] = [];
		const from = performance.now();
		await Promise.all(
			Array.from({ length: count }, async (_, k) => {
				for (let n = 0; n < each; n++) {
					const began = performance.now();
					await write(k, n);
					times.push(performance.now() - began);
				}
			})
		);
		return { perS: (count * each * 1000) / (performance.now() - from), medianMs: median(times) };
	};
	const jobs: string[] = [];
	for (let k = 1; k <= 50; k++) {
		const home = `/api/many-${k}/jobs`;
		const { jobId } = (await (
			await post(application, home, { id: randomUUID(), boxId: 'box-room-desk', who: 'bench' })
		).json()) as { jobId: string };
		jobs.push(`${home}/${jobId}/events`);
	}
	const appended = await rate(50, async (k, n) => {
		const response = await post(application, jobs[k]!, {
			id: randomUUID(),
			at: new Date().toISOString(),
			expectedVersion: n,
			command: { kind: 'note', text: 'warm plate' }
		});
		await response.arrayBuffer();
		if (response.status !== 201) throw new Error(`append: ${response.status}`);
	});
	const pool = new pg.Pool({ connectionString: application.databaseUrl, max: 10 });
	await pool.query('create table if not exists bare (id bigint primary key, body jsonb not null)');
	await pool.query('truncate bare');
	const body = JSON.stringify({ kind: 'note', text: 'warm plate' });
	const inserted = await rate(50, (k, n) =>
		pool.query('insert into bare values ($1, $2)', [k * each + n, body])
	);
	await pool.end();
	const began = performance.now();
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	say('a connection to the database, made and let in', ms(performance.now() - began), '');
	await client.end();
	say('events a second from fifty writers through the route', appended.perS.toFixed(0), '');
	say('  each waits', ms(appended.medianMs), '');
	say('  against bare inserts on ten connections', (appended.perS / inserted.perS).toFixed(2), '');
}

/** So many circuits of so many outlets each, one after the other. */
function outletsIn(circuits: number, each: number) {
	const outlets = Array.from({ length: circuits }, (_, c) =>
		Array.from({ length: each }, (__, k) => ({ c, k }))
	).flat();
	const edits: Edit[] = [
		{ do: 'addRoom', name: 'Hall' },
		...Array.from({ length: circuits }, (_, c): Edit[] => [
			{ do: 'addBreaker', panel: 'main', spaces: [c + 1], ratingA: 15, label: `row ${c}` },
			{ do: 'addCircuit', breaker: `b${c + 1}`, name: `c ${c}` }
		]).flat(),
		...outlets.map(({ c, k }): Edit => ({
			do: 'addOutlet',
			room: 'hall',
			name: `o ${c} ${k}`,
			spot: { circuit: `c-${c}`, after: k === 0 ? 'panel' : { box: `hall-o-${c}-${k - 1}` } }
		}))
	];
	const made = editHouse(
		newHome({ name: 'Large', region: 'us', spaces: 42, mainRatingA: 200, place: 'hall' }),
		edits
	);
	if (!made.ok) throw new Error(JSON.stringify(made.refusal));
	return JSON.parse(JSON.stringify(made.house).replaceAll('"hall-o-', '"o-')) as object;
}

/** A bench of the bungalow saved with few events behind it, and with two hundred. */
async function saving(application: Application): Promise<void> {
	const id = randomUUID();
	await post(application, '/api/fennel-lane/benches', {
		id,
		from: { kind: 'outlet', box: 'sewing-east-wall' }
	});
	const event = (k: number): BenchEvent => ({ kind: 'breaker', id: 'b14', on: k % 2 === 1 });
	let revision = 1;
	const save = async (keep: number, events: BenchEvent[]) => {
		const from = performance.now();
		const response = await fetch(`${application.address}/api/fennel-lane/benches/${id}`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ revision, name: 'bench', keep, events, done: keep + events.length })
		});
		revision = ((await response.json()) as { revision: number }).revision;
		return performance.now() - from;
	};
	const few: number[] = [];
	for (let k = 0; k < 30; k++) few.push(await save(k, [event(k)]));
	for (let k = 30; k < 200; k++) await save(k, [event(k)]);
	const many: number[] = [];
	for (let k = 200; k < 230; k++) many.push(await save(k, [event(k)]));
	say('bench of the bungalow saved, 200 events behind it', ms(median(many)), '≤ 50 ms');
	say('  against few events', `${(median(many) / median(few)).toFixed(2)} ×`, '');
}

/** Script and style of a page, gzip: what it names itself is needed before it answers; the rest is fetched after. */
async function weigh(
	page: Page,
	session: CDPSession,
	name: string,
	path: string,
	atMostKb: number
): Promise<void> {
	// In a round of its own: a page that is left takes the bodies of its answers with it.
	await page.waitForLoadState('networkidle');
	await session.send('Network.clearBrowserCache');
	const sizes = new Map<string, number>();
	const bodies: Promise<unknown>[] = [];
	const note = (response: PageResponse) => {
		if (/\.(js|css)(\?|$)/.test(response.url()))
			bodies.push(
				response
					.body()
					.then((body) => sizes.set(new URL(response.url()).pathname, gzipSync(body).length))
					// What the page before asked for late is none of this one’s.
					.catch(() => undefined)
			);
	};
	page.on('response', note);
	await page.goto(path);
	await page.waitForLoadState('networkidle');
	await Promise.all(bodies);
	page.off('response', note);
	const bytes = [...sizes.values()].reduce((sum, size) => sum + size, 0);
	const answer = await page.request.get(path);
	const named = (await answer.text()) + (answer.headers()['link'] ?? '');
	// A page that tells when it answers: what was asked for before that. Any other: what it names itself.
	const before = await page.evaluate(() => {
		const { answersAt } = window as unknown as { answersAt?: number };
		return answersAt === undefined
			? null
			: performance
					.getEntriesByType('resource')
					.filter(({ startTime }) => startTime < answersAt)
					.map(({ name }) => new URL(name).pathname);
	});
	const first = [...sizes]
		.filter(([file]) => (before ? before.includes(file) : named.includes(file.split('/').at(-1)!)))
		.reduce((sum, [, size]) => sum + size, 0);
	const kb = (size: number) => `${(size / 1000).toFixed(0)} KB`;
	say(
		`${name}: script and style before it answers, gzip`,
		`${kb(first)} (${kb(bytes)} in all)`,
		`≤ ${atMostKb} KB`
	);
}

async function jobPage(application: Application, path: string): Promise<void> {
	const browser = await chromium.launch(launchOptions());
	const page = await (
		await browser.newContext({ baseURL: application.address, viewport: { width: 390, height: 844 } })
	).newPage();
	const session = await page.context().newCDPSession(page);
	await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
	await page.addInitScript(() => {
		const found = window as unknown as { shift: number };
		found.shift = 0;
		new PerformanceObserver((list) =>
			list.getEntries().forEach((entry) => (found.shift += (entry as unknown as { value: number }).value))
		).observe({ type: 'layout-shift', buffered: true });
		new MutationObserver((_, observer) => {
			if (!document.querySelector('[data-ready=true]')) return;
			(window as unknown as { answersAt: number }).answersAt = performance.now();
			observer.disconnect();
		}).observe(document, { subtree: true, childList: true, attributes: true });
	});
	const times: number[] = [];
	for (let round = 0; round < 9; round++) {
		// From a page with nothing under way, and without anybody asking the page how far it is: both cost a slow device hundreds of milliseconds.
		await page.goto('/_app/version.json');
		await page.waitForTimeout(300);
		await session.send('Network.clearBrowserCache');
		await page.goto(path, { waitUntil: 'commit' });
		await page.waitForTimeout(4000);
		times.push(await page.evaluate(() => (window as unknown as { answersAt: number }).answersAt));
	}
	await weigh(page, session, 'job page', path, 190);
	say('job page: interactive at 4× CPU slow-down', ms(median(times)), '≤ 1500 ms');
	say('  the quickest of nine', ms(Math.min(...times)), '');
	say(
		'job page: layout shift',
		(await page.evaluate(() => (window as unknown as { shift: number }).shift)).toFixed(4),
		'0'
	);
	for (const [name, view] of [
		['Today', ''],
		['outlet', '/outlet/sewing-east-wall'],
		['plan', '/plan/sewing-east-wall?part=gfci&feed=protected'],
		['House', '/house'],
		['search', '/find/sewing-east-wall'],
		['Settings', '/settings']
	] as const)
		await weigh(page, session, name, `/fennel-lane${view}`, 160);
	await browser.close();
}

/** How long a person waits for what a tap or a key does, on a device four times slower: a whole job by its keys and taps (interaction to next paint). */
async function interactions(application: Application): Promise<void> {
	const browser = await chromium.launch(launchOptions());
	const page = await (
		await browser.newContext({ baseURL: application.address, viewport: { width: 390, height: 844 } })
	).newPage();
	await page.addInitScript(() => {
		const kept = JSON.parse(sessionStorage.getItem('waits') ?? '[]') as [string, number][];
		const waits = new Map<string, number>(kept);
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries() as (PerformanceEntry & { interactionId: number })[])
				if (entry.interactionId > 0) {
					const id = `${performance.timeOrigin} ${entry.interactionId}`;
					waits.set(id, Math.max(waits.get(id) ?? 0, entry.duration));
				}
			sessionStorage.setItem('waits', JSON.stringify([...waits]));
		}).observe({ type: 'event', durationThreshold: 16, buffered: true } as PerformanceObserverInit);
	});
	await openJob(page, 'fennel-lane', 'bedroom-dresser');
	const session = await page.context().newCDPSession(page);
	await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
	let steps = 0;
	for (; steps < 60; steps++) {
		const { kind } = await stepOf(page);
		if (kind === 'finished' || kind === 'stopped') break;
		await doStep(page, { breaker: /breaker 18\b/ });
	}
	await page.waitForTimeout(1000);
	const waits = await page.evaluate(() =>
		(JSON.parse(sessionStorage.getItem('waits') ?? '[]') as [string, number][]).map(([, ms]) => ms)
	);
	waits.sort((a, b) => a - b);
	const p98 = waits[Math.max(0, Math.ceil(waits.length * 0.98) - 1)] ?? 0;
	say(
		`job: ${steps} steps, ${waits.length} taps and keys of 16 ms or more at 4×: the slowest 2 %`,
		ms(p98),
		'≤ 100 ms'
	);
	say('  the slowest, and the middle', `${ms(waits.at(-1) ?? 0)}, ${ms(median(waits))}`, '');
	await browser.close();
}

/** How long the server takes over each view, warm, by turns. */
async function serverRenders(application: Application, job: string): Promise<void> {
	const views = [
		job,
		'/fennel-lane',
		'/fennel-lane/outlet/sewing-east-wall',
		'/fennel-lane/house',
		'/fennel-lane/find/sewing-east-wall',
		'/fennel-lane/bench',
		'/fennel-lane/settings',
		'/fennel-lane/directory',
		'/tannery-row/house',
		'/new'
	];
	const times = new Map<string, number[]>(views.map((view) => [view, []]));
	for (let round = 0; round < 14; round++)
		for (const view of views) {
			const began = performance.now();
			await (await fetch(application.address + view)).text();
			if (round > 3) times.get(view)!.push(performance.now() - began);
		}
	for (const [view, each] of times)
		say(`server render: ${view.replace(/[0-9a-f-]{36}/, '…')}`, ms(median(each)), '≤ 50 ms');
}

console.log(`Node.js ${process.version}, ${execFileSync('nproc').toString().trim()} cores`);
model();
variants();
bench();
const application = await Application.start();
try {
	await appending(application);
	const job = await rendering(application);
	await jobPage(application, job);
	await serverRenders(application, job);
	await interactions(application);
	await saving(application);
	await growing(application);
	await heavySums(application);
} finally {
	await application.kill();
}
if (process.argv.includes('--write')) writeFileSync('docs/performance.md', written());
