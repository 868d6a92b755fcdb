export {
	contactlessAlarmV,
	indicatorLampsV,
	indicatorOhm,
	lampOhm,
	lowImpedanceOhm,
	multimeterInput,
	ohmmeter,
	plugLampLitShare,
	plugLampOhm,
	sameLamps,
	testers,
	type PlugLamps,
	type Probes,
	type TesterKind
} from './figures';
export {
	contactlessAlarms,
	indicatorMarkV,
	lampGlows,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	readVoltageV,
	voltageBetweenV,
	type OhmReading
} from './readings';
export {
	capabilities,
	provesDead,
	sceneOf,
	scenes,
	showIn,
	type Capability,
	type Scene,
	type SceneKind,
	type Shown
} from './capability';
export { bleedShare, receiverLamps, strongestOf, sweep, transmitter } from './transmitter';
export {
	guardOf,
	leakMa,
	personOhm,
	touchBand,
	touchBandsMa,
	touchCurrentsMa,
	type Guard,
	type TouchBand
} from './touch';
