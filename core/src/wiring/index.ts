export { partOf } from './partOf';
export {
	asRecorded,
	endId,
	endsAt,
	endsOf,
	jointOf,
	terminalOf,
	wiredAs,
	withEnd,
	type End,
	type Placed,
	type Wiring
} from './value';
export { conducting, netsOf, rolesIn, type Conducting, type Net } from './nets';
export { feeds, type Feed, type WireEndSchool, type Wish, type WishRefusal } from './wish';
export { wanted, type Wanted } from './wanted';
export { done, moves, type Move, type OrderSchool } from './moves';
export { suppliesFor, tailMm, type Supplies } from './supplies';
export { benchEvents } from './asBench';
export {
	readied,
	guardBefore,
	guardOfOutlet,
	promised,
	verdict,
	type Fault,
	type Promise as PlanPromise,
	type Verdict
} from './verdict';
export { misplaced, type Misplaced } from './misplaced';
export { wayFor as seatOn } from './seat';
