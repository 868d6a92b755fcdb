export { planJob, type JobPlan, type Landing, type PlanFailure, type ResistanceCheck, type TerminatingSchool, type WireRef } from './plan';
export { groundToEarth, pairsToRead, type Earth, type Pair } from './pairs';
export {
	conditions,
	type Answer,
	type Command,
	type Condition,
	type Confirmed,
	type JobEvent,
	type Judged,
	type OhmValue,
	type PartAnswers,
	type SeenLanding,
	type StopReason,
	type Tester
} from './events';
export {
	applyEvent,
	asOf,
	awayAfterMin,
	foundPair,
	initialJob,
	isBare,
	mustStop,
	replay,
	stopping,
	type JobState,
	type WireState
} from './state';
export { nextStep, safeStopStep, visitOf, visitsOf, type Carried, type Step, type VisitId } from './steps';
export { decide, partFaults, toolsNeeded, touches, waysFor, type Decision, type JobContext, type Refusal } from './decide';
export { judgeLive, judgeOhms, sameLamps, soundLamps, type LiveVerdict, type OhmVerdict, type PartFault } from './judge';
export {
	earthProbes,
	expectationsOf,
	groundProbes,
	neutralEarthProbes,
	halfProbes,
	pairProbes,
	provingUnitV,
	resistanceProbes,
	sourceVoltageV,
	type Expectations
} from './expect';
export { believedHouse, wiringDuring } from './stage';
export { houseAfterJob, houseAfterStop } from './outcome';
export { recordOf, type JobRecord, type ProvenAt, type Worry } from './record';
export { resolutionsOf, type Resolution } from './resolve';
