import { own } from '../house';
import { energyOf } from '../isolation';
import { accept, refuse, type Decision, type JobContext } from './decision';
import type { Command } from './events';
import { nextStep, safeStopStep } from './order';
import { asOf, type JobState } from './state';
import { moduleFor, moduleOf, type Step } from './steps';
import type { Deciding } from './steps/module';

/** Whether a command lays hands on conductors. */
export function touches(command: Command): boolean {
	const { touches: hands = false } = moduleFor(command);
	return typeof hands === 'function' ? hands(command) : hands;
}

/**
 * Accepts a command as an event's body, or refuses it with the reason. What is accepted is the next step, and the few things that may happen at
 * any time: something changed, a note, a reading taken again or put right, another conductor found, a stop made safely.
 */
export function decide(context: JobContext, before: JobState, command: Command): Decision {
	const state = context.at === undefined ? before : asOf(before, context.at);
	if (lately?.context !== context || lately.state !== state) lately = new AtOneBox(context, state);
	return decideWith(lately, state, command);
}

/** A state is asked about many commands in a row. */
let lately: AtOneBox | null = null;

/** What one box’s commands are decided with: methods, so that nothing is copied. */
class AtOneBox implements Deciding {
	constructor(
		readonly context: JobContext,
		readonly state: JobState
	) {}
	get plan(): JobContext['plan'] {
		return this.context.plan;
	}
	get expect(): JobContext['expect'] {
		return this.context.expect;
	}
	get find(): JobContext['find'] {
		return this.context.find;
	}
	next(): Step | null {
		return nextStep(this.context.plan, this.state);
	}
	/** By itself one box has no house to plan on. */
	readonly planAnew = null;
	readonly landAt = null;
	readonly addBox = null;
	mayDrop(): boolean {
		return false;
	}
	towardsStop(): Step {
		return safeStopStep(this.state);
	}
}

/** The same with what comes next handed in: in a job at several boxes that isn't said by one of them. */
export function decideWith(context: Deciding, state: JobState, command: Command): Decision {
	const { plan } = context;
	if (state.status !== 'underWay') return refuse({ code: 'over', status: state.status });
	if (touches(command) && energyOf(state.isolation) !== 'provenDead')
		return refuse({ code: 'notProvenDead', energy: energyOf(state.isolation), next: context.next() });
	if (command.kind === 'switchBreaker' && !command.on) {
		const things = (own(plan.hard, command.breaker) ?? []).filter(({ id }) => !state.arranged.includes(id));
		if (things.length > 0) return refuse({ code: 'arrangeFirst', breaker: command.breaker, things });
	}
	const { beside, judge } = moduleFor(command);
	const decided = beside?.(context, state, command);
	if (decided) return decided;
	const step = context.next();
	if (!step || !fits(step, command)) {
		// Held and tagged it can always be left, even where more would have to be off before it is opened.
		const leaving = (command.kind === 'hold' || command.kind === 'confirm') && context.towardsStop();
		const shut = state.device === 'newSeated' || plan.beside.length > 0;
		return leaving && shut && fits(leaving, command)
			? accept(command)
			: refuse({ code: 'notNow', next: step });
	}
	return judge?.(context, state, command) ?? accept(command);
}

/** Whether a command is the one that a step asks for. */
function fits(step: Step, command: Command): boolean {
	const asked = moduleFor(command);
	if (moduleOf(step) !== asked) return false;
	const { by } = asked;
	return asked.fits?.(step, command) ?? (by === undefined || step[by] === command[by]);
}
