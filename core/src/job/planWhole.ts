import { beside, chainOfCircuit, circuitsInBox, deviceModel, findBox, type House } from '../house';
import { wiredAs } from '../wiring';
import { planJob } from './plan';
import { type JobPlan, type TerminatingSchool } from './jobPlan';
import { type PlanFailure } from './whyNot';
import type { Wished } from './wishSchema';

/** One of the boxes of a job, and what is wished for there; `null`: the same again. */
export interface BoxWish {
	readonly boxId: string;
	readonly wish: Wished;
	/** The wish is what was there. */
	readonly same?: boolean;
}

export type WholeFailure =
	| PlanFailure
	| { readonly code: 'boxTwice'; readonly box: string }
	/** A device of the same box isn’t in the job: it comes out as well. */
	| { readonly code: 'besideLeftOut'; readonly box: string; readonly beside: string }
	/** It hangs on another breaker: one isolation doesn’t cover both. */
	| { readonly code: 'otherBreaker'; readonly box: string; readonly with: string };

/**
 * Plans a job at several boxes under one isolation, nearest the panel first: each box is planned, and judged by the model, on the house as the ones before it will
 * leave it.
 */
export function planWhole(
	house: House,
	wishes: readonly BoxWish[],
	school: TerminatingSchool = 'groundFirst'
): { ok: true; plans: readonly JobPlan[] } | { ok: false; failure: WholeFailure } {
	const twice = wishes.find(({ boxId }, k) => wishes.findIndex((each) => each.boxId === boxId) !== k);
	if (twice) return { ok: false, failure: { code: 'boxTwice', box: twice.boxId } };
	const ids = wishes.map(({ boxId }) => boxId);
	for (const box of ids) {
		const left = beside(house, box).find((id) => findBox(house, id)?.device && !ids.includes(id));
		if (left !== undefined) return { ok: false, failure: { code: 'besideLeftOut', box, beside: left } };
	}
	const idle = wishes.find(
		({ boxId, wish }) =>
			wish === 'putBack' &&
			wishes.every((each) => each.wish === 'putBack' || !beside(house, boxId).includes(each.boxId))
	);
	if (idle) return { ok: false, failure: { code: 'nothingPutIn', box: idle.boxId } };
	return planEach(house, [], wishes, school);
}

/**
 * The plans of a job with these wishes after those that it has (`before`), each on the house (`wired`: as those before leave it) as the ones before it will leave it,
 * nearest the panel first.
 */
export function planEach(
	wired: House,
	before: readonly JobPlan[],
	wishes: readonly BoxWish[],
	school: TerminatingSchool
): { ok: true; plans: readonly JobPlan[] } | { ok: false; failure: WholeFailure } {
	const ids = [...before, ...wishes].map(({ boxId }) => boxId);
	const plans = [...before];
	let left = wired;
	for (const { boxId, wish, same } of nearestFirst(wired, wishes)) {
		const planned = planJob(left, boxId, school, wish, same);
		if (!planned.ok) return planned;
		const { plan } = planned;
		const first = plans[0];
		const near = plans.some(({ boxId: id }) => plan.beside.includes(id));
		if (first && !near && plan.recordedBreaker !== first.recordedBreaker)
			return { ok: false, failure: { code: 'otherBreaker', box: boxId, with: first.boxId } };
		plans.push(amongOthers(plan, ids));
		if (plan.work) left = wiredAs(left, boxId, plan.work.ways[0]!.wanted);
	}
	return { ok: true, plans };
}

/** A plan of a job that is at these boxes (`ids`). */
export function amongOthers(plan: JobPlan, ids: readonly string[]): JobPlan {
	// What is done at in this job is tested there, and not as somebody’s neighbour.
	const outside = (box: string) => !ids.includes(box);
	return {
		...plan,
		// The boxes after it are judged on the recorded supply: another that is found ends the job, made safe.
		work: plan.work && ids.length > 1 ? { ...plan.work, ways: plan.work.ways.slice(0, 1) } : plan.work,
		upstream: plan.upstream.filter(outside),
		downstream: plan.downstream.filter(outside)
	};
}

/** The wishes with every device that sits in one box with one of them: where nothing was said of it, an outlet’s is the same again, and what is no outlet is put back. */
export function withBeside(house: House, wishes: readonly BoxWish[]): readonly BoxWish[] {
	const ids = new Set(wishes.map(({ boxId }) => boxId));
	const more = [...new Set(wishes.flatMap(({ boxId }) => beside(house, boxId)))].filter(
		(id) => !ids.has(id) && findBox(house, id)?.device
	);
	const isOutlet = (boxId: string) => deviceModel(findBox(house, boxId)!.device!).halves.length > 0;
	return [...wishes, ...more.map((boxId): BoxWish => ({ boxId, wish: isOutlet(boxId) ? null : 'putBack' }))];
}

/** In the order in which the circuit reaches them; what isn’t on one stays where it was named, and is refused by its plan. */
function nearestFirst(house: House, wishes: readonly BoxWish[]): readonly BoxWish[] {
	const far = (boxId: string): number => {
		const circuit = findBox(house, boxId) && circuitsInBox(house, boxId)[0];
		const chain = circuit ? chainOfCircuit(house, circuit.id) : [];
		return chain.find(({ box }) => box.id === boxId)?.cablesFromPanel ?? 0;
	};
	return wishes.length < 2 ? wishes : [...wishes].sort((a, b) => far(a.boxId) - far(b.boxId));
}
