import { findBox, placeName, type Evidence, type House } from '@wary/core/house';
import { day, shortDay } from './dates';
import { terms } from './terms';

/** How sure one is of a line of the directory. */
export function evidenceWords(evidence: Evidence, house: House): { short: string; long: string } {
	const { locale } = terms[house.region];
	const place = (boxId: string) => {
		const box = findBox(house, boxId);
		return box ? placeName(house, box) : boxId;
	};
	switch (evidence.level) {
		case 'blank':
			return { short: '', long: 'Nothing is written, nothing was found.' };
		case 'claimed':
			return { short: 'claimed by a label', long: 'Claimed by a label; nobody has tested it.' };
		case 'found':
			return {
				short: `found by test, ${shortDay(evidence.last.on, locale)}`,
				long: `Found by test to feed ${evidence.boxes.map(place).join('; ')}. Last: ${day(evidence.last.on, locale)}, ${evidence.last.how}.`
			};
		case 'contradicted':
			return {
				short: `contradicted, ${shortDay(evidence.by.on, locale)}`,
				long: `Contradicted: ${place(evidence.by.box)} stayed live with it off (${day(evidence.by.on, locale)}, ${evidence.by.how}). What it feeds is to be found.`
			};
	}
}
