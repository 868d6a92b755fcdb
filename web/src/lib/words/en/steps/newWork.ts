import type { Confirmed, Step } from '@wary/core/job';
import { boxPlace, capital, shortWire, terms } from '../terms';
import type { StepWords, Telling } from './step';

/** Where nothing is fitted yet: what is asked otherwise than of an outlet that is replaced; `null`: the same. */
export function newWorkWords(
	step: Step | { readonly kind: Confirmed },
	{ plan, house, state }: Telling
): StepWords | null {
	if (!plan.newWork) return null;
	const t = terms[plan.region];
	const uk = plan.region === 'uk';
	const watched = plan.controls?.map((box) => boxPlace(house, box)).join(' and ') ?? '';
	const fresh = state.device === 'oldSeated' || state.device === 'oldOut';
	switch (step.kind) {
		case 'seeControlled':
			switch (step.when) {
				case 'on':
					return {
						title: `Is something lit at ${watched}?`,
						lead: `Power still on. Plug a lamp in at ${watched}, which hangs on the same ${t.breaker} by the record, and switch it on.`,
						why: `Bare ends have no slots to be read live at. What is lit on the same ${t.breaker} stands for them: it has to go dark. Where nothing is lit, everything is switched off before the cover comes off.`
					};
				case 'off':
					return {
						title: `Has the lamp at ${watched} gone dark?`,
						lead: 'Its own switch stays on. Go and look, or send somebody.',
						why: `Still lit, another ${t.breaker} feeds it, and this cable may be alive.`
					};
				case 'after':
					return {
						title: `Is the lamp at ${watched} lit again?`,
						lead: 'As it was before.',
						why: 'What was lit at the start works as it did, and nothing else was lost on the way.'
					};
			}
			break;
		case 'proveEarth':
			return {
				title: `Bring a known ${t.ground} for the cable’s end`,
				lead: `Plug an extension lead into ${uk ? 'a socket' : 'an outlet'} on another circuit whose ${t.ground} is good, and bring its other end here. The lead’s end is live: it lies a long step away from the box, and only a tip in its ${t.ground} contact comes near it. First the three-lamp tester in its end: what is lit?`,
				why: `Nothing shows yet whether the ${t.ground} of this cable is one. Every end is read to the ${t.ground} of the lead.`
			};
		case 'plateOff':
			return fresh
				? {
						title: 'Blank cover off',
						lead: 'Cut the paint line round it, take its screws out, keep them. Lift it away by its edges. Nothing behind it is touched: these ends count as live until they have been read.',
						why: 'Who left a cable’s end here may have left it connected.'
					}
				: null;
		case 'easeForward':
			return fresh
				? {
						title: 'Bring the ends into view',
						lead: `${uk ? 'Take the blank plate off by its edges. ' : ''}Nudge the caps forward with the insulated shaft of a screwdriver, one by one, till each can be read. No hand goes into the box.`,
						why: 'There is no face to prove it dead at. Off, held and tagged comes first; next each end is read under its cap.'
					}
				: {
						title: `Ease the ${t.outlet} forward`,
						lead: `Undo its screws. Draw it forward by its ${uk ? 'edges' : 'yoke, top and bottom'}, just far enough to see its terminals. Touch nothing behind it: these wires count as live until they have been read.`,
						why: 'A test came out wrong, so what its face shows proves nothing. Its terminals are read instead.'
					};
		case 'readPair':
			return null;
		case 'lookOver':
			return {
				title: 'Look the cable’s end over',
				lead: 'No hand and no tool in the box: it isn’t proven dead. How many cables and ends there are, which conductors, their colours, their size by the print on the sheath. Compare with the drawing, and put right what differs.',
				why: 'A cable that was left for later wasn’t always left by somebody who knew. What is otherwise than recorded is found now, before a hand goes in.'
			};
		case 'openSheath':
			return uk
				? {
						title: 'Sheath and lengths',
						lead: `Open the sheath lengthwise and lightly, down to where it comes into the box; at least 6 mm of it stays inside, behind its grommet. Leave the conductors long enough to reach every terminal with the face a hand’s breadth out. Sleeve the bare ${t.ground} green-and-yellow. The blade never crosses a conductor.`,
						why: 'A sheath that ends in the wall leaves single insulation on brick; one that is cut across nicks what is under it.',
						rule: 'BS 7671 526.8, 514.4.2, 522.8'
					}
				: {
						title: 'Sheath and lengths',
						lead: 'Open the sheath lengthwise and lightly, down the middle over the bare ground; at least 1/4 in (6 mm) of it stays inside the box, past the clamp. Each wire: 6 in (150 mm) free, and 3 in (75 mm) out of the opening. The blade never crosses a wire.',
						why: 'A sheath that ends in the wall leaves single insulation on wood and metal. And this is new work: what is too short now is too short for everybody after you.',
						rule: 'NEC 2020 300.14, 314.17(C)'
					};
		case 'takeOff': {
			const landing = plan.takeOff.find(({ terminal }) => terminal === step.terminal);
			const wires = landing?.wires.map((wire) => shortWire(plan, wire)).join(' and ') ?? '';
			return {
				title: `Cap off: ${wires}`,
				lead: `Take the cap off the ${wires}, and bend it away from the others.`,
				why: `${capital(t.hot)} first and ${t.ground} last, so that the protective path is there as long as anything else is.`
			};
		}
		default:
			return null;
	}
	return null;
}

/** Where a tip goes on an end under its cap. */
export const cappedTip =
	'on the end under its cap: through the connector’s test port, or with the cap drawn off by insulated pliers and put back after; no finger on anything bare';
