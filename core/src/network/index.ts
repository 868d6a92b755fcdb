/*
 * Nodes and branches, and their solution in phasors. Nodes are eliminated by star–mesh transformation, so
 * that a milliohm beside a picofarad costs no digits; a shape that was met keeps its order (`pattern`), and
 * a small change is solved as such (`variants`). Outcomes are data: solved, floating, ill-conditioned,
 * singular.
 */

export { complex, magnitude, subtract, add, multiply, divide, zero, type Complex } from './complex';
export {
	impedanceOhm,
	type Branch,
	type Capacitor,
	type Network,
	type Resistor,
	type Source,
	type Switch
} from './network';
export { branchCurrentA, solve, type Solution, type SolveOutcome, type Voltages } from './solve';
export { writeNetlist, type Netlist } from './netlist';
export {
	askVariant,
	betweenV,
	solveVariant,
	variantSet,
	variantsInPlace,
	variantsWithOneMore,
	type Difference,
	type VariantSet
} from './variants';
export type { Factor } from './factor';
