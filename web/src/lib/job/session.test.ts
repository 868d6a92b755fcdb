import { fennelLaneActual, fennelLaneRecorded } from '@wary/core/demo';
import { energyOf } from '@wary/core/isolation';
import { decide } from '../../../../core/test/oneBox';
import { meter, Person } from '../../../../core/test/person';
import { expectationsOf, planJob, replay, type Command, type JobEvent } from '@wary/core/job';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { JobSession } from './session.svelte';

vi.mock('$app/environment', () => ({ browser: true }));

const house = fennelLaneRecorded();
const planned = planJob(house, 'sewing-east-wall');
if (!planned.ok) throw new Error(planned.failure.code);
const { plan } = planned;

/** A server with one job; it judges as the real one does. */
class Server {
	events: JobEvent[] = [];
	down = false;
	/** Stores, and the answer is lost on the way. */
	deaf = false;
	now: string | undefined;
	/** Refuses times that are far from its clock. */
	wantsTime = false;
	broken: string | null = null;
	status = 200;
	post(body: { id: string; at: string; expectedVersion: number; command: Command }): object {
		const now = this.now;
		if (this.broken) return { ok: false, code: this.broken, now };
		if (this.wantsTime && Math.abs(Date.parse(body.at) - Date.parse(now!)) > 300_000)
			return { ok: false, code: 'timeWrong', now, lastAt: this.events.at(-1)?.at ?? null };
		if (this.events.some(({ id }) => id === body.id)) return { ok: true, version: this.events.length, now };
		if (this.events.length !== body.expectedVersion)
			return {
				ok: false,
				code: 'conflict',
				version: this.events.length,
				events: this.events.slice(body.expectedVersion)
			};
		const state = replay(plan, this.events);
		const decision = decide(
			{ plan, expect: expectationsOf(house, plan, state), find: () => undefined },
			state,
			body.command
		);
		if (!decision.ok) return { ok: false, code: 'refused', refusal: decision.refusal };
		const event: JobEvent = { id: body.id, at: body.at, body: decision.body };
		this.events.push(event);
		return { ok: true, version: this.events.length, event, now };
	}
}
let server: Server;
const kept = new Map<string, string>();
const open = (events: readonly JobEvent[] = [...server.events]) => {
	const session = new JobSession({ house, plans: [plan], events, address: '/api/home/jobs/1' });
	void session.resume();
	return session;
};
const note = (text: string): Command => ({ kind: 'note', text });
const texts = (events: readonly JobEvent[]) =>
	events.map(({ body }) => (body.kind === 'note' ? body.text : body.kind));
/** When a page has taken up what the one before it kept: its form is fetched first. */
const taken = (session: JobSession, count: number) =>
	vi.waitFor(() => expect(session.events.length).toBeGreaterThanOrEqual(count));
const settled = () => vi.advanceTimersByTimeAsync(20);

beforeEach(() => {
	vi.useFakeTimers();
	server = new Server();
	kept.clear();
	vi.stubGlobal('localStorage', {
		getItem: (key: string) => kept.get(key) ?? null,
		setItem: (key: string, value: string) => void kept.set(key, value),
		removeItem: (key: string) => void kept.delete(key)
	});
	vi.stubGlobal('fetch', async (address: string, request?: { body: string }) => {
		if (server.down) throw new TypeError('network');
		const after = Number(new URL(address, 'http://home').searchParams.get('after') ?? 0);
		const answer = request
			? server.post(JSON.parse(request.body) as Parameters<Server['post']>[0])
			: { events: server.events.slice(after) };
		if (server.deaf && request) throw new TypeError('network');
		return { status: server.status, json: async () => answer };
	});
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('a job on a device', () => {
	it('counts an entry at once and has it stored once', async () => {
		const session = open();
		expect(session.submit({ kind: 'confirm', step: 'cautions' })).toBe(true);
		expect([session.step?.kind, session.unsent]).toEqual(['checkTools', 1]);
		await settled();
		expect([session.unsent, server.events.length]).toEqual([0, 1]);
	});

	it('goes on while the server is away, keeps what it has not sent over a reload, and sends it in order', async () => {
		const session = open();
		server.down = true;
		session.submit(note('one'));
		session.submit(note('two'));
		await settled();
		expect([session.away, session.unsent, server.events.length]).toEqual(['server', 2, 0]);
		server.down = false;
		const again = open();
		await taken(again, 2);
		expect(texts(again.events)).toEqual(['one', 'two']);
		await vi.advanceTimersByTimeAsync(3000);
		expect([texts(server.events), again.unsent]).toEqual([['one', 'two'], 0]);
	});

	it('says why nothing is sent, and sends it once that is over', async () => {
		const session = open();
		for (const code of ['databaseAway', 'busy', 'diskFull', 'damaged', 'unexpected'] as const) {
			server.status = 503;
			server.broken = code;
			session.submit(note(code));
			await vi.advanceTimersByTimeAsync(12_000);
			expect([session.away, session.unsent]).toEqual([code === 'unexpected' ? 'server' : code, 1]);
			server.status = 200;
			server.broken = null;
			await vi.advanceTimersByTimeAsync(12_000);
			expect([session.away, session.unsent]).toEqual([null, 0]);
		}
	});

	it('says nothing of a press for a step that it turns out to have kept as done', async () => {
		const cautions: Command = { kind: 'confirm', step: 'cautions' };
		const noTools: Command = { kind: 'checkTools', tester: 'multimeter', has: [] };
		server.down = true;
		open().submit(cautions);
		const again = open();
		for (const early of [cautions, note('not lost'), noTools]) again.submit(early);
		await taken(again, 2);
		await settled();
		expect([again.refusal, again.step?.kind]).toEqual([null, 'checkTools']);
		expect(texts(again.events)).toEqual(['confirm', 'not lost']);
		for (const [late, code] of [
			[cautions, 'notNow'],
			[noTools, 'toolsMissing']
		] as const)
			expect([again.submit(late), again.refusal?.code]).toEqual([false, code]);
	});

	it('says why it refuses what came early, where nothing that was kept moved the job on', async () => {
		kept.set('wary-hand unsent /api/home/jobs/1', JSON.stringify({ version: 1, value: [] }));
		const session = open();
		for (const early of [
			{ kind: 'confirm', step: 'cautions' },
			{ kind: 'checkTools', tester: 'multimeter', has: [] }
		] as const)
			session.submit(early);
		await taken(session, 1);
		await settled();
		expect([texts(session.events), session.refusal?.code]).toEqual([['confirm'], 'toolsMissing']);
	});

	it('what was kept and can’t be read is set aside, to its last sign, and the job goes on with the rest', async () => {
		const key = 'wary-hand unsent /api/home/jobs/1';
		const entry = (command: object) => ({ id: crypto.randomUUID(), at: '2026-11-25T10:00:00.000Z', command });
		const odd = entry({ kind: 'fromLater', what: 'nobody knows' });
		kept.set(key, JSON.stringify({ version: 1, value: [odd, entry(note('two'))] }));
		const again = open();
		// Entered while the form is still fetched: it goes behind what was entered before.
		expect(again.submit(note('three'))).toBe(true);
		await taken(again, 2);
		await vi.advanceTimersByTimeAsync(3000);
		expect([texts(server.events), again.unsent, again.setAside]).toEqual([['two', 'three'], 0, 1]);
		expect(kept.get(`wary-hand set aside 1 ${key}`)).toBe(JSON.stringify(odd));
		kept.set(key, '[{"id":"of a build without a number"}]');
		const later = open();
		await vi.waitFor(() => expect(later.setAside).toBe(1));
		expect(later.submit(note('four'))).toBe(true);
		await vi.advanceTimersByTimeAsync(3000);
		expect(texts(server.events)).toEqual(['two', 'three', 'four']);
	});

	it('stores nothing twice when an answer is lost on the way', async () => {
		const session = open();
		server.deaf = true;
		session.submit(note('once'));
		await settled();
		server.deaf = false;
		await vi.advanceTimersByTimeAsync(3000);
		expect([texts(server.events), session.unsent, texts(session.events)]).toEqual([['once'], 0, ['once']]);
	});

	it('a page made while the last act of the one before was on its way catches up by itself', async () => {
		const before = [...server.events];
		open().submit(note('acknowledged to the page that is gone'));
		await settled();
		const session = open(before);
		expect(session.events).toHaveLength(0);
		await settled();
		expect(texts(session.events)).toEqual(['acknowledged to the page that is gone']);
	});

	it('is told what another device did, and puts its own on top where it still fits', async () => {
		const session = open();
		await settled();
		server.post({
			id: 'theirs',
			at: '2026-11-25T10:00:00Z',
			expectedVersion: 0,
			command: { kind: 'confirm', step: 'cautions' }
		});
		session.submit({ kind: 'confirm', step: 'cautions' });
		await settled();
		expect([session.overtaken?.theirs.length, session.overtaken?.dropped.length, session.step?.kind]).toEqual(
			[1, 1, 'checkTools']
		);
		session.submit(note('still here'));
		await settled();
		expect(texts(server.events)).toEqual(['confirm', 'still here']);
	});

	it('says which of its readings no longer count, since another device had said what undoes them', async () => {
		const person = new Person(house, fennelLaneActual(), plan, ['b11', 'b14']);
		while (energyOf(person.state.isolation) !== 'expectedDead') person.go();
		person.until('proveTester');
		server.events = [...person.events];
		const session = open();
		await settled();
		server.down = true;
		const tester = {
			kind: 'proveTester',
			when: 'before',
			source: 'provingUnit',
			reading: meter(240)
		} as const;
		expect([session.submit(tester), session.submit(note('warm plate'))]).toEqual([true, true]);
		const expectedVersion = server.events.length;
		server.post({
			id: 'theirs',
			at: '2026-11-25T10:00:00Z',
			expectedVersion,
			command: { kind: 'changed', what: 'otherBoxOpened' }
		});
		server.down = false;
		await vi.advanceTimersByTimeAsync(12_000);
		expect(session.overtaken?.dropped).toMatchObject([
			{
				entry: { command: tester, knew: expectedVersion },
				refusal: { code: 'unknowing', by: { id: 'theirs' } }
			}
		]);
		expect(texts(server.events.slice(expectedVersion))).toEqual(['changed', 'warm plate']);
		expect([session.energy, session.unsent]).toEqual(['assumedLive', 0]);
	});

	it('keeps what was stored when another device goes first: nothing known is lost, and nothing is there twice', async () => {
		const session = open();
		await settled();
		session.submit({ kind: 'confirm', step: 'cautions' });
		session.submit(note('first'));
		await settled();
		expect(texts(session.events)).toEqual(['confirm', 'first']);
		server.post({ id: 'theirs', at: '2026-11-25T10:00:00Z', expectedVersion: 2, command: note('theirs') });
		session.submit(note('mine'));
		await settled();
		expect(texts(session.events)).toEqual(['confirm', 'first', 'theirs', 'mine']);
		expect(texts(server.events)).toEqual(['confirm', 'first', 'theirs', 'mine']);
		expect(new Set(session.events.map(({ id }) => id)).size).toBe(4);
	});

	it('goes on where this browser keeps nothing, and says so', async () => {
		vi.stubGlobal('localStorage', {
			getItem: () => {
				throw new DOMException('forbidden', 'SecurityError');
			},
			setItem: () => {
				throw new DOMException('full', 'QuotaExceededError');
			},
			removeItem: () => undefined
		});
		const session = open();
		server.down = true;
		session.submit(note('still counts'));
		await settled();
		expect([session.keeps, session.unsent, texts(session.events)]).toEqual([false, 1, ['still counts']]);
		server.down = false;
		await vi.advanceTimersByTimeAsync(3000);
		expect([session.unsent, texts(server.events)]).toEqual([0, ['still counts']]);
	});

	it('a device whose clock is years off learns the server’s, and its entries are taken', async () => {
		server.now = '2031-05-04T12:00:00.000Z';
		server.wantsTime = true;
		const session = open();
		session.submit(note('before it was learnt'));
		await settled();
		session.submit(note('after'));
		await settled();
		expect(texts(server.events)).toEqual(['before it was learnt', 'after']);
		for (const { at } of server.events) expect(at.slice(0, 16)).toBe('2031-05-04T12:00');
	});

	it('what the server can’t take is said and kept until somebody decides', async () => {
		const session = open();
		server.broken = 'malformed';
		session.submit(note('odd'));
		await settled();
		expect([session.trouble, session.unsent]).toEqual(['malformed', 1]);
		session.submit(note('more'));
		await settled();
		expect(session.unsent).toBe(2);
		server.broken = null;
		session.leaveOut();
		await settled();
		expect([session.trouble, texts(server.events)]).toEqual([null, ['more']]);
	});

	it('refuses what isn’t due, in place, and sends nothing', async () => {
		const session = open();
		expect(session.submit({ kind: 'confirm', step: 'easeOut' })).toBe(false);
		await settled();
		expect([session.refusal?.code, server.events.length]).toEqual(['notProvenDead', 0]);
	});
});
