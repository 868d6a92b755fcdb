/*
 * A box’s wiring as a value: devices, joints, tails, and for every conductor end where it ends. `wanted`
 * makes of what is found and a wish what shall be, `moves` the difference in the order of the trade,
 * `verdict` what the model says of the whole house then. A plan that the model doesn’t pass is never
 * offered.
 */

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
