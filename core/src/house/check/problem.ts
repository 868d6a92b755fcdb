import type { ConductorSize } from '../../rules';
import type { ShapeFault } from '../../text';

/** A place in a house file: keys and indices from its root. */
export type Path = readonly (string | number)[];

/** What is wrong with a house file, and where. `shape`: a value of the wrong form. */
export type HouseProblem = { readonly path: Path } & (
	| ({ readonly code: 'shape' } & ShapeFault)
	| { readonly code: 'duplicateId'; readonly id: string }
	| {
			readonly code: 'unknown';
			readonly what:
				| 'room'
				| 'box'
				| 'panel'
				| 'circuit'
				| 'breaker'
				| 'cable'
				| 'conductor'
				| 'joint'
				| 'terminal'
				| 'half';
			readonly id: string;
	  }
	| { readonly code: 'cableNotInBox'; readonly cable: string; readonly box: string }
	| {
			readonly code: 'danglingConductor';
			readonly cable: string;
			readonly conductor: string;
			readonly box: string;
	  }
	| { readonly code: 'conductorTwice'; readonly cable: string; readonly conductor: string }
	| {
			readonly code: 'terminalOverfull';
			readonly terminal: string;
			readonly wires: number;
			readonly takes: number;
	  }
	| { readonly code: 'notHeldThatWay'; readonly terminal: string; readonly how: string }
	| { readonly code: 'tooManyCables'; readonly box: string; readonly cables: number }
	| { readonly code: 'spaceTaken'; readonly space: number; readonly by: string }
	| { readonly code: 'spaceOutside'; readonly space: number; readonly spaces: number }
	| { readonly code: 'twoPoleAcross'; readonly spaces: readonly number[] }
	| { readonly code: 'coveredTwice'; readonly breaker: string }
	| { readonly code: 'noMetal'; readonly box: string }
	/** Devices of one box are in one room, of one material, and name the first of them. */
	| { readonly code: 'notOneBox'; readonly box: string; readonly with: string }
	| { readonly code: 'sizeNotMade'; readonly size: string; readonly material: string }
	| { readonly code: 'feedsItself'; readonly panel: string }
	| { readonly code: 'chainCycle'; readonly circuit: string; readonly cable: string }
	| { readonly code: 'cableToItself'; readonly box: string }
	| { readonly code: 'ringOpen'; readonly circuit: string }
	| { readonly code: 'otherPanel'; readonly cable: string; readonly circuit: string; readonly panel: string }
	| { readonly code: 'landingNotAtPanel'; readonly cable: string }
	| { readonly code: 'namedTwice'; readonly id: string }
	| {
			readonly code: 'tooThick';
			readonly size: ConductorSize;
			readonly how: string;
			readonly takes: ConductorSize;
	  }
	| { readonly code: 'noConnector'; readonly joint: string; readonly how: string }
	| { readonly code: 'tailToNothing'; readonly pigtail: string }
	| {
			readonly code: 'otherRegion';
			readonly what: 'size' | 'device' | 'voltage' | 'tandem' | 'residualDevice' | 'earthing' | 'edition';
			readonly found: string;
	  }
	| { readonly code: 'noMetalSheath'; readonly sheath: string }
);

/** A path as one would write it: `boxes[3].terminations[0].at`; empty for the whole. */
export const pathText = (path: Path): string =>
	path.map((part, k) => (typeof part === 'number' ? `[${part}]` : k === 0 ? part : `.${part}`)).join('');
