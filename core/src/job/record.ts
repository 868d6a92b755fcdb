import { energyOf, proofStands, type Taken } from '../isolation';
import { judgeLive } from './judge';
import type { Condition, JobEvent, StopReason } from './events';
import type { JobPlan } from './jobPlan';
import { moduleFor } from './steps';
import type { RecordPart } from './steps/module';
import { resolutionsOf, type Resolution } from './resolve';
import { own, type Half } from '../house';
import type { PlugLamps } from '../instruments';
import { applyEvent } from './apply';
import type { ProtectionAsked } from './asked';
import { comparedOf } from './compared';
import type { LoadedVerdict } from './loaded';
import { changesPlan } from './planAnew';
import { initialJob, mustStop, type JobState } from './state';

/** One proof of dead as it stood when it was complete. */
export interface ProvenAt {
	readonly at: string;
	readonly scope: 'face' | 'bare';
	readonly before: Taken;
	readonly pairs: readonly { readonly pair: string; readonly taken: Taken }[];
	readonly after: Taken;
	readonly breakers: readonly string[];
	readonly hold: string;
}

export type Worry =
	| { readonly kind: 'condition'; readonly condition: Condition }
	| { readonly kind: 'voltage'; readonly verdict: 'low' | 'high'; readonly volts: number }
	| { readonly kind: 'wrongLabel'; readonly breaker: string }
	| { readonly kind: 'wrongCircuit'; readonly recorded: string; readonly feeder: string }
	| { readonly kind: 'foundConductor'; readonly id: string }
	/** The ground in the box didn't show itself to be one, or a contactless tester alarmed at it. */
	| { readonly kind: 'groundOdd'; readonly settled: boolean }
	/** Wrong before anything was switched off, and not shown to be right since. */
	| { readonly kind: 'inherited'; readonly half: Half; readonly lamps: PlugLamps; readonly holds: boolean }
	/** A load in it lost more on its way than wire explains, or the neutral shows what it shouldn’t. */
	| { readonly kind: 'loaded'; readonly verdict: LoadedVerdict }
	/** From a slot to the screw of its plate a lamp lit, and the record knows of no ground in that box. */
	| { readonly kind: 'boxMayBeGround' }
	/** uk: nothing in the panel opens at a leak. */
	| { readonly kind: 'noResidual' }
	/** A rule asks for protection here, and the same was put in again. */
	| { readonly kind: 'protectionAsked'; readonly asked: ProtectionAsked }
	/** An outlet before this one, which nothing done here can have changed. */
	| { readonly kind: 'neighbourBefore'; readonly box: string }
	/** Both cables feed: it is a ring, recorded as a radial. */
	| { readonly kind: 'ringNotRecorded' }
	/** The supply cable is another than the record said. */
	| { readonly kind: 'supplyNotAsRecorded'; readonly found: readonly string[] }
	| { readonly kind: 'tripped' }
	| { readonly kind: 'stopped'; readonly reason: StopReason };

/** A job on one page: every event sorted by what it is evidence of. */
export interface JobRecord {
	readonly live: readonly JobEvent[];
	readonly isolation: readonly JobEvent[];
	readonly proofs: readonly ProvenAt[];
	/** Readings between dead and live, and how each ended. */
	readonly resolutions: readonly Resolution[];
	/** Readings that stopped something: live where dead was expected, a tester that failed, a check that did not pass. */
	readonly refuted: readonly JobEvent[];
	readonly work: readonly JobEvent[];
	readonly tests: readonly JobEvent[];
	readonly notes: readonly JobEvent[];
	readonly worries: readonly Worry[];
	readonly endedAt: string | null;
}

/** Conditions that stay worth watching after the new device is in. */
const lasting: readonly Condition[] = [
	'scorchIntoWall',
	'crumblingInsulation',
	'aluminium',
	'tooShort',
	'liveGround',
	'scorchLocal',
	'nearlyCut',
	'corrosion',
	'recessedBox',
	'looseBox',
	'shortButReaches'
];

/** Of the steps that are simply done, the one that says how a stopped job leaves the box. */
const closesUp = (body: JobEvent['body']): boolean => body.kind === 'confirm' && body.step === 'closeUp';

const recordPart = (body: JobEvent['body']): RecordPart | undefined => {
	const { record } = moduleFor(body);
	return typeof record === 'function' ? record(body) : record;
};

/** Sorts a job's events into its record, and collects what stays to be watched. */
export function recordOf(
	plan: JobPlan,
	events: readonly JobEvent[],
	state: JobState,
	earlier: readonly JobPlan[] = []
): JobRecord {
	const of = (part: RecordPart) =>
		events.filter(({ body }) => recordPart(body) === part || (part === 'work' && closesUp(body)));
	const ended = events.findLast(({ body }) => body.kind === 'finish' || body.kind === 'stop');
	const refuted = events.filter(
		({ body, judged }) =>
			judged?.passes === false &&
			[
				'readPair',
				'proveTester',
				'readOhms',
				'readPlug',
				'readOutlet',
				'readLoaded',
				'checkWork',
				'seeControlled',
				'checkNeighbour',
				'grip',
				'restorePower'
			].includes(body.kind)
	);
	return {
		live: of('live'),
		isolation: of('isolation'),
		proofs: proofsOf(plan, events, earlier),
		resolutions: resolutionsOf(events),
		refuted,
		work: of('work'),
		tests: of('tests'),
		notes: of('notes'),
		worries: worriesOf(plan, events, state),
		endedAt: ended?.at ?? null
	};
}

/** Every moment at which the state became proven dead, with its readings. */
export function proofsOf(
	plan: JobPlan,
	events: readonly JobEvent[],
	earlier: readonly JobPlan[] = []
): ProvenAt[] {
	const proofs: ProvenAt[] = [];
	const inForce = [...earlier, plan];
	let state = initialJob(inForce[0]!);
	for (const event of events) {
		if (changesPlan(event.body) && inForce.length > 1) inForce.shift();
		const next = applyEvent(inForce[0]!, state, event);
		const { proof, off, hold } = next.isolation;
		const became = energyOf(next.isolation) === 'provenDead' && energyOf(state.isolation) !== 'provenDead';
		if (became && proofStands(next.isolation) && proof.before && proof.after && hold)
			proofs.push({
				at: event.at,
				scope: proof.scope,
				before: proof.before,
				pairs: proof.required.map((pair) => ({ pair, taken: proof.pairs[pair]! })),
				after: proof.after,
				breakers: off,
				hold
			});
		state = next;
	}
	return proofs;
}

/** The record had the outlet on another breaker, which was not even tried. */
function movedCircuit(
	{ recordedBreaker: recorded, together }: JobPlan,
	{ feeder, isolation }: JobState
): Worry[] {
	// A main switch says nothing about it, nor one of several that had to be off.
	if (feeder?.startsWith('main:') || together.some(({ breaker }) => breaker === feeder)) return [];
	return feeder === null ||
		feeder === recorded ||
		isolation.notFeeding.includes(recorded) ||
		isolation.notFeeding.includes(feeder)
		? []
		: [{ kind: 'wrongCircuit', recorded, feeder }];
}

function worriesOf(plan: JobPlan, events: readonly JobEvent[], state: JobState): Worry[] {
	const voltage = events.flatMap(({ body }): Worry[] => {
		if (body.kind !== 'readLive' || body.reading.instrument !== 'multimeter') return [];
		const verdict = judgeLive(plan.region, body.reading);
		return verdict === 'low' || verdict === 'high'
			? [{ kind: 'voltage', verdict, volts: body.reading.volts }]
			: [];
	});
	const stop = state.stopReason ?? (state.status === 'finished' ? null : mustStop(state));
	return [
		...(stop && stop !== 'ownChoice' ? [{ kind: 'stopped' as const, reason: stop }] : []),
		...state.attend
			.filter((condition) => lasting.includes(condition))
			.map((condition) => ({ kind: 'condition' as const, condition })),
		...voltage.slice(0, 1),
		...state.isolation.notFeeding.map((breaker) => ({ kind: 'wrongLabel' as const, breaker })),
		...movedCircuit(plan, state),
		...(state.supply.outcome === 'found' &&
		[...state.supply.found].sort().join() !== [...plan.recordedSupply].sort().join()
			? [{ kind: 'supplyNotAsRecorded' as const, found: state.supply.found }]
			: []),
		...state.found.map((id) => ({ kind: 'foundConductor' as const, id })),
		...ofTheCircuit(plan, state),
		...events
			.filter((event) => state.loaded === 'failed' && event.body.kind === 'readLoaded')
			.slice(-1)
			.flatMap(({ judged }) => (judged?.loaded ? [{ kind: 'loaded' as const, verdict: judged.loaded }] : [])),
		...comparedOf(plan, state, events).flatMap(({ half, before, comes }) =>
			comes === 'inherited' && before ? [{ kind: 'inherited' as const, half, ...before }] : []
		),
		...(events.some(({ body }) => body.kind === 'restorePower' && !body.held)
			? [{ kind: 'tripped' as const }]
			: [])
	];
}

/** What was found of its ground, of what guards it, and of what comes before it. */
function ofTheCircuit(plan: JobPlan, state: JobState): Worry[] {
	const { toKnown, supply } = state;
	const odd = plan.grounded && plan.controls === null && state.earth !== 'untested' && state.earth !== 'box';
	return [
		...(state.boxLit && !plan.newGrounded ? [{ kind: 'boxMayBeGround' as const }] : []),
		...(odd ? [{ kind: 'groundOdd' as const, settled: toKnown.ground === 'dead' }] : []),
		...(plan.noResidual ? [{ kind: 'noResidual' as const }] : []),
		...(plan.asked && state.decided === 'sameAgain'
			? [{ kind: 'protectionAsked' as const, asked: plan.asked }]
			: []),
		...plan.upstream
			.filter((box) => own(state.neighbours, box) === 'failed')
			.map((box) => ({ kind: 'neighbourBefore' as const, box })),
		...(supply.outcome === 'found' && supply.found.length > 1 && !plan.onRing
			? [{ kind: 'ringNotRecorded' as const }]
			: [])
	];
}
