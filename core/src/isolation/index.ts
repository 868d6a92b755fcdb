export { deadBand, deadBelowV, inRange, liveAboveV, multimeterRangeV, provesTester, type DeadBand, type VoltReading } from './bands';
export {
	initialIsolation,
	isolate,
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
