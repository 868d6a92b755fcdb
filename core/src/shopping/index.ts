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
export {
	bill,
	costEntrySchema,
	costsSchema,
	entered,
	noCosts,
	takingBack,
	type Bill,
	type CostEntry,
	type Costs,
	type Line
} from './costs';
export { asOfNow, keptPlanSchema, neededBy, type Kept, type KeptPlan } from './keptPlan';
