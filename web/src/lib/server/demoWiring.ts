import type { House } from '@wary/core/house';
import { wiringDuring } from '@wary/core/job';
import { maybeDemoWiring, type Household } from './households';
import { manyFinished } from './jobs';
import { loadJob } from './useCases';

/**
 * How a demo home is wired by now: as it was built, and as the jobs that were finished in it have left their boxes. `except`: a job that adds its own as it goes. `null` for a
 * user's own home, whose wiring nobody knows but its owner.
 */
export async function maybeWiringNow(household: Household, except?: string): Promise<House | null> {
	const built = await maybeDemoWiring(household.id);
	if (!built) return null;
	const ids = (await manyFinished(household.id)).filter((id) => id !== except);
	if (ids.length === 0) return built;
	const key = `${household.id} ${ids.join()}`;
	if (known?.key !== key || known.built !== built)
		known = { key, built, wiring: await leftBy(household, built, ids) };
	return known.wiring;
}
/** The one asked for last: a job asks reading by reading, and what is finished is never changed. */
let known: { readonly key: string; readonly built: House; readonly wiring: House } | null = null;

async function leftBy(household: Household, built: House, ids: readonly string[]): Promise<House> {
	let wiring = built;
	for (const id of ids) {
		const job = await loadJob(household, id);
		// Of one that was done by another procedure nothing is worked out any more.
		if (!job) continue;
		const { plans, boxes } = job.whole;
		// Its boxes alone: breakers are on again.
		const { panels } = wiring;
		wiring = { ...plans.reduce((left, plan, k) => wiringDuring(left, plan, boxes[k]!), wiring), panels };
	}
	return wiring;
}
