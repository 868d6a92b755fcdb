import type { House } from '@wary/core/house';
import type { Candidate, SearchEvent, SearchSettings, SearchStand } from '@wary/core/search';

export interface Question {
	readonly house: House;
	readonly boxId: string;
	readonly released: readonly string[];
	readonly settings: SearchSettings;
	readonly events: readonly SearchEvent[];
}
export type Asked = Question & { readonly number: number };
export interface Planned {
	readonly number: number;
	readonly candidates: readonly Candidate[];
	readonly stand: SearchStand;
	readonly tookMs: number;
}

/** Plans in a worker; what it answers to an older question is passed over. */
export class Planner {
	planned = $state.raw<Planned | null>(null);
	working = $state(true);
	#worker: Worker | null = null;
	#number = 0;

	ask(question: Question): void {
		this.#worker ??= this.#start();
		this.working = true;
		this.#worker.postMessage({ ...question, number: ++this.#number } satisfies Asked);
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}

	#start(): Worker {
		const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		worker.onmessage = ({ data }: MessageEvent<Planned>) => {
			if (data.number !== this.#number) return;
			this.planned = data;
			this.working = false;
		};
		return worker;
	}
}
