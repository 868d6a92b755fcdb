import { pageJob } from '$lib/server/requests';
import { isSimulated } from '$lib/server/households';
import { latestSettings } from '$lib/server/settings';
import { manyKeptPlans } from '$lib/server/shopping';
import { drawnAs } from '$lib/job/drawn';
import { rowsOf, stepWords } from '$words/steps';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { step } = loaded;
	const [simulated, settings, kept] = await Promise.all([
		isSimulated(household.id),
		latestSettings(household.id, loaded.plan.region),
		loaded.job.outcome === null ? manyKeptPlans(household.id) : []
	]);
	const rows = step && rowsOf(step, loaded.plan, loaded.state, loaded.whole.plans.length === 1);
	return {
		settings,
		job: loaded.job,
		recorded: loaded.house,
		/** As it was begun: what was planned anew or taken in since follows from the events. */
		plans: loaded.whole.begun,
		events: loaded.events,
		simulated,
		/** What was planned for one outlet and kept for another day: it may be taken into this job as it was wished for. */
		kept: kept.flatMap(({ plan: { boxes } }) => {
			const [first, ...more] = boxes;
			const wish = first?.wish;
			return first && wish && wish !== 'putBack' && more.every((each) => each.wish === 'putBack')
				? [{ boxId: first.boxId, wish }]
				: [];
		}),
		/** What the page shows first. */
		shown: {
			stepKind: step?.kind ?? null,
			/** What the step says, as long as nothing is entered. */
			told: step && {
				stepKey: JSON.stringify(step) + loaded.events.length,
				told: stepWords(step, { house: loaded.house, plan: loaded.plan, state: loaded.state })
			},
			isOver: step === null,
			hasRows: rows !== null && rows.steps.length > 1,
			drawnAs: drawnAs(step, loaded.state)
		},
		/** The server's clock, so that the device can correct its own. */
		now: new Date().toISOString()
	};
}
