import type { PlateLabel } from '@wary/core/rules';
import type { StepWords } from './steps/step';

/** What plates say, in the words that the code asks for (NEC 2020 406.4(D)(2)). */
export const labelText: Readonly<Record<PlateLabel, string>> = {
	noEquipmentGround: 'No Equipment Ground',
	gfciProtected: 'GFCI Protected'
};

/** For whoever looks at the record: what a label means. */
export const labelMeans: Readonly<Record<PlateLabel, string>> = {
	noEquipmentGround: 'nothing that needs a ground belongs here',
	gfciProtected: 'guarded by a GFCI before it'
};

/** What must not be plugged in where there is no ground. */
export const notHere =
	'Refrigerators, freezers, washers, computers, sump pumps, aquariums and hand-held motor tools need a ground (NEC 2020 250.114): not here. A surge strip doesn’t work here as such.';

export const fixLabelWords = (label: PlateLabel): StepWords => ({
	title: `On the plate: “${labelText[label]}”`,
	lead: 'Clean and dry, where it is seen with a plug in. It stays there.',
	why:
		label === 'noEquipmentGround'
			? `Three slots promise a ground, and there is none behind these. ${notHere}`
			: 'Whoever finds this outlet dead one day has to know that a GFCI somewhere before it may have tripped.',
	rule: 'NEC 2020 406.4(D)(2)(b), (c)'
});

export const labelSheetWords = {
	title: 'Labels for the plates',
	download: 'Print the labels',
	foot: 'Cut along the lines. The printed labels that come with a GFCI serve as well.'
};
