import {
	asOf,
	nextStep,
	safeStopStep,
	type Command,
	type Decision,
	type JobContext,
	type JobState,
	type Step
} from '../src/job';
import { decideWith } from '../src/job/decide';
import type { Deciding } from '../src/job/steps/module';

/** What becomes of a command at a box that is looked at by itself, without its job. */
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
		return safeStopStep(this.plan, this.state);
	}
}
