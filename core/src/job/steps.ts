import { energyOf, pairsLeft } from '../isolation';
import { own, type Half } from '../house';
import type { Confirmed } from './events';
import type { JobPlan, ResistanceCheck } from './plan';
import { isBare, mustStop, supplyPending, type JobState } from './state';
import { nextOfContrast } from './contrast';
import { nextSupplyCable } from './supply';
import { checkId, handMoves, isApart, resetFirst, wayNow, type Work } from './work';
import type { Move } from '../wiring';

/** One thing to do next. */
export type Step =
	| { readonly kind: 'confirm'; readonly step: Confirmed }
	| { readonly kind: 'decideProtection' }
	| { readonly kind: 'checkTools' }
	| { readonly kind: 'checkPart' }
	| { readonly kind: 'readLive'; readonly half: Half }
	| { readonly kind: 'readLiveGround'; readonly half: Half }
	| { readonly kind: 'readGroundEarth'; readonly half: Half; readonly lowImpedance: boolean }
	/** A breaker that has to be off as well; `null`: the one that feeds it, whichever that is. */
	| { readonly kind: 'switchOff'; readonly also: string | null }
	| { readonly kind: 'needTester' }
	| { readonly kind: 'proveEarth' }
	| { readonly kind: 'hold' }
	| { readonly kind: 'proveTester'; readonly when: 'before' | 'after' }
	| { readonly kind: 'readPair'; readonly pair: string; readonly lowImpedance: boolean }
	| { readonly kind: 'lookOver' }
	| { readonly kind: 'inspect' }
	| { readonly kind: 'supplyWay'; readonly silent: boolean }
	| { readonly kind: 'readSupplyOhms'; readonly cable: string }
	| { readonly kind: 'readSupplyVolts'; readonly cable: string }
	| { readonly kind: 'touchSupply'; readonly cable: string }
	| { readonly kind: 'readBaseline'; readonly group: string }
	| { readonly kind: 'takeOff'; readonly terminal: string }
	| { readonly kind: 'terminate'; readonly terminal: string }
	| { readonly kind: 'tug'; readonly terminal: string }
	| { readonly kind: 'move'; readonly move: string; readonly again: boolean }
	| { readonly kind: 'checkWork'; readonly check: string }
	| { readonly kind: 'reopen' }
	| { readonly kind: 'readOhms'; readonly check: ResistanceCheck }
	| { readonly kind: 'restorePower' }
	| { readonly kind: 'readPlug'; readonly half: Half }
	| { readonly kind: 'readOutlet'; readonly half: Half }
	| { readonly kind: 'checkNeighbour'; readonly box: string }
	| { readonly kind: 'grip'; readonly half: Half }
	| { readonly kind: 'tidyDirectory' }
	| { readonly kind: 'finish' }
	/** Nothing goes on but making safe: `cap` first where ends are bare. */
	| { readonly kind: 'cap' }
	| { readonly kind: 'stop' };

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
	if (mustStop(state) !== null) return safeStopStep(state);
	const opened = state.device !== 'oldSeated';
	if (!opened) {
		const first = beforeOpening(plan, state);
		if (first) return first;
	}
	if (state.isolation.power === 'restored' && state.device === 'none') return liveSupplyStep(plan, state);
	if (state.isolation.power === 'restored' && state.redo === null) return afterPowerStep(plan, state);
	if (state.device === 'newSeated' && state.redo === null) return beforePowerStep(plan, state);
	const isolation = isolationStep(plan, state);
	if (isolation) return isolation;
	switch (state.device) {
		case 'oldSeated':
			return plan.separatePlate && state.plate === 'on' ? confirm('plateOff') : confirm('easeOut');
		case 'newSeated':
			return { kind: 'reopen' };
		case 'oldOut':
			return oldOutStep(plan, state);
		case 'none':
		case 'newOut':
			return terminatingStep(plan, state);
	}
}

function beforeOpening(plan: JobPlan, state: JobState): Step | null {
	if (!state.cautions) return confirm('cautions');
	if (plan.asked && state.decided === null) return { kind: 'decideProtection' };
	if (state.tester === null) return { kind: 'checkTools' };
	if (state.part !== 'fits') return { kind: 'checkPart' };
	const half = plan.halves.find((each) => state.live[each] !== 'passed');
	if (half) return { kind: 'readLive', half };
	if (state.isolation.power !== 'asFound') return null;
	if (state.earth === 'untested') return { kind: 'readLiveGround', half: plan.halves[0]! };
	return alarmStep(state);
}

/** Power still on: an alarm at the ground is settled by reading it to an earth that is known. */
function alarmStep({ groundAlarm, earth }: JobState): Step | null {
	if (groundAlarm === null || groundAlarm.settled) return null;
	if (typeof earth === 'object' && earth.source === null) return { kind: 'proveEarth' };
	return { kind: 'readGroundEarth', half: groundAlarm.half, lowImpedance: groundAlarm.lowImpedance };
}

const switchOff = (also: string | null = null): Step => ({ kind: 'switchOff', also });

/** A breaker that must be off with the others and isn't yet. */
const togetherLeft = ({ together }: JobPlan, { isolation }: JobState): string | undefined =>
	together.find(({ breaker }) => !isolation.off.includes(breaker) && !isolation.notFeeding.includes(breaker))
		?.breaker;

/** What is missing on the way to `provenDead`; `null` when it is reached. */
function isolationStep(plan: JobPlan, state: JobState): Step | null {
	const { isolation } = state;
	if (isolation.power === 'off') {
		const also = togetherLeft(plan, state);
		if (also !== undefined) return switchOff(also);
	}
	if (energyOf(isolation) === 'provenDead') return null;
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel') return switchOff();
	if (isolation.hold === null) return { kind: 'hold' };
	if (!state.tagged) return confirm('tag');
	if (!state.told) return confirm('tell');
	// Nothing bare comes into reach by taking the plate off, so that far one may go without a tester. No further.
	if (state.tester === 'none')
		return plan.separatePlate && state.plate === 'on' ? confirm('plateOff') : { kind: 'needTester' };
	if (isolation.proof.before === null || isolation.doubt?.until === 'proof')
		return { kind: 'proveTester', when: 'before' };
	if (typeof state.earth === 'object' && state.earth.source === null) return { kind: 'proveEarth' };
	const pair = pairsLeft(isolation)[0];
	if (pair !== undefined)
		return { kind: 'readPair', pair, lowImpedance: own(isolation.proof.pairs, pair)?.band === 'unresolved' };
	return { kind: 'proveTester', when: 'after' };
}

function oldOutStep(plan: JobPlan, state: JobState): Step {
	if (!state.lookedOver) return { kind: 'lookOver' };
	if (!state.inspected) return { kind: 'inspect' };
	// A new part in place of one that failed its grip test is checked before anything comes off for it.
	if (state.part !== 'fits' || !ratingFits(plan, state)) return { kind: 'checkPart' };
	const landing = plan.takeOff.find(({ terminal }) => state.wires[terminal] === 'onOld');
	return { kind: 'takeOff', terminal: landing!.terminal };
}

/** Another breaker may turn out to feed it, and ask for another rating. */
function ratingFits(plan: JobPlan, { partRatingA, feeder }: JobState): boolean {
	if (plan.procedure < 2 || partRatingA === null || feeder === null) return true;
	return own(plan.fittingRatingsA, feeder)?.includes(partRatingA) ?? true;
}

function terminatingStep(plan: JobPlan, state: JobState): Step {
	if (plan.work) return workStep(plan, plan.work, state);
	const wire = (terminal: string) => state.wires[terminal]!;
	if (state.device === 'none' && supplyPending(plan, state) && !Object.values(state.wires).includes('ready'))
		return supplyStep(plan, state);
	const base = plan.baselines.find(({ group }) => own(state.baseline, group) === undefined);
	if (base && state.device === 'none' && !Object.values(state.wires).includes('ready'))
		return { kind: 'readBaseline', group: base.group };
	if (Object.values(state.wires).some((each) => each === 'off' || each === 'capped'))
		return confirm('prepare');
	const loose = plan.putOn.find(({ terminal }) => wire(terminal) === 'onNew');
	if (loose) return { kind: 'tug', terminal: loose.terminal };
	const next = plan.putOn.find(({ terminal }) => wire(terminal) === 'ready');
	if (next) return { kind: 'terminate', terminal: next.terminal };
	if (plan.unusedTerminals.length > 0 && !state.closing.unusedScrews) return confirm('unusedScrews');
	if (state.metalBox && plan.separatePlate && !state.closing.tape) return confirm('tape');
	if (!state.closing.fold) return confirm('fold');
	if (!state.closing.tugAgain) return confirm('tugAgain');
	return confirm('seat');
}

/** What the work asks next: connectors off, the supply found where it matters, ends made ready, then move by move. */
function workStep(plan: JobPlan, work: Work, state: JobState): Step {
	const way = wayNow(work, state.supply.found);
	const left = handMoves(way).filter(({ id }) => state.moved[id] !== 'done');
	const step = ({ id }: Move): Step => ({ kind: 'move', move: id, again: state.moved[id] === 'loose' });
	const untouched = !Object.values(state.wires).includes('ready') && state.device === 'none';
	// What comes to the old part is read before connectors are undone and its tails put aside.
	const base = plan.baselines.find(({ group }) => own(state.baseline, group) === undefined);
	if (base && untouched) return { kind: 'readBaseline', group: base.group };
	const apart = left.find(isApart);
	if (apart && untouched) return step(apart);
	if (untouched && supplyPending(plan, state)) return supplyStep(plan, state);
	if (Object.values(state.wires).some((each) => each === 'off' || each === 'capped'))
		return confirm('prepare');
	if (state.part !== 'fits') return { kind: 'checkPart' };
	if (left[0]) return step(left[0]);
	if (state.metalBox && plan.separatePlate && !state.closing.tape) return confirm('tape');
	if (!state.closing.fold) return confirm('fold');
	if (!state.closing.tugAgain) return confirm('tugAgain');
	return confirm('seat');
}

/** All wires off and proven dead: which cable is the supply, dead way first. */
function supplyStep(plan: JobPlan, { supply, wires, isolation }: JobState): Step {
	if (supply.outcome === 'found') return confirm('markSupply');
	if (supply.way === null || supply.outcome === 'silent')
		return { kind: 'supplyWay', silent: supply.outcome === 'silent' };
	if (supply.way === 'dead')
		return plan.procedure >= 2
			? nextOfContrast(plan, supply)!
			: { kind: 'readSupplyOhms', cable: nextSupplyCable(plan, 'dead', supply.verdicts)! };
	// Alive: only with every end capped and apart, and everybody clear.
	if (Object.values(wires).some(isBare)) return { kind: 'cap' };
	if (!supply.spread) return confirm('spreadEnds');
	return isolation.areaClear ? { kind: 'restorePower' } : confirm('clearArea');
}

/** Power on for the supply cable: readings at arm's length until it is known, then off again. */
function liveSupplyStep(plan: JobPlan, { supply, isolation }: JobState): Step {
	// A conductor that came to light meanwhile is nobody’s to stand beside: off first.
	const goesOn = supply.outcome === null && isolation.areaClear && isolation.doubt === null;
	if (goesOn && plan.procedure >= 2) return nextOfContrast(plan, supply) ?? switchOff();
	const cable = goesOn ? nextSupplyCable(plan, 'live', supply.verdicts) : null;
	return cable === null ? switchOff() : { kind: 'readSupplyVolts', cable };
}

/** Ground to the box is asked of a metal one. */
export const checksNow = (
	{ resistanceChecks, grounded }: JobPlan,
	{ metalBox }: JobState
): ResistanceCheck[] => [
	...resistanceChecks.filter((check) => check !== 'groundBox'),
	...(metalBox && grounded ? (['groundBox'] as const) : [])
];

function beforePowerStep(plan: JobPlan, state: JobState): Step {
	// Whatever undid the isolation is put right first: nobody stands at an outlet that may be live and calls it dead.
	const { isolation } = state;
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel') return switchOff();
	if (isolation.hold === null) return { kind: 'hold' };
	const checks = checksNow(plan, state);
	const failed = checks.some((check) => state.resistance[check] === 'failed');
	if (failed) return isolationStep(plan, state) ?? { kind: 'reopen' };
	const check = checks.find((each) => state.resistance[each] === undefined);
	if (check) return { kind: 'readOhms', check };
	return isolation.areaClear ? { kind: 'restorePower' } : confirm('clearArea');
}

function afterPowerStep(plan: JobPlan, state: JobState): Step {
	const unset = plan.work !== null && resetFirst(plan) && state.checks.reset === undefined;
	if (unset) return { kind: 'checkWork', check: 'reset' };
	const half = plan.newHalves.find((each) => state.final[each] === undefined);
	if (half) return { kind: plan.grounded ? 'readPlug' : 'readOutlet', half };
	const check = plan.work?.checks.map(checkId).find((each) => state.checks[each] === undefined);
	if (check !== undefined) return { kind: 'checkWork', check };
	const box = [...plan.downstream, ...plan.upstream].find(
		(each) => own(state.neighbours, each) === undefined
	);
	if (box !== undefined) return { kind: 'checkNeighbour', box };
	const loose = plan.newHalves.find((each) => state.grip[each] === undefined);
	if (loose) return { kind: 'grip', half: loose };
	if (plan.separatePlate && state.plate === 'off') return confirm('plateOn');
	if (!state.nothingLeft) return confirm('nothingLeft');
	return state.directory === null ? { kind: 'tidyDirectory' } : { kind: 'finish' };
}

/**
 * On the way to a stop: power off, held and tagged wherever the box has been opened; bare ends capped, everything folded back and the box covered where
 * that can be done safely. What isn't proven dead is left as it is.
 */
export function safeStopStep(state: JobState): Step {
	if (lastStop?.state !== state) lastStop = { state, step: towardsStop(state) };
	return lastStop.step;
}

/** Asked for many commands in a row of one state, like the next step. */
let lastStop: { readonly state: JobState; readonly step: Step } | null = null;

function towardsStop(state: JobState): Step {
	const { isolation } = state;
	if (state.device === 'oldSeated' && isolation.power !== 'tripped') return { kind: 'stop' };
	if (isolation.power !== 'off' || isolation.doubt?.until === 'panel') return switchOff();
	if (isolation.hold === null) return { kind: 'hold' };
	if (!state.tagged) return confirm('tag');
	if (energyOf(isolation) !== 'provenDead') return { kind: 'stop' };
	if (Object.values(state.wires).some(isBare)) return { kind: 'cap' };
	const open = state.device !== 'oldSeated' && state.device !== 'newSeated' && !state.closedUp;
	return open ? confirm('closeUp') : { kind: 'stop' };
}
