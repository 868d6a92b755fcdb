/*
 * What a house is: panels, circuits, cables, boxes, devices and what is plugged in, as one plain value with
 * a schema. `compile` makes a network of it, `settle` solves that and opens what would open; `edit` changes
 * it by small edits as data, `check` says what can’t be. Ids of branches and points are put together in
 * `branches` and `points`, and nowhere else.
 */

export type {
	Box,
	Breaker,
	BreakerType,
	Cable,
	Circuit,
	Colour,
	Conductor,
	Device,
	Half,
	HoursOfDay,
	House,
	How,
	Load,
	Matters,
	Panel,
	Role,
	Standing,
	WorryKind
} from './schema';
export { breakerTypes, colours, matters, mostStretches, roles, ways } from './vocabulary';
export {
	contactPoint,
	deviceModel,
	hasSides,
	largestAt,
	ownReadingFromOhm,
	residualButtonOhm,
	soldIn,
	type DeviceModel,
	type InternalLink,
	type Protection,
	type Terminal,
	type TerminalWay
} from './devices';
export { points } from './points';
export {
	allBreakers,
	besideOf,
	beside,
	cablesInBox,
	cablesOfCircuit,
	isJumper,
	leadsOnBeside,
	circuitsInBox,
	circuitsOfCable,
	fedFrom,
	findBox,
	findBreaker,
	findCircuit,
	mainPanel,
	once,
	mainSwitch,
	panelOf,
	placeName,
	withBox,
	withBreakers,
	type ConductorEnd
} from './lookup';
export { chainOfCircuit, neighbours, placesOf, walkChain, type ChainBox, type ChainPlace } from './topology';
export { branches } from './branches';
export { compileHouse } from './compile';
export { legOfSpace, sensesResidual, tripMaOf } from './breakerFacts';
export { own } from './own';
export { readStoredHouse, type StoredHouse } from './stored';
export { box as boxSchema } from './schema';
export { readingTakesS, settle, type Settled } from './settle';
export { settleWithEach, type OneMore } from './settleEach';
export { isSupplied, type Trip } from './trips';
export { untilStill, type Stillness } from './still';
export { cableConductors, standardWiring, usualDevice, usualSize, type Palette } from './standard';
export {
	boxOfMaterial,
	editHouse,
	editSchema,
	freshId,
	isMetalSheath,
	newHome,
	plainName,
	sameName,
	type Edit,
	type Edited,
	type EditRefusal,
	type Spot
} from './edit';
export {
	evidenceOf,
	latestFindings,
	namesPlace,
	sameWord,
	tellingWords,
	wordsOf,
	type Evidence
} from './evidence';
export { checkHouse, type HouseProblem } from './check';
export {
	applianceOf,
	isTripped,
	hasOutlet,
	isBlank,
	isSwitchedOff,
	isWallSwitch,
	isWornOut,
	opened,
	ownSwitches,
	hasMetalFace,
	resetsOnlyFed,
	resetsUnsupplied,
	switchedOn,
	tabsOf,
	takesGround,
	turned,
	wallSwitchesOff,
	withTabs,
	withTripped,
	withWholeTabs,
	wornOut,
	type Tabs
} from './deviceState';
