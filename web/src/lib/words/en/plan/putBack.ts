import type { House } from '@wary/core/house';
import type { JobPlan } from '@wary/core/job';
import { putBackKind } from '../devices';
import { boxPlace, capital, terms } from '../terms';

/** What is done with a device that is only taken out and put back, in the order it is done. */
export function putBackLines(house: House, plan: JobPlan): string[] {
	const t = terms[plan.region];
	const it = putBackKind(plan);
	const { controls } = plan;
	const works =
		controls && controls.length > 0
			? controls.map((box) => boxPlace(house, box)).join(' and ')
			: 'what it works';
	return [
		...(controls === null
			? [`Read live at its face, then dead, like the ${t.outlet} beside it.`]
			: [
					`${capital(works)} is seen lit before, and dark with the ${t.breaker} off. Nothing lit there: everything goes off at the main switch.`,
					`It has no slots to be proven dead at: eased forward off, held and tagged, then every wire on it is read to a known ${t.ground}.`
				]),
		'It comes out before anything is touched, and nothing in the box counts as dead before it was read too.',
		'No wire comes off it. Each is looked at and tugged, and it goes back with the other.',
		controls === null
			? 'It is tried again at the end.'
			: `At the end the ${it} has to work ${works} as it did.`
	];
}
