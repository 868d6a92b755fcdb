import type { PartId } from '@wary/core/devices';
import type { House } from '@wary/core/house';
import type { BoxWish, JobPlan, WholeFailure } from '@wary/core/job';
import type { Needed } from '@wary/core/shopping';
import type { Choice, GroundlessWay, Known, RuledOut, Wishes } from '@wary/core/replacement';
import type { Feed, OrderSchool } from '@wary/core/wiring';

export interface Question {
	readonly house: House;
	/** Every box of the job, and the one that is looked at. */
	readonly boxes: readonly BoxWish[];
	readonly boxId: string;
	readonly school: OrderSchool;
	/** What one would like of the part. */
	readonly liked: Wishes;
}
export type Asked = Question & { readonly number: number };

/** Whether a part fed that way can be had here, and why not. */
export interface Offer {
	readonly part: PartId;
	readonly feed: Feed;
	readonly failure: WholeFailure | null;
}

export interface Planned {
	readonly number: number;
	readonly chosen:
		{ readonly ok: true; readonly plan: JobPlan } | { readonly ok: false; readonly failure: WholeFailure };
	/** What the job needs at all of its boxes. */
	readonly needs: readonly Needed[];
	/** What the rules know of the box that is looked at; `null`: it has no outlet on a circuit. */
	readonly known: Known | null;
	/** What the rules make of every part there; `null` where they know nothing. */
	readonly choice: Choice | null;
	/** All lawful ways on where there is no ground; empty where there is one. */
	readonly ways: readonly GroundlessWay[];
	/** A rule that is in the way of the job, at whichever of its boxes. */
	readonly by: RuledOut | null;
	/** What stands against the job at another of its boxes. */
	readonly elsewhere: WholeFailure | null;
	/** Empty until all of them are worked out. */
	readonly offers: readonly Offer[];
	readonly tookMs: number;
}

/** Plans in a worker of its own; what it answers to an older question is passed over. */
export class Planner {
	planned = $state.raw<Planned | null>(null);
	/** The worker couldn’t be fetched, or broke. */
	failed = $state(false);
	#worker: Worker | null = null;
	#number = 0;
	/** For which outlets was asked last, and for which the offers in sight were worked out: what can be had at one hangs on those before it. */
	#asked = '';
	#offersOf = '';

	ask(question: Question): void {
		if (!this.#worker) {
			this.#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
			this.#worker.onerror = () => (this.failed = true);
			this.#worker.onmessage = ({ data }: MessageEvent<Planned>) => {
				if (data.number !== this.#number) return;
				// What could be had else stays in sight until it is known anew.
				const known = this.#offersOf === this.#asked ? (this.planned?.offers ?? []) : [];
				const offers = data.offers.length > 0 ? data.offers : known;
				if (data.offers.length > 0) this.#offersOf = this.#asked;
				this.planned = { ...data, offers };
			};
		}
		this.#asked = [question.boxId, ...question.boxes.map(({ boxId }) => boxId)].join();
		this.#number++;
		this.#worker.postMessage({ ...question, number: this.#number } satisfies Asked);
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}
}
