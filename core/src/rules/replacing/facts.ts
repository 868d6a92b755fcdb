import type { Edition } from '../editions';
import type { Place } from '../places';
import type { Region } from '../regions';

/** Yes, no, or nobody has said. */
export type Tri = boolean | null;

export const all = (...each: readonly Tri[]): Tri =>
	each.includes(false) ? false : each.includes(null) ? null : true;
export const any = (...each: readonly Tri[]): Tri =>
	each.includes(true) ? true : each.includes(null) ? null : false;
export const not = (one: Tri): Tri => (one === null ? null : !one);
/** Whether something is so; `null` where it isn't known. */
export const is = <T>(value: T | null, ...among: readonly T[]): Tri =>
	value === null ? null : among.includes(value);

/** What the rules of replacing an outlet ask about the place, the box and the circuit. `null`: not known. */
export interface Facts {
	readonly region: Region;
	readonly edition: Edition;
	readonly place: Place | null;
	/** us: a cord reaches a sink's, bathtub's or shower's edge within 6 ft (1.8 m). uk: nearer to zone 1 of a bath or shower than is allowed. */
	readonly nearWater: Tri;
	/** In a kitchen: it serves a worktop. */
	readonly counter: Tri;
	/** In a basement: finished as a room to live in. */
	readonly finished: Tri;
	readonly damp: 'dry' | 'damp' | 'wet' | null;
	/** More than 5½ ft (1.7 m) above the floor, or part of a luminaire or appliance. */
	readonly high: Tri;
	/** One gets at it without moving anything: not behind a refrigerator. */
	readonly reachable: Tri;
	/** In the space of an appliance that isn't easily moved, and for it alone. */
	readonly applianceSpace: Tri;
	/** A ground comes to the box, by a wire or by metal that is shown to be one. */
	readonly ground: Tri;
	readonly metalBox: boolean;
	/** us: what is counted has room in the box (NEC 314.16). */
	readonly roomInBox: Tri;
	/** Depth of the box behind the face, mm; and of the part that is in it now. */
	readonly depthMm: number | null;
	readonly depthNowMm: number;
	/** Outlets there now (0: none was fitted yet), and whether they take a grounded plug. */
	readonly outletsNow: number;
	readonly groundedNow: boolean;
	/** Breaker and conductors together, A. */
	readonly circuitA: number;
	/** The only outlet of its circuit. */
	readonly alone: boolean;
	/** A neutral in the box serves two circuits. */
	readonly sharedNeutral: boolean;
	readonly aluminium: boolean;
	/** Halves fed apart: one on a wall switch, or two circuits. */
	readonly halvesApart: 'no' | 'switched' | 'circuits';
	/** Cables that come to the box. */
	readonly cables: number;
	/** Something before this box opens at a leak of some milliamperes, whoever is here; uk: a 30 mA device in the consumer unit. */
	readonly guardedBefore: Tri;
	/** The breaker, or an outlet before this one, opens at an arc. */
	readonly arcBefore: Tri;
	/** The breaker does, or the first outlet of the circuit, with this one behind it. */
	readonly arcFirst: Tri;
	/** Outlets that hang on this box. */
	readonly outletsAfter: number;
	/** Something hangs here, or after it, that may not go off unnoticed: freezer, pump, alarm, medical. */
	readonly hardHere: boolean;
	/** Something that wants a ground is plugged in here. */
	readonly wantsGround: boolean;
	/** uk: on a branch off a ring that nothing fuses: alone on it, or with another one. */
	readonly spur: 'no' | 'alone' | 'withOthers' | null;
	/** A ground can be brought by an electrician (NEC 250.130(C)); a breaker, or a receptacle here, that opens at arcs is to be had. */
	readonly groundCanBeBrought: Tri;
	readonly arcBreakerSold: Tri;
	readonly arcReceptacleSold: Tri;
}
export type FactName = keyof Facts;

/** What the rules ask of a part. */
export interface PartFacts {
	readonly outlets: number;
	readonly takesGround: boolean;
	readonly groundFault: boolean;
	readonly arcFault: boolean;
	/** Has a load side of its own. */
	readonly feedsOn: boolean;
	readonly tamperResistant: boolean;
	/** It is sold with the mark for damp and wet places. */
	readonly weather: boolean;
	readonly metalFace: boolean;
	readonly usb: boolean;
	readonly ratingA: number;
	/** From the face back, mm. */
	readonly depthMm: number;
	/** Its halves can be fed apart. */
	readonly tab: boolean;
}

/** Room that folded conductors want behind a part, mm; chosen: three layers of 14 AWG or 2.5 mm² with their bends. */
export const roomForWiresMm = 10;
