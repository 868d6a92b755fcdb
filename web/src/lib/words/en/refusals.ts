import { findBox, placeName, type House } from '@wary/core/house';
import type { AddFailure, AnewFailure, JobPlan, JobState, Refusal, WholeFailure } from '@wary/core/job';
import { energyWords } from './energy';
import { wishRefusalWords, workFailureWords, type AtBox } from './work';
import { stepWords, toolWords } from './steps';
import { breakerName, capital, howWords, inSentence, terminalWord, terms } from './terms';

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
		case 'wrongTerminal':
			return `Not the ${terminalWord(plan.region, refusal.given)}: these wires go to the ${terminalWord(plan.region, refusal.expected)}.`;
		case 'wayNotPossible':
			return `${refusal.wires} wires can’t be held that way at the ${terminalWord(plan.region, refusal.terminal)}. Possible: ${refusal.ways.map((way) => howWords[way]).join(', ')}.`;
		case 'partTellsNoSupply':
			return 'This part can be reset whichever side the supply is on, or has no LINE of its own: it can’t tell which cable that is. Take one of the other ways.';
		case 'besideOpen':
			return `${capital(placeIn(house, refusal.box))} hangs out of the same box, its wires in reach: no power here while it does. Find the supply dead, by resistance, or stop and hand over.`;
		case 'supplyNeeded':
			return 'Which wires go on LINE and which on LOAD depends on the supply cable. It has to be found: dead, by resistance; alive; or by the new part itself.';
		case 'pushInNever':
			return 'Never the push-in spring: it is how many of these outlets failed.';
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

/** Why an outlet doesn’t come into a job under way. */
export const addFailureWords = (failure: AddFailure, region: 'us' | 'uk'): string =>
	failure.code === 'ruledOut'
		? `A rule is in the way of what is wished for there (${failure.by.clause}); the plan of that ${terms[region].outlet} says why.`
		: planFailureWords(failure, region);

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

/** Why no job can be planned at a box, or at several. */
export function planFailureWords(failure: WholeFailure, region: 'us' | 'uk', at?: AtBox): string {
	const t = terms[region];
	switch (failure.code) {
		case 'wish':
			return wishRefusalWords(failure.refusal, region);
		case 'notSoldHere':
		case 'planFails':
			return at ? workFailureWords(failure, at) : 'The model finds something wrong with this plan.';
		case 'boxTwice':
			return `This ${t.outlet} is in the job already.`;
		case 'besideLeftOut':
			return `Another device sits in the same box, its wires in reach of your hands: it comes out and is read dead as well. Take it into the job.`;
		case 'nothingPutIn':
			return 'It would only be taken out and put back. Say what is done in the same box, or leave it where it is.';
		case 'otherBreaker':
			return `It hangs on another ${t.breaker}: switched off for one it could stay live here. Make it a job of its own.`;
		case 'unknownBox':
			return `There is no ${t.outlet} by that name in this home.`;
		case 'noDevice':
		case 'notAnOutlet':
			return `There is no ${t.outlet} in this box to replace.`;
		case 'noCircuit':
			return `No cable is on record here, so nothing says which circuit it is on. Find its ${t.breaker} first, or put it on a circuit on the House page.`;
		case 'noGround':
			return `There is no ${t.ground} on this ${t.outlet}. What may replace it is a choice of its own, not a like-for-like swap.`;
		case 'nothingFitted':
			return `Nothing is fitted here yet. A new ${t.outlet} goes on the end of its cable: plan what goes in.`;
		case 'newBeside':
			return `Another device sits in the same box. A new ${t.outlet} beside one that is there isn’t led through here: have it done.`;
		case 'newOneCable':
			return `A new ${t.outlet} goes on the end of one cable, its wires capped. More of them, or none: put on record what comes to this box first.`;
		case 'newUngrounded':
			return region === 'uk'
				? 'No earth comes with this cable. No socket is added to it.'
				: 'No ground comes with this cable, and a circuit without one isn’t extended (NEC 250.130(C)): a ground is brought first, or a new cable, by an electrician.';
		case 'newNoResidual':
			return 'Nothing in the consumer unit opens at a leak on this circuit. A socket that is there may be changed; none is added before a 30 mA RCD guards it (BS 7671 411.3.3).';
		case 'newUnguarded':
			return `A new ${t.outlet} at this place has to be protected (${failure.asked.code} ${failure.asked.edition} ${failure.asked.clause}). ${region === 'uk' ? 'Find another place.' : 'Plan a GFCI here, or before it on the same cable.'}`;
		case 'groundUnused':
			return 'There is a ground in this box, and a two-slot outlet doesn’t use it. What belongs here is a grounded one (NEC 406.4(D)(1)): a choice of its own, not a like-for-like swap.';
		case 'nothingOnDevice':
			return `The record shows no ${t.hot} or ${t.neutral} on this ${t.outlet}.`;
		case 'brokenTabs':
			return (
				'One half here has its own switch or circuit: a bridge tab is broken off on the old part. It has to be broken off on the new one too, before any wire is on, and looked at. Fitted whole, a switched half would stay on for good, or two circuits would be joined. Plan it: the plan says where each wire goes, and the job leads through the tab. If you aren’t sure what feeds the half, ask a ' +
				`${t.handTo}.`
			);
		case 'sharedNeutral':
			return `Two ${t.breaker}s share a neutral here, and they don’t switch off together. Opened with one of them on, that neutral comes alive and puts the voltage of both circuits on what is plugged in. First have them made to open together (${region === 'uk' ? 'a double-pole device' : 'a two-pole breaker or a handle tie, NEC 210.4(B)'}), by a ${t.handTo}; record it on the House page; then begin here.`;
	}
}
