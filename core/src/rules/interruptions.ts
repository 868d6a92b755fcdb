/** What it means that a thing goes off with its circuit. */
export interface Interruption {
	/** How long it may stay off without harm, minutes; `null`: not at all without an arrangement made first. */
	readonly mayBeOffMin: number | null;
	/** What one interruption is worth avoiding, in seconds of somebody's time: it weighs one breaker against another in the search. */
	readonly disturbanceS: number;
	/** Has to be answered before the breaker is switched: somebody may be hurt by its going off. */
	readonly hard: boolean;
	readonly source: string;
}

/** Times are the usual advice for the kind of thing; what the maker prints wins. */
export const interruptions = {
	medical: {
		mayBeOffMin: null,
		disturbanceS: 3600,
		hard: true,
		source: 'maker’s instruction; own battery or a stand-in first'
	},
	alarm: {
		mayBeOffMin: 240,
		disturbanceS: 600,
		hard: true,
		source: 'BS 5839-6, NFPA 72: a standby supply is asked for; somebody keeps watch meanwhile'
	},
	freezer: {
		mayBeOffMin: 240,
		disturbanceS: 15,
		hard: false,
		source: 'food-safety advice: fridge 4 h, full freezer 48 h with the door kept shut'
	},
	pump: {
		mayBeOffMin: 60,
		disturbanceS: 30,
		hard: false,
		source: 'depends on rain and sump; look before and after'
	},
	router: {
		mayBeOffMin: 480,
		disturbanceS: 120,
		hard: false,
		source: 'calls and alarms that go over it are out meanwhile'
	},
	work: {
		mayBeOffMin: 60,
		disturbanceS: 300,
		hard: false,
		source: 'somebody works at it: ask and save first'
	},
	light: { mayBeOffMin: 480, disturbanceS: 20, hard: false, source: 'light to work and walk by' },
	clock: { mayBeOffMin: 480, disturbanceS: 60, hard: false, source: 'has to be set again' }
} as const satisfies Record<string, Interruption>;
