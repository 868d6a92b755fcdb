import { findBox, placeName, type House } from '@wary/core/house';
import type { Means, Move, Reason, SearchEnd } from '@wary/core/search';
import { breakerNames, capital, terms } from './terms';

export const answerWords = { dark: 'went dark', on: 'stayed on', unsure: 'couldn’t tell' };

export const meansWords: Record<Means, { short: string; text: string; look: string }> = {
	lamp: {
		short: 'lamp seen at the outlet',
		text: 'A lamp, which I have to go and see',
		look: 'Go and look: is the lamp'
	},
	radio: {
		short: 'radio heard at the panel',
		text: 'A radio or sounder, heard from here',
		look: 'Listen: has it'
	},
	helper: { short: 'helper who calls', text: 'Somebody there, who calls', look: 'Ask: did it' },
	signal: {
		short: 'transmitter and receiver',
		text: 'A transmitter there, its receiver here',
		look: 'Go and look: is the lamp'
	}
};

/** Why a breaker is thought likely or not. */
export function reasonWords(reason: Reason, house: House): string {
	switch (reason.code) {
		case 'recorded':
			return `recorded for circuit “${reason.circuit}”`;
		case 'labelNamesRoom':
			return 'its label names this room';
		case 'labelNamesOtherRoom':
			return 'its label names another room';
		case 'labelNamesOtherThing':
			return `its label says “${reason.word}”`;
		case 'labelContradicted':
			return 'its label was found wrong: not trusted';
		case 'foundElsewhere':
		case 'foundInRoom': {
			const box = findBox(house, reason.box);
			return `found to feed ${box ? placeName(house, box) : reason.box}`;
		}
		case 'foundHere':
			return 'found to feed this one before';
		case 'foundNotHere':
			return 'found not to feed this one';
		case 'unusualRating':
			return `${reason.ratingA} A is unusual for this`;
		case 'twoPole':
			return 'two-pole: seldom an outlet';
	}
}

/** Why this move and no other. */
export function moveWhy(move: Extract<Move, { kind: 'switch' }>, house: House): string {
	const t = terms[house.region];
	switch (move.why) {
		case 'likeliest':
			return 'The likeliest for its cost, alone.';
		case 'halves':
			return `Several at once: whichever way it comes out, the most is known for one look.`;
		case 'confirm':
			return `Everything points to ${breakerNames(house, move.off)}. Seen dark with just that off, it counts.`;
		case 'all':
			return `With all of them off it must go dark, or another ${t.panel} feeds it.`;
		case 'several':
			return 'The answers don’t fit one breaker alone: two may feed it together, or one answer was mistaken. This tells most.';
		case 'lookYourself':
			return 'Not sure from here: the same again, seen with your own eyes.';
		case 'again':
			return 'That couldn’t be made out. Another first.';
	}
}

export const methodWords: Record<Extract<Move, { kind: 'switch' }>['method'], string> = {
	exactSets: 'least expected time of all plans (exact)',
	runsInOrder: 'near the least expected time (more than twelve in question: approximate)',
	oneByOne: 'least expected time, one after another (exact)',
	byInformation: 'what tells most for its cost (a rule of thumb)'
};

export function endWords(end: SearchEnd, house: House): { title: string; text: string } {
	const t = terms[house.region];
	switch (end.kind) {
		case 'found':
			return {
				title: `It is ${breakerNames(house, [end.breaker])}`,
				text: 'Off means expected dead, not proven: the readings at the outlet come next.'
			};
		case 'several':
			return {
				title: `Fed by more than one: ${breakerNames(house, end.breakers)}`,
				text: `It goes dark only with all of these off. All of them stay off for the job; two circuits joined by mistake are a matter for an electrician.`
			};
		case 'noneOfThese':
			return {
				title: 'None of these',
				text: `It stayed on with all of them off. Another ${t.panel}, or a supply that is always on. Look for a second ${t.panel}; failing that the main switch, and if it is live even then, stop and call an electrician.`
			};
		case 'onlyForbiddenLeft':
			return {
				title: 'Only what must not lose power is left',
				text: `${capital(breakerNames(house, end.breakers))}: it feeds something that must not simply lose power, or you want it left on. See to that first, or allow it below.`
			};
		case 'undecided':
			return {
				title: 'The answers fit nothing',
				text: `They contradict each other whichever way they are read. Begin again with a lamp that you can see, or use the main switch.`
			};
		case 'nothingToTry':
			return {
				title: `No ${t.breaker} is on record`,
				text: `Put the ${t.panel}’s breakers into the house record first.`
			};
	}
}

/** How well a radio is heard from the panel, as it is answered; the share of answers that are right. */
export const hearings = [
	{ value: 0.99, text: 'clearly' },
	{ value: 0.95, text: 'well enough' },
	{ value: 0.8, text: 'barely' }
];
