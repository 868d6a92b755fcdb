import { deviceModel, type How } from '../house';
import { endsAt } from '../wiring';
import type { JobPlan } from './jobPlan';
import type { PartInHand } from './partInHand';
import { mapWires, type JobState } from './state';
import { wayNow } from './work';

/** A landing of the plan in force that may go elsewhere: due, or in a box that was opened again. */
export const landingOf = (plan: JobPlan, state: JobState, move: string) => {
	const found = plan.work ? wayNow(plan.work, state).moves.find(({ id }) => id === move) : undefined;
	return found?.kind === 'land' && state.moved[move] !== 'done' ? found : null;
};

/** Terminals of the part that a landing could go to instead: for the same conductor, of the same side, and with room for it beside what they hold by the plan. */
export function otherTerminals(plan: JobPlan, state: JobState, move: string): readonly string[] {
	const land = landingOf(plan, state, move);
	if (!land) return [];
	const { terminals } = deviceModel(plan.newDevice);
	const now = terminals.find(({ name }) => name === land.terminal)!;
	const { wanted } = wayNow(plan.work!, state);
	return terminals
		.filter(({ name, role, side }) => name !== now.name && role === now.role && side === now.side)
		.filter(
			({ name, takes }) =>
				endsAt(wanted, `terminal:${name}`).length + land.ends.length <= most(takes, state.hand)
		)
		.map(({ name }) => name);
}
/** How many wires a terminal of the part in hand holds at most: by no push-in spring, and by no plate where it has plain screws, which take a hook each. */
const most = (takes: Readonly<Partial<Record<How, number>>>, { holds }: PartInHand): number =>
	Math.max(
		0,
		...Object.entries(takes).flatMap(([way, count]) =>
			way === 'pushIn' || (way === 'clampPlate' && holds === 'screws') ? [] : [count]
		)
	);

/** The state of a box under a plan that lands something elsewhere: what the plan no longer has, and what it has on that terminal, is to be made. */
export function underNewLanding(plan: JobPlan, state: JobState, terminal: string): JobState {
	const has = new Map(wayNow(plan.work!, state).moves.map((move) => [move.id, move] as const));
	const stays = ([id]: readonly [string, unknown]) => {
		const move = has.get(id);
		return move && move.kind !== 'driveIn' && !(move.kind === 'land' && move.terminal === terminal);
	};
	return {
		...state,
		moved: Object.fromEntries(Object.entries(state.moved).filter(stays)),
		wires: mapWires(state, (was) => (was === 'tugged' ? 'ready' : was))
	};
}
