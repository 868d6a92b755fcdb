import { describe, expect, it } from 'vitest';
import { meter, Person, planOf } from '../../test/person';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { energyOf } from '../isolation';
import type { House } from '../house';
import { foundPairs } from '.';

/** Bare conductors proven dead, and one more comes to light. */
function foundOne(house: House, box: string, breaker: string): Person {
	const person = new Person(house, house, planOf(house, box), [breaker]);
	person.until('inspect');
	expect(energyOf(person.state.isolation)).toBe('provenDead');
	const said = person.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'passing' });
	expect(said.ok).toBe(true);
	return person;
}
const read = (person: Person, pair: string, volts: number) =>
	person.say({ kind: 'readPair', pair, reading: meter(volts) });
const pairAsked = ({ step }: Person) => (step?.kind === 'readPair' ? step.pair : step?.kind);

describe.each([
	['us', fennelLaneRecorded, 'sewing-closet', 'b11'],
	['uk', tanneryRow, 'box-room-desk', 'b5']
] as const)('a conductor that isn’t on record, %s', (_region, house, box, breaker) => {
	const ground = 'found/extra~ground';
	const neutral = 'found/extra~neutral';

	it('is read to ground and to a neutral before anything goes on', () => {
		const person = foundOne(house(), box, breaker);
		expect(foundPairs(person.plan, 'extra')).toEqual([ground, neutral]);
		expect(pairAsked(person)).toBe(ground);
		// To ground alone it can be pulled along by a splice that is adrift, and shows nothing.
		expect(read(person, ground, 0.2).ok).toBe(true);
		expect(energyOf(person.state.isolation)).not.toBe('provenDead');
		expect(pairAsked(person)).toBe(neutral);
		expect(read(person, neutral, 0.1).ok).toBe(true);
		person.go();
		expect(energyOf(person.state.isolation)).toBe('provenDead');
		expect(person.step?.kind).toBe('inspect');
	});

	it('alive to the neutral alone it sends back to the panel', () => {
		const person = foundOne(house(), box, breaker);
		read(person, ground, 0.2);
		expect(read(person, neutral, 119).ok).toBe(true);
		expect(person.state.isolation.doubt).toMatchObject({ reason: 'liveReading', pair: neutral });
		expect(person.step?.kind).toBe('switchOff');
	});
});
