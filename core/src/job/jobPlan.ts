import type { Device, Half } from '../house';
import type { Thing, Together } from '../isolation';
import type { PlateLabel, Region } from '../rules';
import type { ProtectionAsked } from './asked';
import type { Baseline, Landing, WireRef } from './landings';
import type { Pair } from './pairs';
import type { Found } from './steps/planAnew';
import type { ResistanceCheck } from './vocabulary';
import type { Work } from './work';

export const terminatingSchools = ['groundFirst', 'hotFirst', 'asItCameOff'] as const;
export type TerminatingSchool = (typeof terminatingSchools)[number];

/** What a job is about, worked out once from the recorded house: the same house always gives the same plan. */
export interface JobPlan {
	readonly school: TerminatingSchool;
	/** What was found in the box otherwise than recorded, where the plan was made anew from that. */
	readonly foundAs: Found | null;
	readonly region: Region;
	readonly boxId: string;
	/** The other devices of the same box. */
	readonly beside: readonly string[];
	readonly oldDevice: Device;
	readonly newDevice: Device;
	/** What a rule asks for here beyond the same again; `null`: nothing, or it is guarded. */
	readonly asked: ProtectionAsked | null;
	/** uk: nothing in the panel opens at a leak on this circuit, by the record. */
	readonly noResidual: boolean;
	/** By breaker that may turn out to feed it: ratings of a new part that fit, A. */
	readonly fittingRatingsA: Readonly<Record<string, readonly number[]>>;
	readonly baselines: readonly Baseline[];
	/** Conductors of the two cables on the device, read from end to end where a circuit may be a ring. */
	readonly ends: readonly {
		readonly role: 'hot' | 'neutral' | 'ground';
		readonly a: WireRef;
		readonly b: WireRef;
	}[];
	/** Two cables that both feed may be a ring that is recorded as none. */
	readonly mayBeRing: boolean;
	/** Whether the box has a ground for the device. */
	readonly grounded: boolean;
	/** Whether the new part has a ground on it. */
	readonly newGrounded: boolean;
	/** What its plate has to say. */
	readonly labels: readonly PlateLabel[];
	readonly metalBox: boolean;
	/** us devices have a plate of their own; a uk face is the plate. */
	readonly separatePlate: boolean;
	readonly halves: readonly Half[];
	/** What goes into each half before anything is switched off: a plug-in tester, or at two slots a plug of two blades, which lights one lamp. `null`: nothing. */
	readonly asFound: 'threeLamps' | 'twoBlades' | null;
	/** Whether it may be dead from the start. */
	readonly deadFromStart: boolean;
	/** At two slots in a box of metal: its plate's screw is read from a slot. `reliedOn`: the new part has its ground from the metal of the box alone. `null`: it isn't read. */
	readonly plateScrew: 'reliedOn' | 'read' | null;
	/** Outlets on the same breaker by the record, that can be watched in its place. */
	readonly witnesses: readonly string[];
	/** The switch that takes all of the panel off. */
	readonly mainSwitch: string;
	readonly facePairs: readonly Pair[];
	readonly barePairs: readonly Pair[];
	/** Cables with a hot and a neutral on the device and a ground in the box: any of them may be the supply. Empty where there is nothing to tell apart. */
	readonly supplyCables: readonly string[];
	/** Of those the ones that feed the box as recorded: one, or two on a ring. */
	readonly recordedSupply: readonly string[];
	readonly onRing: boolean;
	/** Conductors in the box that don't sit on the device: joined, capped, of other circuits. They are in reach too. */
	readonly passing: readonly WireRef[];
	/** How many cables enter the box, those of the devices beside it among them. */
	readonly cablesIn: number;
	/** In the order they come off: hot first. */
	readonly takeOff: readonly Landing[];
	readonly resistanceChecks: readonly ResistanceCheck[];
	readonly upstream: readonly string[];
	readonly downstream: readonly string[];
	/** Whether neutral and ground meet in the panel that feeds it: switched off, there is nothing between them then. */
	readonly neutralMeetsGround: boolean;
	/** The breaker the record names for this outlet, every breaker of the panels, and their main switches. */
	readonly recordedBreaker: string;
	readonly breakers: readonly string[];
	/** Breakers that must be off with the recorded one, and why. */
	readonly together: readonly Together[];
	/** By breaker: what may not go off before somebody has seen to it. */
	readonly hard: Readonly<Record<string, readonly Thing[]>>;
	/** Halves of the new part. */
	readonly newHalves: readonly Half[];
	/** Only taken out, read dead with the others of its box, and put back as it is. */
	readonly putBack: boolean;
	/** Nothing was there but the ends of a cable. */
	readonly newWork: boolean;
	/** Of a device without a face to read: the boxes of what it switches, seen lit before and dark after. `null`: it has a face. */
	readonly controls: readonly string[] | null;
	/** What is done at the box, as moves. `null`: nothing, it is put back. */
	readonly work: Work | null;
}
