export {
	contactlessAlarms,
	contactlessAlarmV,
	indicatorLampsV,
	indicatorMarkV,
	indicatorOhm,
	lampGlows,
	lampOhm,
	lowImpedanceOhm,
	multimeterInput,
	ohmmeter,
	plugLampLitShare,
	plugLampOhm,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	sameLamps,
	readVoltageV,
	voltageBetweenV,
	type OhmReading,
	type PlugLamps,
	type Probes
} from './readings';
export {
	capabilities,
	provesDead,
	sceneOf,
	scenes,
	showIn,
	testers,
	type Capability,
	type Scene,
	type SceneKind,
	type Shown,
	type TesterKind
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
