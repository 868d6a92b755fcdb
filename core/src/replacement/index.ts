/*
 * Which part may go in at an outlet, and why. Facts of the place and of the part are put to the rules of
 * the edition in force; what nobody has said counts as unknown, and what would change the answer most is
 * asked first. `cover` finds the fewest devices that guard a circuit.
 */

export { factsIn, ruledOut, type RuledOut } from './admitted';
export { askedOfAgain } from './again';
export { choose, judgePart, type Choice, type Judged, type Level, type Reason, type Wishes } from './choose';
export { cover, type Cover, type CoverDevice, type CoverNode } from './cover';
export { factsOf, type Known } from './factsOf';
export { placeOf, type Placed } from './place';
export { protectionOf, protectionOfCircuit, type CircuitProtection, type ProtectionAt } from './protection';
export { spurOf } from './spur';
export { waysWithoutGround, type GroundlessWay } from './withoutGround';
