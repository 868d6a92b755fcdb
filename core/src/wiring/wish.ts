import type { Device, How, Role } from '../house';

/** How the boxes after this one are fed: as they were found, over the device's own terminals, by pigtails, or through a protecting device's load side. */
export const feeds = ['asFound', 'throughDevice', 'pigtails', 'protected'] as const;
export type Feed = (typeof feeds)[number];

export type WireEndSchool = 'clampPlate' | 'hook';

/** What is to be in the box instead. */
export interface Wish {
	/** The new part, as it comes out of its packet. */
	readonly device: Device;
	readonly feed: Feed;
	/** Of a half on a wall switch: it stays so, or it becomes always on and the switched end is capped. */
	readonly switched: 'keep' | 'alwaysOn';
	/** The cables that feed the box, as found by a test or recorded: asked where supply and load are told apart. */
	readonly supply: readonly string[];
	/** Schools of practice. */
	readonly wireEnd: WireEndSchool;
	readonly connector: Extract<How, 'lever' | 'twistOn'>;
	/** Left out: where the metal of the box is the only ground, the part is joined to it. */
	readonly groundByBox?: boolean;
}

/** Why a box can't be wired to a wish. */
export type WishRefusal =
	| { readonly code: 'nothingOnDevice' }
	/** The part has a ground terminal and the box has no ground. */
	| { readonly code: 'noGround' }
	/** The box has a ground and the part has no place for it. */
	| { readonly code: 'groundUnused' }
	/** Halves that are fed apart need a part whose tab can be broken. */
	| { readonly code: 'halvesApart' }
	/** Two neutrals that are kept apart here. */
	| { readonly code: 'twoNeutrals' }
	| { readonly code: 'noSides' }
	/** Nothing comes after this box that a load side could feed. */
	| { readonly code: 'nothingAfter' }
	| { readonly code: 'supplyUnknown' }
	/** A neutral that serves two circuits may not go through a device (NEC 300.13(B)), nor come out of a load side. */
	| { readonly code: 'sharedNeutral' }
	/** More or thicker conductors than the terminals and one tail each can take. */
	| { readonly code: 'noRoom'; readonly role: Role };
