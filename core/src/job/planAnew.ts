import { findBox, tabsOf, withBox, withTabs, type Box, type House } from '../house';
import { noSupply } from './supply';
import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import { isBare, type JobState, type WireState } from './state';
import { handMoves, wayFor, wayNow } from './work';
import type { Found } from './steps/planAnew';

/** Whether an event changes what is planned at its box. */
export const changesPlan = (
	body: JobEvent['body']
): body is Extract<JobEvent['body'], { kind: 'planAnew' | 'landAt' }> =>
	body.kind === 'planAnew' || body.kind === 'landAt';
/** Whether a job can't be followed past an event without what plans. */
export const needsPlanner = (body: JobEvent['body']): boolean => changesPlan(body) || body.kind === 'addBox';

/** The record with a box as it was found. */
export const asFoundIn = (house: House, boxId: string, found: Found): House =>
	withBox(house, boxId, (box) => foundInto(box, found));

function foundInto(box: Box, { tabs, ...wiring }: Found): Box {
	const known = new Map(box.terminations.map((end) => [`${end.cable}/${end.conductor}`, end]));
	return {
		...box,
		joints: [...wiring.joints],
		pigtails: wiring.pigtails.map((tail) => ({ ...tail })),
		terminations: wiring.terminations.map(({ cable, conductor, at, how }) => {
			const was = known.get(`${cable}/${conductor}`);
			const { how: _how, at: _at, open: _open, resistanceOhm: _ohm, ...marks } = was ?? { cable, conductor };
			return { ...marks, cable, conductor, at, ...(how ? { how } : {}) };
		}),
		...(box.device && tabs ? { device: withTabs(box.device, tabs) } : {})
	};
}

/** What a box is found to be, as it is recorded: where one begins to say what is otherwise. */
export function foundAsRecorded(house: House, boxId: string): Found {
	const { joints, pigtails, terminations, device } = findBox(house, boxId)!;
	const tabs = tabsOf(device);
	return {
		joints,
		pigtails: pigtails.map(({ open: _open, resistanceOhm: _ohm, ...tail }) => tail),
		terminations: terminations.map(({ cable, conductor, at, how }) => ({
			cable,
			conductor,
			at,
			...(how ? { how } : {})
		})),
		...(tabs ? { tabs } : {})
	};
}

/** Why what was done can't be kept under another plan; `null`: it can. */
export type CantKeep =
	/** Some wires are off and some are on: all off first, or all as found. */
	| { readonly code: 'wiresHalfOff' }
	/** Moves made that the other plan doesn’t have: they would have to be undone. */
	| { readonly code: 'undoFirst'; readonly moves: readonly string[] };

export function cantKeep(was: JobPlan, next: JobPlan, state: JobState): CantKeep | null {
	const wires = Object.values(state.wires);
	const onOld = wires.filter((wire) => wire === 'onOld').length;
	if (onOld > 0 && onOld < wires.length) return { code: 'wiresHalfOff' };
	if (!was.work) return null;
	const kept = new Map(
		next.work ? handMoves(wayNow(next.work, state)).map((move) => [move.id, JSON.stringify(move)]) : []
	);
	const before = handMoves(wayNow(was.work, state));
	const lost = before.filter(
		(move) => state.moved[move.id] !== undefined && kept.get(move.id) !== JSON.stringify(move)
	);
	return lost.length > 0 ? { code: 'undoFirst', moves: lost.map(({ id }) => id) } : null;
}

/** The state of a box under its new plan: what was proven, read and done stays; which wire came from where is as it was found now. */
export function underNewPlan(plan: JobPlan, state: JobState): JobState {
	const wires = Object.values(state.wires);
	const all: WireState = wires.includes('onOld')
		? 'onOld'
		: wires.some(isBare)
			? wires.includes('off')
				? 'off'
				: 'ready'
			: (wires[0] ?? 'onOld');
	const { found } = state.supply;
	const fits = plan.work !== null && wayFor(plan.work, found) !== undefined;
	return {
		...state,
		lookedOver: false,
		stops: { ...state.stops, lookOver: null },
		wires: Object.fromEntries(plan.takeOff.map(({ terminal }) => [terminal, all])),
		supply: found.length > 0 && fits ? state.supply : noSupply
	};
}
