import { findBox, withBox, type Box, type House } from '../house';
import type { BenchEvent } from './events';
import { changed, unknown, type Changed } from './refusal';

type End = Box['terminations'][number];

/** The house on the bench and the box whose wires are in hand. */
export interface AtBench {
	readonly house: House;
	readonly box: Box;
}

/** How each of these is done: a house changed, or why not. */
export type Doing<K extends BenchEvent['kind']> = {
	readonly [Kind in K]: (at: AtBench, event: Extract<BenchEvent, { kind: Kind }>) => Changed;
};

export const benchAt = (house: House, boxId: string): AtBench => ({ house, box: findBox(house, boxId)! });

/** The box altered. */
export const inBox = ({ house, box }: AtBench, alter: (box: Box) => Box): Changed =>
	changed(withBox(house, box.id, alter));

/** The end that a conductor has in the box altered; refused where it has none there. */
export function ofConductor(
	at: AtBench,
	{ cable, conductor }: { readonly cable: string; readonly conductor: string },
	alter: (end: End) => End
): Changed {
	const isIt = (end: End) => end.cable === cable && end.conductor === conductor;
	return at.box.terminations.some(isIt)
		? inBox(at, (box) => ({
				...box,
				terminations: box.terminations.map((end) => (isIt(end) ? alter(end) : end))
			}))
		: unknown('conductor', `${cable}/${conductor}`);
}
