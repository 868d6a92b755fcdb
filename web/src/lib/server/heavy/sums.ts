import { editHouse, type Edit, type House } from '@wary/core/house';
import { planJob, planWhole, type BoxWish, type TerminatingSchool } from '@wary/core/job';
import { askedOfAgain, factsOf, protectionOf, ruledOut } from '@wary/core/replacement';
import { dueOf, type TestDue } from '@wary/core/observations';

interface Planned {
	readonly boxes: readonly BoxWish[];
	readonly school: TerminatingSchool;
}

/**
 * Sums over a whole house that may take long in a large one. Each is a function of the house and of plain data, and gives plain data: it comes to the same on another thread.
 */
export const sums = {
	plan: (house: House, { boxes, school }: Planned) => planWhole(house, boxes, school),
	/** The plans of a job, and the rule that is in its way. */
	begin: (house: House, { boxes, school }: Planned) => {
		const planned = planWhole(house, boxes, school);
		return { planned, by: planned.ok ? ruledOut(house, planned.plans) : null };
	},
	protection: (house: House, _: null) => protectionOf(house),
	due: (house: House, tests: readonly TestDue[]) => dueOf(house, tests),
	edit: (house: House, edits: readonly Edit[]) => editHouse(house, edits),
	/** What the same again at an outlet comes to, and what the rules say of its place. */
	again: (house: House, boxId: string) => {
		const planned = planJob(house, boxId);
		const known = factsOf(house, boxId);
		return {
			planned: planned.ok
				? { ok: true as const, asked: planned.plan.asked, noResidual: planned.plan.noResidual }
				: planned,
			known,
			reasons: known && askedOfAgain(house, boxId, known)
		};
	}
};

export type Sums = typeof sums;
export type SumName = keyof Sums;
