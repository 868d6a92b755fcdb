/*
 * Which mistakes would show exactly what was seen. Every mistake of the catalogue is made in the recorded
 * house, solved, and compared with the lamps. Alone and in pairs, most likely first.
 */

export { suspectsOf, type LampsSeen } from './suspects';
