export { roomForWiresMm, type FactName, type Facts, type PartFacts, type Tri } from './facts';
export { clauseOf, ruleIds, type Effect, type Rule, type RuleId } from './rule';
export { fitting, groundFaultHere, type Asked, type PlaceFacts } from './us';
export { replacingRules } from './all';
