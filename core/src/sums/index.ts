/*
 * Arithmetic of the trade: box fill, load of a circuit and through a day, voltage drop, bad joints along a
 * run, connectors by their chart, screws and spacers. Each gives its result with the figures it used.
 * Sources stand with the rules they come from.
 */

export { mountingOf, type InWall, type Mounting } from './mounting';
export { boxFill, type BoxFill, type FillLine } from './boxFill';
export { chargerDrawsW, circuitLoad, type CircuitLoad, type LoadLine, type LoadWarning } from './circuitLoad';
export { minutesInDay, throughDay, type Day, type Stretch } from './throughDay';
export {
	connectorFor,
	connectorKinds,
	judgeConnector,
	readChart,
	type ChartProblem,
	type ConnectorVerdict,
	type Joint
} from './connector';
export { connectorSchema, type Connector } from './connectorSchema';
export { voltageDrop, type DropLine, type VoltageDrop } from './voltageDrop';
export { jointsAlong, type FedTest, type JointFound } from './joints';
