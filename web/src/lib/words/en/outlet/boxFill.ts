import type { FillLine } from '@wary/core/sums';
import { sizeWords } from '../terms';

export const words = {
	title: (total: string, has: string | null) =>
		has === null ? `Counted: ${total} in³` : `Counted: ${total} of ${has} in³`,
	tooFull: 'Too full: a larger box, or fewer wires in it.',
	ifNoClamps: 'It does only where no clamps sit inside the box: look.',
	noVolume: 'The box’s volume isn’t on record: it is stamped in plastic boxes; of metal ones the size tells.',
	unknown: (sizes: string) => `There is no figure here for ${sizes}: nothing can be said.`,
	what: 'What',
	allowances: 'Counts as',
	volume: 'in³',
	total: 'All',
	source: (source: string) =>
		`${source}. Tails, and wires from one device to the next, count nothing. The authority where you live decides.`,
	assumed: 'taken to be there: look'
};

/** A line of the count. */
export function fillLineWords({ what, count, size }: FillLine, place: string | null): string {
	const of = sizeWords(size);
	switch (what) {
		case 'conductors':
			return `${count} conductor${count === 1 ? '' : 's'} of ${of} coming in`;
		case 'grounds':
			return `${count} ground${count === 1 ? '' : 's'}, together`;
		case 'clamps':
			return 'clamps inside the box, together';
		case 'device':
			return place === null ? `the device, on ${of}` : `the device at ${place}, on ${of}`;
	}
}
