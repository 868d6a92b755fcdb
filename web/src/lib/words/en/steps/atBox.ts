import type { AtBox } from '../work';
import type { Telling } from './step';

/** Where the ends of a job's work are. */
export const atBoxOf = ({
	house,
	plan,
	state
}: Pick<Telling, 'house' | 'plan'> & Partial<Telling>): AtBox => ({
	...(state ? { hand: state.hand } : {}),
	house,
	boxId: plan.boxId,
	region: plan.region,
	wirings: plan.work ? [plan.work.found, ...plan.work.ways.map(({ wanted }) => wanted)] : []
});
