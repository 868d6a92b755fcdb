import { meter, Person } from './person';
import type { House } from '../src/house';
import {
	decideEntry,
	decideWhole,
	foreignTo,
	replayStored,
	stored,
	viewOf,
	withoutStored,
	type Command,
	type Entry,
	type JobEvent,
	type JobPlan,
	type Planner,
	type Expectations,
	type Stored,
	type WholeJob
} from '../src/job';

/** What somebody does at a device, beside what is due. */
export type Act =
	| 'next'
	| 'powerSeen'
	| 'otherBoxOpened'
	| 'switchOn'
	| 'switchOff'
	| 'readLive'
	| 'testerFails'
	| 'found'
	| 'restore'
	| 'note';

interface Job {
	readonly recorded: House;
	readonly actual: House;
	readonly plans: readonly JobPlan[];
	readonly planner: Planner | null;
	readonly expecting: (whole: WholeJob, at: number) => Expectations;
	readonly feeder: string;
}

/** What happened, as nobody in the job knows it: when, by which device, and all that this device knew. */
export interface Done extends Entry {
	readonly trueMs: number;
	readonly known: ReadonlySet<string>;
}

/** A server with one job: it decides as the real one does, and stores each entry once. */
export class OneServer {
	log: JobEvent[];
	#stored: Stored;
	/** Acknowledged to a device. */
	readonly acknowledged = new Set<string>();
	constructor(
		readonly job: Job,
		begun: readonly JobEvent[]
	) {
		this.log = [...begun];
		this.#stored = replayStored(job.plans, begun, job.planner);
	}
	get whole() {
		return this.#stored.whole;
	}
	append(entry: Entry, expectedVersion: number): 'stored' | 'refused' | 'conflict' {
		const { log, job } = this;
		if (log.some(({ id }) => id === entry.id)) return 'stored';
		if (log.length !== expectedVersion) return 'conflict';
		const { whole } = this.#stored;
		const context = {
			at: entry.at,
			expect: (k: number) => job.expecting(whole, k),
			find: (id: string) => log.find((event) => event.id === id)
		};
		const decision = decideEntry(context, this.#stored, entry, foreignTo(entry, log));
		if (!decision.ok) return 'refused';
		const { id, at, box } = entry;
		const { body, judged } = decision;
		const event = { id, at, ...(box === undefined ? {} : { box }), body, ...(judged ? { judged } : {}) };
		this.log = [...log, event];
		this.#stored = stored(this.#stored, event);
		return 'stored';
	}
}

/** A phone or a laptop with the job open. */
export class Device {
	waiting: Entry[] = [];
	readonly #person: Person;
	#view: { stored: unknown; waiting: unknown; view: ReturnType<typeof viewOf> } | null = null;
	constructor(
		readonly name: string,
		readonly server: OneServer,
		/** Ahead of the true time, ms. */
		readonly skewMs: number,
		public stored: readonly JobEvent[] = server.log
	) {
		const { recorded, actual, plans } = server.job;
		this.#person = new Person(recorded, actual, plans, []);
	}
	get view() {
		const { job } = this.server;
		const { stored, waiting } = this;
		if (this.#view?.stored !== stored || this.#view.waiting !== waiting)
			this.#view = {
				stored,
				waiting,
				view: viewOf(job.expecting, job.plans, stored, waiting, job.planner)
			};
		return this.#view.view;
	}
	/** What somebody says here, if the page takes it. */
	act(act: Act, trueMs: number, id: string): Done | null {
		const { events, whole } = this.view;
		this.#person.whole = whole;
		const box = whole.plans.length > 1 ? this.#person.plan.boxId : undefined;
		const command = this.#command(act, id);
		if (!command) return null;
		const at = new Date(trueMs + this.skewMs).toISOString();
		const expect = (k: number) => this.server.job.expecting(whole, k);
		const find = (of: string) => events.find((event) => event.id === of);
		if (!decideWhole({ at, expect, find }, whole, command, box).ok) return null;
		const entry: Entry = {
			id,
			at,
			...(box === undefined ? {} : { box }),
			command,
			knew: this.stored.length,
			own: []
		};
		const known = new Set(events.map((event) => event.id));
		this.waiting = [...this.waiting, entry];
		return { ...entry, trueMs, known };
	}
	#command(act: Act, id: string): Command | null {
		const { feeder } = this.server.job;
		const { isolation } = this.#person.state;
		switch (act) {
			case 'next':
				return this.#due(feeder);
			case 'powerSeen':
			case 'otherBoxOpened':
				return { kind: 'changed', what: act };
			case 'switchOn':
			case 'switchOff':
				return { kind: 'switchBreaker', breaker: feeder, on: act === 'switchOn' };
			case 'readLive':
				return { kind: 'readPair', pair: isolation.proof.required[0]!, reading: meter(120, 'lowImpedance') };
			case 'testerFails':
				return { kind: 'proveTester', when: 'before', source: 'provingUnit', reading: meter(3) };
			case 'found':
				return { kind: 'foundConductor', id, colour: 'red', where: 'passing' };
			case 'restore':
				return { kind: 'restorePower', held: true };
			case 'note':
				return { kind: 'note', text: id };
		}
	}
	/** What is due. Every pair reads dead: whatever comes of that, power that is seen comes from somebody who says so. */
	#due(feeder: string): Command | null {
		const person = this.#person;
		const { step } = person;
		if (step === null) return null;
		if (step.kind === 'readPair')
			return { kind: 'readPair', pair: step.pair, reading: meter(0, 'lowImpedance') };
		person.breakers.splice(0, Infinity, feeder);
		return person.answer();
	}
	/** One request; `lost`: its answer doesn't come back. */
	send(lost: boolean): void {
		const { server } = this;
		const [first] = this.waiting;
		if (!first) return this.catchUp();
		const answer = server.append(first, this.stored.length);
		if (lost) return;
		if (answer === 'conflict') return this.catchUp();
		if (answer === 'refused') {
			this.waiting = this.waiting.slice(1);
			return;
		}
		server.acknowledged.add(first.id);
		this.catchUp();
	}
	/** Learns what is stored; what no longer counts goes. */
	catchUp(): void {
		if (this.stored.length === this.server.log.length) return;
		this.stored = this.server.log;
		const gone = new Set(this.view.dropped.map(({ entry }) => entry.id));
		const ids = new Set(this.stored.map(({ id }) => id));
		this.waiting = withoutStored(this.waiting, (id) => ids.has(id)).filter(({ id }) => !gone.has(id));
	}
}
