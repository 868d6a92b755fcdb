import { circuitsInBox, fedFrom, withBox, type Colour, type House } from '../house';
import type { JobEvent } from './events';
import type { JobPlan } from './plan';
import { mustStop, type JobState } from './state';

/**
 * The recorded house after a finished job: the new device with its date, colours and ways as they were seen, the worries it settles gone, a line of
 * history, the circuit at the breaker that was found, and that breaker's directory entry with the finding. `on` is a calendar date.
 */
export function houseAfterJob(house: House, plan: JobPlan, state: JobState, events: readonly JobEvent[], on: string): House {
	const feeder = state.feeder ?? plan.recordedBreaker;
	const moved = circuitsInBox(house, plan.boxId).some(({ breaker }) => breaker !== feeder) ? fedFrom(house, plan.boxId, feeder) : house;
	const ways = new Map(events.flatMap(({ body }) => (body.kind === 'terminate' ? [[body.terminal, body.way] as const] : [])));
	const withWay = <End extends { at?: string; to?: string; how?: string }>(end: End, at: string): End => {
		const way = at.startsWith('terminal:') ? ways.get(at.slice(9)) : undefined;
		return way ? { ...end, how: way } : end;
	};
	const seen = coloursSeen(events);
	const recoloured: House = {
		...moved,
		cables: moved.cables.map((cable) => ({
			...cable,
			conductors: cable.conductors.map((conductor) => ({
				...conductor,
				colour: seen.get(`${cable.id}/${conductor.id}`) ?? conductor.colour
			}))
		}))
	};
	const rewired = withBox(recoloured, plan.boxId, (box) => ({
		...box,
		device: plan.newDevice.kind === 'fixed' ? plan.newDevice : { ...plan.newDevice, fitted: on },
		terminations: box.terminations.map((end) => withWay(end, end.at)),
		pigtails: box.pigtails.map((tail) => ({ ...withWay(tail, tail.to), colour: seen.get(`tail/${tail.id}`) ?? tail.colour })),
		worries: [],
		history: [...box.history, { on, what: 'Replaced like for like, proven dead before and tested after.' }]
	}));
	return {
		...rewired,
		panels: rewired.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => {
				if (breaker.id === feeder)
					return {
						...breaker,
						label: state.directory ?? breaker.label,
						findings: [
							...breaker.findings,
							{
								finding: 'feeds' as const,
								box: plan.boxId,
								on,
								how: 'switched off: every pair dead at the outlet, tester proved before and after'
							}
						]
					};
				if (state.isolation.notFeeding.includes(breaker.id))
					return {
						...breaker,
						findings: [
							...breaker.findings,
							{ finding: 'doesNotFeed' as const, box: plan.boxId, on, how: 'switched off: the outlet stayed live' }
						]
					};
				return breaker;
			})
		}))
	};
}

/** Colours by wire, as they were last looked at. */
function coloursSeen(events: readonly JobEvent[]): ReadonlyMap<string, Colour> {
	const body = events.findLast((event) => event.body.kind === 'lookOver')?.body;
	return new Map(
		body?.kind === 'lookOver' ? body.landings.flatMap(({ wires }) => wires.map(({ id, colour }) => [id, colour] as const)) : []
	);
}

/** The recorded house after a job that was stopped: what was found is worth keeping, the device is as it was or off. */
export function houseAfterStop(house: House, plan: JobPlan, state: JobState, on: string, note: string): House {
	const why = mustStop(state);
	return withBox(house, plan.boxId, (box) => ({
		...box,
		history: [...box.history, { on, what: `Job stopped${why ? ` (${why})` : ''}${note ? `: ${note}` : '.'}`.slice(0, 500) }]
	}));
}
