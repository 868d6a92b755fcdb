/** Ids of network branches: made here and nowhere else, so that who builds a branch and who asks for its current agree. */
export const branches = {
	supplyLeg: (leg: 0 | 1): string => `supply leg ${leg === 0 ? 'A' : 'B'}`,
	breaker: (breakerId: string, pole: 0 | 1): string => `breaker ${breakerId} pole ${pole + 1}`,
	breakerNeutral: (breakerId: string): string => `breaker ${breakerId} neutral`,
	breakerElectronics: (breakerId: string): string => `breaker ${breakerId} electronics`,
	residualLine: (id: string): string => `residual device ${id} line`,
	residualNeutral: (id: string): string => `residual device ${id} neutral`,
	/** Along the cable, from its `from` end to its `to` end. */
	conductor: (cableId: string, conductorId: string): string => `${cableId} ${conductorId}`,
	atPanel: (cableId: string, conductorId: string): string => `${cableId} ${conductorId} at the panel`,
	/** From a conductor's end to where it is landed in a box. */
	termination: (cableId: string, conductorId: string, boxId: string): string =>
		`${cableId} ${conductorId} in ${boxId}`,
	touching: (cableId: string, conductorId: string, boxId: string): string =>
		`${cableId} ${conductorId} touching ${boxId}`,
	coupling: (cableId: string, conductorId: string, beside: string, end: 'from' | 'to'): string =>
		`${cableId} ${conductorId} beside ${beside} @${end}`,
	/** The metal of a device’s part of a box to that of the first. */
	oneBox: (boxId: string): string => `${boxId} in one box`,
	metal: (cableId: string): string => `${cableId} metal`,
	pigtail: (boxId: string, pigtailId: string, end: 'from' | 'to'): string =>
		`pigtail ${boxId} ${pigtailId} ${end}`,
	/** A conducting part inside a device. */
	link: (boxId: string, linkId: string): string => `${boxId} ${linkId}`,
	load: (loadId: string): string => `load ${loadId}`
};
