import type { IsolationEvent } from '../../isolation';
import { nextOnLine } from '../contrast';
import type { JobPlan } from '../jobPlan';
import { barePairIds } from '../progress';
import { mapWires, type JobState } from '../state';
import type { VisitId } from '../visits';
import { openedAgain } from './reopen';
import type { Confirmed } from '../vocabulary';

/** What is simply done or not: where, whether it lays hands on conductors, and what follows. */
interface Confirmable {
	readonly concerns: 'job' | 'box';
	readonly at: VisitId | ((state: JobState) => VisitId);
	readonly touches?: true;
	readonly isolates?: (plan: JobPlan, state: JobState) => IsolationEvent;
	readonly applied: (state: JobState, plan: JobPlan) => JobState;
}

const withTrial = (state: JobState, trial: JobState['supply']['trial']): JobState => ({
	...state,
	supply: { ...state.supply, trial }
});
const closing = (step: keyof JobState['closing']): Confirmable => ({
	concerns: 'box',
	at: 'work',
	touches: true,
	applied: (state) => ({ ...state, closing: { ...state.closing, [step]: true } })
});

export const confirmable: Readonly<Record<Confirmed, Confirmable>> = {
	cautions: { concerns: 'job', at: 'start', applied: (state) => ({ ...state, cautions: true }) },
	tag: { concerns: 'job', at: 'panelOff', applied: (state) => ({ ...state, tagged: true }) },
	tell: { concerns: 'job', at: 'panelOff', applied: (state) => ({ ...state, told: true }) },
	plateOff: { concerns: 'box', at: 'work', applied: (state) => ({ ...state, plate: 'off' }) },
	easeOut: {
		concerns: 'box',
		at: 'work',
		touches: true,
		isolates: (plan, state) => ({ kind: 'exposed', pairs: barePairIds(plan, state) }),
		applied: (state) => ({ ...state, device: 'oldOut' })
	},
	easeForward: {
		concerns: 'box',
		at: 'work',
		isolates: (plan, state) => ({ kind: 'exposed', pairs: barePairIds(plan, state) }),
		applied: (state, plan) =>
			state.device === 'oldSeated' ? { ...state, device: 'oldOut' } : openedAgain(plan, state)
	},
	openSheath: {
		concerns: 'box',
		at: 'work',
		touches: true,
		applied: (state) => ({ ...state, sheath: true })
	},
	prepare: {
		concerns: 'box',
		at: 'work',
		touches: true,
		applied: (state) => ({
			...state,
			wires: mapWires(state, (wire) => (wire === 'off' || wire === 'capped' ? 'ready' : wire))
		})
	},
	tape: closing('tape'),
	fold: closing('fold'),
	tugAgain: {
		...closing('tugAgain'),
		applied: (state, { putBack }) => ({
			...state,
			closing: { ...state.closing, tugAgain: true },
			// Ends that never came off were not made here: this is their one tug.
			wires: putBack ? mapWires(state, () => 'tugged') : state.wires
		})
	},
	seat: {
		concerns: 'box',
		at: 'work',
		touches: true,
		isolates: () => ({ kind: 'closed' }),
		applied: (state) => ({ ...state, device: 'newSeated', resistance: {} })
	},
	spreadEnds: {
		concerns: 'box',
		at: 'work',
		touches: true,
		applied: (state) => ({ ...state, supply: { ...state.supply, spread: true } })
	},
	trialIn: {
		concerns: 'box',
		at: 'work',
		touches: true,
		isolates: () => ({ kind: 'closed' }),
		applied: (state, plan) => {
			const cable = state.supply.trial?.cable ?? nextOnLine(plan, state.supply);
			return cable === null ? state : withTrial(state, { cable, inWall: true });
		}
	},
	trialOut: {
		concerns: 'box',
		at: 'work',
		isolates: (plan, state) => ({ kind: 'exposed', pairs: barePairIds(plan, state) }),
		applied: (state) => withTrial(state, state.supply.trial && { ...state.supply.trial, inWall: false })
	},
	trialOff: { concerns: 'box', at: 'work', touches: true, applied: (state) => withTrial(state, null) },
	markSupply: {
		concerns: 'box',
		at: 'work',
		touches: true,
		applied: (state) => ({ ...state, supply: { ...state.supply, marked: true } })
	},
	clearArea: {
		concerns: 'job',
		at: ({ device }) => (device === 'none' ? 'supplyOn' : 'panelOn'),
		isolates: () => ({ kind: 'clearArea' }),
		applied: (state) => state
	},
	plateOn: { concerns: 'box', at: 'close', applied: (state) => ({ ...state, plate: 'on' }) },
	closeUp: {
		concerns: 'box',
		at: 'work',
		touches: true,
		isolates: () => ({ kind: 'closed' }),
		applied: (state) => ({ ...state, closedUp: true })
	},
	nothingLeft: { concerns: 'job', at: 'close', applied: (state) => ({ ...state, nothingLeft: true }) }
};
