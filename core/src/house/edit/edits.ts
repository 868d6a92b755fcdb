import { z } from 'zod';
import { conductorSizes, editions, type ConductorSize, type Edition } from '../../rules';
import { freeText, nameText } from '../../text';
import { device, earthing, hoursOfDay, houseSchema, standing } from '../schema';
import { breakerTypes, matters, mostStretches } from '../vocabulary';

const id = nameText(60);
const title = nameText(80);
const space = z.int().min(1).max(84);
const loadHalf = z.enum(['upper', 'lower', 'left', 'right', 'only']);

/** Where an outlet goes on a circuit: right after the panel or after a box; `branch` leaves what follows there where it is. */
const spot = z.strictObject({
	circuit: id,
	after: z.union([z.literal('panel'), z.strictObject({ box: id })]),
	branch: z.boolean().optional()
});
const breakerFields = {
	spaces: z.array(space).min(1).max(2),
	tandem: z.enum(['a', 'b']).nullable().optional(),
	/** Whose handle its own is tied to; `null`: to none. */
	tiedWith: id.nullable().optional(),
	ratingA: z.number().min(1).max(200),
	label: freeText(80),
	type: z.enum(breakerTypes).optional()
};

/** Of a load: watts on its label, and whether it runs for three hours and more. */
const labelled = {
	ratedW: z.number().min(0.1).max(10_000).optional(),
	continuous: z.boolean().optional()
};

/** One change to the recorded house, as a person makes it. New things get their ids from their names. */
export const editSchema = z.discriminatedUnion('do', [
	z.strictObject({ do: z.literal('renameHome'), name: title }),
	z.strictObject({ do: z.literal('setEarthing'), earthing }),
	z.strictObject({ do: z.literal('setEdition'), edition: z.enum(editions) }),
	z.strictObject({ do: z.literal('addRoom'), name: title }),
	z.strictObject({ do: z.literal('renameRoom'), room: id, name: title }),
	z.strictObject({ do: z.literal('removeRoom'), room: id }),
	z.strictObject({
		do: z.literal('setPanel'),
		panel: id,
		name: title.optional(),
		place: title.optional(),
		spaces: z.int().min(2).max(84).optional(),
		mainRatingA: z.number().min(10).max(400).optional()
	}),
	z.strictObject({
		do: z.literal('addSubPanel'),
		name: title,
		place: title,
		spaces: z.int().min(2).max(84),
		breaker: id,
		lengthM: z.number().min(0.1).max(500).default(10),
		size: z.enum(conductorSizes).optional()
	}),
	z.strictObject({ do: z.literal('removeSubPanel'), panel: id }),
	z.strictObject({ do: z.literal('addBreaker'), panel: id, ...breakerFields }),
	z.strictObject({ do: z.literal('setBreaker'), breaker: id, ...z.object(breakerFields).partial().shape }),
	z.strictObject({ do: z.literal('removeBreaker'), breaker: id }),
	z.strictObject({
		do: z.literal('setResidual'),
		panel: id,
		residual: id.nullable(),
		tripMa: z.number().min(5).max(500),
		ratingA: z.number().min(1).max(200),
		covers: z.array(id).max(84)
	}),
	z.strictObject({ do: z.literal('addCircuit'), breaker: id, name: title }),
	z.strictObject({
		do: z.literal('setCircuit'),
		circuit: id,
		name: title.optional(),
		breaker: id.optional(),
		/** To a ring: a cable back to the panel is put in, not seen yet. To a radial: the way back is taken out. */
		arrangement: z.enum(['radial', 'ring']).optional()
	}),
	z.strictObject({ do: z.literal('removeCircuit'), circuit: id }),
	z.strictObject({ do: z.literal('splitCircuit'), box: id, breaker: id, name: title }),
	z.strictObject({
		do: z.literal('addOutlet'),
		room: id,
		name: title,
		kind: z.enum(['duplex', 'twoSlot', 'single', 'socketSingle', 'socketTwin']).optional(),
		ratingA: z.number().min(1).max(63).optional(),
		spot: spot.optional()
	}),
	z.strictObject({
		do: z.literal('setBox'),
		box: id,
		name: title.optional(),
		room: id.optional(),
		material: z.enum(['metal', 'plastic']).optional(),
		/** What outlet is there, as seen. Where its terminals are others, the wires are taken to come as they usually do. */
		device: device.optional(),
		depthMm: z.number().min(5).max(200).optional(),
		volumeIn3: z.number().min(1).max(200).optional(),
		/** All that is known of the place, in place of what was said of it. */
		place: standing.optional(),
		/** The device it sits beside in one box; `null`: a box of its own. */
		inBoxWith: id.nullable().optional()
	}),
	/** A wall switch in one box with an outlet, what it works, and the circuit that feeds it. */
	z.strictObject({ do: z.literal('addSwitch'), beside: id, name: title, works: title, circuit: id }),
	/** What a cable is, as it was seen; `everywhere`: all of its circuit. What is left out stays as it is. */
	z.strictObject({
		do: z.literal('setCable'),
		cable: id,
		everywhere: z.boolean().default(false),
		size: z.enum(conductorSizes).optional(),
		material: z.enum(['copper', 'aluminium']).optional(),
		sheath: z.enum(['nonmetallic', 'twinAndEarth', 'armoured', 'conduit']).optional(),
		lengthM: z.number().min(0.1).max(500).optional(),
		/** Whether it has a ground wire. */
		grounded: z.boolean().optional(),
		/** Whether the metal of its sheath is a path to ground. */
		metalGround: z.boolean().optional()
	}),
	z.strictObject({ do: z.literal('removeBox'), box: id }),
	z.strictObject({ do: z.literal('placeBox'), box: id, spot }),
	z.strictObject({ do: z.literal('unplaceBox'), box: id }),
	z.strictObject({ do: z.literal('wireBox'), box: id, way: z.enum(['ownScrews', 'pigtails']) }),
	z.strictObject({
		do: z.literal('addFinding'),
		breaker: id,
		box: id,
		finding: z.enum(['feeds', 'doesNotFeed']),
		on: z.iso.date(),
		how: freeText(500)
	}),
	z.strictObject({
		do: z.literal('addLoad'),
		box: id,
		half: loadHalf.optional(),
		name: title,
		matters: z.enum(matters).optional(),
		...labelled
	}),
	/** What its label says, and how long it runs (`null`: not known any more); or the outlet it is plugged into now. */
	z.strictObject({
		do: z.literal('setLoad'),
		load: id,
		box: id.optional(),
		ratedW: labelled.ratedW.nullable(),
		continuous: labelled.continuous,
		hours: z
			.union([hoursOfDay, z.array(hoursOfDay).min(1).max(mostStretches)])
			.nullable()
			.optional()
	}),
	z.strictObject({ do: z.literal('removeLoad'), load: id }),
	z.strictObject({ do: z.literal('replaceHouse'), house: houseSchema })
]);

export type Edit = z.infer<typeof editSchema>;
export type Spot = z.infer<typeof spot>;
export type EditOf<Kind extends Edit['do']> = Extract<Edit, { do: Kind }>;

/** Why a change can't be made, as data. */
export type EditRefusal =
	| {
			readonly code: 'unknown';
			readonly what: 'room' | 'box' | 'panel' | 'breaker' | 'circuit' | 'residual' | 'load' | 'cable';
			readonly id: string;
	  }
	| { readonly code: 'roomInUse'; readonly room: string; readonly boxes: number }
	| { readonly code: 'breakerInUse'; readonly breaker: string; readonly circuits: readonly string[] }
	| { readonly code: 'circuitInUse'; readonly circuit: string; readonly boxes: number }
	| { readonly code: 'panelInUse'; readonly panel: string; readonly breakers: number }
	| { readonly code: 'nameTaken'; readonly name: string }
	| { readonly code: 'onTwoChains'; readonly box: string; readonly circuits: readonly string[] }
	| { readonly code: 'notOnThisCircuit'; readonly box: string; readonly circuit: string }
	| { readonly code: 'afterItself'; readonly box: string }
	/** Devices of one box are in one room, and no device is beside itself. */
	| { readonly code: 'notBeside'; readonly box: string; readonly with: string }
	| { readonly code: 'nothingToSplit'; readonly box: string }
	| { readonly code: 'otherRegion'; readonly region: string }
	/** An edition of another region’s code book. */
	| { readonly code: 'otherBook'; readonly edition: Edition }
	| { readonly code: 'notAnOutlet'; readonly box: string }
	/** Its device or its number of cables doesn’t let the wires come that way. */
	| { readonly code: 'notWiredThatWay'; readonly box: string; readonly way: 'ownScrews' | 'pigtails' }
	/** Wired by hand, with hots or circuits that a device put on record wouldn’t say where they go. */
	| { readonly code: 'wiredByHand'; readonly box: string }
	/** Its cable is thicker than a terminal in the box takes. */
	| { readonly code: 'cableTooThick'; readonly size: ConductorSize; readonly takes: ConductorSize }
	/** A blank cover is over the end of one cable. */
	| { readonly code: 'blankTakesOne'; readonly box: string }
	/** What nobody could come back from: a ring wants a box between its two ends, and no branches that close on it. */
	| { readonly code: 'noRing'; readonly circuit: string }
	| { readonly code: 'tooLarge'; readonly what: string };
