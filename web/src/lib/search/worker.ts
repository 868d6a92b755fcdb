import { candidatesFor, courseOfBelief, searchStand } from '@wary/core/search';
import type { Asked, Planned } from './planner.svelte';

/** Plans the next move of a search, off the interface thread. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
	const started = performance.now();
	const candidates = candidatesFor(data.house, data.boxId, data.released);
	const stand = searchStand(candidates, data.settings, data.events);
	self.postMessage({
		number: data.number,
		candidates,
		stand,
		course: courseOfBelief(candidates, data.settings, data.events),
		tookMs: performance.now() - started
	} satisfies Planned);
};
