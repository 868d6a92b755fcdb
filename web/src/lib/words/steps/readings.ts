import type { Step } from '@wary/core/job';
import { capital, findPair, pairWords, terms } from '../terms';
import type { StepWords, Telling } from './step';

/** A pair to be read, at the face or on bare conductors. */
export function pairStepWords(
	step: Extract<Step, { kind: 'readPair' }>,
	{ plan, state }: Telling
): StepWords {
	const pair = findPair(plan, step.pair, state.earth);
	const t = terms[plan.region];
	const title = pair?.red.endsWith('/metal')
		? `The metal of the box to known ${t.ground}`
		: capital(pairWords(plan, step.pair, state.earth));
	const face = state.isolation.proof.scope === 'face';
	if (step.lowImpedance)
		return {
			title,
			lead: 'Again, with the meter’s low-impedance mode, or with a lamp across the pair.',
			why: 'A few volts on a sensitive meter can be induced by the cable beside it. A 3 kΩ input drains that away; what it still shows is fed from somewhere and counts as live.'
		};
	if (pair?.black === null)
		return {
			title,
			lead: `One tip ${face ? 'straight into the slot' : 'on the bare metal'}, the other on the ${t.ground} of the extension lead. Nothing else touched.`,
			why: `The ${t.ground} in this box didn’t show that it is one, or there is none. A reading to something that floats is near zero whatever is alive.`
		};
	return {
		title,
		lead: face
			? 'Tips straight into the slots. Nothing plugged in anywhere here.'
			: 'Tips on the bare metal, one hand if you can, nothing else touched.',
		why: face
			? 'Every pair, on both halves: a dark lamp may only have lost its neutral, and two halves can be fed by two breakers.'
			: 'The contacts were dead; these are the conductors themselves, every one in the box, also those that pass through.'
	};
}

/** A check by resistance, before power. */
export function resistanceWords(
	check: 'hotNeutral' | 'hotGround' | 'groundBox',
	{ plan }: Telling
): StepWords {
	const t = terms[plan.region];
	if (check === 'groundBox')
		return {
			title: `${capital(t.ground)} to the box`,
			lead: `Meter to Ω: ${t.ground} slot to the metal of the box. Should be next to nothing.`,
			why: `The metal of the box, and of whatever is plugged in, hangs on this joint.`
		};
	const other = check === 'hotNeutral' ? t.neutral : t.ground;
	return {
		title: `${capital(t.hot)} to ${other}, by resistance`,
		lead: `Meter to Ω, tips in the ${t.hot} and ${other} slots. Should be open, or what is known to be plugged in on this circuit.`,
		why: 'A short found now costs a minute. Found by the breaker, it costs a bang.'
	};
}
