import { describe, expect, it } from 'vitest';
import { answers, meter, Person, planOf } from '../../test/person';
import { twoGang, twoGangTwoCircuits } from '../../test/twoGang';
import { cableEnd } from '../../test/cableEnd';
import { threeCables } from '../../test/threeCables';
import { wishOf } from '../../test/wishes';
import { everyCommand, expectations } from '../../test/walk';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { withBox, type House } from '../house';
import { energyOf } from '../isolation';
import { decideWhole, planWhole, type BoxWish, type Command, type Step } from './index';
import { safeStopStep } from './order';

const stepName = (step: Step | null): string =>
	step === null
		? 'over'
		: Object.values(step)
				.filter((value) => value !== null)
				.join(' ');

/** At a step: of each kind of command how many are taken, pass, fail, or are refused, and why. */
function countsOf(person: Person, vocabulary: readonly Command[]): ReadonlyMap<string, string> {
	const { whole, events } = person;
	const context = {
		at: '2026-11-24T10:00:00Z',
		expect: () => expectations,
		find: (id: string) => events.find((event) => event.id === id)
	};
	const counts = new Map<string, Map<string, number>>();
	for (const command of vocabulary) {
		const decision = decideWhole(context, whole, command, person.plan.boxId);
		const said = !decision.ok
			? decision.refusal.code
			: !decision.judged
				? 'taken'
				: decision.judged.passes
					? 'passes'
					: 'fails';
		if (said === 'notNow') continue;
		const of = counts.get(command.kind) ?? new Map<string, number>();
		counts.set(command.kind, of.set(said, (of.get(said) ?? 0) + 1));
	}
	return new Map(
		[...counts]
			.toSorted(([a], [b]) => a.localeCompare(b))
			.map(([kind, of]) => [
				kind,
				[...of]
					.toSorted()
					.map(([said, count]) => `${count} ${said}`)
					.join(', ')
			])
	);
}

/** What happens beside a job when it first comes to a step. */
type Meanwhile = Readonly<Record<string, (person: Person) => void>>;

/** A job step by step: what is asked, how things stand, what would be asked on the way to a stop, and what of that which every command comes to has changed since. */
function ledger(person: Person, meanwhile: Meanwhile = {}): string {
	const lines: string[] = [];
	const left = { ...meanwhile };
	const vocabularies = new Map<unknown, readonly Command[]>();
	let before: ReadonlyMap<string, string> = new Map();
	let stopBefore = '';
	const look = () => {
		const { plan, state, step } = person;
		if (!vocabularies.has(plan)) vocabularies.set(plan, everyCommand(plan));
		const at = person.whole.plans.length > 1 ? `${plan.boxId}: ` : '';
		lines.push(`${at}${stepName(step)} (${energyOf(state.isolation)})`);
		const stop = state.status === 'underWay' ? stepName(safeStopStep(state)) : 'over';
		if (stop !== stopBefore) lines.push(`\t… to stop: ${stop}`);
		stopBefore = stop;
		const now = countsOf(person, vocabularies.get(plan)!);
		for (const kind of new Set([...before.keys(), ...now.keys()]))
			if (before.get(kind) !== now.get(kind)) lines.push(`\t${kind}: ${now.get(kind) ?? 'not now'}`);
		before = now;
	};
	look();
	for (let count = 0; count < 300 && person.state.status === 'underWay'; count++) {
		const name = stepName(person.step);
		const happens = Object.keys(left).find((each) => name.startsWith(each));
		if (happens !== undefined) {
			left[happens]!(person);
			delete left[happens];
		} else person.go();
		look();
	}
	expect([Object.keys(left), person.state.status === 'underWay']).toEqual([[], false]);
	return `${lines.join('\n')}\n`;
}

const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();
const person = (house: House, boxes: readonly BoxWish[], actual = house, breakers = ['b1']): Person => {
	const planned = planWhole(house, boxes);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const one = new Person(house, actual, planned.plans, [...breakers, ...breakers, ...breakers, ...breakers]);
	one.earthFrom = 'outlet:before';
	return one;
};
const changed = (what: 'powerSeen' | 'foundUnlocked' | 'wasAway' | 'otherBoxOpened') => (one: Person) =>
	void one.say({ kind: 'changed', what });

/** A middle of a run, with a breaker more that feeds nothing. */
const middle = (): House => {
	const house = built('middleThrough');
	const spare = { id: 'spare', spaces: [6], ratingA: 15, on: true, label: 'spare', findings: [] };
	return {
		...house,
		panels: house.panels.map((panel) => ({ ...panel, breakers: [...panel.breakers, spare] }))
	};
};
const likeForLike = (kind: string) => person(built(kind), [{ boxId: here, wish: null }]);
const scorched = (one: Person) =>
	void one.say({ kind: 'inspect', answers: answers({ scorchIntoWall: 'yes' }), note: '' });

const jobs: Readonly<Record<string, () => [Person, Meanwhile?]>> = {
	us: () => [likeForLike('middleThrough')],
	uk: () => {
		const house = tanneryRow();
		const one = new Person(house, house, planOf(house, 'box-room-desk'), ['b5', 'b5', 'b5']);
		return [one, { move: changed('powerSeen') }];
	},
	'wrong breaker': () => [
		person(middle(), [{ boxId: here, wish: null }], middle(), ['spare', 'b1']),
		{
			lookOver: (one) => {
				one.say({ kind: 'hold', way: 'tape' });
				changed('wasAway')(one);
			}
		}
	],
	'GFCI in the middle': () => [
		person(built('middleThrough'), [{ boxId: here, wish: wishOf('gfci', 'protected') }]),
		{ 'confirm seat': changed('otherBoxOpened') }
	],
	'half-switched': () => [person(built('halfSwitched'), [{ boxId: here, wish: wishOf('decorator') }])],
	'a conductor that turns up': () => [
		likeForLike('endOfRun'),
		{
			inspect: (one) => {
				one.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'passing' });
				for (const pair of one.state.isolation.proof.required.slice(-2))
					one.say({ kind: 'readPair', pair, reading: meter(0) });
			}
		}
	],
	'no ground': () => {
		const house = fennelLaneRecorded();
		const plan = planOf(house, 'reading-stove-wall');
		const off = plan.recordedBreaker;
		return [new Person(house, house, plan, [off, off, off])];
	},
	'which is the supply': () => {
		const one = person(threeCables(), [{ boxId: here, wish: null }]);
		one.supplyWay = 'live';
		return [one];
	},
	'new outlet': () => [person(cableEnd(false), [{ boxId: 'after', wish: wishOf('duplex') }])],
	'two in one box': () => [
		person(twoGang(), [
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('decorator') }
		]),
		{ 'confirm prepare': changed('foundUnlocked') }
	],
	'two circuits in one box': () => [
		person(
			twoGangTwoCircuits(),
			[
				{ boxId: here, wish: null },
				{ boxId: 'after', wish: 'putBack' }
			],
			twoGangTwoCircuits(),
			['b1', 'own']
		)
	],
	'chain of three': () => [
		person(built('middleThrough'), [
			{ boxId: 'before', wish: null },
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('decorator') }
		])
	],
	'fails its test': () => [
		likeForLike('endOfRun'),
		{
			readPlug: (one) =>
				void one.say({
					kind: 'readPlug',
					half: 'upper',
					lamps: { hotNeutral: true, hotGround: false, neutralGround: true }
				})
		}
	],
	trips: () => [
		likeForLike('endOfRun'),
		{ restorePower: (one) => void one.say({ kind: 'restorePower', held: false }) }
	],
	'must stop': () => [likeForLike('endOfRun'), { inspect: scorched }],
	'stops itself': () => [
		likeForLike('endOfRun'),
		{ 'confirm prepare': (one) => void one.say({ kind: 'stop', reason: 'ownChoice', note: '' }) }
	],
	'a reading put right': () => [
		likeForLike('endOfRun'),
		{
			'confirm easeOut': (one) => {
				const read = one.events.find(({ body }) => body.kind === 'readPair')!;
				one.say({ kind: 'amendVolts', of: read.id, reading: meter(118) });
			}
		}
	],
	'dead from the start': () => {
		const house = built('middleThrough');
		const burned = withBox(house, here, (each) => ({
			...each,
			terminations: each.terminations.map((end) =>
				end.at.startsWith('terminal:hot') ? { ...end, open: true } : end
			)
		}));
		const one = person(house, [{ boxId: here, wish: null }], burned);
		one.differs = () => false;
		return [one];
	}
};

describe('what every command of the vocabulary comes to, at every step', () => {
	it.each(Object.keys(jobs))('%s', async (name) => {
		const [one, meanwhile] = jobs[name]!();
		await expect(ledger(one, meanwhile)).toMatchFileSnapshot(`ledgers/${name}.txt`);
	});
});
