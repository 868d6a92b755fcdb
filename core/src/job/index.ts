/*
 * A job: one isolation and one or more boxes, each with its plan, its state and its work. A command is
 * decided (`decide`), becomes an event or a refusal as data, and is applied (`apply`); what comes next
 * follows from the state alone (`order`). A step’s own behaviour stands in `steps`; plans are made by
 * `plan` and never stored.
 */

export { feedOf, judgeLoaded, loadFromW, loadToW, type LoadedReading, type LoadedVerdict } from './loaded';
export { loadedAt } from './loadedAt';
export { protectionAsked, type ProtectionAsked } from './asked';
export { currentProcedure } from './procedures';
export { planJob } from './plan';
export { terminatingSchools, type JobPlan, type TerminatingSchool } from './jobPlan';
export { leftAsTold, type LeftAsTold } from './older';
export { type PlanFailure } from './whyNot';
export { type Baseline, type Landing, type WireRef } from './landings';
export { controlledBy, controlledLit, litBoxes } from './putBack';
export { resistanceChecks, type ResistanceCheck } from './vocabulary';
export { commandSchema } from './commandSchema';
export { workCheckPasses } from './checks';
export { planWork } from './planWork';
export { wishedSchema, wishSchema, type Wished, type WishChoice } from './wishSchema';
export {
	asInHand,
	checkId,
	handMoves,
	isJoint,
	resetFirst,
	tripsWithinS,
	sameAgain,
	wayNow,
	type ProtectionCheck,
	type Work,
	type WorkFailure,
	type WorkWay
} from './work';
export { foundPairs, foundTo, pairsToRead, type Earth, type Pair } from './pairs';
export {
	conditions,
	confirmedSteps,
	namedReasons,
	protectionDecisions,
	stopReasons,
	type Answer,
	type Autopsy,
	type Command,
	type Condition,
	type Confirmed,
	type JobEvent,
	type Judged,
	type OhmValue,
	type PartAnswers,
	type ProtectionDecision,
	type SeenLanding,
	type StopReason,
	type SupplyWay,
	type Tester
} from './events';
export {
	asOf,
	awayAfterMin,
	lapsesInMin,
	initialJob,
	isBare,
	mustStop,
	supplyPending,
	type JobState,
	type WireState
} from './state';
export { severityOf, stopping } from './conditions';
export { nextStep, safeStopStep } from './order';
export { concernsJob, type Step } from './steps';
export { checksNow } from './steps/readOhms';
export { planWhole, withBeside, type BoxWish, type WholeFailure } from './planWhole';
export {
	applyToWhole,
	boxAt,
	decideWhole,
	eventsAt,
	houseFor,
	initialWhole,
	mayDrop,
	nextAt,
	openBox,
	replayWhole,
	wholeAsOf,
	type WholeJob
} from './whole';
export {
	decideEntry,
	foreignTo,
	replayStored,
	stored,
	viewOf,
	withoutStored,
	type Dropped,
	type Entry,
	type Stored
} from './apart';
export { visitOf, visitsOf, wholeVisits, type Carried, type VisitAt, type VisitId } from './visits';
export { applyEvent, replay } from './apply';
export type { Decision, JobContext, Refusal } from './decision';
export { partInHandSchema, type PartInHand } from './partInHand';
export { schema as searchedSchema } from './steps/searched';
export { partFaults, ratingsWanted, toolsForAll, toolsNeeded } from './fitting';
export {
	autopsyFaults,
	contactBelowOhm,
	judgeLive,
	judgeEnds,
	judgeOhms,
	lowestOf,
	notShorted,
	ohmsInRange,
	showsGround,
	noGroundLamps,
	soundLamps,
	type AutopsyFault,
	type LiveVerdict,
	type OhmVerdict,
	type PartFault
} from './judge';
export {
	baselineProbes,
	endsProbes,
	groundEarthProbes,
	plateScrewV,
	expectationsAt,
	expectationsOf,
	neutralEarthProbes,
	halfProbes,
	pairProbes,
	provingUnitV,
	resistanceProbes,
	sourceVoltageV,
	type Expectations
} from './expect';
export { judgeSupplyVolts, tellsSupply, type CableVerdict, type SupplyState } from './supply';
export { supplyOhm, supplyProbes, supplyVolts } from './supplyReadings';
export { earthProbes, groundProbes, ownLead } from './earth';
export { farOff } from './judge';
export { freedFromDevice } from './freed';
export { countsOn } from './landings';
export { toKnownBand } from './steps/readGroundEarth';
export { contrastOutcome, judgeAlone, nextOfContrast, nextOnLine } from './contrast';
export { believedHouse, wiringDuring } from './stage';
export { houseAfterJob, houseAfterStop, recordedWay, type FindingWords, type OutcomeWords } from './outcome';
export { recordOf, type JobRecord, type ProvenAt, type Worry } from './record';
export { resolutionsOf, type Resolution } from './resolve';
export { voltsAlong, type AlongPoint } from './along';
export { asFoundIn, foundAsRecorded, needsPlanner, type CantKeep } from './planAnew';
export { otherTerminals } from './landAt';
export { plannerOn, type AddFailure, type AnewFailure, type Planner } from './planner';
export { found as foundSchema, type Found } from './steps/planAnew';
export { boxSeen as boxSeenSchema } from './steps/lookOver';
export { comparedOf, wrongAsFound, type Compared } from './compared';
export { eventVersion, readStoredEvent, type StoredEvent } from './stored';
export { sameLamps } from '../instruments';
