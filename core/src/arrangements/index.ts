export {
	arrangementKinds,
	arrangements,
	arrangementsOf,
	emptyBox,
	newGfci,
	type Arrangement,
	type ArrangementKind
} from './arrangements';
export { here, type FragmentOptions } from './fragment';
export {
	agreesWith,
	arrangementsThatFit,
	seenIn,
	settling,
	settlingTests,
	wiredWays,
	type BoxSeen,
	type Compared,
	type Fit,
	type Settling,
	type SettlingTest,
	type WiredWay
} from './fit';
export { editsToRecord } from './onRecord';
