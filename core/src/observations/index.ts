export { dueOf, type Due } from './due';
export {
	hasButton,
	lastLoaded,
	nextTests,
	observationBody,
	observationSchema,
	observationVersion,
	observedIn,
	testsDue,
	type Observation,
	type ObservationBody,
	type TestDue
} from './ledger';
export { needsOf, type Need } from './needs';
