import { describe, expect, it } from 'vitest';
import { arrangements, here } from '@wary/core/arrangements';
import { findBox, type House } from '@wary/core/house';
import {
	checkId,
	nextStep,
	planJob,
	resetFirst,
	wiringDuring,
	type JobPlan,
	type WishChoice
} from '@wary/core/job';
import { Person } from '../../../../core/test/person';
import { leftWords } from '$words/left';
import { endsOf, type Fault, type WishRefusal } from '@wary/core/wiring';
import { partWords } from '$words/parts';
import { atBoxOf } from '$words/steps/atBox';
import { checkWords, faultWords, moveLine, moveWords, wishRefusalWords } from '$words/work';

const wishes: readonly (readonly [arrangement: string, wish: Partial<WishChoice>])[] = [
	['middleThrough', { part: 'decorator', feed: 'asFound' }],
	['middlePigtails', { part: 'gfci', feed: 'protected' }],
	['middleThrough', { part: 'gfci', feed: 'pigtails' }],
	['halfSwitched', { part: 'decorator', feed: 'asFound' }],
	['halfSwitched', { part: 'usb', feed: 'asFound', switched: 'alwaysOn' }],
	['middleThrough', { part: 'duplex', feed: 'pigtails', connector: 'twistOn', wireEnd: 'hook' }],
	['middlePigtails', { part: 'duplex', feed: 'throughDevice' }],
	['ring', { part: 'usbTwin', feed: 'asFound' }],
	['radialMiddle', { part: 'rcdTwin', feed: 'asFound' }]
];
const built = (kind: string) =>
	arrangements.find((each) => each.kind === kind)!.build({ boxMaterial: 'metal' });
const planned = (house: House, wish: Partial<WishChoice>): JobPlan => {
	const made = planJob(house, here, 'groundFirst', {
		part: 'duplex',
		feed: 'asFound',
		switched: 'keep',
		connector: 'lever',
		wireEnd: 'clampPlate',
		...wish
	});
	if (!made.ok) throw new Error(JSON.stringify(made.failure));
	return made.plan;
};

/** All that a plan and its job say of the work, in one text. */
function told(kind: string, wish: Partial<WishChoice>): string {
	const house = built(kind);
	const plan = planned(house, wish);
	const at = atBoxOf({ house, plan });
	const moves = plan.work!.ways[0]!.moves.map((move) => {
		const { title, lead, why, rule } = moveWords(move, false, at);
		return [`- ${moveLine(move, at)}`, title, lead, why, rule ?? ''].filter(Boolean).join('\n  ');
	});
	const checks = [...(resetFirst(plan) ? ['reset'] : []), ...plan.work!.checks.map(checkId)].map((id) => {
		const { title, lead, why, yes, no } = checkWords(plan, id, house);
		return [`? ${title}`, lead, why, `${yes} / ${no}`].join('\n  ');
	});
	return [`== ${kind}, ${JSON.stringify(wish)}`, ...moves, ...checks].join('\n');
}

describe('how a job that puts something else in leaves things', () => {
	it.each(wishes)(
		'%s, %o: says at every step where each end is, and that one is bare when it is',
		(kind, wish) => {
			const house = built(kind);
			const plan = planned(house, wish);
			const person = new Person(house, house, plan, ['b1', 'b1']);
			person.earthFrom = 'outlet:before';
			for (let n = 0; n < 200 && nextStep(plan, person.state)?.kind !== 'finish'; n++) {
				const lines = leftWords(house, plan, person.state, false).join(' ');
				const box = findBox(wiringDuring(house, plan, person.state), here)!;
				expect([lines, /bare\.|bare:/.test(lines)]).toEqual([
					lines,
					endsOf(box).some(({ at }) => at === 'bare')
				]);
				person.go();
			}
			expect(nextStep(plan, person.state)?.kind).toBe('finish');
			expect(leftWords(house, plan, person.state, false).join(' ')).toMatch(/On the new part: /);
		}
	);

	it('says of one that is stopped in the middle that every loose end is capped', () => {
		const house = built('middlePigtails');
		const plan = planned(house, { part: 'gfci', feed: 'protected' });
		const person = new Person(house, house, plan, ['b1', 'b1']);
		while (!Object.keys(person.state.moved).includes('land supplyNeutral')) person.go();
		expect(person.say({ kind: 'cap' }).ok).toBe(true);
		const lines = leftWords(house, plan, person.state, true);
		expect(lines.join(' ')).not.toMatch(/bare:/);
		expect(lines.find((line) => line.startsWith('Capped'))).toMatch(/black from/);
		expect(lines.find((line) => line.startsWith('On the new part'))).toMatch(/white from/);
	});
});

describe('what is said of putting something else in', () => {
	it('is what was read and agreed to', async () => {
		const all = wishes.map(([kind, wish]) => told(kind, wish)).join('\n\n');
		await expect(`${all}\n`).toMatchFileSnapshot('./work.golden.txt');
	});

	it('warns where it hurts: tape before LOAD, tab before wires, both in before tightening', () => {
		const gfci = told('middlePigtails', { part: 'gfci', feed: 'protected' });
		expect(gfci.indexOf('Lift the tape over LOAD')).toBeLessThan(gfci.indexOf('On: LOAD'));
		expect(gfci).toMatch(/LINE \(supply in\)|LINE brass screw \(supply in\)/);
		expect(gfci).toMatch(/that is no fault/);
		const single = told('endOfRun', { part: 'gfci', feed: 'asFound' });
		expect(single).toMatch(/The factory tape stays where it is/);
		expect(told('ring', { part: 'usbTwin' })).toMatch(/in before the screw is tightened/);
		const half = told('halfSwitched', { part: 'decorator' });
		expect(half).toMatch(/The other side’s tab stays/);
	});

	it('names every refusal and every fault in the words of its region, without a code', () => {
		const refusals: WishRefusal[] = [
			{ code: 'nothingOnDevice' },
			{ code: 'noGround' },
			{ code: 'groundUnused' },
			{ code: 'halvesApart' },
			{ code: 'twoNeutrals' },
			{ code: 'noSides' },
			{ code: 'nothingAfter' },
			{ code: 'supplyUnknown' },
			{ code: 'sharedNeutral' },
			{ code: 'noRoom', role: 'hot' }
		];
		const house = built('middleThrough');
		const plan = planned(house, { part: 'decorator' });
		const at = atBoxOf({ house, plan });
		const ends = [{ kind: 'cable' as const, cable: 'c2', conductor: 'hot' }];
		const faults: Fault[] = [
			{ code: 'leftBare', ends },
			{ code: 'wrongTerminal', terminal: 'ground', ends },
			{ code: 'mixedJoint', joint: 'grounds', ends },
			{ code: 'overfull', terminal: 'ground', ends },
			{ code: 'hotsJoined', ends },
			{ code: 'groundThroughDevice', ends },
			{ code: 'neutralThroughDevice', ends },
			{ code: 'sidesCrossed', ends },
			{ code: 'dead', box: 'after', half: 'upper' },
			{ code: 'polarity', box: 'after', half: 'upper' },
			{ code: 'groundOpen', box: 'after', half: 'upper' },
			{ code: 'switching', half: 'lower' },
			{ code: 'unprotected', box: 'after', promised: true },
			{ code: 'wontReset', ends }
		];
		for (const text of [
			...refusals.flatMap((each) => [wishRefusalWords(each, 'us'), wishRefusalWords(each, 'uk')]),
			...faults.map((fault) => faultWords(fault, at))
		]) {
			expect(text).toMatch(/^[A-Z].*\.$/);
			expect(text).not.toMatch(/[a-z][A-Z]|undefined|terminal:/);
		}
		expect(wishRefusalWords({ code: 'noGround' }, 'uk')).toContain('earth');
		expect(wishRefusalWords({ code: 'noGround' }, 'us')).toContain('ground');
	});

	it('has a name for every part', () => {
		for (const { name, what } of Object.values(partWords)) expect(name && what).toBeTruthy();
	});
});
