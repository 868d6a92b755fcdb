import type { Edit, Edited, House } from '@wary/core/house';
import { browser } from '$app/environment';
import { ask, type Failure } from '$lib/client';
import { notify } from '$lib/ui/toasts.svelte';
import type { editedRefusalWords } from '$words/edits';
import { editorFailures, editorWords, failureText } from '$words/failures';
import { words as neverFetched } from '$words/ui/neverFetched';

/** The page answers first, ms (chosen). */
const makingAfterMs = 200;

type Refusal = Parameters<typeof editedRefusalWords>[0];

/** What goes with the failures of this route. */
interface Said {
	readonly version?: number;
	readonly house?: House;
	readonly refusal?: Refusal;
	readonly problem?: string;
}

/** One change that can be taken back. */
interface Done {
	readonly before: House;
	readonly what: string;
	/** While it is on its way. */
	readonly change: Pending | null;
}

/** A change that the server hasn't taken yet. */
interface Pending {
	readonly edits: readonly Edit[];
	readonly what: string;
}

/**
 * The recorded house being edited on this device: a change counts at once, is sent, and can be taken back. What the server refuses is undone here and said; what
 * somebody else changed meanwhile comes in and the own change is tried on top of it.
 */
export class HouseEditor {
	house = $state.raw<House>()!;
	version = $state(0);
	/** What is wrong with the last change, in words; where it belongs is for the view, which knows what it asked for. */
	trouble = $state<string | null>(null);
	saving = $state(false);
	readonly #address: string;
	/** As the server has it; what is still on its way stands on top. */
	#base: House;
	#pending: readonly Pending[] = [];
	#done = $state.raw<readonly Done[]>([]);
	#undone = $state.raw<readonly { edits: readonly Edit[]; what: string }[]>([]);
	#queue: Promise<unknown> = Promise.resolve();
	/** Fetched as soon as the page answers; nothing is taken back or rebased before the first change. */
	#edited!: (house: House, edits: readonly Edit[]) => Edited;
	readonly canUndo = $derived(this.#done.length > 0);
	readonly lastDone = $derived(this.#done.at(-1)?.what ?? null);
	readonly canRedo = $derived(this.#undone.length > 0);

	constructor({ house, version, slug }: { house: House; version: number; slug: string }) {
		this.house = house;
		this.#base = house;
		this.version = version;
		this.#address = `/api/${slug}/house`;
		if (browser) setTimeout(() => void import('./making').catch(() => undefined), makingAfterMs);
	}

	/** Makes changes; true when they were taken. `what` says it in the history: “label of 14”. */
	async apply(edits: readonly Edit[], what: string): Promise<boolean> {
		this.trouble = null;
		try {
			this.#edited ??= (await import('./making')).editHouse;
		} catch {
			// A module that failed once isn’t fetched again.
			this.trouble = neverFetched.elsewhere;
			return false;
		}
		const before = this.house;
		const edited = this.#edited(before, edits);
		if (!edited.ok) {
			this.trouble = await refusalText(edited.refusal, before);
			return false;
		}
		this.house = edited.house;
		const change: Pending = { edits, what };
		this.#done = [...this.#done, { before, what, change }];
		this.#undone = [];
		return this.#inTurn(change);
	}

	/** Makes changes, and gives what is wrong with them, in words; `null`: they were taken. */
	async wrongWith(edits: readonly Edit[], what: string): Promise<string | null> {
		return (await this.apply(edits, what)) ? null : (this.trouble ?? '');
	}

	/** Takes the last change back. */
	async undo(): Promise<void> {
		const last = this.#done.at(-1);
		if (!last) return;
		const now = this.house;
		this.#done = this.#done.slice(0, -1);
		this.house = last.before;
		this.trouble = null;
		const back: Pending = {
			edits: [{ do: 'replaceHouse', house: last.before }],
			what: `taken back: ${last.what}`
		};
		if (await this.#inTurn(back))
			this.#undone = [...this.#undone, { edits: [{ do: 'replaceHouse', house: now }], what: last.what }];
	}

	/** Makes the change that was taken back last again. */
	async redo(): Promise<void> {
		const last = this.#undone.at(-1);
		if (!last) return;
		const rest = this.#undone.slice(0, -1);
		if (await this.apply(last.edits, last.what)) this.#undone = rest;
	}

	/** Changes reach the server one after another, in the order they were made. */
	#inTurn(change: Pending): Promise<boolean> {
		this.#pending = [...this.#pending, change];
		const turn = this.#queue.then(() => this.#send(change));
		this.#queue = turn.catch(() => undefined);
		return turn;
	}

	async #send(change: Pending): Promise<boolean> {
		// It stood on one that was not taken, and no longer fits without it.
		if (!this.#pending.includes(change)) return false;
		this.saving = true;
		const reply = await ask(this.#address, 'house', {
			method: 'POST',
			body: { expectedVersion: this.version, edits: change.edits, why: change.what.slice(0, 500) }
		});
		this.saving = false;
		if (reply.ok) {
			this.version = reply.answer.version;
			const taken = this.#edited(this.#base, change.edits);
			if (taken.ok) this.#base = taken.house;
			this.#pending = this.#pending.filter((each) => each !== change);
			this.#done = this.#done.map((done) => (done.change === change ? { ...done, change: null } : done));
			return true;
		}
		const failure = reply.failure as Failure & Said;
		if (failure.code === 'conflict' && failure.house && failure.version)
			return this.#catchUp(failure.house, failure.version, change);
		const base = this.#base;
		this.#without(change);
		this.trouble =
			failure.problem ??
			(failure.refusal ? await refusalText(failure.refusal, base) : failureText(failure, editorFailures));
		return false;
	}

	async #catchUp(house: House, version: number, change: Pending): Promise<boolean> {
		this.version = version;
		this.#base = house;
		this.#undone = [];
		// Taking back what was stored before would take back what somebody else did since.
		this.#done = this.#done.filter((done) => done.change !== null);
		const fits = change.edits[0]?.do !== 'replaceHouse' && this.#edited(house, change.edits).ok;
		if (!fits) {
			this.#without(change);
			this.trouble = editorWords.noLongerFits;
			return false;
		}
		this.#rebase();
		notify('open', editorWords.madeOnTop);
		return this.#send(change);
	}

	/** Leaves one change out; those made after it stay, as far as they fit without it. */
	#without(change: Pending): void {
		this.#pending = this.#pending.filter((each) => each !== change);
		this.#rebase();
	}

	/** What is shown, and what can be taken back, anew: the server's house with what is still on its way. */
	#rebase(): void {
		const before = new Map<Pending, House>();
		let house = this.#base;
		for (const change of this.#pending) {
			const edited = this.#edited(house, change.edits);
			if (!edited.ok) {
				void refusalText(edited.refusal, house).then((text) => (this.trouble = text));
				continue;
			}
			before.set(change, house);
			house = edited.house;
		}
		this.#pending = this.#pending.filter((change) => before.has(change));
		this.#done = this.#done.flatMap((done): Done[] => {
			if (done.change === null) return [done];
			const now = before.get(done.change);
			return now ? [{ ...done, before: now }] : [];
		});
		this.house = house;
	}
}

/** In words, which are fetched when first needed: most changes are taken. */
const refusalText = async (refusal: Refusal, house: House): Promise<string> =>
	(await import('$words/edits')).editedRefusalWords(refusal, house);
