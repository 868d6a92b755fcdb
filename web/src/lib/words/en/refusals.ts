import { words as lookOverWords } from './job/steps/lookOver';
import { findBox, placeName, type House } from '@wary/core/house';
import type { AnewFailure, JobPlan, JobState, Refusal } from '@wary/core/job';
import { energyWords } from './energy';
import { eventWords } from './events';
import { addFailureWords, planFailureWords } from './planFailures';
import { stepWords, toolWords } from './steps';
import { breakerName, capital, inSentence, terminalWord, terms } from './terms';

const placeIn = (house: House, boxId: string): string => {
	const box = findBox(house, boxId);
	return box ? placeName(house, box) : boxId;
};

/** Why a command was refused, and what to do instead. */
export function refusalWords(refusal: Refusal, house: House, plan: JobPlan, state: JobState): string {
	const nextTitle = (step: Parameters<typeof stepWords>[0] | null) =>
		step ? `Next is: ${stepWords(step, { house, plan, state }).title}.` : '';
	switch (refusal.code) {
		case 'over':
			return refusal.status === 'finished'
				? 'This job is finished; its record can’t be changed.'
				: 'This job was stopped; its record can’t be changed.';
		case 'notProvenDead':
			return `That means touching conductors, and the state is ${energyWords[refusal.energy]}. ${nextTitle(refusal.next)}`;
		case 'notNow':
			return `That isn’t due now. ${nextTitle(refusal.next)}`;
		case 'makeSafeFirst':
			return `It can’t be left like this. ${nextTitle(refusal.next)}`;
		case 'boxOpen':
			return 'The box is open: power doesn’t go back on before everything is closed.';
		case 'unknowing': {
			const { text, value } = eventWords(refusal.by, house, plan, state.earth);
			return `Another device had entered “${[text, value].filter(Boolean).join(' ')}” before this reached the job. What was done without knowing that doesn’t count: do it again now.`;
		}
		case 'otherBoxOpen':
			return `The box at ${placeIn(house, refusal.box)} is open. Close it first: one box at a time.`;
		case 'unknownBreaker':
			return `There is no ${terms[plan.region].breaker} “${refusal.breaker}” in this ${terms[plan.region].panel}.`;
		case 'notSwitchedOff':
			return `${breakerName(house, refusal.breaker)} wasn’t switched off for this job.`;
		case 'arrangeFirst':
			return `${refusal.things.map(({ name }) => capital(name)).join(' and ')} ${refusal.things.length > 1 ? 'lose' : 'loses'} power with ${breakerName(house, refusal.breaker)}. First say what has been done about it.`;
		case 'unknownThing':
			return 'Nothing by that name is on record here.';
		case 'proveOnLead':
			return 'Everything here is read to the lead. The tester is proved at its end again: that shows the tester and the lead to be good still.';
		case 'countFirst':
			return 'Count first: how many cables enter this box, and how many ends sit on the screws?';
		case 'countsDiffer':
			return lookOverWords.onRecord(refusal.cables, refusal.ends);
		case 'loadedCant':
			return `${refusal.onV} V with the load on and ${refusal.offV} V without doesn’t fit together: a load takes some volts, and never gives any. Read both again, the load in this outlet and really running.`;
		case 'lampProvesNothing':
			return 'A lamp that stays dark proves nothing. This takes a reading between two points.';
		case 'needsCurrent':
			return 'A 10 MΩ meter is fooled by a floating ground. Use the plug-in tester’s lamp, an indicator, or the low-impedance mode.';
		case 'unknownPair':
			return 'That pair isn’t one of those to be read now.';
		case 'unknownSource':
			return 'That isn’t a source the tester can be proved on.';
		case 'unknownReading':
			return 'There is no such reading to put right.';
		case 'otherInstrument':
			return 'A reading is put right with the instrument and mode it was taken with. Otherwise take it again.';
		case 'outOfRange':
			return 'The instrument can’t show that. A multimeter shows 0 to 750 V and up to 40 MΩ.';
		case 'needsLowImpedance':
			return 'The same again would only show the same. Use the low-impedance mode, or join a lamp across the two points.';
		case 'partTellsNoSupply':
			return 'This part can be reset whichever side the supply is on, or has no LINE of its own: it can’t tell which cable that is. Take one of the other ways.';
		case 'besideOpen':
			return `${capital(placeIn(house, refusal.box))} hangs out of the same box, its wires in reach: no power here while it does. Find the supply dead, by resistance, or stop and hand over.`;
		case 'supplyNeeded':
			return 'Which wires go on LINE and which on LOAD depends on the supply cable. It has to be found: dead, by resistance; alive; or by the new part itself.';
		case 'conductorKnown':
			return 'That conductor is noted already.';
		case 'noWitness':
			return `${placeIn(house, refusal.box)} doesn’t hang on the same ${terms[plan.region].breaker} by the record: going dark there would show nothing.`;
		case 'wiresHalfOff':
			return 'Some wires are off and some still on. Say what is where with all of them on, or take the rest off first.';
		case 'undoFirst':
			return `What was made here doesn’t fit the other plan, and no step undoes it yet. Make safe, stop, and begin anew on what is found: nothing of the record is lost.`;
		case 'cannotPlanAnew':
			return `Nothing changes: ${inSentence(anewFailureWords(refusal.failure, house, plan))}`;
		case 'cannotAdd':
			return `${placeIn(house, refusal.box)} can’t come into this job. ${addFailureWords(refusal.failure, plan.region)}`;
		case 'boxInOtherJob':
			return `${placeIn(house, refusal.box)} is in another job that is under way. Finish or stop that one first.`;
		case 'recordChanged':
			return `What is on record of ${placeIn(house, refusal.box)} has changed since this job began, and the job doesn’t know it. Finish this one first, or make that a job of its own.`;
		case 'cannotDrop':
			return `${placeIn(house, refusal.box)} stays in this job: it was there from the beginning, has been opened, or another was planned after it.`;
		case 'toolsMissing':
			return `Still missing: ${refusal.missing.map((tool) => toolWords[tool] ?? tool).join('; ')}.`;
	}
}

/** Why no plan comes from what was found in a box. */
function anewFailureWords(failure: AnewFailure, house: House, plan: JobPlan): string {
	if (failure.code === 'foundImpossible') return `that can’t be. ${impossibleWords(failure.problem, plan)}`;
	return planFailureWords(failure, plan.region, {
		house,
		boxId: plan.boxId,
		region: plan.region,
		wirings: plan.work ? [plan.work.found] : []
	});
}

function impossibleWords(
	problem: Extract<AnewFailure, { code: 'foundImpossible' }>['problem'],
	plan: JobPlan
): string {
	switch (problem.code) {
		case 'terminalOverfull':
			return `${problem.wires} wires on the ${terminalWord(plan.region, problem.terminal)}, which takes ${problem.takes} that way.`;
		case 'notHeldThatWay':
			return `The ${terminalWord(plan.region, problem.terminal)} doesn’t hold a wire that way.`;
		case 'danglingConductor':
			return 'One end is said to be nowhere; if it is on nothing, say loose or capped.';
		case 'noMetal':
			return 'This box is of plastic: nothing is on its metal.';
		default:
			return 'A terminal or a connector is named that isn’t there, or one end twice.';
	}
}
