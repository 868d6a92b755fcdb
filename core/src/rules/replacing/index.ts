/*
 * Rules for what is put in place of an outlet, a table a region. Each says its clause by edition, a
 * three-valued test on facts, and what follows: it stops, forbids, needs, asks, speaks against or is good
 * to know. Facts are named in `facts`, and nothing else may be asked.
 */

export { roomForWiresMm, type FactName, type Facts, type PartFacts, type Tri } from './facts';
export { clauseOf, ruleIds, type Effect, type Rule, type RuleId } from './rule';
export { fitting, groundFaultHere, type Asked, type PlaceFacts } from './us';
export { replacingRules } from './all';
