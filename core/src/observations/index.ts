/*
 * The ledger of what was seen, read and tried at outlets, in a job or in none: only ever added to. What is
 * due in a house, most dangerous first, and whose test button wants pressing, is worked out from it. A job
 * that ends adds what it saw.
 */

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
