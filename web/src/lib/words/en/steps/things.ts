import { findBreaker, takesGround, type Device, type House } from '@wary/core/house';
import { deadBelowV } from '@wary/core/isolation';
import type { JobPlan } from '@wary/core/job';
import { regions } from '@wary/core/rules';
import { partWords } from '../parts';
import { capital, colourWords, inSentence, terms } from '../terms';

export const toolWords: Record<string, string> = {
	lead: 'Extension lead that reaches a good outlet on another circuit, for its ground',
	lamp: 'A lamp that works, to see that there is power',
	tester: 'The tester you will prove dead with, batteries fresh',
	provingUnit: 'Proving unit',
	multimeter: 'Multimeter, for resistance',
	plugTester: 'Three-lamp plug-in tester',
	drivers: 'Hand screwdrivers, insulated, with the bit that fills the screw; no power driver on a terminal',
	stripper: 'Wire stripper and cutters',
	lockOrTape: 'Clip and padlock for the breaker, or tape; tag and pen',
	headTorch: 'Head-torch: the lights may go out too',
	knife: 'Sharp knife for the paint line, and safety glasses',
	tape: 'Electrical tape',
	sleeving: 'Green-and-yellow sleeving'
};

export const cautions = (region: 'us' | 'uk'): string[] => [
	`Off is not dead. A switched ${terms[region].breaker}, a dark lamp, a silent contactless tester prove nothing. Two-point readings with a proven tester do.`,
	'Nothing bare is touched unless the strip at the top says PROVEN DEAD, and you have not left since.',
	region === 'uk'
		? 'Behind the cover of the consumer unit parts stay live whatever is off: it is never taken off. Nor is the cover of the meter or the cut-out.'
		: 'Behind the inner cover of the panel parts stay live whatever is off: it is never taken off.',
	`Is there another source? Solar or battery inverter, generator, a vehicle that feeds the house, an uninterruptible supply. Each can make wires live that the ${terms[region].breaker} has made dead: switch it off and lock it as well, or stop.`,
	region === 'uk'
		? 'A like-for-like socket change is not notifiable in England. Scotland, Wales and Northern Ireland have their own rules: look before you begin. In a room with a bath or shower, stop.'
		: 'Your local code and the authority that enforces it come before anything said here. Some places want a permit or a licensed electrician even for this.',
	'Eye protection: a wire springs back, a cut end flies. Dry hands, dry floor, shoes, no rings.',
	`Not alone in the house if you can help it, not tired, not in a hurry. Whoever is there knows: somebody caught by current is not touched. ${capital(terms[region].breaker)} or main switch off first, then the emergency number.`,
	'Whenever something isn’t as described, or you aren’t sure: stop. That is what the Stop button is for.'
];

/** What else its name leaves open, seen on the part. */
const ofItsKind = (device: Device): string =>
	'tabs' in device
		? ', both bridge tabs whole'
		: 'switched' in device
			? device.switched
				? ', with its switches'
				: ', without switches'
			: '';

export const partQuestions = (
	region: 'us' | 'uk',
	plan: JobPlan
): { key: 'tamperResistant' | 'sameKind' | 'grounded' | 'undamaged'; text: string }[] => [
	{
		key: 'sameKind',
		text: `${plan.work!.same ? 'Like the old one' : 'As planned'}: ${inSentence(partWords[plan.work!.wish.part].name)}${ofItsKind(plan.newDevice)}`
	},
	{
		key: 'grounded',
		text:
			region === 'uk'
				? 'Terminals marked L, N and earth'
				: takesGround(plan.newDevice) && !plan.newGrounded
					? 'Three slots and a green ground screw, on which nothing goes here'
					: takesGround(plan.newDevice)
						? 'Three slots: it has a green ground screw'
						: 'No ground slot and no green screw: there is nothing to connect one to'
	},
	...(takesGround(plan.newDevice)
		? [
				{
					key: 'tamperResistant' as const,
					text: region === 'uk' ? 'Marked BS 1363, with shutters' : 'Marked TR (tamper resistant)'
				}
			]
		: []),
	{ key: 'undamaged', text: 'New, not cracked, screws turn freely' }
];

export const expectedDeadWords = `0 V, under ${deadBelowV}`;
export const healthyWords = (region: 'us' | 'uk'): string =>
	`${regions[region].supply.healthyV.from} to ${regions[region].supply.healthyV.to} V`;
export const labelOf = (house: House, id: string): string => findBreaker(house, id)?.label ?? '';
export { colourWords };
