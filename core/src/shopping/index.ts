/*
 * What kept plans need, and what that costs. Needs follow from a plan’s moves, are added up over plans, and
 * priced by the household’s own list. A plan is kept by its wishes and made again on the record of the day.
 */

export {
	isUsedUp,
	needId,
	needsOf,
	needsOfJob,
	summed,
	tailM,
	type Need,
	type Needed,
	type Tool
} from './needs';
export { bill, entered, noCosts, takingBack, type Bill, type Line } from './costs';
export { costEntrySchema, costsSchema, type CostEntry, type Costs } from './costsSchema';
export { asOfNow, keptPlanSchema, neededBy, type Kept, type KeptPlan } from './keptPlan';
