import { findBox, placeName } from '@wary/core/house';
import { energyOf } from '@wary/core/isolation';
import { asOf } from '@wary/core/job';
import { testsDue, type Due } from '@wary/core/observations';
import { heavily } from '$lib/server/heavy';
import { latestHouse } from '$lib/server/households';
import { manyJobs, type JobRow } from '$lib/server/jobs';
import { manyObservations } from '$lib/server/observations';
import { pageHousehold } from '$lib/server/requests';
import { findJob } from '$lib/server/useCases';
import { words as anewWords } from '$words/anew';
import { energyWords } from '$words/energy';
import { stepWords } from '$words/steps';

const finishedShown = 5;

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const [{ house }, jobs, ledger] = await Promise.all([
		latestHouse(household.id),
		manyJobs(household.id),
		manyObservations(household.id)
	]);
	const tests = testsDue(house, ledger, new Date().toISOString().slice(0, 10));
	const place = (boxId: string) => {
		const box = findBox(house, boxId);
		return box ? placeName(house, box) : boxId;
	};
	const places = ({ boxes }: JobRow) => boxes.map(({ boxId }) => place(boxId)).join(', ');
	const underWay = await Promise.all(
		jobs
			.filter(({ outcome }) => outcome === null)
			.map(async (job) => {
				const known = {
					id: job.id,
					boxIds: job.boxes.map(({ boxId }) => boxId),
					place: places(job),
					startedAt: job.startedAt
				};
				const found = await findJob(household, job.id);
				if (found?.code !== 'now') return { ...known, ...beginsAgain };
				const { plan, state: left, step, house: planned } = found.loaded;
				// A proof lapses while nobody enters anything.
				const state = asOf(left, new Date().toISOString());
				return {
					...known,
					energy: energyOf(state.isolation),
					word: energyWords[energyOf(state.isolation)],
					next: step ? stepWords(step, { house: planned, plan, state }).title : ''
				};
			})
	);
	const busy = new Set(underWay.flatMap(({ boxIds }) => boxIds));
	return {
		house,
		due: (await heavily(house, 'due', tests)).flatMap((due) => besideJobs(due, busy)),
		underWay,
		ended: jobs
			.filter(({ outcome }) => outcome !== null)
			.slice(0, finishedShown)
			.map((job) => ({ id: job.id, place: places(job), outcome: job.outcome, endedAt: job.endedAt }))
	};
}

/** A job of another procedure: what it proved doesn’t count any more. */
const beginsAgain = {
	energy: 'assumedLive' as const,
	word: energyWords.assumedLive,
	next: anewWords.heading
};

/** What is due, without what a job under way is about. */
function besideJobs(due: Due, busy: ReadonlySet<string>): Due[] {
	switch (due.kind) {
		case 'worry':
			return busy.has(due.boxId) ? [] : [due];
		case 'testFailed':
			return busy.has(due.test.box) ? [] : [due];
		case 'noPlaceForGround':
			return due.boxes.some((id) => busy.has(id)) ? [] : [due];
		case 'unprotected': {
			const boxes = due.boxes.filter((id) => !busy.has(id));
			return boxes.length > 0 ? [{ ...due, boxes }] : [];
		}
		default:
			return [due];
	}
}
