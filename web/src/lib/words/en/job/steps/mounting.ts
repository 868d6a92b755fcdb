import type { Mounting } from '@wary/core/sums';
import type { Region } from '@wary/core/rules';

export const words = {
	title: 'It won’t sit flush',
	sunk: 'Box behind the wall’s face, mm',
	gap: 'Widest gap around the box, mm',
	burns: 'wood or panelling around it',
	keep: 'Note it in the record',
	kept: 'Noted',
	range: { sunk: 'From 0 to 100 mm: lay a rule across the opening.', gap: 'From 0 to 50 mm.' }
};

const inches: Readonly<Record<number, string>> = {
	19: '3/4 in',
	25: '1 in',
	32: '1 1/4 in',
	38: '1 1/2 in',
	51: '2 in',
	64: '2 1/2 in'
};
const round = (mm: number): string => String(Math.round(mm * 10) / 10);

/** What to use, line by line; never empty. */
export function mountingWords(region: Region, needs: Mounting): string[] {
	const uk = region === 'uk';
	const screw =
		needs.screwMm === null
			? 'No screw that is sold reaches: bring the box forward first.'
			: uk
				? `M3.5 screws of ${needs.screwMm} mm.`
				: `6-32 screws of ${inches[needs.screwMm] ?? `${needs.screwMm} mm`}.`;
	return [
		screw,
		...(needs.bottomsOut
			? ['In this box they would meet the back: cut them, or take shorter ones and bring the box forward.']
			: []),
		...(needs.spacerMm > 0
			? [
					`Spacers of ${round(needs.spacerMm)} mm behind each ear, or a levelling plate: the screws alone don’t hold it level.`
				]
			: []),
		...(needs.bringForward
			? ['The box lies deeper than it may (NEC 2020 314.20): an extension ring brings its edge to the face.']
			: []),
		...(needs.fill
			? [`Fill the gap${uk ? '' : ' (NEC 2020 314.21)'}: a larger plate hides it and doesn’t cure it.`]
			: []),
		...(needs.lookForCables && uk
			? ['Longer than usual: pass a cable detector over the wall behind before they go in.']
			: [])
	];
}
