import type { Region } from '@wary/core/rules';
import { deadBelowV, type DeadBand } from '@wary/core/isolation';
import type { OhmVerdict, ProtectionAsked, Step } from '@wary/core/job';
import { cableLetter, capital, halfWords, terms } from '../terms';
import type { StepWords, Telling } from './step';

const placeWords: Record<ProtectionAsked['place'], string> = {
	bathroom: 'a bathroom',
	garage: 'a garage',
	outdoors: 'outdoors',
	crawlSpace: 'a crawl space',
	basement: 'a basement',
	kitchen: 'a kitchen',
	foodArea: 'a place with a sink for food or drink',
	laundry: 'a laundry',
	outbuilding: 'an outbuilding',
	bedroom: 'a bedroom',
	living: 'a living room',
	hall: 'a hall',
	other: 'such a place',
	nearWater: 'a place near a sink, a bath or a shower',
	dampIndoors: 'a damp place'
};

/** A rule asks for more at this place: said before anything begins. */
export function protectionWords({ plan }: Telling): StepWords {
	return plan.asked
		? protectionNotice(plan.asked, plan.region)
		: {
				title: 'Protection',
				lead: 'No rule on record asks for more here.',
				why: 'There is nothing to decide.'
			};
}

export function protectionNotice(asked: ProtectionAsked, region: Region): StepWords {
	const t = terms[region];
	const unsure = asked.place === 'nearWater' || asked.place === 'dampIndoors';
	const what = `${asked.said ? 'This is' : unsure ? 'This may be' : 'By its name this is'} ${placeWords[asked.place]}`;
	const rule = `${asked.code} ${asked.edition}: ${asked.clause}`;
	return region === 'uk'
		? {
				title: 'A socket in a room with a bath or shower',
				lead: `${what}. There must be no socket within ${asked.edition.includes('A2') ? '2.5' : '3'} m of zone 1, and a like-for-like change doesn’t make one allowed. If that is what it is, stop and ask a ${t.handTo}.`,
				why: 'Wet skin and bare feet let through many times the current. That is why the distance is asked, whatever protects the circuit.',
				rule
			}
		: {
				title: 'Today’s code asks for protection here',
				lead: `${what}, and nothing on record guards it against a leak to ground. Where an outlet is replaced at such a place, the new one has to be GFCI protected. The same again is not. Decide before you begin.`,
				why: `A GFCI opens at a few thousandths of an ampere, before it can stop a heart. A breaker doesn’t notice that. Plan a GFCI for this place instead: the plan says where each wire goes. Or have a ${t.handTo} fit one, and let this job wait.`,
				rule: `${rule}; 406.4(D)(3). Your local code decides.`
			};
}

/** What a person may make of it. */
export const protectionChoices = (region: Region): Record<'sameAgain' | 'notSuchAPlace', string> => ({
	sameAgain: 'I know, and put the same in again for now. It is written down as open.',
	notSuchAPlace:
		region === 'uk'
			? 'It isn’t in such a room, or it is further away than that.'
			: 'It isn’t such a place, or something else protects it.'
});

export function groundEarthWords(
	step: Extract<Step, { kind: 'readGroundEarth' }>,
	{ plan }: Telling
): StepWords {
	const t = terms[plan.region];
	const here = t[step.of];
	return {
		title: `Is the ${here} here alive? ${capital(halfWords[step.half])}`,
		lead: `Power still on. One tip on the ${here} contact here, the other in the ${t.ground} of the lead. ${
			step.lowImpedance ? 'Again, with the meter’s low-impedance mode. ' : ''
		}Nothing metal here is touched until this is read.`,
		why:
			step.of === 'ground'
				? `A live ${t.ground} behind swapped wires lights the same lamps as a good one, and a contactless tester that stays silent shows nothing. One reading tells.`
				: `A ${t.neutral} that is alive is swapped with the ${t.hot}, or open on its way back. Better known before anything is switched off.`
	};
}

/** What the ground read to a known earth says. */
export function groundEarthVerdict(
	region: Region,
	of: 'ground' | 'neutral',
	band: DeadBand
): { text: string; kind: 'good' | 'open' | 'bad' } {
	const t = terms[region];
	switch (band) {
		case 'dead':
			return {
				text: `Under ${deadBelowV} V: the ${t[of]} here isn’t alive. The proof is read to the known ${t.ground} all the same.`,
				kind: 'good'
			};
		case 'unresolved':
			return {
				text: `Over ${deadBelowV} V: induced, or fed. Read it again with the low-impedance mode.`,
				kind: 'open'
			};
		case 'live':
			if (of === 'neutral')
				return {
					text: `LIVE. ${capital(t.hot)} and ${t.neutral} are swapped here or before, or the ${t.neutral} is open. It is written down, and everything is read to the known ${t.ground}.`,
					kind: 'bad'
				};
			return {
				text: `LIVE. The ${t.ground} of this ${t.outlet} is alive. Touch nothing metal here. The circuit goes off first, and stays off; then this job ends and is handed over.`,
				kind: 'bad'
			};
	}
}

export function baselineWords(step: Extract<Step, { kind: 'readBaseline' }>, { plan }: Telling): StepWords {
	const t = terms[plan.region];
	const group = plan.baselines.find((each) => each.group === step.group);
	const letter = cableLetter(plan, group?.hot.cable ?? null);
	const which = group?.hot.cable === null ? 'the tails' : letter ? `cable ${letter}` : 'the cable';
	return {
		title: `${capital(t.hot)} to ${t.neutral}, wires off: ${which}`,
		lead: `Meter to Ω, one tip on the bare ${t.hot}, the other on the bare ${t.neutral} of ${which}. Unplug what you can on this circuit first.`,
		why: 'Door-bell transformers, smoke alarms, LED drivers and chargers on the circuit read anything from hundreds of ohms to megohms, and drift. What the cables read by themselves now is what the new part is measured against.'
	};
}

export const baselineVerdictWords = (sound: boolean): { text: string; passes: boolean } =>
	sound
		? { text: 'That is what the circuit reads by itself. It is kept to compare with.', passes: true }
		: {
				text: 'Next to nothing: something large is still plugged in, or the cable itself is shorted. Unplug, and read again later.',
				passes: false
			};

/** What a dead check says. */
export function ohmVerdictWords(
	region: Region,
	{ passes, verdict }: { passes: boolean; verdict: OhmVerdict }
): { text: string; passes: boolean } {
	const t = terms[region];
	const text: Record<OhmVerdict, string> = {
		open: 'Open, as it should be.',
		continuous: 'Continuous.',
		knownLoad: 'Fits what is plugged in on this circuit. Better unplug it and read open.',
		notLessThanBefore: 'No short, and not less than the cables read by themselves. That is as it should be.',
		short: 'A short. Power stays off: the box is opened again and every joint looked at.',
		tooLow: `Lower than ${'the cables read by themselves or the record explains'}. Unplug what is plugged in on this circuit, or look for a wire that touches.`,
		notContinuous: `Not continuous: nothing joins the metal of the box to ${t.ground}. The joint has to be found.`
	};
	return { text: text[verdict], passes };
}

export function plateScrewWords(
	step: Extract<Step, { kind: 'readPlateScrew' }>,
	{ plan }: Telling
): StepWords {
	const t = terms[plan.region];
	return {
		title: `Is the box grounded? ${capital(halfWords[step.half])} to the plate screw`,
		lead: `Power still on. One tip on the bare metal of the plate screw, the other in one slot, then in the other; a meter in its low-impedance mode. The larger of the two counts. Paint on the screw: scratch it, or back it out a turn.`,
		why: `Two slots have no ${t.ground} of their own, but a box of metal may have one, by conduit or armor. It decides what may go in. A lamp doesn’t show how good it is: old armor without a bonding strip lights one, and heats when it has to carry a fault.`,
		rule: 'NEC 250.118, 406.4(D)(1)'
	};
}

/** What a slot read to the plate screw says, before it is saved. */
export function plateScrewVerdict(
	lit: boolean,
	reliedOn: boolean
): { text: string; kind: 'good' | 'open' | 'bad' } {
	if (lit)
		return reliedOn
			? {
					text: 'The metal of the box leads back, as the record says. The new part is joined to it.',
					kind: 'good'
				}
			: {
					text: 'There is voltage: the metal of the box may be a ground, and the record knows of none. It is written down; this job goes on as planned.',
					kind: 'open'
				};
	return reliedOn
		? {
				text: 'Nothing there: the box isn’t grounded, and the plan has its ground from it. If you read both slots on bare metal, this job ends here, before anything was touched.',
				kind: 'bad'
			}
		: { text: 'No ground by this box, as recorded.', kind: 'good' };
}
