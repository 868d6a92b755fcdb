export { mountingOf, type InWall, type Mounting } from './mounting';
export { boxFill, type BoxFill, type FillLine } from './boxFill';
export { circuitLoad, type CircuitLoad, type LoadLine, type LoadWarning } from './circuitLoad';
export { minutesInDay, throughDay, type Day, type Stretch } from './throughDay';
export { voltageDrop, type DropLine, type VoltageDrop } from './voltageDrop';
export { jointsAlong, type FedTest, type JointFound } from './joints';
