import type { Half } from './schema';
import { contactPoint, platePoint } from './devices';

/** Names of network nodes: the places where a probe can be put. A point's name says where it is. */
export const points = {
	earth: (panelId: string): string => `panel:${panelId}/groundBar`,
	neutralBar: (panelId: string): string => `panel:${panelId}/neutralBar`,
	bus: (panelId: string, leg: 0 | 1): string => `panel:${panelId}/bus${leg === 0 ? 'A' : 'B'}`,
	breaker: (breakerId: string, pole: 0 | 1 = 0): string => `breaker:${breakerId}/pole${pole + 1}`,
	feed: (panelId: string, leg: 0 | 1): string => `panel:${panelId}/feed${leg === 0 ? 'A' : 'B'}`,
	breakerNeutral: (breakerId: string): string => `breaker:${breakerId}/neutral`,
	residualLine: (id: string): string => `residual:${id}/line`,
	residualNeutral: (id: string): string => `residual:${id}/neutralBar`,
	conductor: (cableId: string, conductorId: string, end: 'from' | 'to'): string =>
		`cable:${cableId}/${conductorId}@${end}`,
	terminal: (boxId: string, name: string): string => `box:${boxId}/${name}`,
	contact: (boxId: string, half: Half, role: 'hot' | 'neutral' | 'ground'): string =>
		`box:${boxId}/${contactPoint(half, role)}`,
	joint: (boxId: string, jointId: string): string => `box:${boxId}/joint:${jointId}`,
	pigtail: (boxId: string, pigtailId: string): string => `box:${boxId}/pigtail:${pigtailId}`,
	/** A face of metal. */
	plate: (boxId: string): string => `box:${boxId}/${platePoint}`,
	metal: (boxId: string): string => `box:${boxId}/metal`,
	/** Armour or conduit where it ends in a plastic box. */
	metalOfCable: (cableId: string, end: 'from' | 'to'): string => `cable:${cableId}/metal@${end}`
};
