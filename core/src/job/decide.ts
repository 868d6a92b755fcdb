import { own } from '../house';
import { energyOf } from '../isolation';
import { accept, refuse, type Decision } from './decision';
import type { Command } from './events';
import type { JobState } from './state';
import { moduleFor, moduleOf, type Step } from './steps';
import type { Deciding } from './steps/module';

/** Whether a command lays hands on conductors. */
export function touches(command: Command): boolean {
	const { touches: hands = false } = moduleFor(command);
	return typeof hands === 'function' ? hands(command) : hands;
}

/**
 * Accepts a command at one box as an event's body, or refuses it with the reason. What is accepted is the next step, and the few things that may happen at any time: something changed, a
 * note, a reading taken again or put right, another conductor found, a stop made safely. What comes next is handed in: in a job at several boxes that isn't said by one of them.
 */
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
