import type { JobPlan } from './jobPlan';
import { mustStop, type JobState } from './state';
import { moduleOf, type Step } from './steps';
import { regions } from '../rules';

/** The walks of a job, in their order; steps between two walks happen at one place. */
export const visitIds = [
	'start',
	'liveFirst',
	'panelOff',
	'work',
	'supplyOn',
	'supplyRead',
	'panelOn',
	'test',
	'neighbours',
	'close'
] as const;
export type VisitId = (typeof visitIds)[number];

/** Where a step is done, in the order of the walks. */
export function visitOf(state: JobState, step: Step | null): VisitId {
	if (step === null) return 'close';
	const { at } = moduleOf(step);
	return typeof at === 'function' ? at(state, step) : at;
}

/** What each visit needs to be carried to it. */
export type Carried =
	| 'tester'
	| 'drivers'
	| 'newDevice'
	| 'headTorch'
	| 'stripper'
	| 'lockOrTape'
	| 'tag'
	| 'phone'
	| 'plugTester'
	| 'lamp'
	| 'ohmmeter'
	| 'key'
	| 'plate'
	| 'knife'
	| 'sleeving'
	| 'lead'
	| 'caps';

/** The visits of the whole job, whatever has been done of them. */
export function visitsOf(plan: JobPlan, state?: JobState): readonly Visit[] {
	const hasNeighbours = plan.upstream.length + plan.downstream.length > 0;
	const all = allVisits(plan, hasNeighbours, state);
	const ends =
		state !== undefined &&
		(state.status === 'stopped' || (state.status === 'underWay' && mustStop(state) !== null));
	return ends ? all.filter(({ id }) => !after.includes(id)) : all;
}

export interface Visit {
	readonly id: VisitId;
	readonly place: 'table' | 'outlet' | 'panel' | 'next';
	readonly carry: readonly Carried[];
}

/** What is plugged in before anything is switched off. */
const withPlug = { threeLamps: 'plugTester', twoBlades: 'lamp' } as const satisfies Record<string, Carried>;

function allVisits(plan: JobPlan, hasNeighbours: boolean, state: JobState | undefined): Visit[] {
	return [
		{ id: 'start', place: 'table', carry: [] },
		{
			id: 'liveFirst',
			place: 'outlet',
			carry: ['tester', ...(plan.asFound ? [withPlug[plan.asFound]] : []), 'phone']
		},
		{ id: 'panelOff', place: 'panel', carry: ['lockOrTape', 'tag', 'headTorch', 'phone'] },
		{
			id: 'work',
			place: 'outlet',
			carry: [
				'tester',
				'ohmmeter',
				'drivers',
				...(plan.putBack ? [] : (['stripper', 'newDevice'] as const)),
				regions[plan.region].custom.sleevesEarth ? 'sleeving' : 'knife',
				'caps',
				'headTorch',
				'key',
				...(typeof state?.earth === 'object' ? (['lead'] as const) : [])
			]
		},
		...(state?.supply.way === 'live' || state?.supply.way === 'device'
			? [
					{ id: 'supplyOn' as const, place: 'panel' as const, carry: ['key', 'headTorch'] as const },
					{ id: 'supplyRead' as const, place: 'outlet' as const, carry: ['tester'] as const }
				]
			: []),
		{ id: 'panelOn', place: 'panel', carry: ['key', 'headTorch'] },
		{
			id: 'test',
			place: 'outlet',
			carry: plan.controls !== null ? [] : plan.newGrounded ? ['plugTester'] : ['tester', 'lead']
		},
		...(hasNeighbours
			? [{ id: 'neighbours' as const, place: 'next' as const, carry: ['plugTester'] as const }]
			: []),
		{ id: 'close', place: 'outlet', carry: plan.separatePlate ? ['plate', 'drivers'] : [] }
	];
}

/** A visit of a job at several boxes, and at which of them (`at`: its place in the plans); `null`: the panel and the table serve all. */
export interface VisitAt extends Visit {
	readonly at: number | null;
}

/** Visits with a box open. */
const working: readonly VisitId[] = ['work', 'supplyOn', 'supplyRead'];
/** What comes after power is back: a job that ends before its end doesn’t come to it, and nobody walks back to switch on. */
const after: readonly VisitId[] = ['panelOn', 'test', 'neighbours', 'close'];

/** The visits of a whole job in their order: each box by itself at its outlet, the panel and the table once. */
export function wholeVisits(plans: readonly JobPlan[], boxes: readonly JobState[]): readonly VisitAt[] {
	const early =
		plans.length > 1 && boxes.some((state) => state.status === 'stopped' || mustStop(state) !== null);
	// Where the job ends early, a box that was never opened isn’t come to any more.
	const comesTo = ({ id }: Visit, { device }: JobState): boolean =>
		!early || !(after.includes(id) || (working.includes(id) && device === 'oldSeated'));
	const each = plans.map((plan, at) =>
		visitsOf(plan, boxes[at])
			.filter((visit) => comesTo(visit, boxes[at]!))
			.map((visit) => ({ ...visit, at }))
	);
	const late = each.filter((_, k) => boxes[k]!.late);
	if (late.length > 0 && late.length < each.length) return withLate(each, late);
	return inWalks(each);
}

/** What was taken in with power off comes after the others are closed and power is back: read live, off again, and then tested with all. */
function withLate(each: readonly VisitAt[][], late: readonly VisitAt[][]): readonly VisitAt[] {
	const until = (visits: readonly VisitAt[], last: VisitId) =>
		visits.filter(({ id }) => visitIds.indexOf(id) <= visitIds.indexOf(last));
	const early = each.filter((visits) => !late.includes(visits));
	const first = until(inWalks(early), 'panelOn');
	const then = inWalks(late).filter(({ id }) => id !== 'start');
	const tests = inWalks(each).filter(({ id }) => after.includes(id) && id !== 'panelOn');
	return [...first, ...until(then, 'panelOn'), ...tests];
}

function inWalks(each: readonly VisitAt[][]): readonly VisitAt[] {
	const at = (wanted: (id: VisitId) => boolean): VisitAt[] => each.flat().filter(({ id }) => wanted(id));
	const once = (id: VisitId): VisitAt[] => {
		const all = at((other) => other === id);
		return all[0] ? [{ ...all[0], at: null, carry: [...new Set(all.flatMap(({ carry }) => carry))] }] : [];
	};
	return visitIds.flatMap((id): readonly VisitAt[] => {
		if (id === 'start' || id === 'panelOff' || id === 'panelOn') return once(id);
		// One box is worked at from its opening to its closing before the next is opened.
		if (id === 'work') return each.flatMap((visits) => visits.filter((visit) => working.includes(visit.id)));
		return working.includes(id) ? [] : at((other) => other === id);
	});
}
