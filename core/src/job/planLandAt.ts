import { deviceModel, type House } from '../house';
import {
	conducting,
	endId,
	endsAt,
	moves,
	promised,
	rolesIn,
	seatOn,
	verdict,
	withEnd,
	type Verdict,
	type Wiring
} from '../wiring';
import type { JobPlan } from './jobPlan';
import { landingOf, otherTerminals } from './landAt';
import type { JobState } from './state';
import { wayNow, type WorkWay } from './work';

/** Why ends can't be landed on another terminal than planned, or not on that one. */
export type LandAtFailure = { readonly code: 'planFails'; readonly verdict: Verdict; readonly box: string };

/**
 * The plan with one landing on another terminal, passed by the model on the whole house as it was found and as the boxes before leave it (`house`). `null`: it isn't one of
 * those it could go to.
 */
export function landedAt(
	house: House,
	plan: JobPlan,
	state: JobState,
	move: string,
	terminal: string
): { ok: true; plan: JobPlan } | { ok: false; failure: LandAtFailure } | null {
	const land = landingOf(plan, state, move);
	if (!land || !otherTerminals(plan, state, move).includes(terminal)) return null;
	const { boxId, work } = plan;
	const { wish, found } = work!;
	const way = wayNow(work!, state);
	const to = deviceModel(plan.newDevice).terminals.find(({ name }) => name === terminal)!;
	const together = [...endsAt(way.wanted, `terminal:${terminal}`), ...land.ends];
	const ends = conducting(house, boxId, way.wanted).filter(({ end }) =>
		together.some((each) => endId(each) === endId(end))
	);
	const how = seatOn(to, ends, state.hand.holds === 'screws' ? 'hook' : wish.wireEnd);
	if (how === null) return null;
	const wanted = together.reduce<Wiring>(
		(wiring, end) => withEnd(wiring, end, `terminal:${terminal}`, how),
		way.wanted
	);
	const said = verdict(house, boxId, wanted, promised(house, boxId, wish));
	if (!said.passes) return { ok: false, failure: { code: 'planFails', verdict: said, box: boxId } };
	const changed: WorkWay = {
		supply: way.supply,
		wanted,
		moves: moves(found, wanted, rolesIn(house, boxId, [found, wanted]), plan.school)
	};
	const ways = work!.ways.map((each) => (each.supply.join() === way.supply.join() ? changed : each));
	return { ok: true, plan: { ...plan, work: { ...work!, ways, verdict: said } } };
}
