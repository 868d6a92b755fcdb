import { cappedTip } from './newWork';
import { foundTo, type ResistanceCheck, type Step } from '@wary/core/job';
import { capital, findPair, pairWords, terms } from '../terms';
import { putBackKind } from '../devices';
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
	if (state.isolation.proof.parted.includes(step.pair) && pair?.black !== null)
		return {
			title: `${title}, apart now`,
			lead: `Tips on the bare metal, nothing else touched, no hand in the box.`,
			why: `It was dead while the wires were joined. Apart, a ${t.neutral} that another circuit returns through comes alive, and so does what a load on the circuit held down.`
		};
	if (pair ? pair.black === null : typeof state.earth === 'object' && foundTo(step.pair) === 'ground')
		return {
			title,
			lead: `One tip ${face ? faceTip(plan.region) : bareTip(plan)}, the other in the ${t.ground} contact of the lead, whose end stays a long step away from the box: it is live. Nothing else touched.`,
			why: `${plan.controls === null ? `The ${t.ground} in this box didn’t show that it is one, or there is none.` : `Nothing ${plan.newWork ? 'here' : `on a ${putBackKind(plan)}`} shows whether the ${t.ground} behind it is one.`} A reading to something that floats is near zero whatever is alive.`
		};
	return {
		title,
		lead: face
			? plan.region === 'uk'
				? 'Tips on the test points of the plug-in adaptor, the socket’s own switch on. Nothing else plugged in here. The shutters are never pushed open.'
				: 'Both tips at once into the slots, or on an adaptor’s test points: shutters are never forced. Nothing plugged in here.'
			: `Tips ${bareTip(plan)}, nothing else touched.`,
		why: face
			? plan.region === 'uk'
				? 'Every pair, on both sides: a dark lamp may only have lost its neutral, and one side’s contacts prove nothing of the other’s.'
				: 'Every pair, on both halves: a dark lamp may only have lost its neutral, and two halves can be fed by two breakers.'
			: plan.controls === null
				? 'The contacts were dead; these are the conductors themselves, every one in the box, also those that pass through.'
				: 'These are the conductors themselves, every one behind it, also those that only pass through a connector.'
	};
}

/** Where a tip goes behind the face: on what is eased forward no further than to be read, on its terminals. */
const bareTip = ({ controls, newWork }: Telling['plan']): string =>
	newWork ? cappedTip : controls === null ? 'on the bare metal' : 'on the terminal screw or the bare metal';

/** Where a tip goes at the face. */
const faceTip = (region: 'us' | 'uk'): string =>
	region === 'uk' ? 'on the adaptor’s test point' : 'in the slot, or on the adaptor’s test point';

/** A check by resistance, before power. */
export function resistanceWords(check: ResistanceCheck, { plan }: Telling): StepWords {
	const t = terms[plan.region];
	if (check === 'groundBox')
		return {
			title: `${capital(t.ground)} to the box`,
			lead: `Meter to Ω: ${plan.region === 'uk' ? 'earth, at the adaptor,' : 'ground slot'} to the metal of the box. Should be next to nothing.`,
			why: `This joint is all that keeps the metal of the box at ${t.ground}. If a ${t.hot} wire touches it, the ${t.breaker} opens only because of this.`
		};
	if (check === 'pinPlate')
		return {
			title: `${capital(t.ground)} pin to the metal plate`,
			lead: `Meter to Ω: one tip on the adaptor’s ${t.ground} point, the other on the bare metal of the plate, or on one of its screws. Lacquer insulates: press through it. Should be next to nothing.`,
			why: `A metal plate that isn’t earthed is what a hand rests on when a ${t.hot} wire gets behind it.`,
			rule: 'BS 7671 411.3.1.1'
		};
	const other = check === 'hotNeutral' ? t.neutral : t.ground;
	return {
		title: `${capital(t.hot)} to ${other}, by resistance`,
		lead: `Meter to Ω, tips ${plan.region === 'uk' ? `on the adaptor’s ${t.hot} and ${other} points, the socket’s switch on` : `in the ${t.hot} and ${other} slots`}. ${check === 'hotNeutral' ? 'No short, and not less than the cables read by themselves before the new part went on.' : 'Should be open.'}`,
		why: `A short found now costs a minute. Found by the ${t.breaker}, it costs a bang.`
	};
}
