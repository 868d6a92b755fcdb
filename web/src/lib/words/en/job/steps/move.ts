import type { How } from '@wary/core/house';

export const words = {
	held: 'Made, and it held',
	cameOut: 'It came out',
	done: 'Done',
	sitsSo: 'It sits so, and it held',
	elsewhere: 'It sat elsewhere',
	whereDidItSit: 'Where did it sit? Put it where it belongs, tighten, tug; then say where it was.',
	onNothing: 'on nothing',
	another: 'Another terminal',
	anotherLead:
		'A stripped screw, or one you can’t get at: another may serve as well. The whole house is worked out with it there before the plan changes.',
	orLeaveIt: 'Or have it stay where it is, if it may:',
	onThat: (terminal: string) => `${terminal} instead`,
	so: 'So',
	notSo: 'Easily made'
};

/** How an end is held as it should be, and the mistake that is easiest there; `several`: conductors that go in together. */
export function heldWords(
	how: How,
	several: boolean,
	gaugeMm: number
): { readonly right: string; readonly wrong: string } {
	const bare = `${gaugeMm} mm bare`;
	switch (how) {
		case 'clampPlate':
			return several
				? {
						right: `${bare}. Both straight in, then the screw.`,
						wrong: 'One slipped back while the screw was turned. Tug each.'
					}
				: {
						right: `${bare}. Straight in, insulation up to the plate.`,
						wrong: 'Insulation under the plate: it grips plastic, and heats.'
					};
		case 'hook':
		case 'screw':
			return {
				right: 'Three quarters round, clockwise: tightening draws it in.',
				wrong: 'Anticlockwise: the screw pushes it open.'
			};
		case 'pillar':
			return several
				? {
						right: `${bare}. All of them past the screw.`,
						wrong: 'One ends before the screw and holds by luck. Tug each.'
					}
				: {
						right: `${bare}. All the way in, doubled over if thin.`,
						wrong: 'Copper left outside: it can touch what it shouldn’t.'
					};
		case 'twistOn':
			return {
				right: 'Ends level, no copper below the skirt.',
				wrong: 'Copper shows: back off, trim, again.'
			};
		default:
			return { right: `${bare}. Each seen home at its window.`, wrong: 'One short of the window. Tug each.' };
	}
}
