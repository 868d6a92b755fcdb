/*
 * Mistakes that the model can make: an open conductor, an exchange, a joint that is loose, neutral and
 * ground joined, and others, here or before. Each is a change to a house, from which everything seen
 * follows. Used to diagnose, to draw random houses and to find tests that fail.
 */

export {
	applyAll,
	mistakeKinds,
	mistakesOf,
	pairsOf,
	usualSizes,
	type Mistake,
	type MistakeKind,
	type MistakeSizes
} from './catalogue';
export { supplyOf, type WireRole } from './ends';
