export type { Box, Breaker, Cable, Circuit, Colour, Conductor, Device, Half, House, How, Load, Panel, Role, WorryKind } from './schema';
export { contactPoint, deviceModel, type DeviceModel, type InternalLink, type Terminal } from './devices';
export { points } from './points';
export {
	cablesInBox,
	circuitsInBox,
	fedFrom,
	findBox,
	findBreaker,
	findCircuit,
	mainPanel,
	placeName,
	withBox,
	withBreakers,
	type ConductorEnd
} from './lookup';
export { chainOfCircuit, neighbours, type ChainBox } from './topology';
export { breakerBranchId, compileHouse, legOfSpace } from './compile';
export { settle, type Settled, type Trip } from './settle';
export { needsOf, type Need } from './needs';
