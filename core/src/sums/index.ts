export { mountingOf, type InWall, type Mounting } from './mounting';
