import type { Region } from './regions';

/** What a plate has to say about the outlet under it, by its own words in `words`. */
export const plateLabels = ['noEquipmentGround', 'gfciProtected'] as const;
export type PlateLabel = (typeof plateLabels)[number];

/** Whether an outlet with a place for a ground may stand where there is none: only guarded against leaks, and marked. */
export interface WithoutGround {
	readonly code: string;
	readonly edition: string;
	readonly clause: string;
	/** A residual device that is itself the outlet. */
	readonly itself: readonly PlateLabel[];
	/** An outlet that hangs on one. */
	readonly behind: readonly PlateLabel[];
}

/** By region; `null`: nowhere. us: NEC 406.4(D)(2)(b) and (c). uk: every socket-outlet is earthed, BS 7671 411.3.1.1. */
export const withoutGround: Readonly<Record<Region, WithoutGround | null>> = {
	us: {
		code: 'NEC',
		edition: '2020',
		clause: '406.4(D)(2)',
		itself: ['noEquipmentGround'],
		behind: ['gfciProtected', 'noEquipmentGround']
	},
	uk: null
};
