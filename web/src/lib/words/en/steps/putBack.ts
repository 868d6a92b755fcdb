import type { Confirmed, JobPlan, Step } from '@wary/core/job';
import type { House } from '@wary/core/house';
import { putBackKind } from '../devices';
import { boxPlace, capital, terms } from '../terms';
import type { StepWords, Telling } from './step';

/** What a switch works, by place; where the model knows of nothing, in those words. */
const worked = (house: House, { controls }: JobPlan): string =>
	controls && controls.length > 0
		? controls.map((box) => boxPlace(house, box)).join(' and ')
		: 'what it works';

export function controlledWords(
	step: Extract<Step, { kind: 'seeControlled' }>,
	{ house, plan }: Telling
): StepWords {
	const t = terms[plan.region];
	const it = putBackKind(plan);
	const what = worked(house, plan);
	switch (step.when) {
		case 'on':
			return {
				title: `Does ${what} come on?`,
				lead: `Power still on. Turn the ${it} on, and leave it on. Look what it works.`,
				why: `A ${it} has no slots to be read live at. What it works stands for it: lit now, it has to go dark with the ${t.breaker}. Where nothing comes on, everything is switched off before the ${it} is taken out.`
			};
		case 'off':
			return {
				title: `Has ${what} gone dark?`,
				lead: `The ${it} stays on. Go and look, or send somebody.`,
				why: `Still lit, another ${t.breaker} feeds this ${it}, and its wires are alive in the same box.`
			};
		case 'after':
			return {
				title: `Does the ${it} work ${what} again?`,
				lead: `On, and off. ${capital(what)} comes on and goes out as it did before.`,
				why: 'No wire came off it, and all of them were bent. One that came loose shows here.'
			};
	}
}

/** What is asked of a device that is only taken out and put back, where that is other than of one that is replaced; `null`: the same. */
export function putBackWords(step: Step['kind'] | Confirmed, { plan }: Telling): StepWords | null {
	if (!plan.putBack) return null;
	const t = terms[plan.region];
	const uk = plan.region === 'uk';
	const it = putBackKind(plan);
	switch (step) {
		case 'proveEarth':
			return plan.controls === null
				? null
				: {
						title: `Bring a known ${t.ground} for the ${it}`,
						lead: `Plug an extension lead into ${uk ? 'a socket' : 'an outlet'} on another circuit whose ${t.ground} is good, and bring its other end here. The lead’s end is live: it lies a long step away from the box, and only a tip in its ${t.ground} contact comes near it. First the three-lamp tester in its end: what is lit?`,
						why: `A ${it} has no ${t.ground} contact that could be shown to be one. Every wire behind it is read to the ${t.ground} of the lead.`
					};
		case 'easeForward':
			return {
				title: `Ease the ${it} forward`,
				lead: uk
					? 'Undo both screws and keep them. Draw the face forward by its edges, just far enough to see its terminals. Touch nothing behind it: these wires count as live until they have been read.'
					: 'Undo its two screws. Draw it forward by its yoke, top and bottom, just far enough to see its terminals. Touch nothing behind it: these wires count as live until they have been read.',
				why: `It has no slots to be proven dead at. Off, held and tagged comes first, and the ${t.outlet} beside it has been proven at its face; next the tips go on its terminals, and every wire is read.`
			};
		case 'easeOut':
			return {
				title: `Ease the ${it} out`,
				lead: uk
					? 'Undo both screws and keep them. Draw it out square, by its edges, without touching a terminal.'
					: 'Undo its two screws. Draw it out by its yoke, top and bottom, without touching a terminal.',
				why: 'It goes back as it is. But its wires are in reach of your hands, and are proven dead with the others.'
			};
		case 'lookOver':
			return {
				title: `See how the ${it} is wired`,
				lead: 'No hand and no tool in the box: it isn’t proven dead. How many cables and ends? Compare with the drawing, and put right what differs.',
				why: 'It goes back as it is. What is otherwise than recorded is found now, before a hand goes in.'
			};
		case 'fold':
			return {
				title: `Fold the ${it}’s wires in`,
				lead: `As they sat. ${capital(t.ground)} deepest.${uk ? '' : ' Nothing behind the yoke’s ears.'}`,
				why: uk
					? 'A wire trapped behind the face is a short that waits.'
					: 'A wire pinched behind the yoke is a short that waits.'
			};
		case 'tugAgain':
			return {
				title: 'Tug every wire on it',
				lead: 'Each wire once, gently. One that moves is tightened now, while all of it is proven dead.',
				why: 'These joints were not made today, and they were bent today.'
			};
		case 'seat':
			return {
				title: `Screw the ${it} home`,
				lead: uk
					? 'Both screws by hand before tightening either. No wire trapped behind the face.'
					: 'Straight in, its screws by hand, level and flush. The plate stays off until everything is tested.',
				why: 'It sits as it did. What is new sits beside it.'
			};
		default:
			return null;
	}
}
