import {
	checkId,
	freedFromDevice,
	handMoves,
	resetFirst,
	wayNow,
	type Confirmed,
	type JobEvent,
	type JobPlan,
	type JobState,
	type Step
} from '@wary/core/job';
import { own } from '@wary/core/house';
import { energyOf } from '@wary/core/isolation';
import { terms } from '../terms';
import { putBackKind } from '../devices';

/** Steps that are alike and are worked down on one screen, a row each. */
export interface Rows {
	readonly key: string;
	readonly title: string;
	/** The confirmations among them, where those are alike. */
	readonly steps: readonly Step[];
}

const closing: readonly Confirmed[] = ['tape', 'fold', 'tugAgain', 'seat'];
const leaving: readonly Confirmed[] = ['tag', 'tell'];
const opening: readonly Confirmed[] = ['plateOff', 'easeOut'];
const last: readonly Confirmed[] = ['plateOn', 'nothingLeft'];
const confirms = (steps: readonly Confirmed[]): Step[] => steps.map((step) => ({ kind: 'confirm', step }));

/** The rows that a step is one of, in their order, or null where it is a screen of its own. `alone`: the job has no other box. */
export function rowsOf(step: Step, plan: JobPlan, state: JobState, alone: boolean): Rows | null {
	const t = terms[plan.region];
	const halves = <Kind extends 'readLive' | 'readAsFound' | 'readPlug' | 'readOutlet' | 'grip'>(kind: Kind) =>
		(kind === 'readLive' || kind === 'readAsFound' ? plan.halves : plan.newHalves).map(
			(half) => ({ kind, half }) as Step
		);
	switch (step.kind) {
		case 'readLive':
			return { key: 'live', title: 'Live first', steps: halves('readLive') };
		case 'readAsFound':
			return { key: 'asFound', title: 'As it is found', steps: halves('readAsFound') };
		case 'proveTester':
		case 'readPair': {
			const { scope, required, parted } = state.isolation.proof;
			const apart = parted.length > 0;
			return {
				key: `proof ${scope}`,
				title: apart
					? 'Apart now: read the freed ends again'
					: scope === 'bare'
						? 'Prove it dead: the bare conductors'
						: `Prove it dead: at the ${t.outlet}’s face`,
				steps: [
					// The tester that was proved at the end of the last row is the one that reads this row.
					...(apart ? [] : [{ kind: 'proveTester', when: 'before' } as const]),
					...(apart ? parted : required).map((pair): Step => ({
						kind: 'readPair',
						pair,
						lowImpedance: false
					})),
					{ kind: 'proveTester', when: 'after' }
				]
			};
		}
		case 'takeOff':
			return {
				key: 'off',
				title: 'Take the wires off',
				steps: plan.takeOff.map(({ terminal }): Step => ({ kind: 'takeOff', terminal }))
			};
		case 'move':
			return {
				key: 'work',
				title: plan.work?.same ? 'Wire the new one as the old one was' : 'Wire it as planned',
				steps: handMoves(wayNow(plan.work!, state)).map(({ id }): Step => ({
					kind: 'move',
					move: id,
					again: state.moved[id] === 'loose'
				}))
			};
		case 'checkWork':
			return {
				key: 'tried',
				title: 'Try what the new part adds',
				steps: [...(resetFirst(plan) ? ['reset'] : []), ...plan.work!.checks.map(checkId)].map(
					(check): Step => ({ kind: 'checkWork', check })
				)
			};
		case 'readSupplyOhms':
			return {
				key: 'supply',
				title: 'Which cable is the supply?',
				steps: plan.supplyCables.map((cable): Step => ({ kind: 'readSupplyOhms', cable }))
			};
		case 'readBaseline':
			return {
				key: 'baseline',
				title: 'What the circuit reads by itself',
				steps: plan.baselines.map(({ group }): Step => ({ kind: 'readBaseline', group }))
			};
		case 'readEnds':
			return {
				key: 'ends',
				title: 'Ring or radial, and whole?',
				steps: plan.ends.map(({ role }): Step => ({ kind: 'readEnds', role }))
			};
		case 'readOhms':
			return {
				key: 'ohms',
				title: 'Before power comes back: by resistance',
				steps: plan.resistanceChecks.map((check): Step => ({ kind: 'readOhms', check }))
			};
		case 'readPlug':
		case 'readOutlet':
			return { key: 'final', title: 'Final test', steps: halves(step.kind) };
		case 'checkNeighbour':
			return {
				key: 'next',
				title: `Do the next ${t.outlet}s work?`,
				steps: [...plan.downstream, ...plan.upstream].map((box): Step => ({ kind: 'checkNeighbour', box }))
			};
		case 'grip':
			return { key: 'grip', title: 'Does it hold a plug?', steps: halves('grip') };
		case 'confirm':
			return confirmRows(step.step, plan, state, alone);
		default:
			return null;
	}
}

/** Confirmations that hands do one after the other. */
function confirmRows(step: Confirmed, plan: JobPlan, state: JobState, alone: boolean): Rows | null {
	const t = terms[plan.region];
	if (opening.includes(step))
		// Without a proof only the plate may come off; what has no face is eased forward another way; one plate may cover several.
		return plan.separatePlate &&
			plan.controls === null &&
			plan.beside.length === 0 &&
			energyOf(state.isolation) === 'provenDead'
			? { key: 'open', title: 'Open the box', steps: confirms(opening) }
			: null;
	if (last.includes(step))
		// Other plates may still be off, and a label comes on before one looks around.
		return plan.separatePlate && alone && plan.labels.length === 0
			? { key: 'last', title: 'Close up', steps: confirms(last) }
			: null;
	// Off for the second time in a job the house knows already: the tag is all.
	if (leaving.includes(step) && !(step === 'tag' && state.told))
		return { key: 'leave', title: `Before you leave the ${t.panel}`, steps: confirms(leaving) };
	if (closing.includes(step))
		return {
			key: 'close',
			title: `Put the ${plan.putBack ? putBackKind(plan) : t.outlet} back in its box`,
			steps: confirms(
				closing.filter((each) => each !== 'tape' || (state.metalBox && plan.separatePlate && !plan.putBack))
			)
		};
	return null;
}

/**
 * What hands do in one go before they come back to the page, this step first: wires taken off, the tag hung and the house told, the plate off and the device out, it taped, folded in and tugged, the plate on and all picked up. How it
 * sits in its wall is looked at by itself.
 */
export function inOneGo(step: Step, plan: JobPlan, state: JobState, alone: boolean): Step[] {
	if (step.kind !== 'takeOff' && step.kind !== 'confirm') return [step];
	if (step.kind === 'takeOff') return untilParted(plan, state);
	const rows = rowsOf(step, plan, state, alone)?.steps ?? [step];
	const from = rows.findIndex((row) => row.kind === 'confirm' && row.step === step.step);
	return rows.slice(from).filter((row, k) => k === 0 || (row.kind === 'confirm' && row.step !== 'seat'));
}

/** Wires taken off in one go, up to the first that comes apart from others: those are read again before a hand goes back in. */
function untilParted(plan: JobPlan, state: JobState): Step[] {
	const left = plan.takeOff.filter(({ terminal }) => state.wires[terminal] === 'onOld');
	const parts = left.findIndex(({ terminal }, k) => {
		const gone = left.slice(0, k).map((each) => [each.terminal, 'off'] as const);
		const then = { ...state, wires: { ...state.wires, ...Object.fromEntries(gone) } };
		return freedFromDevice(plan, then, terminal).length > 0;
	});
	return left
		.slice(0, parts < 0 ? undefined : parts + 1)
		.map(({ terminal }) => ({ kind: 'takeOff', terminal }));
}

/** What a row is about: the same for a step and for the event that answered it. */
export function rowKey(of: Step | JobEvent['body']): string {
	const about = of as Record<string, unknown>;
	const which = ['half', 'role', 'pair', 'when', 'cable', 'group', 'check', 'move', 'box', 'step'].find(
		(key) => Object.hasOwn(about, key)
	);
	const named = about.terminal ?? (which ? about[which] : '');
	return `${of.kind} ${String(named)}`;
}

/** The last answers to the rows: those since something of another kind was done. Of a proof, only what counts in it now. */
export function answeredRows(
	rows: Rows,
	events: readonly JobEvent[],
	state: JobState
): ReadonlyMap<string, JobEvent> {
	const known = new Set(rows.steps.map(rowKey));
	// Between wires that come off, what came apart is read.
	const between = rows.key === 'off' ? ['readPair', 'proveTester'] : [];
	const beside = new Set(['amendVolts', 'note', 'arranged', 'autopsy', ...between]);
	const answered = new Map<string, JobEvent>();
	const { proof } = state.isolation;
	for (const event of [...events].reverse()) {
		const key = rowKey(event.body);
		if (!known.has(key) && !beside.has(event.body.kind)) break;
		if (!known.has(key) || answered.has(key)) continue;
		const counts =
			event.body.kind === 'proveTester'
				? proof[event.body.when] !== null
				: event.body.kind === 'readPair'
					? own(proof.pairs, event.body.pair) !== undefined
					: true;
		if (counts) answered.set(key, event);
	}
	return answered;
}
