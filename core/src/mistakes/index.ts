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
