import { describe, expect, test } from 'vitest';
import { tanneryRow, tanneryRowActual } from '../demo';
import { outcomeWords } from '../../test/outcomeWords';
import { Person } from '../../test/person';
import { findBox } from '../house';
import { comparedOf, houseAfterStop, planWhole, recordOf, type Worry } from '.';

const person = () => {
	const planned = planWhole(tanneryRow(), [{ boxId: 'back-bedroom-door', wish: null }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	const one = new Person(tanneryRow(), tanneryRowActual(), planned.plans, ['b5', 'b5', 'b5']);
	one.earthFrom = 'outlet:kitchen-fridge';
	return one;
};

describe('as found beside the final test', () => {
	test('a reversal that was inherited is mended, half by half', () => {
		const one = person();
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
		expect(comparedOf(one.state, one.events).map(({ half, comes }) => [half, comes])).toEqual([
			['left', 'mended'],
			['right', 'mended']
		]);
	});

	test('stopped before it was put right it stays a worry of that outlet, and is nobody’s making', () => {
		const one = person();
		one.until('switchOff');
		expect(comparedOf(one.state, one.events).map(({ comes }) => comes)).toEqual(['inherited', 'inherited']);
		expect(one.say({ kind: 'stop', reason: 'ownChoice', note: '' }).ok).toBe(true);
		const inherited = recordOf(one.plan, one.events, one.state).worries.filter(
			({ kind }) => kind === 'inherited'
		);
		expect(inherited.length).toBe(2);
		const words = {
			...outcomeWords,
			stopped: 'stopped',
			untested: 'untested',
			worry: (worry: Worry) => JSON.stringify(worry)
		};
		const after = houseAfterStop(tanneryRow(), one.plan, one.state, one.events, '2026-11-26', words);
		const had = findBox(tanneryRow(), 'back-bedroom-door')!.worries.length;
		expect(findBox(after, 'back-bedroom-door')!.worries.length).toBe(had + 2);
	});

	test('what is wrong only since is told apart', () => {
		const one = person();
		one.until('switchOff');
		const sound = { hotNeutral: true, hotGround: true, neutralGround: false };
		const state = { ...one.state, asFound: { left: { lamps: sound, holds: true } } };
		const plug = (lamps: typeof sound) =>
			({ id: 'e', at: '', body: { kind: 'readPlug', half: 'left', lamps } }) as const;
		expect(comparedOf(state, [plug({ ...sound, hotGround: false })])[0]!.comes).toBe('madeHere');
		expect(comparedOf(state, [plug(sound)])[0]!.comes).toBe('sound');
		expect(comparedOf(state, [])[0]!.comes).toBe('untested');
	});
});
