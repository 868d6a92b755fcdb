import { proofStands } from '../isolation';
import { nextStep } from './order';
import type { JobPlan } from './jobPlan';
import type { JobState } from './state';
import type { Step } from './steps';
import { offAgain } from './steps/switchBreaker';

/** The boxes of a job, as far as devices of one box have to do with each other. */
interface Boxes {
	readonly plans: readonly JobPlan[];
	readonly boxes: readonly JobState[];
}

export const isOpen = ({ device }: JobState): boolean => device !== 'oldSeated' && device !== 'newSeated';

/** The devices that sit in one box with the one at this place, this one left out. */
export const besideAt = (plans: readonly JobPlan[], at: number): readonly number[] =>
	plans[at]!.beside.length === 0
		? []
		: plans.flatMap(({ boxId }, k) => (plans[at]!.beside.includes(boxId) ? [k] : []));

/** What devices of one box are to each other: none is proven dead before all are out and read, and none is opened again alone. */
export function besideEachOther<Whole extends Boxes>(whole: Whole): Whole {
	const { plans, boxes } = whole;
	if (plans.every(({ beside }) => beside.length === 0)) return whole;
	const sent = boxes.map((state, at) => {
		const near = besideAt(plans, at).map((k) => boxes[k]!);
		const reopens = near.some(
			(other) => other.redo !== null || (isOpen(other) && !proofStands(state.isolation))
		);
		return state.device === 'newSeated' && state.redo === null && reopens ? offAgain(state) : state;
	});
	return {
		...whole,
		boxes: sent.map((state, at) => {
			const besideProven = besideAt(plans, at).every((k) => isReady(state, sent[k]!, plans[k]!));
			return besideProven === state.isolation.besideProven
				? state
				: { ...state, isolation: { ...state.isolation, besideProven } };
		})
	};
}

/** Whether the device beside doesn’t stand in the way of this one’s proof: read dead itself, and out where this one is; while this one still sits in the wall, one that is out is read with it. One without a face is eased forward and read before anything else is laid hands on. */
function isReady(state: JobState, other: JobState, { controls }: JobPlan): boolean {
	if (!isOpen(state)) return (isOpen(other) && controls === null) || proofStands(other.isolation);
	return other.device !== 'oldSeated' && proofStands(other.isolation);
}

/** What comes next in a box that is open: all of its devices out, all of them read dead, then their work, and into the wall again when all of it is done. */
export function inOneBox(
	{ plans, boxes }: Boxes,
	places: readonly number[]
): { readonly at: number; readonly step: Step | null } {
	const each = places.map((at) => ({
		at,
		state: boxes[at]!,
		step: nextStep(plans[at]!, boxes[at]!),
		faceless: plans[at]!.controls !== null
	}));
	const hasToCome = ({ device, redo }: JobState) =>
		device === 'oldSeated' || (device === 'newSeated' && redo);
	const first =
		each.find(({ state, faceless }) => faceless && hasToCome(state)) ??
		each.find(({ state, faceless }) => faceless && isOpen(state) && !proofStands(state.isolation)) ??
		each.find(({ state }) => hasToCome(state)) ??
		each.find(({ state }) => isOpen(state) && !proofStands(state.isolation)) ??
		// All of them are looked at before a wire comes off any: what ends the job is found with everything still on.
		each.find(({ step }) => step?.kind === 'lookOver' || step?.kind === 'inspect') ??
		each.find(({ state, step }) => isOpen(state) && !isSeating(step)) ??
		each.find(({ state }) => isOpen(state))!;
	return { at: first.at, step: first.step };
}

const isSeating = (step: Step | null): boolean =>
	step?.kind === 'confirm' && ['tape', 'fold', 'tugAgain', 'seat'].includes(step.step);
/** A device comes out of its wall. */
export const opens = (step: Step): boolean =>
	step.kind === 'reopen' ||
	(step.kind === 'confirm' && ['plateOff', 'easeOut', 'easeForward'].includes(step.step));

/** Read dead itself, and what sits beside it isn’t yet. */
export const isWaiting = ({ isolation }: JobState): boolean =>
	isolation.power === 'off' && !isolation.besideProven && proofStands(isolation);
