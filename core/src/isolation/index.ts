/*
 * When wiring counts as dead, and when that lapses: off, held, tester proved, every pair read, tester
 * proved again, and no doubt. A pure fold over events (`state`), with the bands that readings are judged by
 * (`bands`). What else has to be off, and what hangs on a breaker, is worked out from the record.
 */

export {
	deadBand,
	deadBelowV,
	drawsCurrent,
	inRange,
	isTwoPoint,
	liveAboveV,
	multimeterRangeV,
	provesTester,
	type DeadBand,
	type MeterMode,
	type VoltReading
} from './bands';
export {
	holds,
	initialIsolation,
	isolate,
	withShared,
	type Change,
	type Doubt,
	type Hold,
	type IsolationEvent,
	type IsolationState,
	type Proof,
	type Scope,
	type Taken
} from './state';
export { energyOf, pairsLeft, proofStands, type Energy } from './energy';
export { areTied, apartOnNeutral, mustBeOffTogether, type Together } from './together';
export { goingOffWith, hardThings, thingsBehind, type GoingOff, type Thing } from './beforeOff';
