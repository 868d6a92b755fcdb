/*
 * Code books as tables: sizes, breakers, box fill, loads, trips, places and earthing, each with its clause
 * and edition. Regions are put together in `regions`, of supply, devices, code and custom. What is asked at
 * a replacement stands in `replacing`.
 */

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
	sheathsIn,
	sizesIn,
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
export { metalBoxes, type MetalBox } from './metalBoxes';
export { chargerBoundsW, chargers, chargerShare, loadRules, type LoadRule } from './loads';
export { dropRules, type DropRule } from './voltageDrop';
export { editionFacts, editionOf, editions, editionsIn, usualEdition, type Edition } from './editions';
export {
	arcFaultAsked,
	breakerLimitA,
	groundFaultAsked,
	metresFromBath,
	placeNamed,
	places,
	placeWords,
	type Place
} from './places';
export {
	clauseOf,
	fitting,
	groundFaultHere,
	replacingRules,
	roomForWiresMm,
	ruleIds,
	type Effect,
	type FactName,
	type Facts,
	type PartFacts,
	type PlaceFacts,
	type Rule,
	type RuleId,
	type Tri
} from './replacing';
export { plateLabels, withoutGround, type PlateLabel, type WithoutGround } from './withoutGround';
