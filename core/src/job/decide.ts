import { own } from '../house';
import { energyOf } from '../isolation';
import { refuse, type Decision, type JobContext } from './decision';
import type { Command } from './events';
import { nextStep, safeStopStep } from './order';
import { asOf, type JobState } from './state';
import { moduleFor, moduleOf, type Step } from './steps';

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
	const { plan } = context;
	if (state.status !== 'underWay') return refuse({ code: 'over', status: state.status });
	if (touches(command) && energyOf(state.isolation) !== 'provenDead')
		return refuse({
			code: 'notProvenDead',
			energy: energyOf(state.isolation),
			next: nextStep(plan, state)
		});
	if (command.kind === 'switchBreaker' && !command.on) {
		const things = (own(plan.hard, command.breaker) ?? []).filter(({ id }) => !state.arranged.includes(id));
		if (things.length > 0) return refuse({ code: 'arrangeFirst', breaker: command.breaker, things });
	}
	const deciding = { ...context, next: () => nextStep(plan, state), towardsStop: () => safeStopStep(state) };
	const { beside, judge } = moduleFor(command);
	const decided = beside?.(deciding, state, command);
	if (decided) return decided;
	const next = nextStep(plan, state);
	if (!next || !fits(next, command)) return refuse({ code: 'notNow', next });
	return judge?.(deciding, state, command) ?? { ok: true, body: command };
}

/** Whether a command is the one that a step asks for. */
function fits(step: Step, command: Command): boolean {
	const asked = moduleFor(command);
	if (moduleOf(step) !== asked) return false;
	const { by } = asked;
	return asked.fits?.(step, command) ?? (by === undefined || step[by] === command[by]);
}
