import { soldIn } from '@wary/core/devices';
import { planJob, wishProcedure, type JobPlan, type PlanFailure, type WishChoice } from '@wary/core/job';
import { feeds, suppliesFor, type Supplies } from '@wary/core/wiring';
import type { Asked, Offer, Planned } from './planner.svelte';

type Made = { ok: true; plan: JobPlan; supplies: Supplies } | { ok: false; failure: PlanFailure };

/** Plans a wish and everything that could be wished for beside it, off the interface thread. Every plan is judged by the model. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
	const started = performance.now();
	const make = (wish: WishChoice): Made => {
		const planned = planJob(data.house, data.boxId, data.school, wishProcedure, wish);
		if (!planned.ok) return planned;
		const { wanted, moves } = planned.plan.work!.ways[0]!;
		return { ok: true, plan: planned.plan, supplies: suppliesFor(data.house, data.boxId, wanted, moves) };
	};
	const chosen = make(data.wish);
	const tookMs = performance.now() - started;
	const tell = (offers: readonly Offer[]) =>
		self.postMessage({ number: data.number, chosen, offers, tookMs } satisfies Planned);
	tell([]);
	const offers = soldIn(data.house.region).flatMap(({ id }) =>
		feeds.map((feed): Offer => {
			const made = make({ ...data.wish, part: id, feed });
			return { part: id, feed, failure: made.ok ? null : made.failure };
		})
	);
	tell(offers);
};
