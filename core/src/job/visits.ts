import type { JobPlan } from './plan';
import { mustStop, type JobState } from './state';
import { moduleOf, type Step } from './steps';

/** The walks of a job; steps between two walks happen at one place. */
export type VisitId =
	| 'start'
	| 'liveFirst'
	| 'panelOff'
	| 'work'
	| 'supplyOn'
	| 'supplyRead'
	| 'panelOn'
	| 'test'
	| 'neighbours'
	| 'close';

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
	// Where only making safe is left, nobody walks back to switch on.
	const ends =
		state !== undefined &&
		(state.status === 'stopped' || (state.status === 'underWay' && mustStop(state) !== null));
	return ends ? all.filter(({ id }) => !['panelOn', 'test', 'neighbours', 'close'].includes(id)) : all;
}

interface Visit {
	readonly id: VisitId;
	readonly place: 'table' | 'outlet' | 'panel' | 'next';
	readonly carry: readonly Carried[];
}

function allVisits(plan: JobPlan, hasNeighbours: boolean, state: JobState | undefined): Visit[] {
	return [
		{ id: 'start', place: 'table', carry: [] },
		{ id: 'liveFirst', place: 'outlet', carry: ['tester', 'phone'] },
		{ id: 'panelOff', place: 'panel', carry: ['lockOrTape', 'tag', 'headTorch', 'phone'] },
		{
			id: 'work',
			place: 'outlet',
			carry: [
				'tester',
				'ohmmeter',
				'drivers',
				'stripper',
				'newDevice',
				...(plan.region === 'uk' ? (['sleeving'] as const) : (['knife'] as const)),
				'caps',
				'headTorch',
				'key',
				...(typeof state?.earth === 'object' ? (['lead'] as const) : [])
			]
		},
		...(state?.supply.way === 'live'
			? [
					{ id: 'supplyOn' as const, place: 'panel' as const, carry: ['key', 'headTorch'] as const },
					{ id: 'supplyRead' as const, place: 'outlet' as const, carry: ['tester'] as const }
				]
			: []),
		{ id: 'panelOn', place: 'panel', carry: ['key', 'headTorch'] },
		{ id: 'test', place: 'outlet', carry: plan.grounded ? ['plugTester'] : ['tester', 'lead'] },
		...(hasNeighbours
			? [{ id: 'neighbours' as const, place: 'next' as const, carry: ['plugTester'] as const }]
			: []),
		{ id: 'close', place: 'outlet', carry: plan.separatePlate ? ['plate', 'drivers'] : [] }
	];
}
