import { familyOf } from '@wary/core/devices';
import type { Region } from '@wary/core/rules';
import type { Need, Needed, Tool } from '@wary/core/shopping';
import { deviceWords } from './devices';
import { labelText } from './labels';
import { capital, colourWords, howWords, inSentence, sizeWords, terms } from './terms';

const toolWords: Record<Tool, string> = {
	driver: 'Hand driver, bit that fills the screw',
	tape: 'Electrical tape, for a metal box',
	sleeving: 'Green-and-yellow sleeving',
	plugTester: 'Plug-in tester',
	tester: 'The tester you prove dead with',
	lamp: 'A lamp, to watch when the button is pressed'
};

/** A thing that a plan needs, as one asks for it in a shop. */
export function needWords(need: Need, region: Region): string {
	switch (need.kind) {
		case 'part':
			return capital(
				`${deviceWords(familyOf(need.part).made(need.ratingA), region)}${need.weatherResistant ? ', weather resistant' : ''}`
			);
		case 'plate':
			return need.opening === 'square'
				? 'Decorator plate, one square opening'
				: 'Plate for two round-cornered openings';
		case 'gangPlate':
			return `Plate for ${need.devices} devices, with the opening that each of them asks`;
		case 'connector':
			return capital(`${howWords[need.how]} listed for ${need.wires} × ${sizeWords(need.size)}`);
		case 'tail':
			return capital(`${colourWords[need.colour]} ${sizeWords(need.size)}, ${terms[region].pigtailLength}`);
		case 'cap':
			return 'Cap';
		case 'label':
			return `Label “${labelText[need.label]}”`;
		case 'stripper':
			return `Stripper with the ${sizeWords(need.size)} notch`;
		case 'tool':
			return toolWords[need.tool];
	}
}

/** The same with how many of it. */
export const neededWords = ({ need, count }: Needed, region: Region): string =>
	count > 1 ? `${count} × ${inSentence(needWords(need, region))}` : needWords(need, region);
