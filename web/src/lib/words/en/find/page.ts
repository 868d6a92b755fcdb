import { findBreaker, type House } from '@wary/core/house';
import { breakerName } from '../terms';

export const words = {
	how: (means: string) => `search: ${means}`,
	findTheWaryHand: (breaker: string | number, placeName: string | number) =>
		`Find the ${breaker} · ${placeName} · Wary Hand`,
	whichFeedsIt: (breaker: string | number) => `Which ${breaker} feeds it?`,
	nothingHereMakesItDead: (breaker: string | number) =>
		`Nothing here makes it dead to the touch. It says which ${breaker}; the job proves the rest. Answers are kept on this device.`,
	searchAt: (placeName: string | number) => `search at ${placeName}`,
	placedOnItsCircuit: 'placed on its circuit',
	writeItIntoTheDirectory: 'Write it into the directory',
	saveWhatWasFound: 'Save what was found',
	thoseThatLeftItOn: 'Those that left it on are noted as not feeding it.',
	foundByTestWithTodays: (breakerNames: string | number) =>
		`${breakerNames} found by test, with today’s date; those that left it on, found not to.`
};

/** What a circuit that isn’t on record yet is called: as its breaker is labelled, told from one of the same name. */
export function circuitName(house: House, breaker: string): string {
	const number = breakerName(house, breaker);
	const label = findBreaker(house, breaker)?.label || `Circuit ${number}`;
	return house.circuits.some(({ name }) => name === label) ? `${label} (${number})`.slice(0, 80) : label;
}
