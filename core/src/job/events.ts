import type { BoxSeen } from '../arrangements';
import type { Colour, Half, How } from '../house';
import type { PlugLamps } from '../instruments';
import type { Change, Hold, VoltReading } from '../isolation';
import type { SearchEvent, SearchSettings } from '../search';
import type { ResistanceCheck } from './plan';
import type { CableVerdict } from './supply';

/** What dead will be proven with; `none`: nothing at hand that reads between two points, yet. */
export type Tester = 'multimeter' | 'indicator' | 'none';

/** An ohmmeter reading: a value, over its range, or refused by the meter because the pair is live. */
export type OhmValue =
	{ readonly kind: 'ohms'; readonly resistanceOhm: number } | { readonly kind: 'overload' };

/** Steps that are simply done or not. */
export const confirmedSteps = [
	'cautions',
	'tag',
	'tell',
	'plateOff',
	'easeOut',
	'prepare',
	'unusedScrews',
	'tape',
	'fold',
	'tugAgain',
	'seat',
	/** Ends capped, apart, device out of the way: before power goes on to find the supply cable. */
	'spreadEnds',
	/** The supply cable marked with tape. */
	'markSupply',
	'clearArea',
	'plateOn',
	/** On the way to a stop: everything folded back into the box, and the box covered. */
	'closeUp',
	'nothingLeft'
] as const;
export type Confirmed = (typeof confirmedSteps)[number];

export type Answer = 'no' | 'yes' | 'unsure';
/** What is looked for once the device is out. */
export const conditions = [
	'scorchIntoWall',
	'crumblingInsulation',
	'aluminium',
	'tooShort',
	'liveGround',
	'scorchLocal',
	'nicked',
	'nearlyCut',
	'pushIn',
	'looseTerminal',
	'wornContacts',
	'corrosion',
	'crackedFace',
	'recessedBox',
	'looseBox'
] as const;
export type Condition = (typeof conditions)[number];

/** Reasons to hand over that no step finds by itself: the person names them. */
export const namedReasons = {
	us: ['sharedNeutral', 'ungroundedExtension'],
	uk: ['spurFromSpur', 'ringFault', 'noResidual', 'bathroom', 'notifiable']
} as const;
type NamedReason = (typeof namedReasons)['us' | 'uk'][number];

/** Where a lost safety margin ends the job: what to hand over for. */
export type StopReason =
	| Condition
	| NamedReason
	| 'notAsRecorded'
	| 'foundOnDevice'
	| 'noArrangement'
	| 'unsure'
	| 'deadBefore'
	| 'noTester'
	| 'ownChoice';

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
export type SupplyWay = 'dead' | 'live' | 'skip';

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

/** What a person says they saw, did or decided. Accepted, it becomes an event. */
export type Command =
	| { readonly kind: 'confirm'; readonly step: Confirmed }
	| { readonly kind: 'checkTools'; readonly tester: Tester; readonly has: readonly string[] }
	| { readonly kind: 'checkPart'; readonly answers: PartAnswers }
	| { readonly kind: 'readLive'; readonly half: Half; readonly reading: VoltReading }
	/**
	 * Power still on: the hot contact to the ground in the box, and a contactless tester at that ground (`none`: there isn't one). Lit and silent, it is a ground.
	 * Lit alone can deceive: behind swapped conductors a live ground lights the same lamps.
	 */
	| {
			readonly kind: 'readLiveGround';
			readonly half: Half;
			readonly reading: VoltReading;
			readonly touchless: 'silent' | 'alarms' | 'none';
	  }
	/** At another outlet: its hot to its ground, whose ground is brought here by a lead. */
	| { readonly kind: 'proveEarth'; readonly source: string; readonly reading: VoltReading }
	/** How one looks for the breaker, and what a try of the search showed. They touch nothing and prove nothing. */
	| { readonly kind: 'searchBy'; readonly settings: SearchSettings }
	| { readonly kind: 'searched'; readonly event: SearchEvent }
	/** Something that may not simply go off has been seen to. */
	| { readonly kind: 'arranged'; readonly thing: string; readonly how: string }
	| { readonly kind: 'switchBreaker'; readonly breaker: string; readonly on: boolean }
	| { readonly kind: 'hold'; readonly way: Hold }
	| {
			readonly kind: 'proveTester';
			readonly when: 'before' | 'after';
			readonly source: string;
			readonly reading: VoltReading;
	  }
	| { readonly kind: 'readPair'; readonly pair: string; readonly reading: VoltReading }
	| { readonly kind: 'amendVolts'; readonly of: string; readonly reading: VoltReading }
	| {
			readonly kind: 'lookOver';
			readonly asRecorded: boolean;
			readonly landings: readonly SeenLanding[];
			readonly note: string;
			readonly seen?: BoxSeen;
	  }
	| {
			readonly kind: 'foundConductor';
			readonly id: string;
			readonly colour: Colour;
			readonly where: 'passing' | 'onDevice';
	  }
	| {
			readonly kind: 'inspect';
			readonly answers: Readonly<Record<Condition, Answer>>;
			/** On which conductors, by wire id; `device` for the device itself. */
			readonly where?: Readonly<Partial<Record<Condition, readonly string[]>>>;
			readonly note: string;
	  }
	| { readonly kind: 'autopsy'; readonly autopsy: Autopsy }
	| { readonly kind: 'takeOff'; readonly terminal: string }
	/** How the supply cable is found: dead by resistance, alive by voltage, or not at all (nothing in a like-for-like swap hangs on it). */
	| { readonly kind: 'supplyWay'; readonly way: SupplyWay }
	/** Neutral to ground of one cable, its wires off and apart. */
	| { readonly kind: 'readSupplyOhms'; readonly cable: string; readonly value: OhmValue }
	/** Power on, ends capped and apart: hot to neutral and hot to ground of one cable, at arm’s length. */
	| {
			readonly kind: 'readSupplyVolts';
			readonly cable: string;
			readonly hotNeutral: VoltReading;
			readonly hotGround: VoltReading;
	  }
	| { readonly kind: 'terminate'; readonly from: string; readonly terminal: string; readonly way: How }
	| { readonly kind: 'tug'; readonly terminal: string; readonly held: boolean }
	| { readonly kind: 'cap' }
	| { readonly kind: 'reopen' }
	| { readonly kind: 'readOhms'; readonly check: ResistanceCheck; readonly value: OhmValue }
	| { readonly kind: 'restorePower'; readonly held: boolean }
	| {
			readonly kind: 'readPlug';
			readonly half: Half;
			readonly lamps: PlugLamps;
			readonly volts?: VoltReading;
	  }
	/** In place of the plug-in test where there is no ground: hot to neutral, and neutral to the known earth, which tells the slots apart. */
	| {
			readonly kind: 'readOutlet';
			readonly half: Half;
			readonly hotNeutral: VoltReading;
			readonly neutralEarth: VoltReading;
	  }
	| { readonly kind: 'checkNeighbour'; readonly box: string; readonly works: boolean }
	| { readonly kind: 'grip'; readonly half: Half; readonly holds: boolean }
	| { readonly kind: 'tidyDirectory'; readonly label: string }
	| { readonly kind: 'changed'; readonly what: Change }
	| { readonly kind: 'note'; readonly text: string }
	| { readonly kind: 'stop'; readonly reason: StopReason; readonly note: string }
	| { readonly kind: 'finish' };

/** What the model said at the time, kept with the event so that a record never changes its mind. */
export interface Judged {
	readonly passes: boolean;
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
	readonly body: Command;
	readonly judged?: Judged;
}
