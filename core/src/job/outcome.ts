import {
	withTripped,
	circuitsInBox,
	fedFrom,
	findBreaker,
	withBox,
	type Box,
	type Breaker,
	type Colour,
	type House,
	boxOfMaterial,
	freshId,
	type Device
} from '../house';
import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import { asFoundIn } from './planAnew';
import { proofsOf, recordOf, type Worry } from './record';
import type { JobState } from './state';
import { asInHand, wayNow, type Work } from './work';

/** How a breaker’s entry tells what this job found of it. */
export interface FindingWords {
	readonly provenDead: string;
	readonly provenDeadTogether: string;
	readonly stayedLive: string;
	readonly stayedOnInSearch: string;
}
/** What a finished job writes into the record besides. */
export interface OutcomeWords extends FindingWords {
	readonly replaced: string;
	readonly sharedNeutral: string;
	readonly worry: (worry: Worry) => string;
}

/** Worries that a new part ends by itself. Warmth and scorch have a cause behind it, which a new part doesn't show to be gone. */
const endedByNewPart: readonly Box['worries'][number]['kind'][] = [
	'wornContacts',
	'crackedFace',
	'looseFaceplate'
];
/** Findings that are written elsewhere in the record, or are no worry of this outlet. */
const saidElsewhere: readonly Worry['kind'][] = [
	'stopped',
	'wrongLabel',
	'wrongCircuit',
	'supplyNotAsRecorded',
	'neighbourBefore'
];

/**
 * The recorded house after a finished job: the new device with its date and the rating read off it, colours, ways and screws as they were seen, a line of
 * history, the circuit at the breaker that was found, and that breaker's directory entry with the finding. Of the outlet's worries only those end that a new
 * part ends; what the job found is added in `words`, which are the language’s that the record is kept in. `on` is a calendar date.
 */
export function houseAfterJob(
	house: House,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string,
	words: OutcomeWords
): House {
	const recorded = plan.foundAs ? asFoundIn(house, plan.boxId, plan.foundAs) : house;
	const feeders = feedersFound(recorded, plan, state, events);
	const fed = fedAsFound(recorded, plan, feeders);
	const after = withBox(withNewPart(fed, plan, state, events, on), plan.boxId, (box) => ({
		...box,
		...supplyFound(state, events, on),
		worries: worriesAfter(box, plan, state, events, on, words),
		history: [...box.history, { on, what: words.replaced }]
	}));
	return withFindings(after, plan, state, feeders, on, feeders.length === 1 ? state.directory : null, words);
}

/** The new part in its box: every end where it was put, colours, ways and material as they were seen, and what the plate says. */
function withNewPart(
	house: House,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string
): House {
	const seen = coloursSeen(events);
	const recoloured: House = {
		...house,
		cables: house.cables.map((cable) => ({
			...cable,
			conductors: cable.conductors.map((conductor) => ({
				...conductor,
				colour: seen.get(`${cable.id}/${conductor.id}`) ?? conductor.colour
			}))
		}))
	};
	const material = state.metalBox ? 'metal' : 'plastic';
	return withBox(recoloured, plan.boxId, (recorded) => {
		const device = plan.putBack ? recorded.device : fitted(plan, state, on);
		if (!plan.work) {
			const box = boxOfMaterial(recoloured, recorded, material);
			return { ...box, pigtails: coloured(box.pigtails, seen) };
		}
		// A plate that came off took its labels with it.
		const { labels: _old, ...box } = { ...recorded, ...workedInto(recorded, plan.work, state, seen) };
		return {
			...boxOfMaterial(recoloured, box, material),
			...(state.labelled.length > 0 ? { labels: [...state.labelled] } : {}),
			...(device ? { device } : {})
		};
	});
}

const coloured = (tails: Box['pigtails'], seen: ReturnType<typeof coloursSeen>): Box['pigtails'] =>
	tails.map((tail) => ({ ...tail, colour: seen.get(`tail/${tail.id}`) ?? tail.colour }));

/** The box wired as the work left it: every end of it where its moves brought it. */
function workedInto(
	box: Box,
	work: Work,
	state: JobState,
	seen: ReturnType<typeof coloursSeen>
): Pick<Box, 'joints' | 'terminations' | 'pigtails'> {
	const { joints, terminations, pigtails } = wayNow(work, state).wanted;
	const known = new Map(terminations.map((end) => [`${end.cable}/${end.conductor}`, end]));
	return {
		joints,
		pigtails: coloured(pigtails, seen),
		terminations: box.terminations.map((end) => known.get(`${end.cable}/${end.conductor}`) ?? end)
	};
}

function fitted({ newDevice: planned, work }: JobPlan, state: JobState, on: string): Device {
	const { partRatingA, hand, status, checks } = state;
	const device = work ? wayNow(work, state).wanted.device! : planned;
	// At the end it was reset and tried; stopped before that, it is as it came.
	const wasReset = status !== 'stopped' || checks.reset === 'passed';
	const newDevice = wasReset ? withTripped(device, false) : device;
	if (!('ratingA' in newDevice)) return newDevice;
	const ratingA = partRatingA !== null ? partRatingA : newDevice.ratingA;
	return { ...asInHand(newDevice, hand), ratingA, fitted: on } as Device;
}

function worriesAfter(
	box: Box,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string,
	words: OutcomeWords
): Box['worries'] {
	const kept = box.worries.filter(({ kind }) => plan.putBack || !endedByNewPart.includes(kind));
	const shared = plan.together.some(({ because }) => because === 'sharedNeutral');
	const found = recordOf(plan, events, state)
		.worries.filter(({ kind }) => !saidElsewhere.includes(kind))
		.map((worry) => ({
			kind:
				worry.kind === 'condition' && worry.condition === 'scorchLocal'
					? ('scorch' as const)
					: ('other' as const),
			note: words.worry(worry).slice(0, 500)
		}));
	const after =
		shared && !kept.some(({ id }) => id === sharedNeutralId)
			? [...kept, sharedNeutralWorry(on, words)]
			: kept;
	return found.reduce((worries, { kind, note }) => withWorry(worries, kind, note, on), after);
}

/** A worry more, unless it is written there already. */
const withWorry = (
	worries: Box['worries'],
	kind: Box['worries'][number]['kind'],
	note: string,
	seen: string
): Box['worries'] =>
	worries.some((worry) => worry.note === note)
		? worries
		: [
				...worries,
				{
					id: freshId(
						'found',
						'worry',
						worries.map(({ id }) => id)
					),
					kind,
					note,
					seen
				}
			];

/** The directory with what this job found of its breakers; `label`: what the one that feeds it says from now on. */
function withFindings(
	house: House,
	plan: JobPlan,
	state: JobState,
	feeders: readonly string[],
	on: string,
	label: string | null,
	words: FindingWords
): House {
	return {
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => {
				const found = findingOn(breaker.id, feeders, plan, state, on, words);
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
	on: string,
	words: FindingWords
): Finding | null {
	const finding = (what: Finding['finding'], how: string): Finding => ({
		finding: what,
		box: plan.boxId,
		on,
		how
	});
	if (feeders.includes(id))
		return finding('feeds', feeders.length > 1 ? words.provenDeadTogether : words.provenDead);
	if (state.isolation.notFeeding.includes(id)) return finding('doesNotFeed', words.stayedLive);
	const seenOn = state.search.events.some(
		(event) =>
			event.kind === 'answer' &&
			event.answer === 'on' &&
			event.by !== 'radio' &&
			event.off.length === 1 &&
			event.off[0] === id
	);
	return seenOn ? finding('doesNotFeed', words.stayedOnInSearch) : null;
}

const sharedNeutralId = 'shared-neutral';
const sharedNeutralWorry = (on: string, words: OutcomeWords): Box['worries'][number] => ({
	id: sharedNeutralId,
	kind: 'other',
	note: words.sharedNeutral,
	seen: on
});

/** What a way of finding the supply is called in the house record. */
export const recordedWay = { dead: 'resistance', live: 'voltage', device: 'device' } as const;
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
		supply: { cables: [...supply.found], by: recordedWay[supply.by], on, readings }
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

/**
 * The recorded house after a job that was stopped: what was found is worth keeping, of breakers too. A new part that is screwed home is on record as it sits, with the
 * worry that nobody has tested it; otherwise the device is as it was, or off.
 */
export function houseAfterStop(
	house: House,
	plan: JobPlan,
	state: JobState,
	events: readonly JobEvent[],
	on: string,
	words: FindingWords & {
		readonly stopped: string;
		readonly untested: string;
		readonly worry: (worry: Worry) => string;
	}
): House {
	const proven = proofsOf(plan, events).length > 0;
	const feeders = proven ? feedersFound(house, plan, state, events) : [];
	const recorded = plan.foundAs ? asFoundIn(house, plan.boxId, plan.foundAs) : house;
	const fed = fedAsFound(recorded, plan, feeders);
	// One that was put back is what it was.
	const seated = state.device === 'newSeated' && !plan.putBack;
	const stopped: JobState = { ...state, status: 'stopped' };
	const left = seated ? withNewPart(fed, plan, stopped, events, on) : fed;
	// What was found wrong before anything was touched is worth keeping, whatever became of the job.
	const inherited = recordOf(plan, events, stopped).worries.filter(({ kind }) => kind === 'inherited');
	const worriesLeft = ({ worries }: Box, isNew: boolean): Box['worries'] => {
		const found = inherited.reduce(
			(all, worry) => withWorry(all, 'other', words.worry(worry).slice(0, 500), on),
			worries
		);
		return isNew ? withWorry(found, 'other', words.untested, on) : found;
	};
	const noted = withBox(left, plan.boxId, (box) => ({
		...box,
		...supplyFound(state, events, on),
		worries: worriesLeft(box, seated),
		history: [...box.history, { on, what: words.stopped.slice(0, 500) }]
	}));
	return withFindings(noted, plan, state, feeders, on, null, words);
}
