import {
	circuitsInBox,
	fedFrom,
	findBreaker,
	withBox,
	type Box,
	type Breaker,
	type Colour,
	type House
} from '../house';
import type { JobEvent } from './events';
import type { JobPlan } from './plan';
import { proofsOf } from './record';
import type { JobState } from './state';

/**
 * The recorded house after a finished job: the new device with its date, colours and ways as they were seen, the worries it settles gone, a line of
 * history, the circuit at the breaker that was found, and that breaker's directory entry with the finding. `on` is a calendar date.
 */
export function houseAfterJob(
	house: House,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string
): House {
	const feeders = feedersFound(house, plan, state, events);
	const moved = fedAsFound(house, plan, feeders);
	const ways = new Map(
		events.flatMap(({ body }) => (body.kind === 'terminate' ? [[body.terminal, body.way] as const] : []))
	);
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
		pigtails: box.pigtails.map((tail) => ({
			...withWay(tail, tail.to),
			colour: seen.get(`tail/${tail.id}`) ?? tail.colour
		})),
		...supplyFound(state, events, on),
		worries: plan.together.some(({ because }) => because === 'sharedNeutral') ? [sharedNeutralWorry(on)] : [],
		history: [...box.history, { on, what: 'Replaced like for like, proven dead before and tested after.' }]
	}));
	return withFindings(rewired, plan, state, feeders, on, feeders.length === 1 ? state.directory : null);
}

/** The directory with what this job found of its breakers; `label`: what the one that feeds it says from now on. */
function withFindings(
	house: House,
	plan: JobPlan,
	state: JobState,
	feeders: readonly string[],
	on: string,
	label: string | null
): House {
	return {
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => {
				const found = findingOn(breaker.id, feeders, plan, state, on);
				if (!found) return breaker;
				const says = found.finding === 'feeds' && label !== null ? label : breaker.label;
				return { ...breaker, label: says, findings: [...breaker.findings, found] };
			})
		}))
	};
}

/** The circuit at the breaker that alone made the outlet dead, whatever the record said. */
function fedAsFound(house: House, plan: JobPlan, feeders: readonly string[]): House {
	const [only] = feeders;
	const moves =
		feeders.length === 1 && circuitsInBox(house, plan.boxId).some(({ breaker }) => breaker !== only);
	return moves ? fedFrom(house, plan.boxId, only!) : house;
}

/** The breakers that were off when the outlet was proven dead, without those that had been shown not to matter. A main switch says nothing of breakers. */
function feedersFound(house: House, plan: JobPlan, state: JobState, events: readonly JobEvent[]): string[] {
	const off = proofsOf(plan, events).at(-1)?.breakers ?? (state.feeder === null ? [] : [state.feeder]);
	return off.filter((id) => findBreaker(house, id) !== undefined && !state.isolation.notFeeding.includes(id));
}

type Finding = Breaker['findings'][number];

function findingOn(
	id: string,
	feeders: readonly string[],
	plan: JobPlan,
	state: JobState,
	on: string
): Finding | null {
	const finding = (what: Finding['finding'], how: string): Finding => ({
		finding: what,
		box: plan.boxId,
		on,
		how
	});
	if (feeders.includes(id))
		return finding(
			'feeds',
			feeders.length > 1
				? 'one of several that had to be off: every pair dead at the outlet, tester proved before and after'
				: 'switched off: every pair dead at the outlet, tester proved before and after'
		);
	if (state.isolation.notFeeding.includes(id))
		return finding('doesNotFeed', 'switched off: the outlet stayed live');
	const seenOn = state.search.events.some(
		(event) =>
			event.kind === 'answer' &&
			event.answer === 'on' &&
			event.by !== 'radio' &&
			event.off.length === 1 &&
			event.off[0] === id
	);
	return seenOn ? finding('doesNotFeed', 'switched off in a search: it stayed on at the outlet') : null;
}

const sharedNeutralWorry = (on: string): Box['worries'][number] => ({
	id: 'shared-neutral',
	kind: 'other',
	note: 'Two breakers share a neutral here without opening together. An electrician can join their handles or fit a two-pole breaker.',
	seen: on
});

/** The supply cable with the readings that showed it; nothing where it wasn't looked for or found. */
function supplyFound({ supply }: JobState, events: readonly JobEvent[], on: string): Pick<Box, 'supply'> {
	if (supply.outcome !== 'found' || supply.by === null) return {};
	const readings = Object.entries(supply.verdicts).map(([cable, verdict]) => {
		const body = events.findLast(
			(event) =>
				(event.body.kind === 'readSupplyOhms' || event.body.kind === 'readSupplyVolts') &&
				event.body.cable === cable
		)?.body;
		return {
			cable,
			isSupply: verdict === 'supply',
			...(body?.kind === 'readSupplyOhms'
				? { resistanceOhm: body.value.kind === 'ohms' ? body.value.resistanceOhm : null }
				: {}),
			...(body?.kind === 'readSupplyVolts' && body.hotNeutral.instrument === 'multimeter'
				? { hotNeutralV: body.hotNeutral.volts }
				: {})
		};
	});
	return {
		supply: { cables: [...supply.found], by: supply.by === 'dead' ? 'resistance' : 'voltage', on, readings }
	};
}

/** Colours by wire, as they were last looked at. */
function coloursSeen(events: readonly JobEvent[]): ReadonlyMap<string, Colour> {
	const body = events.findLast((event) => event.body.kind === 'lookOver')?.body;
	return new Map(
		body?.kind === 'lookOver'
			? body.landings.flatMap(({ wires }) => wires.map(({ id, colour }) => [id, colour] as const))
			: []
	);
}

/** The recorded house after a job that was stopped: what was found is worth keeping, of breakers too; the device is as it was or off. `what`: how the box’s history tells it. */
export function houseAfterStop(
	house: House,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string,
	what: string
): House {
	const proven = proofsOf(plan, events).length > 0;
	const feeders = proven ? feedersFound(house, plan, state, events) : [];
	const noted = withBox(fedAsFound(house, plan, feeders), plan.boxId, (box) => ({
		...box,
		...supplyFound(state, events, on),
		history: [...box.history, { on, what: what.slice(0, 500) }]
	}));
	return withFindings(noted, plan, state, feeders, on, null);
}
