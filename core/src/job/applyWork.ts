import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import { mapWires, type JobState } from './state';
import type { SupplyState } from './supply';
import { handMoves, isJoint, wayFor, wayNow } from './work';

/** Whether a supply was found that the work has no way for: nobody knows then where its wires go. */
export const withoutWay = (
	{ work }: JobPlan,
	outcome: SupplyState['outcome'],
	found: readonly string[]
): boolean =>
	work !== null && work.candidates.length > 0 && outcome === 'found' && wayFor(work, found) === undefined;

/** A move made: with the last of them every end is on, joined or capped. One that came out of its tug is to be made again. */
export function moved(
	plan: JobPlan,
	state: JobState,
	{ move, held }: Extract<JobEvent['body'], { kind: 'move' }>
): JobState {
	const way = wayNow(plan.work!, state);
	const now = way.moves.find(({ id }) => id === move)!;
	if (!held) {
		const { [move]: _out, ...still } = state.moved;
		return { ...state, moved: still, wires: mapWires(state, () => 'ready') };
	}
	const made = { ...state.moved, [move]: 'done' as const };
	const all = handMoves(way).every(({ id }) => made[id] === 'done');
	return {
		...state,
		moved: made,
		device: now.kind === 'land' ? 'newOut' : state.device,
		wires: all ? mapWires(state, () => 'tugged') : state.wires
	};
}

/** Out of the box again: every joint is tugged anew. A part that doesn’t grip comes off, and another one is wired in its place. */
export function openedForWork(plan: JobPlan, state: JobState, after: JobState): JobState {
	const swapped = state.redo === 'grip';
	const moves = wayNow(plan.work!, state).moves;
	const onPart = new Set(
		moves.filter(({ kind }) => ['land', 'breakTab', 'tape', 'driveIn'].includes(kind)).map(({ id }) => id)
	);
	const joints = new Set(moves.filter(isJoint).map(({ id }) => id));
	return {
		...after,
		device: swapped ? 'none' : 'newOut',
		// Another part is checked as the first one was.
		part: swapped ? null : state.part,
		wires: mapWires(state, () => (swapped ? 'ready' : 'onNew')),
		moved: Object.fromEntries(
			Object.entries(state.moved)
				.filter(([id]) => !(swapped && onPart.has(id)))
				.map(([id, was]) => [id, joints.has(id) ? ('loose' as const) : was])
		)
	};
}
