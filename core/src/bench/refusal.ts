import type { House, How } from '../house';
import type { ConductorSize } from '../rules';
import type { PressRefusal } from './device';

/** Why something can't be done at the bench, as data. */
export type BenchRefusal =
	| PressRefusal
	| {
			readonly code: 'unknown';
			readonly what:
				'conductor' | 'tail' | 'terminal' | 'joint' | 'cable' | 'breaker' | 'half' | 'load' | 'circuit';
			readonly id: string;
	  }
	| { readonly code: 'noMetal' }
	| { readonly code: 'noDevice' }
	| { readonly code: 'terminalFull'; readonly terminal: string; readonly how: How; readonly takes: number }
	| { readonly code: 'notHeldThatWay'; readonly terminal: string; readonly ways: readonly string[] }
	| {
			readonly code: 'conductorTooBig';
			readonly size: ConductorSize;
			readonly how: How;
			readonly largest: ConductorSize;
	  }
	| { readonly code: 'aluminiumPushIn' }
	| { readonly code: 'noTab'; readonly which: 'hot' | 'neutral' }
	| { readonly code: 'noSwitch' }
	| { readonly code: 'deviceInUse'; readonly wires: number }
	| { readonly code: 'jointInUse'; readonly wires: number }
	| { readonly code: 'idTaken'; readonly id: string }
	| { readonly code: 'cableUnnamed' }
	| { readonly code: 'tooManyCables'; readonly most: number }
	| { readonly code: 'cableGoesOn' }
	| { readonly code: 'sizeNotMade'; readonly size: ConductorSize; readonly material: string }
	| { readonly code: 'halfTaken' }
	| { readonly code: 'mistakeNotHere' };

/** A house after a change, or why there was none. */
export type Changed =
	{ readonly ok: true; readonly house: House } | { readonly ok: false; readonly refusal: BenchRefusal };

export const changed = (house: House): Changed => ({ ok: true, house });
export const refuse = (refusal: BenchRefusal): { readonly ok: false; readonly refusal: BenchRefusal } => ({
	ok: false,
	refusal
});
export const unknown = (what: Extract<BenchRefusal, { code: 'unknown' }>['what'], id: string) =>
	refuse({ code: 'unknown', what, id });
