import type { Candidate } from './candidates';
import { priorElsewhere, priorSeveral } from './candidates';

/** What could be so: one breaker feeds it, two do at once, or none of these. */
export type Hypothesis =
	| { readonly kind: 'one'; readonly id: string }
	| { readonly kind: 'two'; readonly ids: readonly [string, string] }
	| { readonly kind: 'elsewhere' };

/** What was seen at the outlet, or heard at the panel, with these breakers off and all others on; or where a signal was strongest. */
export type Observation =
	| {
			readonly kind: 'look';
			readonly off: readonly string[];
			readonly answer: 'dark' | 'on';
			readonly certainty: number;
	  }
	| { readonly kind: 'signal'; readonly strongest: string };

export interface Believed {
	readonly hypothesis: Hypothesis;
	readonly probability: number;
}

/** Share of sweeps in which the strongest signal is at the right breaker, and at one beside it. */
export const signalCertainty = { right: 0.8, beside: 0.15 };

/**
 * Bayes over every hypothesis. An observation is never wholly believed: what speaks against it keeps the small weight of a mistake, so that answers which
 * contradict each other bring others back into question instead of ruling everything out.
 */
export function believe(candidates: readonly Candidate[], observations: readonly Observation[]): Believed[] {
	const weighed: { hypothesis: Hypothesis; weight: number }[] = candidates.map(({ id, probability }) => ({
		hypothesis: { kind: 'one', id },
		weight: probability
	}));
	const pairs: { ids: [string, string]; weight: number }[] = [];
	let pairTotal = 0;
	candidates.forEach((a, k) =>
		candidates.slice(k + 1).forEach((b) => {
			const weight = a.probability * b.probability;
			pairTotal += weight;
			pairs.push({ ids: [a.id, b.id], weight });
		})
	);
	for (const { ids, weight } of pairs)
		weighed.push({ hypothesis: { kind: 'two', ids }, weight: (priorSeveral * weight) / pairTotal });
	weighed.push({ hypothesis: { kind: 'elsewhere' }, weight: priorElsewhere });
	const beside = new Map(candidates.map(({ id, beside: near }) => [id, near]));
	for (const observation of observations)
		for (const one of weighed)
			one.weight *= likelihood(one.hypothesis, observation, beside, candidates.length);
	const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
	return weighed
		.map(({ hypothesis, weight }) => ({ hypothesis, probability: weight / total }))
		.sort((a, b) => b.probability - a.probability);
}

/** Whether the outlet is dark with these breakers off, if the hypothesis holds. */
export function darkWith(hypothesis: Hypothesis, off: ReadonlySet<string>): boolean {
	if (hypothesis.kind === 'one') return off.has(hypothesis.id);
	return hypothesis.kind === 'two' && hypothesis.ids.every((id) => off.has(id));
}

function likelihood(
	hypothesis: Hypothesis,
	observation: Observation,
	beside: ReadonlyMap<string, readonly string[]>,
	count: number
): number {
	if (observation.kind === 'look')
		return darkWith(hypothesis, new Set(observation.off)) === (observation.answer === 'dark')
			? observation.certainty
			: 1 - observation.certainty;
	const { strongest } = observation;
	const elsewhere = (1 - signalCertainty.right - signalCertainty.beside) / count;
	const from = (id: string) => {
		if (id === strongest) return signalCertainty.right;
		const near = beside.get(id) ?? [];
		return elsewhere + (near.includes(strongest) ? signalCertainty.beside / near.length : 0);
	};
	if (hypothesis.kind === 'one') return from(hypothesis.id);
	return hypothesis.kind === 'two' ? (from(hypothesis.ids[0]) + from(hypothesis.ids[1])) / 2 : 1 / count;
}
