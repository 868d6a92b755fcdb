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
