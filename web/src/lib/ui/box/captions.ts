import { isJumper, type Cable, type ConductorEnd, type House } from '@wary/core/house';
import { besideWords, boxPlace, sizeWords, terms } from '$words/terms';

/** Width of a letter of a caption, drawing units; a little wide, so that a line never leaves the picture. */
const letter = 9;
export const lineHeight = 19;

/** Text broken between words into lines of at most `width` drawing units; a single longer word keeps its line. */
export function wrap(text: string, width: number): string[] {
	const most = Math.max(1, Math.floor(width / letter));
	const lines: string[] = [];
	for (const word of text.split(' ')) {
		const last = lines.at(-1);
		if (last !== undefined && last.length + 1 + word.length <= most)
			lines[lines.length - 1] = `${last} ${word}`;
		else lines.push(word);
	}
	return lines;
}

export const conductorSpacing = 26;
export const sheathWidth = ({ conductors }: Cable): number => (conductors.length - 1) * conductorSpacing + 30;

/** A cable's way into the picture of a box: from the panel's side at the top, the others at the bottom. */
export interface Entry {
	readonly cable: Cable;
	readonly enters: 'top' | 'bottom';
	readonly other: string | 'panel';
	/** Its other end is in this box too, on the device beside this one. */
	readonly jumper: boolean;
	readonly x: number;
	readonly where: readonly string[];
	readonly what: readonly string[];
}

/** The cables of a box side by side, and what is written beside each, broken to the room it has there. */
export function entriesOf(
	house: House,
	ends: readonly ConductorEnd[],
	{ width, spacing, ids }: { width: number; spacing: number; ids: boolean }
): Entry[] {
	return (['to', 'from'] as const).flatMap((way) => {
		const group = ends.filter(({ end }) => end === way);
		return group.map(({ cable }, k): Entry => {
			const x = width / 2 + (k - (group.length - 1) / 2) * spacing - (group.length > 1 ? 40 : 0);
			const next = group[k + 1];
			const room = (next ? spacing - sheathWidth(next.cable) / 2 : width - x) - sheathWidth(cable) / 2 - 12;
			const far = way === 'to' ? cable.from : cable.to;
			const other = 'box' in far ? far.box : 'panel';
			const name =
				other === 'panel'
					? `the ${terms[house.region].panel}`
					: boxPlace(house, other).replace(/^Room, /, 'the ');
			const what = `${sizeWords(cable.size)}${cable.material === 'aluminium' ? ' aluminium' : ''}, ${cable.lengthM}\u00a0m`;
			const jumper = isJumper(house, cable);
			return {
				cable,
				jumper,
				enters: way === 'to' ? 'top' : 'bottom',
				other,
				x,
				where: wrap(jumper ? besideWords(name) : `${way === 'to' ? 'from' : 'to'} ${name}`, room),
				what: wrap(ids ? `${cable.id}\u00a0· ${what}` : what, room)
			};
		});
	});
}
