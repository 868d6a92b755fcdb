/** What a uk supply's earth path is taken for where nobody has measured it, Ω. */
export const earthingRules = {
	tnS: { returnOhm: 0.35, source: 'earth return of a TN-S supply: 0.2 to 0.8 Ω (DNOs quote up to 0.8)' },
	tt: {
		supplyElectrodeOhm: 20,
		electrodeOhm: 60,
		source: 'earth electrodes: 20 to 200 Ω each; BS 7671 table 41.5 asks under 200 Ω to be stable'
	}
} as const;
