import type { GroundlessWay } from '@wary/core/replacement';
import { inSentence } from '../terms';

export const groundlessWords = {
	title: 'No ground here: all lawful ways',
	lead: 'A GFCI protects without a ground: it opens at a leak. What it doesn’t give is a path that carries a fault away.',
	ways: {
		ungroundedAgain: { name: 'Two slots again', what: 'The same as now.' },
		guardHere: { name: 'A GFCI here', what: 'Three holes, and none of them grounded.' },
		guardBefore: {
			name: 'Three holes behind a GFCI',
			what: 'A GFCI before this one on the circuit guards it.'
		},
		guardBreaker: {
			name: 'Three holes behind a GFCI breaker',
			what: 'The breaker guards the whole circuit.'
		},
		groundFound: {
			name: 'The box turns out to be grounded',
			what: 'By conduit or armor, shown by a reading that loads it: a tail to the box, and nothing is missing.'
		},
		groundBrought: {
			name: 'A ground is brought (250.130(C))',
			what: 'One wire from the box to the grounding system; the circuit itself isn’t extended.'
		}
	} satisfies Record<GroundlessWay['way'], { name: string; what: string }>,
	opens: 'Opens at a leak.',
	opensNot: 'Nothing opens at a leak.',
	grounded: 'Carries a fault away.',
	groundedNot: 'Carries no fault away.',
	plate: 'On the plate:',
	electrician: 'a licensed electrician’s',
	take: (part: string) => `Take the ${inSentence(part)}`,
	notPlugged:
		'Not to be plugged in where nothing is grounded: refrigerators, freezers, washers, computers, sump pumps, aquariums, hand-held motor tools. Surge strips don’t work as such.'
};
