export { suspectsOf, type LampsSeen } from './suspects';
