import type { LoadedVerdict } from './loaded';
import type { z } from 'zod';
import type { commandSchema } from './commandSchema';
import type { stopReasons } from './vocabulary';
import type { Colour, How } from '../house';
import type { PlugLamps } from '../instruments';
import type { CableVerdict } from './supply';

/** What dead will be proven with; `none`: nothing at hand that reads between two points, yet. */
export type Tester = 'multimeter' | 'indicator' | 'none';

/** An ohmmeter reading: a value, over its range, or refused by the meter because the pair is live. */
export type OhmValue =
	{ readonly kind: 'ohms'; readonly resistanceOhm: number } | { readonly kind: 'overload' };

export {
	conditions,
	confirmedSteps,
	namedReasons,
	protectionDecisions,
	stopReasons,
	type Answer,
	type Condition,
	type Confirmed,
	type ProtectionDecision
} from './vocabulary';

/** Where a lost safety margin ends the job: what to hand over for. */
export type StopReason = (typeof stopReasons)[number];

/** What is looked at and measured of the old device in the hand, wires off. */
export interface Autopsy {
	readonly looks: 'sound' | 'discoloured' | 'scorched' | 'cracked';
	readonly grip: 'firm' | 'weak' | 'none';
	readonly hotNeutral: OhmValue;
	/** `null`: it has no ground. */
	readonly hotGround: OhmValue | null;
	/** From a terminal to its contact, a blade pushed in. */
	readonly through: OhmValue;
}

/** The two schools of telling which cable is the supply, and leaving it. */
export type SupplyWay = 'dead' | 'live' | 'device' | 'skip';

export interface SeenLanding {
	readonly terminal: string;
	readonly wires: readonly { readonly id: string; readonly colour: Colour; readonly how: How }[];
}

export interface PartAnswers {
	readonly ratingA: number;
	readonly tamperResistant: boolean;
	readonly sameKind: boolean;
	readonly grounded: boolean;
	readonly undamaged: boolean;
}

export type DeepReadonly<T> = T extends object ? { readonly [Key in keyof T]: DeepReadonly<T[Key]> } : T;

/** What a person says they saw, did or decided. Accepted, it becomes an event. */
export type Command = DeepReadonly<z.infer<typeof commandSchema>>;

/** What the model said at the time, kept with the event so that a record never changes its mind. */
export interface Judged {
	readonly passes: boolean;
	/** Of a test with a load in it. */
	readonly loaded?: LoadedVerdict;
	/** Of a reading that tells cables apart. */
	readonly cable?: CableVerdict;
	/** Expected value in words of the model: volts, ohms (`null`: open), or lamps. */
	readonly expected:
		| { readonly volts: number }
		| { readonly resistanceOhm: number | null }
		| { readonly lamps: PlugLamps }
		| null;
}

/** A stored event: an accepted command with its identity, its time and, for readings, the judgement. */
export interface JobEvent {
	/** Made on the device that took it; stored once however often it is sent. */
	readonly id: string;
	/** ISO 8601, by the clock handed in. */
	readonly at: string;
	/** The box it was at, where the job has several; left out: the first. */
	readonly box?: string;
	readonly body: Command;
	readonly judged?: Judged;
}
