import { editHouse, type Edit, type EditRefusal, type Edited, type House } from '@wary/core/house';
import { describeProblem } from '@wary/core/files';
import { editRefusalWords } from '$lib/words/edits';

interface Answer {
	readonly ok: boolean;
	readonly code?: string;
	readonly version?: number;
	readonly house?: House;
	readonly refusal?: EditRefusal | { readonly code: 'jobUnderWay'; readonly box: string };
	readonly problem?: string;
}

/** One change that can be taken back. */
interface Done {
	readonly before: House;
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
	news = $state<string | null>(null);
	readonly #address: string;
	#done = $state.raw<readonly Done[]>([]);
	#undone = $state.raw<readonly { edits: readonly Edit[]; what: string }[]>([]);
	#queue: Promise<unknown> = Promise.resolve();
	readonly canUndo = $derived(this.#done.length > 0);
	readonly lastDone = $derived(this.#done.at(-1)?.what ?? null);
	readonly canRedo = $derived(this.#undone.length > 0);

	constructor({ house, version, slug }: { house: House; version: number; slug: string }) {
		this.house = house;
		this.version = version;
		this.#address = `/api/${slug}/house`;
	}

	/** Makes changes; true when they were taken. `what` says it in the history: “label of 14”. */
	async apply(edits: readonly Edit[], what: string): Promise<boolean> {
		const before = this.house;
		const edited = editHouse(before, edits);
		this.trouble = null;
		this.news = null;
		if (!edited.ok) {
			this.trouble = refusalText(edited, before);
			return false;
		}
		this.house = edited.house;
		this.#done = [...this.#done, { before, what }];
		this.#undone = [];
		return this.#inTurn(edits, what, before);
	}

	/** Takes the last change back. */
	async undo(): Promise<void> {
		const last = this.#done.at(-1);
		if (!last) return;
		const now = this.house;
		this.#done = this.#done.slice(0, -1);
		this.house = last.before;
		this.trouble = null;
		if (await this.#inTurn([{ do: 'replaceHouse', house: last.before }], `taken back: ${last.what}`, now))
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
	#inTurn(edits: readonly Edit[], what: string, before: House): Promise<boolean> {
		const turn = this.#queue.then(() => this.#send(edits, what, before));
		this.#queue = turn.catch(() => undefined);
		return turn;
	}

	async #send(edits: readonly Edit[], why: string, before: House): Promise<boolean> {
		this.saving = true;
		try {
			const response = await fetch(this.#address, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ expectedVersion: this.version, edits, why: why.slice(0, 500) })
			});
			const answer = (await response.json()) as Answer;
			if (answer.ok && answer.version) {
				this.version = answer.version;
				return true;
			}
			if (answer.code === 'conflict' && answer.house && answer.version)
				return await this.#catchUp(answer.house, answer.version, edits, why);
			this.#back(before);
			this.trouble =
				answer.problem ??
				(answer.refusal
					? editRefusalWords(answer.refusal, before)
					: 'The server did not take that. Reload the page.');
		} catch {
			this.#back(before);
			this.trouble = 'The server can’t be reached. That change was not kept; try again.';
		} finally {
			this.saving = false;
		}
		return false;
	}

	async #catchUp(house: House, version: number, edits: readonly Edit[], why: string): Promise<boolean> {
		this.version = version;
		this.#done = [];
		this.#undone = [];
		const edited = edits[0]?.do === 'replaceHouse' ? null : editHouse(house, edits);
		if (!edited?.ok) {
			this.house = house;
			this.trouble =
				'The record was changed elsewhere meanwhile, and this no longer fits. What you see now is how it stands.';
			return false;
		}
		this.house = edited.house;
		this.news = 'The record was changed elsewhere meanwhile; your change was made on top.';
		return this.#send(edits, why, house);
	}

	#back(before: House): void {
		this.house = before;
		this.#done = this.#done.filter((done) => done.before !== before);
	}
}

export function refusalText(edited: Extract<Edited, { ok: false }>, house: House): string {
	const { refusal } = edited;
	return refusal.code === 'wouldBeWrong'
		? `That can’t be: ${describeProblem(refusal.problem)}.`
		: editRefusalWords(refusal, house);
}
