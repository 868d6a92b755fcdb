import { energyOf, pairsLeft } from '../isolation';
import { own } from '../house';
import type { JobPlan } from './jobPlan';
import { steps, type Step } from './steps';
import { checksNow } from './steps/readOhms';
import { nothingSeen } from './steps/seeControlled';
import type { Confirmed } from './vocabulary';
import { isOn, nothingTakenOff } from './progress';
import { isBare, mustStop, supplyPending, type JobState } from './state';
import { nextOfContrast, nextOnLine } from './contrast';
import { handMoves, isApart, resetFirst, wayNow } from './work';
import type { Move } from '../wiring';

const confirm = (step: Confirmed): Step => ({ kind: 'confirm', step });

/**
 * The next step, from the state alone; `null` when the job is over. Whatever needs dead conductors is reached only through the steps that
 * prove them dead, however the proof was lost.
 */
export function nextStep(plan: JobPlan, state: JobState): Step | null {
	if (last?.state !== state || last.plan !== plan) last = { plan, state, step: workOut(plan, state) };
	return last.step;
}

/** The same state is asked for its step many times in a row, and never changes: the answer is kept until another one asks. */
let last: { readonly plan: JobPlan; readonly state: JobState; readonly step: Step | null } | null = null;

function workOut(plan: JobPlan, state: JobState): Step | null {
	if (state.status !== 'underWay') return null;
	if (mustStop(state) !== null) return safeStopStep(plan, state);
	const opened = state.device !== 'oldSeated';
	if (!opened) {
		const first = beforeOpening(plan, state);
		// Taken in while power was off: it waits until it can be read live, like every other.
		if (first) return state.late && !isOn(state) ? null : first;
	}
	if (state.isolation.power === 'restored' && state.device === 'none') return liveSupplyStep(plan, state);
	if (state.isolation.power === 'restored' && opened && state.redo === null)
		return afterPowerStep(plan, state);
	if (state.device === 'newSeated' && state.redo === null) return beforePowerStep(plan, state);
	if (state.isolation.power === 'restored' && state.device === 'newSeated') {
		const seen = seenLive(plan, state);
		if (seen) return seen;
	}
	const isolation = isolationStep(plan, state);
	if (isolation) return isolation;
	switch (state.device) {
		case 'oldSeated':
			return plan.separatePlate && state.plate === 'on' ? confirm('plateOff') : confirm('easeOut');
		case 'newSeated':
			return { kind: 'reopen' };
		case 'oldOut':
			return plan.putBack ? putBackStep(plan, state) : oldOutStep(plan, state);
		case 'none':
		case 'newOut':
			if (plan.putBack) return putBackStep(plan, state);
			return workStep(plan, state);
	}
}

/** A part of the order: whichever of these is due first. */
type Due = (plan: JobPlan, state: JobState) => Step | null;
const firstOf =
	(...parts: readonly Due[]): Due =>
	(plan, state) => {
		for (const due of parts) {
			const step = due(plan, state);
			if (step) return step;
		}
		return null;
	};
const unless =
	(isDone: (state: JobState, plan: JobPlan) => boolean, step: Step): Due =>
	(plan, state) =>
		isDone(state, plan) ? null : step;
/** While the breakers are as they were found, or have still to be on for an outlet that was taken in late. */
const whileOn =
	(due: Due): Due =>
	(plan, state) =>
		state.late || state.isolation.power === 'asFound' ? due(plan, state) : null;

const beforeOpening = firstOf(
	unless(({ cautions }) => cautions, confirm('cautions')),
	steps.decideProtection.due!,
	steps.checkTools.due!,
	steps.checkPart.due!,
	steps.readLive.due!,
	whileOn(steps.readPlateScrew.due!),
	whileOn(steps.readLiveGround.due!),
	// The known earth is shown to be one while there is power to show it with, and what is here is read to it.
	whileOn(steps.proveEarth.due!),
	whileOn(steps.readGroundEarth.due!),
	whileOn(steps.seeControlled.due!),
	whileOn(steps.readAsFound.due!)
);

const switchOff = (also: string | null = null): Step => ({ kind: 'switchOff', also });

/**
 * Before a box that failed its test is made dead again: its new face is seen lit. A part that has tripped, or a hot that is open in it, is dark in front of wires that are
 * alive, and dark before and after shows nothing. Where it stays dark something else stands for it.
 */
function seenLive(plan: JobPlan, state: JobState): Step | null {
	const { face, unseen } = state;
	// One that switches something is looked at there, and found dark it is all switched off.
	if (plan.controls !== null) return steps.seeControlled.due!(plan, state);
	// One half that is lit stands for the other.
	if (Object.values(face).includes('live')) return null;
	const unread = plan.newHalves.find((half) => face[half] === undefined);
	if (unread !== undefined)
		return plan.newGrounded ? { kind: 'readPlug', half: unread } : { kind: 'readOutlet', half: unread };
	const dark = plan.newHalves.find((half) => !unseen.includes(half));
	return dark !== undefined && unseen.length === 0 ? { kind: 'deadFromStart', half: dark } : null;
}

/** A breaker that must be off with the others and isn't yet. */
const togetherLeft = (
	plan: JobPlan,
	{ isolation, live, notLive, witness, redo, provenWith, face, device, supply, controlled }: JobState
): string | undefined => {
	const { together, mainSwitch } = plan;
	const also = together.find(
		({ breaker }) => !isolation.off.includes(breaker) && !isolation.notFeeding.includes(breaker)
	);
	if (also) return also.breaker;
	// What was off when these conductors were proven dead is off again, whatever else is.
	const shut = device === 'newSeated';
	const again =
		shut || supply.trial?.inWall === true ? provenWith.find((id) => !isolation.off.includes(id)) : undefined;
	if (again !== undefined) return again;
	// Nothing could be shown live, and nothing is watched: then only all of it off is off.
	const fromStart = notLive.length > 0 && !Object.values(live).includes('passed');
	if (plan.controls !== null)
		return nothingSeen(plan, { controlled }) && !isolation.off.includes(mainSwitch) ? mainSwitch : undefined;
	const lapsed = energyOf(isolation) !== 'provenDead' && redo !== 'tripped';
	const since = lapsed && !Object.values(face).includes('live');
	const unseen = witness === null && (shut ? since : fromStart);
	return unseen && !isolation.off.includes(mainSwitch) ? mainSwitch : undefined;
};

/** Whose current comes through a neutral can't be told from here: all of it off is surest. */
const borrowedFrom = ({ mainSwitch }: JobPlan, { isolation }: JobState): string | null =>
	isolation.off.includes(mainSwitch) ? null : mainSwitch;

/** What is missing on the way to `provenDead`; `null` when it is reached. */
function isolationStep(plan: JobPlan, state: JobState): Step | null {
	const { isolation } = state;
	if (isolation.power === 'off') {
		const also = togetherLeft(plan, state);
		if (also !== undefined) return switchOff(also);
	}
	if (energyOf(isolation) === 'provenDead') return null;
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel')
		return switchOff(isolation.doubt?.reason === 'borrowedNeutral' ? borrowedFrom(plan, state) : null);
	if (isolation.hold === null) return { kind: 'hold' };
	if (!state.tagged) return confirm('tag');
	if (!state.told) return confirm('tell');
	if (state.supply.trial?.inWall === true) return confirm('trialOut');
	const watched = steps.readWitness.due!(plan, state) ?? steps.seeControlled.due!(plan, state);
	if (watched) return watched;
	// Nothing bare comes into reach by taking the plate off, so that far one may go without a tester. No further.
	if (state.tester === 'none')
		return plan.separatePlate && state.plate === 'on' ? confirm('plateOff') : { kind: 'needTester' };
	// No face to prove it at: nothing behind it is touched before its terminals are read. A tester that turned out to have failed is proved first: nothing is eased out in doubt.
	if (plan.controls !== null && isolation.closed && isolation.doubt?.until !== 'proof')
		return plan.separatePlate && state.plate === 'on' ? confirm('plateOff') : confirm('easeForward');
	// What is behind the face is counted and compared before anything of it is read: what nobody counted would be in nobody's proof.
	const look = state.device === 'oldOut' && nothingTakenOff(state) ? steps.lookOver.due!(plan, state) : null;
	if (look) return look;
	if (isolation.proof.before === null || isolation.doubt?.until === 'proof')
		return { kind: 'proveTester', when: 'before' };
	const unproven = steps.proveEarth.due!(plan, state);
	if (unproven) return unproven;
	const pair = pairsLeft(isolation)[0];
	if (pair !== undefined)
		return { kind: 'readPair', pair, lowImpedance: own(isolation.proof.pairs, pair)?.band === 'unresolved' };
	return { kind: 'proveTester', when: 'after' };
}

const oldOutStep = firstOf(
	steps.lookOver.due!,
	steps.inspect.due!,
	// A new part in place of one that failed its grip test is checked before anything comes off for it.
	(plan, state) => (state.part !== 'fits' || !ratingFits(plan, state) ? { kind: 'checkPart' } : null),
	(plan, { sheath }) => (plan.newWork && !sheath ? confirm('openSheath') : null),
	steps.takeOff.due!
);

/** Another breaker may turn out to feed it, and ask for another rating. */
function ratingFits(plan: JobPlan, { partRatingA, feeder }: JobState): boolean {
	if (partRatingA === null || feeder === null) return true;
	return own(plan.fittingRatingsA, feeder)?.includes(partRatingA) ?? true;
}

const isReady = (state: JobState): boolean => Object.values(state.wires).includes('ready');
const nothingMade = (state: JobState): boolean => state.device === 'none' && !isReady(state);
/** Ends that are off or capped are made ready before anything is put on. */
const prepare: Due = unless(
	({ wires }) => !Object.values(wires).some((each) => each === 'off' || each === 'capped'),
	confirm('prepare')
);
/** Back into the box. */
const seating = firstOf(
	unless(
		({ metalBox, closing }, { separatePlate }) => !metalBox || !separatePlate || closing.tape,
		confirm('tape')
	),
	unless(({ closing }) => closing.fold, confirm('fold')),
	unless(({ closing }) => closing.tugAgain, confirm('tugAgain')),
	() => confirm('seat')
);

/** Nothing is done to it but look: back with the others, as it was. */
const putBackStep = firstOf(
	(plan, state) => (state.device === 'oldOut' ? steps.lookOver.due!(plan, state) : null),
	(plan, state) => (state.device === 'oldOut' ? steps.inspect.due!(plan, state) : null),
	unless(({ closing }) => closing.fold, confirm('fold')),
	unless(({ closing }) => closing.tugAgain, confirm('tugAgain')),
	() => confirm('seat')
);

/** What the work asks next: connectors off, the supply found where it matters, ends made ready, then move by move. */
const workStep = firstOf(
	// What comes to the old part is read before connectors are undone and its tails put aside.
	(plan, state) =>
		nothingMade(state) ? (steps.readBaseline.due!(plan, state) ?? steps.readEnds.due!(plan, state)) : null,
	(plan, state) => (nothingMade(state) ? moveStep(movesLeft(plan, state).find(isApart), state) : null),
	(plan, state) => (nothingMade(state) && supplyPending(plan, state) ? supplyStep(plan, state) : null),
	prepare,
	steps.checkPart.due!,
	(plan, state) => moveStep(movesLeft(plan, state)[0], state),
	seating
);

const movesLeft = ({ work }: JobPlan, state: JobState): readonly Move[] =>
	handMoves(wayNow(work!, state)).filter(({ id }) => state.moved[id] !== 'done');
const moveStep = (move: Move | undefined, { moved }: JobState): Step | null =>
	move === undefined ? null : { kind: 'move', move: move.id, again: moved[move.id] === 'loose' };

/** All wires off and proven dead: which cable is the supply, dead way first. */
function supplyStep(plan: JobPlan, { supply, wires, isolation }: JobState): Step {
	if (supply.way === 'device') return trialStep(plan, supply, wires, isolation);
	if (supply.outcome === 'found') return confirm('markSupply');
	if (supply.way === null || supply.outcome === 'silent')
		return { kind: 'supplyWay', silent: supply.outcome === 'silent' };
	if (supply.way === 'dead') return nextOfContrast(plan, supply)!;
	// Alive: only with every end capped and apart, and everybody clear.
	if (Object.values(wires).some(isBare)) return { kind: 'cap' };
	if (!supply.spread) return confirm('spreadEnds');
	return isolation.areaClear ? { kind: 'restorePower' } : confirm('clearArea');
}

/** One cable after the other alone on LINE of the new part, in a closed box: no live end is ever in reach. Proven dead here. */
function trialStep(
	plan: JobPlan,
	supply: JobState['supply'],
	wires: JobState['wires'],
	isolation: JobState['isolation']
): Step {
	const { trial } = supply;
	const turn = nextOnLine(plan, supply);
	if (trial !== null && trial.cable !== turn) return confirm('trialOff');
	if (supply.outcome === 'found') return confirm('markSupply');
	if (turn === null) return { kind: 'supplyWay', silent: true };
	if (Object.values(wires).some(isBare)) return { kind: 'cap' };
	if (trial?.inWall !== true) return confirm('trialIn');
	return isolation.areaClear ? { kind: 'restorePower' } : confirm('clearArea');
}

/** Power on for the supply cable: readings at arm's length until it is known, then off again. */
function liveSupplyStep(plan: JobPlan, { supply, isolation }: JobState): Step {
	// A conductor that came to light meanwhile is nobody’s to stand beside: off first.
	const goesOn = supply.outcome === null && isolation.areaClear && isolation.doubt === null;
	return (goesOn ? nextOfContrast(plan, supply) : null) ?? switchOff();
}

function beforePowerStep(plan: JobPlan, state: JobState): Step {
	// Whatever undid the isolation is put right first: nobody stands at an outlet that may be live and calls it dead.
	const { isolation } = state;
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel') return switchOff();
	if (isolation.hold === null) return { kind: 'hold' };
	const failed = checksNow(plan, state).some((check) => state.resistance[check] === 'failed');
	if (failed) return isolationStep(plan, state) ?? { kind: 'reopen' };
	const check = steps.readOhms.due!(plan, state);
	if (check) return check;
	return isolation.areaClear ? { kind: 'restorePower' } : confirm('clearArea');
}

const afterPowerStep = firstOf(
	unless(({ checks }, plan) => plan.work === null || !resetFirst(plan) || checks.reset !== undefined, {
		kind: 'checkWork',
		check: 'reset'
	}),
	steps.readPlug.due!,
	steps.readOutlet.due!,
	steps.seeControlled.due!,
	steps.checkWork.due!,
	steps.readLoaded.due!,
	steps.checkNeighbour.due!,
	steps.grip.due!,
	unless(({ plate }, { separatePlate }) => !separatePlate || plate === 'on', confirm('plateOn')),
	steps.fixLabel.due!,
	unless(({ nothingLeft }) => nothingLeft, confirm('nothingLeft')),
	steps.tidyDirectory.due!,
	steps.finish.due!
);

/**
 * On the way to a stop: power off, held and tagged wherever the box has been opened; bare ends capped, everything folded back and the box covered where
 * that can be done safely. What isn't proven dead is left as it is.
 */
export function safeStopStep(plan: JobPlan, state: JobState): Step {
	if (lastStop?.state !== state || lastStop.plan !== plan)
		lastStop = { plan, state, step: towardsStop(plan, state) };
	return lastStop.step;
}

/** Asked for many commands in a row of one state, like the next step. */
let lastStop: { readonly plan: JobPlan; readonly state: JobState; readonly step: Step } | null = null;

function towardsStop({ mainSwitch }: JobPlan, state: JobState): Step {
	const { isolation } = state;
	// What makes metal alive doesn’t stay on behind somebody who leaves.
	const untouched = state.device === 'oldSeated' && isolation.power !== 'tripped';
	const alive = state.stops.ground === 'liveGround' || state.stops.supply === 'supplyOff';
	if (untouched && !alive) return { kind: 'stop' };
	// Where the supply itself is wrong, all of the house hangs on it.
	if (state.stops.supply === 'supplyOff' && !isolation.off.includes(mainSwitch)) return switchOff(mainSwitch);
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel') return switchOff();
	if (isolation.hold === null) return { kind: 'hold' };
	if (!state.tagged) return confirm('tag');
	if (energyOf(isolation) !== 'provenDead') return { kind: 'stop' };
	if (Object.values(state.wires).some(isBare)) return { kind: 'cap' };
	const open = state.device !== 'oldSeated' && state.device !== 'newSeated' && !state.closedUp;
	return open ? confirm('closeUp') : { kind: 'stop' };
}
