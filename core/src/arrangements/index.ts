/*
 * Ways in which a box is met: end of a run, middle, half-switched, ring, spur and so on, each as a whole
 * small house that is made on demand. `fit` says which of them an opened box can be, and which look or
 * reading settles it; `onRecord` turns what was seen into changes of the record. Whoever needs a house to
 * try something on begins here.
 */

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
