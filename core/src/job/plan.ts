import { beside, circuitsInBox, findBox, isBlank, type Box, type House } from '../house';
import { fittingRatingsA, protectionAsked } from './asked';
import type { JobPlan, TerminatingSchool } from './jobPlan';
import { conductorsOf, partsOf, powerOf, readingsOf, witnessesOf, type Settled } from './planParts';
import { planWork } from './planWork';
import { controlledBy, whyNotPutBack } from './putBack';
import { soldAgain } from './soldAgain';
import { whyNot, type PlanFailure } from './whyNot';
import type { Wished, WishChoice } from './wishSchema';
import { sameAgain } from './work';

/**
 * Plans what is done at a box, from the recorded house: a wish, the same again where nothing is wished for (`null`), or taking out and putting back. Refused, as data,
 * where the record shows what none of them covers, or the model what is wrong with the wish. `same`: the part goes in with the ratings of the one that is there.
 */
export function planJob(
	house: House,
	boxId: string,
	school: TerminatingSchool = 'groundFirst',
	wished: Wished = null,
	same = false
): { ok: true; plan: JobPlan } | { ok: false; failure: PlanFailure } {
	const box = findBox(house, boxId);
	if (!box) return { ok: false, failure: { code: 'unknownBox', box: boxId } };
	// The same again is the wish in which found and wanted agree but for the part.
	const again = wished === null && box.device ? sameAgain(box.device) : null;
	const putBack = wished === 'putBack';
	const wish = wished === 'putBack' ? null : (wished ?? again);
	const failure = putBack ? whyNotPutBack(house, box) : whyNot(house, box, wish);
	if (failure) return { ok: false, failure };
	const device = box.device!;
	const { breaker } = circuitsInBox(house, boxId)[0]!;
	const ratings = fittingRatingsA(house, boxId, breaker);
	const worked =
		wish &&
		planWork(house, boxId, wish, ratingOf(box, wish, ratings), school, {
			packet: same || again ? soldAgain(device, ratings) : null,
			groundByBox: true
		});
	if (worked && !worked.ok) return { ok: false, failure: { ...worked.failure, box: boxId } };
	const work = worked?.work ?? null;
	// What is asked is met where the new part guards this place itself.
	const asked = !putBack && !work?.verdict.protects.includes(boxId) ? protectionAsked(house, box) : null;
	if (isBlank(device) && asked) return { ok: false, failure: { code: 'newUnguarded', box: boxId, asked } };
	return {
		ok: true,
		plan: consistingOf({ house, box, device, breaker, school, putBack, work }, asked)
	};
}

/** What a job that can be had consists of. */
function consistingOf(settledUpon: Omit<Settled, 'controls'>, asked: JobPlan['asked']): JobPlan {
	const { house, box, device, school, breaker, putBack, work } = settledUpon;
	const newWork = isBlank(device);
	const settled: Settled = {
		...settledUpon,
		controls: newWork
			? witnessesOf(house, box.id, breaker).slice(0, 1)
			: putBack
				? controlledBy(house, box.id, device)
				: null
	};
	const parts = partsOf(settled);
	const conductors = conductorsOf(settled);
	return {
		school,
		foundAs: null,
		region: house.region,
		boxId: box.id,
		beside: beside(house, box.id),
		asked,
		putBack,
		newWork,
		controls: settled.controls,
		work,
		...parts,
		...powerOf(settled),
		...conductors,
		...readingsOf(settled, { ...parts, ...conductors })
	};
}

/** Of the ratings that fit the one that is wished for, or that is kept: what plugs into it now still does. A. */
function ratingOf({ device }: Box, { ratingA }: WishChoice, ratings: readonly number[]): number {
	const wanted = ratingA !== undefined && ratings.includes(ratingA);
	const was = wanted ? ratingA : device && 'ratingA' in device ? device.ratingA : 0;
	return ratings.includes(was) ? was : ratings[0]!;
}
