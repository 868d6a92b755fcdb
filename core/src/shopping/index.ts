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
