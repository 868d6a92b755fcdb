/*
 * What instruments show at a place of a house: each adds its own branches to the network, which is solved
 * again. What each of them can and can’t prove is worked out from scenes, not written down (`capability`).
 * What a hand would feel is read the same way (`touch`).
 */

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
	guardsAt,
	leakMa,
	personOhm,
	touchBand,
	touchBandsMa,
	touchCurrentsMa,
	type Guard,
	type MayLeak,
	type TouchBand
} from './touch';
