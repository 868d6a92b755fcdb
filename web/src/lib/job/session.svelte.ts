import { browser } from '$app/environment';
import type { House } from '@wary/core/house';
import { drop, keep, keptText, setAside, unwrapped } from '$lib/kept';
import { newId } from '$lib/newId';
import { energyOf } from '@wary/core/isolation';
import {
	decideWhole,
	eventsAt,
	expectationsAt,
	mustStop,
	needsPlanner,
	nextAt,
	viewOf,
	visitOf,
	wholeAsOf,
	withoutStored,
	type Command,
	type Dropped,
	type Entry,
	type JobEvent,
	type JobPlan,
	type JobState,
	type Planner,
	type Refusal,
	type WholeJob,
	lapsesInMin
} from '@wary/core/job';
import { unsentAt } from './unsentAt';
import type { Waiting } from './waiting';

/** What another device or tab did meanwhile, and what of ours no longer fitted. */
export interface Overtaken {
	readonly theirs: readonly JobEvent[];
	readonly dropped: readonly Dropped[];
	/** Of ours, what counts as no more than a warning that power may be on. */
	readonly warnings: readonly Entry[];
}

interface Answer {
	readonly ok: boolean;
	readonly code?: string;
	readonly events?: readonly JobEvent[];
	readonly event?: JobEvent;
	readonly refusal?: Refusal;
	readonly version?: number;
	/** The server's clock. */
	readonly now?: string;
	/** When the job's last event was, where a time can't be. */
	readonly lastAt?: string | null;
}

/** Differences of clocks up to this are the way of an answer, ms. */
const clockSlackMs = 2_000;
/** So often a time is put right before it is said that it can't be. */
const restampAtMost = 3;

/** What the server can say of its database; `server`: nobody answers. */
const troubles = ['databaseAway', 'busy', 'diskFull', 'damaged'] as const;
export type Away = (typeof troubles)[number] | 'server';

const retryAfterMs = [500, 1000, 2000, 5000, 10_000];

/**
 * A job under way on this device. Commands are judged here at once, kept in this browser until the server has them, and sent in order; the server
 * judges them again. So nothing is lost by a reload or while the server is away, and nothing is stored twice.
 */
export class JobSession {
	readonly house: House;
	readonly plans: readonly JobPlan[];
	/** Makes plans anew; fetched, since hardly a job needs it. */
	#planner = $state.raw<Planner | null>(null);
	readonly #address: string;
	/** As the server has acknowledged them. */
	#stored = $state.raw<readonly JobEvent[]>([]);
	#waiting = $state.raw<readonly Waiting[]>([]);
	refusal = $state.raw<Refusal | null>(null);
	overtaken = $state.raw<Overtaken | null>(null);
	/** Why nothing is sent just now: nobody answers, or the server can't store it and says why. */
	away = $state<Away | null>(null);
	trouble = $state<string | null>(null);
	/** Whether this browser keeps what it hasn't sent: it may be full, or forbid it. */
	keeps = $state(true);
	/** How many entries that this browser kept were set aside, since this version can't read them. */
	setAside = $state(0);
	/** While what an earlier page kept is taken up; whether that moved the job on. */
	#takingUp: Promise<boolean> | null = null;
	/** What the server's clock is ahead of this device's, ms. */
	#aheadMs = 0;
	#restamped = 0;
	#sending = false;
	#failures = 0;

	readonly #replayed = $derived.by(() => this.#view());
	readonly events: readonly JobEvent[] = $derived(this.#replayed.events);
	/** The clock of this device, looked at twice a minute: a proof lapses while nobody enters anything. */
	#now = $state(new Date().toISOString());
	readonly whole: WholeJob = $derived(wholeAsOf(this.#replayed.whole, this.#now));
	readonly #next = $derived.by(() => nextAt(this.whole));
	/** The box whose turn it is: its place among the plans, its plan and its state. */
	readonly at = $derived(this.#next.at);
	readonly plan: JobPlan = $derived(this.whole.plans[this.at]!);
	readonly jobState: JobState = $derived(this.whole.boxes[this.at]!);
	/** It is the job's only box. */
	readonly alone = $derived(this.whole.plans.length === 1);
	readonly step = $derived(this.#next.step);
	/** What was said at this box, and of the job as a whole. */
	readonly eventsHere = $derived(eventsAt(this.whole.plans, this.events, this.at));
	readonly visit = $derived(visitOf(this.jobState, this.step));
	readonly energy = $derived(energyOf(this.jobState.isolation));
	readonly expect = $derived.by(() => expectationsAt(this.house, this.whole, this.at));
	/** Whether another outlet can be taken into it. */
	readonly takesIn = $derived(this.whole.boxes.every((state) => mustStop(state) === null));
	readonly unsent = $derived(this.#waiting.length);
	/** Minutes until what was proven lapses because nobody enters anything; `null`: it doesn't, or not soon. */
	readonly lapsesInMin = $derived.by(() => lapsesInMin(this.jobState, this.#now));

	constructor(options: {
		house: House;
		plans: readonly JobPlan[];
		events: readonly JobEvent[];
		address: string;
		now?: string;
		planner?: Planner | null;
	}) {
		this.house = options.house;
		this.plans = options.plans;
		this.#address = options.address;
		this.#stored = options.events;
		this.#planner = options.planner ?? null;
		this.#learnClock(options.now);
	}

	/** Takes up what this browser had not sent yet; over once it is. */
	async resume(): Promise<void> {
		setInterval(() => (this.#now = this.#clock()), 30_000);
		void this.#catchUp();
		const text = keptText(this.keptAs);
		if (text !== null) this.#takingUp = this.#takeUp(text).finally(() => (this.#takingUp = null));
		await this.#takingUp;
	}

	/** What an earlier page kept goes first. An entry of it that this version can't read is set aside, and the job goes on without. True where it moved the job on. */
	async #takeUp(text: string): Promise<boolean> {
		const shown = this.events.length;
		const kept = unwrapped(this.keptAs, text);
		if (!kept) this.setAside++;
		else {
			const { readWaiting } = await this.#fetched(() => import('./waiting'));
			const { waiting, odd } = readWaiting(kept.value);
			for (const each of odd) setAside(this.keptAs, each);
			this.setAside += odd.length;
			this.#keep(this.#notStored([...waiting, ...this.#waiting]));
		}
		void this.#send();
		return this.events.length > shown;
	}

	/** What can't be had just now is asked for again until it is: nothing is taken up unread, and nothing entered meanwhile overtakes it. */
	async #fetched<Part>(load: () => Promise<Part>): Promise<Part> {
		for (let tries = 0; ; tries++)
			try {
				return await load();
			} catch {
				await new Promise((resolve) =>
					setTimeout(resolve, retryAfterMs[Math.min(tries, retryAfterMs.length - 1)])
				);
			}
	}

	/**
	 * Asks for what was stored after this page was made. A page that is asked for while the last act of the page before it is on its way comes without it, and
	 * the act is no longer kept here either, since it was acknowledged to the page that is gone.
	 */
	async #catchUp(): Promise<void> {
		const known = this.#stored.length;
		try {
			const response = await fetch(`${this.#address}/events?after=${known}`);
			const { events } = (await response.json()) as { events?: readonly JobEvent[] };
			if (events) await this.#plannerFor(events);
			if (events && events.length > 0 && this.#stored.length === known)
				this.#stored = [...this.#stored, ...events];
		} catch {
			// Without the server there is nothing newer to be had.
		}
	}

	/** The time by the server's clock, as far as it is known. */
	#clock(): string {
		return new Date(Date.now() + this.#aheadMs).toISOString();
	}
	/** A device's clock may be minutes or years off; small differences are the way of an answer. */
	#learnClock(now: string | undefined): void {
		const aheadMs = now === undefined ? NaN : Date.parse(now) - Date.now();
		if (Number.isFinite(aheadMs)) this.#aheadMs = Math.abs(aheadMs) > clockSlackMs ? aheadMs : 0;
		this.#now = this.#clock();
	}

	/** Has what plans fetched where somebody else’s events plan: without it they would be passed over here. */
	async #plannerFor(events: readonly JobEvent[]): Promise<void> {
		if (events.some(({ body }) => needsPlanner(body))) await this.canPlan().catch(() => undefined);
	}

	/** Has what plans anew fetched; rejects when nobody has it. */
	async canPlan(): Promise<void> {
		this.#planner ??= (await import('./planner')).plannerOn(this.house);
	}

	/**
	 * Judges a command; accepted, it counts at once and is sent. While what was kept is taken up it waits for that: it was entered after. Refused where that moved the job on, it was for a
	 * step that the page showed too long: nothing is to be said of it.
	 */
	submit(command: Command): boolean {
		if (this.#takingUp) {
			void this.#takingUp.then((movedOn) => {
				if (!this.submit(command) && movedOn) this.refusal = null;
			});
			return true;
		}
		const at = this.#clock();
		const box = this.#replayed.whole.plans.length > 1 ? { box: this.plan.boxId } : {};
		const decision = this.#decide(this.#replayed.whole, this.events, command, at, box.box);
		this.overtaken = null;
		if (!decision.ok) {
			this.refusal = decision.refusal;
			return false;
		}
		this.refusal = null;
		const knew = this.#stored.length;
		this.#keep([
			...this.#waiting,
			{ id: newId(), at, aheadMs: this.#aheadMs, ...box, command, knew, own: [] }
		]);
		void this.#send();
		return true;
	}

	/** Tries once more what the server did not take. */
	sendAgain(): void {
		this.trouble = null;
		void this.#send();
	}

	/** Goes on without the entry that the server did not take, as the person wishes. */
	leaveOut(): void {
		this.trouble = null;
		this.#keep(this.#waiting.slice(1));
		void this.#send();
	}

	/** When everything entered here has reached the server, or five seconds have passed. */
	async sent(): Promise<void> {
		for (let waited = 0; this.#waiting.length > 0 && waited < 5000; waited += 20)
			await new Promise((resolve) => setTimeout(resolve, 20));
	}

	#decide(whole: WholeJob, events: readonly JobEvent[], command: Command, at: string, box?: string) {
		const expect = (k: number) => expectationsAt(this.house, whole, k);
		const find = (id: string) => events.find((event) => event.id === id);
		return decideWhole({ at, expect, find }, whole, command, box);
	}

	#notStored(waiting: readonly Waiting[]): Waiting[] {
		const stored = new Set(this.#stored.map(({ id }) => id));
		return withoutStored(waiting, (id) => stored.has(id));
	}

	#view() {
		const expecting = (whole: WholeJob, at: number) => expectationsAt(this.house, whole, at);
		return viewOf(expecting, this.plans, this.#stored, this.#waiting, this.#planner);
	}

	get keptAs(): string {
		return unsentAt(this.#address);
	}

	#keep(waiting: readonly Waiting[]): void {
		this.#waiting = waiting;
		if (!browser) return;
		if (waiting.length === 0) drop(this.keptAs);
		// Full, or forbidden: what waits stays on this page, which says so.
		this.keeps = waiting.length === 0 || keep(this.keptAs, waiting);
	}

	async #send(): Promise<void> {
		if (this.#sending || this.trouble !== null) return;
		this.#sending = true;
		try {
			while (this.#waiting.length > 0) {
				const answer = await this.#post(this.#waiting[0]!);
				if (typeof answer === 'string') {
					this.away = answer;
					await new Promise((resolve) =>
						setTimeout(resolve, retryAfterMs[Math.min(this.#failures++, retryAfterMs.length - 1)])
					);
					continue;
				}
				this.away = null;
				this.#failures = 0;
				if (!(await this.#settle(this.#waiting[0]!, answer))) return;
			}
		} finally {
			this.#sending = false;
		}
	}

	/** The server's answer, or why there is none to be had. */
	async #post({ id, at, box, command, knew, own }: Waiting): Promise<Answer | Away> {
		try {
			const response = await fetch(`${this.#address}/events`, {
				method: 'POST',
				// It goes out even when this page is left at once.
				keepalive: true,
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ id, at, box, expectedVersion: this.#stored.length, knew, own, command })
			});
			const answer = (await response.json()) as Answer;
			return response.status < 500 ? answer : (troubles.find((each) => each === answer.code) ?? 'server');
		} catch {
			return 'server';
		}
	}

	/** Times that can't be, put right by the server's clock, in the order of what was entered. */
	#restamp(lastAt: string | null): void {
		let earliest = lastAt === null ? 0 : Date.parse(lastAt);
		const now = Date.now() + this.#aheadMs;
		this.#keep(
			this.#waiting.map((each) => {
				const entered = Date.parse(each.at) - (each.aheadMs ?? 0) + this.#aheadMs;
				const at = Math.min(now, Math.max(earliest, entered));
				earliest = at;
				return { ...each, at: new Date(at).toISOString(), aheadMs: this.#aheadMs };
			})
		);
	}

	/** False when sending has to end. */
	async #settle(sent: Waiting, answer: Answer): Promise<boolean> {
		const rest = this.#waiting.filter(({ id }) => id !== sent.id);
		this.#learnClock(answer.now);
		if (answer.ok) {
			const event = answer.event ?? this.events.find(({ id }) => id === sent.id);
			if (event && !this.#stored.some(({ id }) => id === event.id)) this.#stored = [...this.#stored, event];
			this.#keep(withoutStored(this.#waiting, (id) => id === sent.id));
			this.#restamped = 0;
			return true;
		}
		if (answer.code === 'timeWrong' && answer.now && this.#restamped < restampAtMost) {
			this.#restamped++;
			this.#restamp(answer.lastAt ?? null);
			return true;
		}
		if (answer.code === 'conflict' && answer.events) {
			const known = new Set(this.#stored.map(({ id }) => id));
			// Stored, and only the answer was lost.
			const mine = new Set(this.#waiting.map(({ id }) => id));
			const theirs = answer.events.filter(({ id }) => !known.has(id));
			await this.#plannerFor(theirs);
			this.#stored = [...this.#stored, ...theirs];
			const { dropped, warnings } = this.#view();
			const gone = new Set(dropped.map(({ entry }) => entry.id));
			this.#keep(this.#notStored(this.#waiting).filter(({ id }) => !gone.has(id)));
			this.overtaken = { theirs: theirs.filter(({ id }) => !mine.has(id)), dropped, warnings };
			return true;
		}
		if (answer.code === 'refused' && answer.refusal) {
			this.#keep(rest);
			this.refusal = answer.refusal;
			return true;
		}
		// What can't be taken as it is stays here and is said, so that nothing is lost.
		this.trouble = answer.code ?? 'unexpected';
		return false;
	}
}
