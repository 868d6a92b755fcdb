import { energyOf, type IsolationState } from '../isolation';
import { withoutWay } from './applyWork';
import { contrastOutcome } from './contrast';
import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import type { JobState } from './state';
import { noSupply, type SupplyState } from './supply';

/** A search for the supply cable that a lapsed proof interrupts begins again: nobody remembers half of it. What was found stays found. */
export function supplyAfter({ supply, isolation: before }: JobState, after: IsolationState): SupplyState {
	if (supply.outcome === 'found' || supply.outcome === 'skipped' || supply.outcome === 'none') return supply;
	// What a part did on one cable stays true through a walk to the panel; so does where its wires are.
	if (supply.way === 'device') return supply;
	const lapsed =
		energyOf(before) === 'provenDead' && energyOf(after) !== 'provenDead' && after.power !== 'restored';
	const offAgain = before.power === 'restored' && after.power !== 'restored';
	return lapsed || offAgain ? noSupply : supply;
}

/** The state after one more thing was seen of a cable, and what all of it comes to. Nothing that fits is a reason to stop; a dead way that tells nothing is not. */
export function cableRead(plan: JobPlan, state: JobState, { body, judged }: JobEvent): JobState {
	const { supply } = state;
	const seen: SupplyState =
		body.kind === 'touchSupply'
			? { ...supply, touched: { ...supply.touched, [body.cable]: body.alarms } }
			: body.kind === 'trySupply'
				? { ...supply, resets: { ...supply.resets, [body.cable]: body.resets } }
				: body.kind === 'readSupplyOhms'
					? { ...supply, ohms: { ...supply.ohms, [body.cable]: body.value } }
					: body.kind === 'readSupplyVolts'
						? { ...supply, verdicts: { ...supply.verdicts, [body.cable]: judged?.cable ?? 'odd' } }
						: supply;
	const { found, verdicts, ...told } = contrastOutcome(plan, seen);
	const outcome = withoutWay(plan, told.outcome, found) ? 'none' : told.outcome;
	return {
		...state,
		supply: { ...seen, verdicts, outcome, found, by: outcome === 'found' ? seen.way : null },
		stops: { ...state.stops, supply: outcome === 'none' ? 'noArrangement' : null }
	};
}
