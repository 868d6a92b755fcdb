import { own, ownReadingFromOhm } from '../house';
import { deadBand, energyOf, inRange, isTwoPoint } from '../isolation';
import {
	amendment,
	earthProof,
	groundEarth,
	live,
	liveGround,
	pairReading,
	part,
	termination,
	testerProof,
	tools
} from './answers';
import { accept, refuse, type Decision, type JobContext } from './decision';
import type { Command } from './events';
import { judgeAlone } from './contrast';
import { autopsyFaults, judgeOhms, lowestOf, notShorted, ohmsInRange, sameLamps, soundLamps } from './judge';
import { nextStep, safeStopStep, type Step } from './steps';
import { judgeSupplyOhms, judgeSupplyVolts } from './supply';
import { asOf, isBare, type JobState } from './state';

/** Commands that lay hands on conductors or on a device with its terminals open. */
const touching: ReadonlySet<Command['kind']> = new Set([
	'takeOff',
	'terminate',
	'tug',
	'cap',
	'reopen',
	'readSupplyOhms',
	'readBaseline',
	'move'
]);
const touchingSteps: ReadonlySet<string> = new Set([
	'easeOut',
	'prepare',
	'unusedScrews',
	'tape',
	'fold',
	'tugAgain',
	'seat',
	'spreadEnds',
	'markSupply',
	'closeUp'
]);

/** Whether a command lays hands on conductors. */
export const touches = (command: Command): boolean =>
	touching.has(command.kind) || (command.kind === 'confirm' && touchingSteps.has(command.step));

/**
 * Accepts a command as an event's body, or refuses it with the reason. What is accepted is the next step, and the few things that may happen at
 * any time: something changed, a note, a reading taken again or put right, another conductor found, a stop made safely.
 */
export function decide(context: JobContext, before: JobState, command: Command): Decision {
	const state = context.at === undefined ? before : asOf(before, context.at);
	if (state.status !== 'underWay') return refuse({ code: 'over', status: state.status });
	if (touches(command) && energyOf(state.isolation) !== 'provenDead')
		return refuse({
			code: 'notProvenDead',
			energy: energyOf(state.isolation),
			next: nextStep(context.plan, state)
		});
	if (command.kind === 'switchBreaker' && !command.on) {
		const things = (own(context.plan.hard, command.breaker) ?? []).filter(
			({ id }) => !state.arranged.includes(id)
		);
		if (things.length > 0) return refuse({ code: 'arrangeFirst', breaker: command.breaker, things });
	}
	const beside = besideTheSteps(context, state, command);
	if (beside) return beside;
	const next = nextStep(context.plan, state);
	if (!next || !fits(next, command)) return refuse({ code: 'notNow', next });
	return atItsStep(context, state, next, command);
}

/** Whether a command is the one that a step asks for. */
function fits(step: Step, command: Command): boolean {
	switch (step.kind) {
		case 'switchOff':
			return (
				command.kind === 'switchBreaker' &&
				!command.on &&
				(step.also === null || step.also === command.breaker)
			);
		case 'needTester':
			return command.kind === 'checkTools' && command.tester !== 'none';
		case 'confirm':
			return command.kind === 'confirm' && command.step === step.step;
		case 'readLive':
		case 'readLiveGround':
		case 'readGroundEarth':
		case 'readPlug':
		case 'readOutlet':
		case 'grip':
			return command.kind === step.kind && command.half === step.half;
		case 'proveTester':
			return command.kind === 'proveTester' && command.when === step.when;
		case 'readPair':
			return command.kind === 'readPair' && command.pair === step.pair;
		case 'takeOff':
		case 'tug':
			return command.kind === step.kind && command.terminal === step.terminal;
		case 'terminate':
			return command.kind === 'terminate' && command.from === step.terminal;
		case 'move':
			return command.kind === 'move' && command.move === step.move;
		case 'checkWork':
			return command.kind === 'checkWork' && command.check === step.check;
		case 'readSupplyOhms':
		case 'readSupplyVolts':
		case 'touchSupply':
			return command.kind === step.kind && command.cable === step.cable;
		case 'readBaseline':
			return command.kind === 'readBaseline' && command.group === step.group;
		case 'readOhms':
			return command.kind === 'readOhms' && command.check === step.check;
		case 'checkNeighbour':
			return command.kind === 'checkNeighbour' && command.box === step.box;
		default:
			return command.kind === step.kind;
	}
}

function besideTheSteps(
	{ plan, find, expect }: JobContext,
	state: JobState,
	command: Command
): Decision | null {
	const { isolation } = state;
	switch (command.kind) {
		case 'note':
		case 'changed':
			return accept(command);
		case 'autopsy': {
			if (state.device === 'oldSeated' || state.device === 'oldOut') return null;
			const { hotNeutral, hotGround, through } = command.autopsy;
			const values = [hotNeutral, through, ...(hotGround ? [hotGround] : [])];
			if (!values.every(ohmsInRange)) return refuse({ code: 'outOfRange' });
			return accept(command, { passes: autopsyFaults(command.autopsy).length === 0, expected: null });
		}
		case 'switchBreaker':
			if (!plan.breakers.includes(command.breaker))
				return refuse({ code: 'unknownBreaker', breaker: command.breaker });
			// Off is always allowed: a further breaker beside the first, or all of it again when something seems wrong after all.
			if (!command.on)
				return isolation.power === 'off' || isolation.power === 'restored' ? accept(command) : null;
			if (!isolation.off.includes(command.breaker))
				return refuse({ code: 'notSwitchedOff', breaker: command.breaker });
			return state.device === 'oldSeated' ? accept(command) : refuse({ code: 'boxOpen' });
		case 'arranged': {
			const known = Object.values(plan.hard).some((things) => things.some(({ id }) => id === command.thing));
			if (!known) return refuse({ code: 'unknownThing', thing: command.thing });
			return state.arranged.includes(command.thing) ? null : accept(command);
		}
		case 'searchBy':
			return accept(command);
		case 'searched': {
			// A search touches nothing: breakers go off and on again, and one looks. Once the box is open that is no way to look any more.
			const named =
				command.event.kind === 'answer'
					? command.event.off
					: command.event.strongest
						? [command.event.strongest]
						: [];
			const unknown = named.find((id) => !plan.breakers.includes(id));
			if (unknown !== undefined) return refuse({ code: 'unknownBreaker', breaker: unknown });
			return nextStep(plan, state)?.kind === 'switchOff' && state.device === 'oldSeated'
				? accept(command)
				: null;
		}
		case 'readLive':
			return untouched(state) && state.live[command.half] ? live(command, state, expect) : null;
		case 'readLiveGround':
			return untouched(state) && state.earth !== 'untested' ? liveGround(command, expect) : null;
		case 'decideProtection':
			return untouched(state) && state.decided !== null ? accept(command) : null;
		case 'checkTools':
			return untouched(state) && state.tester !== null && command.tester === state.tester
				? tools(plan, command)
				: null;
		case 'checkPart':
			return untouched(state) && state.part !== null ? part(plan, state, command) : null;
		case 'readPair':
			return own(isolation.proof.pairs, command.pair) && inReach(state)
				? pairReading(command, state, expect)
				: null;
		case 'amendVolts':
			return amendment(command.of, command.reading, find, command);
		case 'foundConductor':
			if (isolation.closed) return null;
			return state.found.includes(command.id)
				? refuse({ code: 'conductorKnown', id: command.id })
				: accept(command);
		case 'lookOver':
			return state.lookedOver && nothingTakenOff(state) ? accept(command) : null;
		case 'inspect':
			return state.inspected && nothingTakenOff(state) ? accept(command) : null;
		case 'cap':
			return Object.values(state.wires).some(isBare) ? accept(command) : null;
		case 'confirm': {
			// Whatever a stop still asks for may be done on the way to it.
			const way = safeStopStep(state);
			return way.kind === 'confirm' && way.step === command.step ? accept(command) : null;
		}
		case 'stop': {
			const way = safeStopStep(state);
			return way.kind === 'stop' ? accept(command) : refuse({ code: 'makeSafeFirst', next: way });
		}
		default:
			return null;
	}
}

/** Before anything was switched off, what was checked and read at the start can be done again. */
const untouched = (state: JobState): boolean =>
	state.device === 'oldSeated' && state.isolation.power === 'asFound';

/** While everything still sits as it was found, what was seen of it can be put right. */
const nothingTakenOff = (state: JobState): boolean =>
	state.device === 'oldOut' && Object.values(state.wires).every((wire) => wire === 'onOld');

/** Whether the proof in hand can be read from where the device is now. */
const inReach = ({ isolation }: JobState): boolean =>
	isolation.power === 'off' &&
	isolation.hold !== null &&
	isolation.doubt?.until !== 'panel' &&
	isolation.proof.before !== null &&
	isolation.closed === (isolation.proof.scope === 'face');

function atItsStep(context: JobContext, state: JobState, next: Step, command: Command): Decision {
	const { plan, expect } = context;
	switch (command.kind) {
		case 'checkTools':
			return tools(plan, command);
		case 'checkPart':
			return part(plan, state, command);
		case 'readLive':
			return live(command, state, expect);
		case 'readLiveGround':
			return liveGround(command, expect);
		case 'readGroundEarth':
			return groundEarth(command, state);
		case 'proveEarth':
			return earthProof(command, expect);
		case 'proveTester':
			return testerProof(command, expect);
		case 'readPair':
			return pairReading(command, state, expect);
		case 'terminate':
			return termination(plan, state, command);
		case 'tug':
		case 'move':
			return accept(command, { passes: command.held, expected: null });
		case 'checkWork':
			return accept(command, { passes: command.passes, expected: null });
		case 'supplyWay':
			// Where the work depends on which cable it is, it is found, never left.
			return plan.work && command.way === 'skip' ? refuse({ code: 'supplyNeeded' }) : accept(command);
		case 'readOhms': {
			if (!ohmsInRange(command.value)) return refuse({ code: 'outOfRange' });
			const resistanceOhm = expect.resistanceOhm(command.check);
			const { passes } = judgeOhms(
				command.check,
				command.value,
				resistanceOhm,
				plan.procedure >= 2 ? lowestOf(state.baseline) : null,
				ownReadingFromOhm(plan.newDevice)
			);
			return accept(command, { passes, expected: { resistanceOhm } });
		}
		case 'readBaseline': {
			if (!ohmsInRange(command.value)) return refuse({ code: 'outOfRange' });
			const resistanceOhm = expect.baselineOhm(command.group);
			return accept(command, { passes: notShorted(command.value), expected: { resistanceOhm } });
		}
		case 'touchSupply':
			return accept(command);
		case 'readSupplyOhms': {
			if (!ohmsInRange(command.value)) return refuse({ code: 'outOfRange' });
			const resistanceOhm = expect.supplyOhm('supply');
			const cable =
				plan.procedure >= 2
					? judgeAlone(command.value, resistanceOhm)
					: judgeSupplyOhms(command.value, resistanceOhm);
			return accept(command, { passes: cable !== 'odd', cable, expected: { resistanceOhm } });
		}
		case 'readSupplyVolts': {
			const { hotNeutral, hotGround } = command;
			if (!isTwoPoint(hotNeutral) || !isTwoPoint(hotGround)) return refuse({ code: 'lampProvesNothing' });
			if (!inRange(hotNeutral) || !inRange(hotGround)) return refuse({ code: 'outOfRange' });
			const cable = judgeSupplyVolts(hotNeutral, hotGround);
			return accept(command, {
				passes: cable !== 'odd',
				cable,
				expected: { volts: expect.supplyV('supply') }
			});
		}
		case 'restorePower':
			return accept(command, { passes: command.held, expected: null });
		case 'readPlug': {
			if (command.volts && !inRange(command.volts)) return refuse({ code: 'outOfRange' });
			const lamps = expect.lamps(command.half);
			// Both: as the model says, and as it should be; were the record itself wrong, the same wrong lamps would not pass.
			return accept(command, {
				passes: sameLamps(command.lamps, lamps) && sameLamps(command.lamps, soundLamps),
				expected: { lamps }
			});
		}
		case 'readOutlet': {
			const { hotNeutral, neutralEarth } = command;
			if (!isTwoPoint(hotNeutral) || !isTwoPoint(neutralEarth)) return refuse({ code: 'lampProvesNothing' });
			if (!inRange(hotNeutral) || !inRange(neutralEarth)) return refuse({ code: 'outOfRange' });
			const passes = deadBand(hotNeutral) === 'live' && deadBand(neutralEarth) === 'dead';
			return accept(command, { passes, expected: { volts: expect.liveV(command.half) } });
		}
		case 'checkNeighbour':
			return accept(command, { passes: command.works, expected: null });
		case 'grip':
			return accept(command, { passes: command.holds, expected: null });
		default:
			return next ? accept(command) : refuse({ code: 'notNow', next });
	}
}
