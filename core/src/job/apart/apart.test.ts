import { drawn } from '../../../test/draws';
import { Device, OneServer, type Act, type Done } from '../../../test/apartDevices';
import { Person, planOf } from '../../../test/person';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneActual, fennelLaneRecorded } from '../../demo';
import { deadBand, energyOf, type Energy } from '../../isolation';
import {
	expectationsAt,
	plannerOn,
	planWhole,
	type Command,
	type JobEvent,
	type JobPlan,
	type WholeJob
} from '../index';

const recorded = fennelLaneRecorded();
const actual = fennelLaneActual();
const feeder = 'b14';

const planner = plannerOn(recorded);
const jobOf = (plans: readonly JobPlan[]) => ({
	recorded,
	actual,
	plans,
	planner,
	// What a pair should read decides no more than its words.
	expecting: (whole: WholeJob, at: number) => ({ ...expectationsAt(recorded, whole, at), pairV: () => 0 }),
	feeder
});
const together = () => {
	const planned = planWhole(recorded, [
		{ boxId: 'sewing-east-wall', wish: null },
		{ boxId: 'sewing-window-wall', wish: null }
	]);
	if (!planned.ok) throw new Error(planned.failure.code);
	return planned.plans;
};

/** The job as it was before devices went apart: up to where power is to go off, or to that state. */
function begun(plans: readonly JobPlan[], until: 'switchOff' | Energy): JobEvent[] {
	const person = new Person(recorded, actual, plans, [feeder]);
	person.until('switchOff');
	while (until !== 'switchOff' && energyOf(person.state.isolation) !== until) person.go();
	return person.events;
}

const odd = fc.constantFrom<Act>(
	'powerSeen',
	'otherBoxOpened',
	'switchOn',
	'switchOff',
	'readLive',
	'testerFails',
	'found',
	'restore',
	'note'
);
/** One thing that happens: somebody goes on at one device, or does something odd; some requests of it come through or lose their answers; or it asks what is new. */
const happening = fc.record({
	device: fc.nat(2),
	afterS: fc.nat(90),
	what: fc.oneof(
		{
			weight: 5,
			arbitrary: fc.integer({ min: 1, max: 12 }).map((nexts) => ({ acts: Array<Act>(nexts).fill('next') }))
		},
		{ weight: 3, arbitrary: odd.map((act) => ({ acts: [act] })) },
		{ weight: 5, arbitrary: fc.record({ requests: fc.integer({ min: 1, max: 12 }), lost: fc.boolean() }) },
		{ weight: 1, arbitrary: fc.constant({ asks: true } as const) }
	)
});
const schedules = fc.record({
	devices: fc.integer({ min: 2, max: 3 }),
	skewsS: fc.array(fc.integer({ min: -30, max: 30 }), { minLength: 3, maxLength: 3 }),
	happenings: fc.array(happening, { maxLength: 12 })
});
type Schedule = typeof schedules extends fc.Arbitrary<infer Each> ? Each : never;

/** Plays a schedule, and lets every device come to its end. */
function play(
	plans: readonly JobPlan[],
	events: readonly JobEvent[],
	{ devices, skewsS, happenings }: Schedule
) {
	const server = new OneServer(jobOf(plans), events);
	const all = Array.from({ length: devices }, (_, k) => new Device(`d${k}`, server, skewsS[k]! * 1000));
	const done: Done[] = [];
	let nowMs = Date.parse('2026-11-24T10:00:30Z');
	let seen = server.log;
	const atTheEnd = [
		{ device: 0, afterS: 1, what: { requests: 12, lost: false } },
		{ device: 0, afterS: 1, what: { acts: Array<Act>(12).fill('next') } }
	];
	for (const { device, afterS, what } of [...happenings, ...atTheEnd]) {
		const here = all[device % devices]!;
		nowMs += afterS * 1000;
		if ('asks' in what) here.catchUp();
		else if ('requests' in what) for (let k = 0; k < what.requests; k++) here.send(what.lost && k % 2 === 1);
		else
			for (const act of what.acts) {
				nowMs += 1000;
				const each = here.act(act, nowMs, `${here.name}-${done.length}`);
				if (each) done.push(each);
			}
		if (server.log !== seen) restsOnKnown(server, done);
		seen = server.log;
	}
	for (let round = 0; round < 400 && all.some(({ waiting }) => waiting.length > 0); round++)
		for (const each of all) each.send(false);
	for (const each of all) each.catchUp();
	return { server, all, done };
}

/** What ends a proof, by its kind: told here by what it means, not by what the job makes of it. */
const endsProof = ({ body }: JobEvent): boolean =>
	body.kind === 'changed' ||
	body.kind === 'foundConductor' ||
	ofPower(body) ||
	(body.kind === 'proveTester' && deadBand(body.reading) !== 'live');
/** Power is on, or was seen. */
const ofPower = (said: Command): boolean =>
	(said.kind === 'changed' && said.what === 'powerSeen') ||
	said.kind === 'restorePower' ||
	(said.kind === 'switchBreaker' && said.on) ||
	(said.kind === 'readPair' && deadBand(said.reading) === 'live');

/** Each box that the log leaves proven dead: what that rests on. */
function restsOn({ whole, log }: OneServer): string[] {
	return whole.boxes.flatMap(({ isolation }) => {
		if (energyOf(isolation) !== 'provenDead') return [];
		const { before, after, pairs } = isolation.proof;
		const held = log.findLast(({ body }) => body.kind === 'hold')!;
		return [held.id, before!.id, after!.id, ...Object.values(pairs).map(({ id }) => id)];
	});
}

let proofs = 0;
/** What a proof rests on was done knowing whatever had ended one before. */
function restsOnKnown(server: OneServer, done: readonly Done[]): void {
	const { log } = server;
	const proof = restsOn(server);
	if (proof.length > 0) proofs++;
	const how = new Map(done.map((each) => [each.id, each]));
	const unknown = ({ id, known }: Done) => {
		const at = log.findIndex((event) => event.id === id);
		return log.slice(0, at).filter((event) => endsProof(event) && !known.has(event.id));
	};
	for (const id of proof) {
		const each = how.get(id);
		if (each) expect(unknown(each)).toEqual([]);
	}
	// It was switched off, once at least, by somebody who knew all that had been seen alive. Off once more changes nothing.
	const alive = log.findLastIndex(({ body }) => ofPower(body));
	const offs = log.slice(alive + 1).filter(({ body }) => body.kind === 'switchBreaker' && !body.on);
	const knowing = offs.filter(({ id }) => !how.has(id) || unknown(how.get(id)!).length === 0);
	if (proof.length > 0) expect(knowing).not.toEqual([]);
}

function holds(plans: readonly JobPlan[], events: readonly JobEvent[], schedule: Schedule): void {
	const { server, all, done } = play(plans, events, schedule);
	const { log, acknowledged } = server;
	// Nothing that was acknowledged is lost, and nothing is there twice.
	const ids = log.map(({ id }) => id);
	expect(new Set(ids).size).toBe(ids.length);
	expect([...acknowledged].filter((id) => !ids.includes(id))).toEqual([]);
	// All devices come to the same.
	for (const { waiting, stored, view } of all) {
		expect(waiting).toEqual([]);
		expect(stored).toEqual(log);
		expect(view.events).toEqual(log);
	}
	// Power that was seen or switched on stands in the log, as that or as a warning, unless the job had come to its end.
	if (server.whole.boxes.some(({ status }) => status !== 'underWay')) return;
	expect(done.filter(({ id, command }) => ofPower(command) && !ids.includes(id))).toEqual([]);
}

describe('devices of one job, apart from each other', () => {
	const one = [planOf(recorded, 'sewing-east-wall')];
	const two = together();
	it.each([
		['one box, before power goes off', one, 'switchOff'],
		['one box, its face about to be proven', one, 'expectedDead'],
		['one box, its device about to come out', one, 'provenDead'],
		['two boxes, before power goes off', two, 'switchOff']
	] as const)(
		'no proof rests on what was done without knowing better: %s',
		(_name, plans, until) => {
			const events = begun(plans, until);
			const { seed, numRuns } = drawn(27_100, 500, 6_250);
			fc.assert(
				fc.property(schedules, (schedule) => holds(plans, events, schedule)),
				{ seed, numRuns }
			);
		},
		1_800_000
	);
	it('nothing that one device says alone is refused for what it said before, whatever is lost on the way', () => {
		const events = begun(one, 'switchOff');
		fc.assert(
			fc.property(schedules, (schedule) => {
				const { server, done } = play(one, events, { ...schedule, devices: 1 });
				const stored = new Map(server.log.map(({ id, body }) => [id, body]));
				expect(done.map(({ id }) => stored.get(id))).toEqual(done.map(({ command }) => command));
			}),
			drawn(27_001, 100, 1000)
		);
	});
	it('and what is drawn comes to proofs', () => expect(proofs).toBeGreaterThan(100));
});
