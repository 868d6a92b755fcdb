import type { BenchEvent, BenchFailure, BenchFile, BenchView, Instruments } from '@wary/core/bench';
import type { House, Trip } from '@wary/core/house';
import type { Mistake } from '@wary/core/mistakes';
import { ask } from '$lib/client';

type Ask =
	| { readonly ask: 'open'; readonly file: BenchFile }
	| { readonly ask: 'do'; readonly event: BenchEvent }
	| { readonly ask: 'undo' }
	| { readonly ask: 'redo' }
	| { readonly ask: 'look' };
export type Asked = Ask & { readonly number: number; readonly instruments: Instruments };

export interface Shown {
	readonly number: number;
	readonly house: House;
	readonly refusal: BenchFailure | null;
	readonly trips: readonly Trip[];
	readonly canUndo: boolean;
	readonly canRedo: boolean;
	readonly done: readonly BenchEvent[];
	readonly undone: readonly BenchEvent[];
	/** What can go wrong with the wiring as it is; `null`: as before. */
	readonly mistakes: readonly Pick<Mistake, 'id' | 'kind' | 'roles' | 'where'>[] | null;
	readonly view: BenchView;
	readonly tookMs: number;
}

export type Saved = 'saved' | 'saving' | 'unsaved' | 'elsewhere' | 'unreachable' | 'tooLarge' | 'refused';

/** A bench on this page: the worker solves, this shows, and what changes is saved after a moment. */
export class BenchSession {
	shown = $state.raw<Shown | null>(null);
	mistakes = $state.raw<NonNullable<Shown['mistakes']>>([]);
	instruments = $state<Instruments>({ layer: 'none', meter: 'volts', red: null, black: null, tester: null });
	saved = $state<Saved>('saved');
	name = $state('');
	/** The worker couldn’t be fetched, or broke. */
	failed = $state(false);
	/** From asking to the picture being there, ms: the last one. */
	answeredMs = $state(0);
	#worker: Worker | null = null;
	#number = 0;
	#askedAt = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#saving: Promise<void> = Promise.resolve();
	#revision: number;
	/** Events as the server has them. */
	#stored: readonly BenchEvent[];
	readonly #file: BenchFile;
	readonly #url: string;

	constructor(url: string, file: BenchFile, revision: number) {
		this.#url = url;
		this.#file = file;
		this.#revision = revision;
		this.#stored = file.events;
		this.name = file.name;
	}

	open(): void {
		this.#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		this.#worker.onerror = () => (this.failed = true);
		this.#worker.onmessage = ({ data }: MessageEvent<Shown>) => {
			this.shown = data;
			if (data.mistakes) this.mistakes = data.mistakes;
			if (data.number === this.#number) this.answeredMs = performance.now() - this.#askedAt;
		};
		this.#ask({ ask: 'open', file: this.#file });
	}

	close(): void {
		clearTimeout(this.#timer);
		if (this.saved === 'unsaved') void this.save();
		this.#worker?.terminate();
		this.#worker = null;
	}

	#ask(ask: Ask): void {
		this.#askedAt = performance.now();
		this.#worker?.postMessage({
			...ask,
			number: ++this.#number,
			instruments: { ...this.instruments }
		} satisfies Asked);
	}

	perform(event: BenchEvent): void {
		this.#ask({ ask: 'do', event: $state.snapshot(event) as BenchEvent });
		this.#keepSoon();
	}
	undo(): void {
		this.#ask({ ask: 'undo' });
		this.#keepSoon();
	}
	redo(): void {
		this.#ask({ ask: 'redo' });
		this.#keepSoon();
	}
	hold(instruments: Partial<Instruments>): void {
		this.instruments = { ...this.instruments, ...instruments };
		this.#ask({ ask: 'look' });
	}
	rename(name: string): void {
		this.name = name.trim() || this.name;
		this.#keepSoon();
	}

	/** The bench as a file, as it stands. */
	file(): BenchFile {
		const { shown } = this;
		const events = shown ? [...shown.done, ...shown.undone] : this.#file.events;
		return { ...this.#file, name: this.name, events, done: shown?.done.length ?? this.#file.done };
	}

	#keepSoon(): void {
		if (this.saved !== 'elsewhere') this.saved = 'unsaved';
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.save(), saveAfterMs);
	}

	/** Saves as it stands, one save after another: each names the revision that the one before it made. */
	save(): Promise<void> {
		this.#saving = this.#saving.then(() => this.#saveNow());
		return this.#saving;
	}

	async #saveNow(): Promise<void> {
		if (this.saved === 'elsewhere' || this.saved === 'saved') return;
		this.saved = 'saving';
		const { events, done, name } = this.file();
		const keep = sameUpTo(this.#stored, events);
		const reply = await ask(this.#url, 'benchSaved', {
			method: 'PUT',
			body: { revision: this.#revision, name, keep, events: events.slice(keep), done }
		});
		if (reply.ok) {
			this.#revision = reply.answer.revision;
			this.#stored = events;
		}
		// What changed meanwhile is still to be saved, whatever became of this one.
		const { saved } = this as { saved: Saved };
		if (reply.ok) this.saved = saved === 'saving' ? 'saved' : saved;
		else if (saved === 'saving' || reply.status === 409) this.saved = failed(reply.status);
	}
}

/** How many events two lists begin with alike. */
function sameUpTo(one: readonly BenchEvent[], other: readonly BenchEvent[]): number {
	let same = 0;
	while (
		same < one.length &&
		same < other.length &&
		(one[same] === other[same] || JSON.stringify(one[same]) === JSON.stringify(other[same]))
	)
		same++;
	return same;
}

const failed = (status: number): Saved =>
	status === 409
		? 'elsewhere'
		: status === 413
			? 'tooLarge'
			: status >= 400 && status < 500
				? 'refused'
				: 'unreachable';
const saveAfterMs = 700;
