import { soldIn } from '@wary/core/devices';
import { planWhole, type JobPlan, type WholeFailure, type WishChoice } from '@wary/core/job';
import { choose, factsIn, ruledOut, waysWithoutGround } from '@wary/core/replacement';
import { needsOfJob } from '@wary/core/shopping';
import { feeds } from '@wary/core/wiring';
import type { Asked, Offer, Planned } from './planner.svelte';

type Made = { ok: true; plan: JobPlan } | { ok: false; failure: WholeFailure };

/** Plans a wish and everything that could be wished for beside it, off the interface thread. Every plan is judged by the model. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
	const started = performance.now();
	const { boxes, boxId } = data;
	const whole = planWhole(data.house, boxes, data.school);
	const elsewhere = !whole.ok && whole.failure.box !== boxId ? whole.failure : null;
	// Where another box has no plan, this one is shown by itself.
	const others = elsewhere ? [] : boxes;
	const make = (wish: WishChoice): Made => {
		const wished = others.map((each) => (each.boxId === boxId ? { boxId, wish } : each));
		const planned = planWhole(data.house, wished.length > 0 ? wished : [{ boxId, wish }], data.school);
		if (!planned.ok) return planned;
		const plan = planned.plans.find((each) => each.boxId === boxId)!;
		return { ok: true, plan };
	};
	const wish = boxes.find((each) => each.boxId === boxId)!.wish!;
	if (wish === 'putBack') {
		const tookMs = performance.now() - started;
		self.postMessage({ ...putBackAt(data, whole), number: data.number, elsewhere, tookMs } satisfies Planned);
		return;
	}
	const chosen = make(wish);
	const known = factsIn(data.house, whole.ok ? whole.plans : [], boxId);
	const by = whole.ok ? ruledOut(data.house, whole.plans) : null;
	const choice = known ? choose(known.facts, data.liked) : null;
	const ways = known ? waysWithoutGround(known.facts) : [];
	const tookMs = performance.now() - started;
	const needs = whole.ok ? needsOfJob(data.house, whole.plans) : [];
	const tell = (offers: readonly Offer[]) =>
		self.postMessage({
			number: data.number,
			chosen,
			needs,
			known,
			choice,
			ways,
			by,
			elsewhere,
			offers,
			tookMs
		} satisfies Planned);
	tell([]);
	const offers = soldIn(data.house.region).flatMap(({ id }) =>
		feeds.map((feed): Offer => {
			const made = make({ ...wish, part: id, feed });
			return { part: id, feed, failure: made.ok ? null : made.failure };
		})
	);
	tell(offers);
};

/** One that only comes out and goes back: nothing is chosen. */
function putBackAt(
	{ house, boxId }: Asked,
	whole: ReturnType<typeof planWhole>
): Omit<Planned, 'number' | 'elsewhere' | 'tookMs'> {
	const nothing = { known: null, choice: null, ways: [], offers: [] };
	if (!whole.ok) return { ...nothing, chosen: whole, needs: [], by: null };
	return {
		...nothing,
		chosen: { ok: true, plan: whole.plans.find((each) => each.boxId === boxId)! },
		needs: needsOfJob(house, whole.plans),
		by: ruledOut(house, whole.plans)
	};
}
