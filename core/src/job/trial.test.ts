import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../test/person';
import { exchangedBehind } from '../../test/threeCables';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { checkHouse } from '../house/check';
import { findBox, isTripped, type House } from '../house';
import { energyOf } from '../isolation';
import { planJob, tellsSupply, type JobPlan } from './index';
import { wiringDuring } from './stage';
import { visitsOf } from './visits';

const middle = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
const gfciPlan = (house: House): JobPlan => {
	const planned = planJob(house, here, 'groundFirst', wishOf('gfci', 'protected'));
	if (!planned.ok) throw new Error(planned.failure.code);
	return planned.plan;
};
const at = (actual: House): Person => {
	const person = new Person(middle, actual, gfciPlan(middle), ['b1', 'b1', 'b1', 'b1']);
	person.supplyWay = 'device';
	return person;
};
const said = ({ events }: Person): string[] =>
	events.map(({ body }) => (body.kind === 'confirm' ? body.step : body.kind));

describe('the supply found by the new part itself', () => {
	it.each(['c2', 'c3'])('it resets on %s alone, whichever the record says', (really) => {
		const actual = really === 'c2' ? middle : exchangedBehind(middle, 'c2', 'c3');
		const person = at(actual);
		for (let n = 0; n < 400 && !person.state.supply.marked; n++) person.go();
		expect(person.state.supply).toMatchObject({
			outcome: 'found',
			found: [really],
			by: 'device',
			trial: null,
			resets: really === 'c2' ? { c2: true } : { c2: false, c3: true }
		});
		expect(energyOf(person.state.isolation)).toBe('provenDead');
		for (let n = 0; n < 400 && person.state.status === 'underWay'; n++) person.go();
		expect(person.state.status).toBe('finished');
		const after = person.recordAfter();
		expect(findBox(after, here)!.supply).toMatchObject({ cables: [really], by: 'device' });
		expect(checkHouse(after)).toEqual([]);
	});

	it('power comes on only in a shut box, and hands go in only after bare wires were read dead again', () => {
		const person = at(middle);
		person.until('trySupply');
		const from = said(person).lastIndexOf('supplyWay');
		expect(said(person).slice(from)).toEqual(['supplyWay', 'cap', 'trialIn', 'clearArea', 'restorePower']);
		const wired = findBox(wiringDuring(middle, person.plan, person.state), here)!;
		// That cable alone is on it, on LINE; everything else is capped.
		expect(
			wired.terminations
				.filter(({ at: place }) => place !== 'capped' && !place.startsWith('joint'))
				.map(({ cable, conductor, at: place }) => [cable, conductor, place])
		).toEqual([
			['c2', 'hot', 'terminal:supplyHot'],
			['c2', 'neutral', 'terminal:supplyNeutral']
		]);
		expect(isTripped(wired.device)).toBe(true);
		person.go();
		const answered = said(person).length;
		person.until('proveTester');
		expect(said(person).slice(answered)).toEqual(['switchBreaker', 'hold', 'tag', 'trialOut']);
		expect(person.say({ kind: 'confirm', step: 'trialOff' })).toMatchObject({
			refusal: { code: 'notProvenDead' }
		});
		for (let n = 0; n < 60 && energyOf(person.state.isolation) !== 'provenDead'; n++) person.go();
		expect(person.step).toEqual({ kind: 'confirm', step: 'trialOff' });
	});

	it('a part that resets on none of them has told nothing: another way is asked for', () => {
		const person = at(middle);
		person.until('supplyWay');
		person.go();
		for (const cable of ['c2', 'c3']) {
			person.until('trySupply');
			expect(person.step).toEqual({ kind: 'trySupply', cable });
			person.say({ kind: 'trySupply', cable, resets: false });
		}
		person.until('supplyWay');
		expect(person.step).toEqual({ kind: 'supplyWay', silent: true });
		expect(person.state.supply.trial).toBeNull();
	});

	it('switched off before it was tried: out, proven, and the same cable in again', () => {
		const person = at(middle);
		person.until('trySupply');
		person.say({ kind: 'switchBreaker', breaker: 'b1', on: false });
		person.until('trySupply');
		expect(said(person).filter((kind) => kind === 'trialIn')).toHaveLength(2);
		expect(said(person).filter((kind) => kind === 'trialOff')).toHaveLength(0);
		expect(person.state.supply.trial).toEqual({ cable: 'c2', inWall: true });
	});

	it('is offered only where the new part knows its LINE', () => {
		expect(tellsSupply(gfciPlan(middle))).toBe(true);
		const same = planOf(middle, here);
		expect(tellsSupply(same)).toBe(false);
		const person = new Person(middle, middle, same, ['b1']);
		person.until('supplyWay');
		expect(person.say({ kind: 'supplyWay', way: 'device' })).toEqual({
			ok: false,
			refusal: { code: 'partTellsNoSupply' }
		});
	});

	it('goes to the panel and back like the other live way', () => {
		const person = at(middle);
		person.until('trySupply');
		expect(visitsOf(person.plan, person.state).map(({ id }) => id)).toContain('supplyRead');
	});
});
