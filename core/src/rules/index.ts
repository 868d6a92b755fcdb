export { earthingRules } from './earthing';
export {
	conductorSizes,
	couplingFPerM,
	goodJointOhm,
	resistanceOhmPerM,
	type ConductorMaterial,
	type ConductorSize
} from './conductors';
export {
	regions,
	type CodeBook,
	type Region,
	type RegionRules,
	type SupplySystem,
	type WiringCustom
} from './regions';
export { interruptions, type Interruption } from './interruptions';
export { searchRules } from './search';
export {
	breakerCurves,
	cartridgeFuse,
	groundedNeutralTest,
	residualCurves,
	residualParts,
	type OvercurrentCurve,
	type ResidualCurve
} from './trips';
export {
	areaMm2,
	connectorGaugeMm,
	isThicker,
	largestConductor,
	mostCablesInBox,
	sizesOf,
	stripGauge
} from './terminals';
export { boxFillRules, type BoxFillRule } from './boxFill';
export { loadRules, type LoadRule } from './loads';
export { breakerLimitA, placeRules, type Place, type PlaceRule } from './places';
export { plateLabels, withoutGround, type PlateLabel, type WithoutGround } from './withoutGround';
