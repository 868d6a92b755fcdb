/*
 * Which breaker feeds an outlet, in the fewest walks. Priors come from labels, rooms and ratings; each
 * answer changes the belief by how far it can be trusted; the next move costs least for what it tells. What
 * was found goes into the record as edits.
 */

export { findingsOf } from './findings';
export { candidatesFor, labelTrust, type Candidate, type Reason } from './candidates';
export {
	believe,
	darkWith,
	signalCertainty,
	type Believed,
	type Hypothesis,
	type Observation
} from './belief';
export { costOfOrder, exactUpTo, planOrder, planSets, type Item, type Planned } from './plan';
export {
	defaultSettings,
	lookCostS,
	means,
	searchStand,
	type Means,
	type Move,
	type SearchEnd,
	type SearchEvent,
	type SearchSettings,
	type SearchStand
} from './search';
export { searchSettingsSchema } from './settings';
export { courseOfBelief, type CourseLine } from './course';
