export { factsIn, ruledOut, type RuledOut } from './admitted';
export { askedOfAgain } from './again';
export { choose, judgePart, type Choice, type Judged, type Level, type Reason, type Wishes } from './choose';
export { cover, type Cover, type CoverDevice, type CoverNode } from './cover';
export { factsOf, type Known } from './factsOf';
export { placeOf, type Placed } from './place';
export { protectionOf, protectionOfCircuit, type CircuitProtection, type ProtectionAt } from './protection';
export { spurOf } from './spur';
export { waysWithoutGround, type GroundlessWay } from './withoutGround';
