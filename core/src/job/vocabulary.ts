/** Steps that are simply done or not. */
export const confirmedSteps = [
	'cautions',
	'tag',
	'tell',
	'plateOff',
	'easeOut',
	/** Of a device without a face to read: screws out, eased forward by its edges at expected dead, nothing behind it touched. */
	'easeForward',
	'openSheath',
	'prepare',
	'tape',
	'fold',
	'tugAgain',
	'seat',
	/** Ends capped, apart, device out of the way: before power goes on to find the supply cable. */
	'spreadEnds',
	/** One cable alone on LINE of the new part, every other end capped, all of it screwed into the box. */
	'trialIn',
	/** Eased out of the wall by its edges again: nothing bare is touched. */
	'trialOut',
	/** That cable off LINE again, its ends capped. */
	'trialOff',
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
	/** Too short to reach a terminal, or even a joint, with an undamaged tip. */
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
	'looseBox',
	/** Less than 6 in (150 mm) free, and it reaches. */
	'shortButReaches'
] as const;
export type Condition = (typeof conditions)[number];

/** Reasons to hand over that no step finds by itself: the person names them. */
export const namedReasons = {
	us: ['sharedNeutral', 'ungroundedExtension'],
	uk: ['spurFromSpur', 'ringFault', 'noResidual', 'bathroom', 'notifiable']
} as const;

/** Where a lost safety margin ends the job: what to hand over for. */
export const stopReasons = [
	...conditions,
	...namedReasons.us,
	...namedReasons.uk,
	'notAsRecorded',
	'foundOnDevice',
	'noArrangement',
	'ringOpen',
	'unsure',
	'deadBefore',
	'noTester',
	/** Lit with the main switch off: something else than the service feeds it. */
	'otherSource',
	/** From a slot to the screw of its plate nothing is lit, where the new part would have its ground from the box. */
	'boxNotGround',
	/** The box was opened for what a test showed, and it shows the same again. */
	'faultStays',
	/** With the breaker off the pair is dead and the hot is alive to ground: what is switched is the neutral. */
	'breakerInNeutral',
	/** Live, and far off what the supplier may deliver: the neutral of the service may be lost. */
	'supplyOff',
	'ownChoice'
] as const;

/** What a person decides where a rule asks for more than the same again. */
export const protectionDecisions = ['sameAgain', 'notSuchAPlace'] as const;
export type ProtectionDecision = (typeof protectionDecisions)[number];

/** Read by resistance before power comes back. `pinPlate`: from the earth pin to a face of metal. */
export const resistanceChecks = ['hotNeutral', 'hotGround', 'groundBox', 'pinPlate'] as const;
export type ResistanceCheck = (typeof resistanceChecks)[number];
