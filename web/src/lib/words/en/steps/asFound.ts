import type { Step } from '@wary/core/job';
import { boxPlace, capital, halfWords, terms } from '../terms';
import type { StepWords, Telling } from './step';

/** What was there before anything was done, and what turns out otherwise than expected. */
export function asFoundWords(step: Extract<Step, { kind: 'readAsFound' }>, { plan }: Telling): StepWords {
	const t = terms[plan.region];
	if (plan.asFound === 'twoBlades')
		return {
			title: `As found: ${halfWords[step.half]}`,
			lead: 'Power still on. Plug in a lamp that has a plug of two blades, or the tester through an adaptor for two slots, its tab left free. Is it lit, and does the plug hold?',
			why: `A plug that falls out under its own cord leaves live blades bare: that is why most of these are replaced. What is wrong now was wrong before you began; it is kept, and set beside the final test. Two slots show nothing of a ${t.ground}, and nothing of which side is ${t.hot}.`
		};
	return {
		title: `As found: ${halfWords[step.half]}`,
		lead: `Power still on. Plug the three-lamp tester in${plan.region === 'uk' ? ', the socket’s switch on' : ''}. Say which lamps are lit, and whether a plug holds.`,
		why: `What is wrong now was wrong before you began. It is kept, and set beside the final test: what was wrong before is put right and not copied, and what is wrong only afterwards was made here. A lit tester still proves no ${t.ground} and no good joint.`
	};
}

export function witnessWords(
	step: Extract<Step, { kind: 'readWitness' }>,
	{ house, plan }: Telling
): StepWords {
	const t = terms[plan.region];
	return {
		title: `Has ${boxPlace(house, step.box)} gone dark?`,
		lead: `This ${t.outlet} was dead from the start, so it can’t show that the right ${t.breaker} is off. Go and look at what was lit there.`,
		why: `Dead before and dead after shows nothing. What hangs on the same ${t.breaker} stands for it: still lit, the wrong one is off, and behind the burned ${t.outlet} a wire may be alive.`
	};
}

/** A box that failed its test is opened again: before that its new face is seen lit. */
export function seenLiveWords(
	step: Extract<Step, { kind: 'readPlug' | 'readOutlet' }>,
	{ plan }: Telling
): StepWords {
	const t = terms[plan.region];
	const resets = 'tripped' in plan.newDevice;
	return {
		title: `Live before it is opened again: ${halfWords[step.half]}`,
		lead: `${resets ? 'Push its reset in first. ' : ''}Power still on. ${step.kind === 'readPlug' ? 'Plug the tester in: is anything lit?' : 'Both readings once more: is it live?'}`,
		why: `Something came out wrong, so the box is opened again, and has to be dead for it. ${resets ? 'A part that has tripped' : `A part with an open ${t.hot}`} is dark in front of wires that are alive: dark before and dark after would show nothing.`
	};
}

export function staysDarkWords(
	step: Extract<Step, { kind: 'deadFromStart' }>,
	{ plan, state }: Telling
): StepWords {
	const t = terms[plan.region];
	const again = state.device === 'newSeated';
	return {
		title: again ? 'It stays dark' : `Nothing in the ${halfWords[step.half]}`,
		lead: again
			? `Then the new part can’t show that the right ${t.breaker} is off. Say what stands for it: something lit on the same ${t.breaker}, that has to go dark.`
			: 'Say what stands for it.',
		why: `Behind a dark face a wire may be alive. Something on the same ${t.breaker} that goes dark with it, or all of it off, is what tells.`
	};
}

/** From end to end of a conductor of the two cables, legs apart. */
export function endsWords(step: Extract<Step, { kind: 'readEnds' }>, { plan }: Telling): StepWords {
	const t = terms[plan.region];
	const role = t[step.role];
	return {
		title: `End to end: ${role} to ${role}`,
		lead: `Meter to Ω, the legs apart: one tip on the ${role} of one cable, the other on the ${role} of the other. Nothing else touches.`,
		why: plan.onRing
			? `On a ring it reads the ring’s own resistance, the ${t.ground} about 1.67 times the ${t.hot} in 2.5/1.5 mm². Open means that this conductor is broken somewhere: every socket goes on working, and one leg carries it all.`
			: 'On a radial it is open: nothing leads from one to the other. Low means a ring, whatever the record says. The count of cables never tells.',
		rule: 'BS 7671 643.2.1'
	};
}

export const endsVerdictWords = (passes: boolean, onRing: boolean): { text: string; passes: boolean } => ({
	passes,
	text: passes
		? onRing
			? 'It leads round: a ring, whole in this conductor.'
			: 'Open, as on a radial.'
		: onRing
			? 'Not as a whole ring reads. Read it once more with clean tips; open means that the ring is broken.'
			: 'It leads round: this reads like a ring, and is recorded as a radial.'
});

/** What is said where an outlet stays dead before anything was switched off. */
export const staysDeadWords = {
	title: (half: string) => `Still nothing in the ${half}?`,
	buttonAgain: 'That stands for it',
	first: {
		us: 'First: push the reset of every GFCI, here and before it; the wall switch on; the breaker fully off and on again. Then read once more.',
		uk: 'First: its own switch on; every RCD and RCD socket reset; the MCB on. Then read once more.'
	},
	then: (ground: string) =>
		`If it stays dead it is dead from the start: burned, or a wire open on the way. That is no reason to end. It counts as live until every conductor was read to a known ${ground}, and something on the same breaker stands for it.`,
	stands: 'What stands for it',
	otherHalf: 'the other half of this outlet, which is live',
	none: 'nothing on that breaker is lit: the main switch goes off',
	lamp: (place: string) => `a lamp lit at ${place}`,
	button: 'It is dead from the start'
};

export const anewWords = {
	title: 'Say what sits where',
	lead: 'Each conductor end in this box and where it sits, or sat before it came off. The drawing follows. The plan is made anew from that, and the job goes on where it is.',
	look: 'Look into the simulated box',
	button: 'Plan anew from this',
	working: 'Planning …',
	tail: (role: string, word: string) => `${capital(role)} ${word}`,
	oneEnd: (tail: string) => `${tail}, one end`,
	otherEnd: (tail: string) => `${tail}, other end`,
	roleOf: (tail: string) => `${tail}, role`,
	addTail: 'Add a tail',
	removeTail: 'It isn’t there',
	tab: (role: string) => `Bridge tab, ${role} side`,
	whole: 'whole',
	broken: 'broken off',
	capped: 'in a cap of its own',
	bare: 'loose, on nothing',
	metal: 'on the metal of the box',
	connector: (role: string) => `in the connector of the ${role}s`,
	otherConnector: (name: string) => `in another connector (${name})`,
	notHere: 'Not here: another cable comes in, or one is missing',
	unreachable:
		'What plans can’t be fetched just now. Try again when the server is back; the job stays where it is.',
	done: 'Planned anew from what was found here. What was proven and done stays.'
};

/** Which mistakes would show what a plug-in tester showed. */
export const suspectWords = {
	working: 'Looking which mistakes would show that …',
	title: 'What would show exactly this, by the model, likeliest first',
	none: 'No single mistake in the catalogue would. It may be two at once, or another cable than recorded.',
	more: (count: number) => `and ${count} more`,
	here: 'What was wired wrong here is seen when the box is open and dead: say then what sits where, and the plan puts it right.',
	hereAfter: 'The box is opened again, the same safe way: look at these first.',
	elsewhere: 'It isn’t made at this outlet: putting in a new one won’t cure it. Look at the one before.'
};
