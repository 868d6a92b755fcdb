import { houseOf, look, perform, redo, replayBench, tripsOf, undo, type Bench } from '@wary/core/bench';
import { mistakesOf } from '@wary/core/mistakes';
import type { Asked, Shown } from './session.svelte';

let bench: Bench | null = null;

/** Keeps the bench, does what is asked, and says what is seen then: solving never runs on the interface thread. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
	const started = performance.now();
	let refusal: Shown['refusal'] = null;
	if (data.ask === 'open') bench = replayBench(data.file).bench;
	if (!bench) return;
	const moved =
		data.ask === 'do'
			? perform(bench, data.event)
			: data.ask === 'undo'
				? undo(bench)
				: data.ask === 'redo'
					? redo(bench)
					: null;
	if (moved?.ok) bench = moved.bench;
	else if (moved) refusal = moved.refusal;
	const house = houseOf(bench);
	self.postMessage({
		number: data.number,
		house,
		refusal,
		trips: tripsOf(bench),
		canUndo: bench.past.length > 0,
		canRedo: bench.future.length > 0,
		done: bench.past.map(({ event }) => event),
		undone: bench.future.map(({ event }) => event),
		mistakes:
			data.ask === 'look'
				? null
				: mistakesOf(house, bench.boxId).map(({ id, kind, roles, where }) => ({ id, kind, roles, where })),
		view: look(house, bench.boxId, data.instruments),
		tookMs: performance.now() - started
	} satisfies Shown);
};
