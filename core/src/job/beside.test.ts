import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../test/person';
import { tanneryRow } from '../demo';
import type { IsolationState } from '../isolation';
import { besideAt, besideEachOther, inOneBox, isOpen, isWaiting, opens } from './beside';
import { nextStep } from './order';
import { initialJob, type JobState } from './state';
import type { JobPlan } from './jobPlan';

const house = tanneryRow();
const plan = planOf(house, 'box-room-desk');
const begun = initialJob(plan);
/** As it stands when everything in reach was read dead with a tester that was proven before and after. */
const read = ((): IsolationState => {
	const one = new Person(house, house, plan, ['b5', 'b5', 'b5']);
	one.until('inspect');
	return one.state.isolation;
})();
const unread = begun.isolation;

interface Sits {
	readonly device: JobState['device'];
	readonly read?: boolean;
	readonly redo?: JobState['redo'];
	/** A switch: it has no face at which anything could be read. */
	readonly faceless?: boolean;
}
const oldIn: Sits = { device: 'oldSeated' };
const newIn: Sits = { device: 'newSeated' };
const out: Sits = { device: 'oldOut' };
const dead = (sits: Sits): Sits => ({ ...sits, read: true });
const again = (sits: Sits): Sits => ({ ...sits, redo: 'ownChoice' });
const faceless = (sits: Sits): Sits => ({ ...sits, faceless: true });

/** Devices of one box, one beside the other; with `apart` one more in a box of its own. */
function boxOf(...all: readonly Sits[]) {
	const ids = all.map((_, k) => `device ${k}`);
	const plans = all.map(({ faceless }, k): JobPlan => ({
		...plan,
		boxId: ids[k]!,
		beside: ids.filter((_, other) => other !== k),
		controls: faceless ? ({ box: ids[k]!, halves: [] as never } as never) : null
	}));
	const boxes = all.map(({ device, read: wasRead, redo = null }): JobState => ({
		...begun,
		device,
		redo,
		lookedOver: true,
		isolation: { ...(wasRead ? read : unread), besideProven: false }
	}));
	return { plans, boxes };
}
const withApart = ({ plans, boxes }: ReturnType<typeof boxOf>, sits: Sits) => {
	const apart = boxOf(sits);
	return { plans: [...plans, { ...apart.plans[0]!, boxId: 'apart' }], boxes: [...boxes, ...apart.boxes] };
};
const proven = (...all: readonly Sits[]): boolean[] =>
	besideEachOther(boxOf(...all)).boxes.map(({ isolation }) => isolation.besideProven);

it('a device is out of its wall, or in it', () => {
	const devices = ['oldSeated', 'oldOut', 'none', 'newOut', 'newSeated'] as const;
	expect(devices.filter((device) => isOpen({ ...begun, device }))).toEqual(['oldOut', 'none', 'newOut']);
});

it('what opens a box: plate or device come off, or a new one comes out again', () => {
	for (const step of ['plateOff', 'easeOut', 'easeForward'] as const)
		expect([step, opens({ kind: 'confirm', step })]).toEqual([step, true]);
	expect(opens({ kind: 'reopen' })).toBe(true);
	for (const step of ['fold', 'tag', 'plateOn'] as const)
		expect([step, opens({ kind: 'confirm', step })]).toEqual([step, false]);
	expect(opens({ kind: 'hold' })).toBe(false);
});

describe('devices of one box', () => {
	it('are those that their plans name, and not itself', () => {
		const { plans } = withApart(boxOf(oldIn, oldIn, oldIn), oldIn);
		expect([0, 1, 2, 3].map((at) => besideAt(plans, at))).toEqual([[1, 2], [0, 2], [0, 1], []]);
	});

	it.each<[string, Sits, Sits, boolean]>([
		['in the wall, beside one in the wall that wasn’t read', oldIn, oldIn, false],
		['in the wall, beside one in the wall that was read', oldIn, dead(oldIn), true],
		['in the wall, beside one that is out', oldIn, out, true],
		['in the wall, beside one without a face that is out', oldIn, faceless(out), false],
		['in the wall, beside one without a face that is out and was read', oldIn, dead(faceless(out)), true],
		['in the wall, beside one without a face in the wall', oldIn, faceless(oldIn), false],
		['out, beside one in the wall', out, oldIn, false],
		['out, beside one in the wall that was read', out, dead(oldIn), false],
		['out, beside one that is out', out, out, false],
		['out, beside one that is out and was read', out, dead(out), true],
		['out, beside a new one in the wall', out, newIn, false],
		['out, beside a new one in the wall that was read', out, dead(newIn), true],
		['new in the wall, beside one that was read', newIn, dead(newIn), true]
	])('%s: whether that stands in the way of its proof', (_what, mine, other, expected) => {
		expect(proven(mine, other)[0]).toBe(expected);
	});

	it('none of them may stand in the way: one of two is not enough', () => {
		expect(proven(out, dead(out), out)[0]).toBe(false);
		expect(proven(out, dead(out), dead(out))[0]).toBe(true);
	});

	it('what nothing stands beside is left as it is, and so is what doesn’t change', () => {
		const alone = boxOf(out);
		expect(besideEachOther(alone)).toBe(alone);
		const whole = withApart(boxOf(out, dead(out)), out);
		const after = besideEachOther(whole);
		expect(after.boxes.map(({ isolation }) => isolation.besideProven)).toEqual([true, false, true]);
		const again = besideEachOther(after);
		expect(again.boxes.every((state, k) => state === after.boxes[k])).toBe(true);
	});

	it.each<[string, Sits, readonly Sits[], JobState['redo']]>([
		['beside one that has to come out again', dead(newIn), [again(dead(newIn))], 'ownChoice'],
		['beside one that is out, its own proof gone', newIn, [out], 'ownChoice'],
		['beside one that is out, its own proof standing', dead(newIn), [out], null],
		['beside others in the wall, its own proof gone', newIn, [newIn, oldIn], null],
		['beside one that is out and one in the wall, its own proof gone', newIn, [oldIn, out], 'ownChoice']
	])('a new one in the wall is opened again %s', (_what, mine, others, redo) => {
		const [state] = besideEachOther(boxOf(mine, ...others)).boxes;
		expect(state!.redo).toBe(redo);
	});

	it('opened again, what was tested of it is to be tested again; what already has to come out keeps its reason and its tests', () => {
		const { plans, boxes } = boxOf(newIn, out);
		const tested = { ...boxes[0]!, nothingLeft: true };
		expect(besideEachOther({ plans, boxes: [tested, boxes[1]!] }).boxes[0]).toMatchObject({
			redo: 'ownChoice',
			nothingLeft: false
		});
		const failed = { ...tested, redo: 'readPlug' as never };
		expect(besideEachOther({ plans, boxes: [failed, boxes[1]!] }).boxes[0]).toMatchObject({
			redo: 'readPlug',
			nothingLeft: true
		});
		const old = { ...tested, device: 'oldSeated' as const };
		expect(besideEachOther({ plans, boxes: [old, boxes[1]!] }).boxes[0]).toMatchObject({
			redo: null,
			nothingLeft: true
		});
	});
});

describe('the order in an open box', () => {
	const first = (...all: readonly Sits[]) => {
		const whole = boxOf(...all);
		const next = inOneBox(
			whole,
			all.map((_, k) => k)
		);
		expect(next.step).toEqual(nextStep(whole.plans[next.at]!, whole.boxes[next.at]!));
		return next.at;
	};
	it.each<[string, readonly Sits[], number]>([
		['what has no face comes forward first', [oldIn, faceless(oldIn)], 1],
		[
			'a new one without a face that has to come out again comes first too',
			[oldIn, again(faceless(newIn))],
			1
		],
		['one without a face that stays in the wall does not', [oldIn, faceless(newIn)], 0],
		['what has no face is read before another comes out', [oldIn, faceless(out)], 1],
		['once it is read, the other comes out', [dead(faceless(out)), oldIn], 1],
		['all are out before any is read', [out, oldIn], 1],
		['a new one that has to come out again is one of them', [out, again(newIn)], 1],
		['a new one that stays in the wall is not', [out, newIn], 0],
		['all are read before any is worked at', [dead(out), out], 1],
		['with nothing left to come out or to be read, the first that is out', [newIn, dead(out), dead(out)], 1]
	])('%s', (_what, all, at) => {
		expect(first(...all)).toBe(at);
	});

	/** Both out and read dead; the step each is at is what its state says. */
	const both = (one: Partial<JobState>, other: Partial<JobState>) => {
		const { plans, boxes } = boxOf(dead(out), dead(out));
		const provenDead = boxes.map((state) => ({
			...state,
			isolation: { ...state.isolation, besideProven: true },
			...({ cautions: true } as Partial<JobState>)
		}));
		const [left, right] = [
			{ ...provenDead[0]!, ...one },
			{ ...provenDead[1]!, ...other }
		];
		return inOneBox(
			{ plans: plans.map((each) => ({ ...each, putBack: true })), boxes: [left, right] },
			[0, 1]
		);
	};
	const inspected = { lookedOver: true, inspected: true } as Partial<JobState>;
	const closing = (done: object) => ({ ...inspected, closing: { ...begun.closing, ...done } });
	it.each<[string, Partial<JobState>, Partial<JobState>, number, object]>([
		['both are looked at before one goes back', inspected, { lookedOver: false }, 1, { kind: 'lookOver' }],
		['and both are inspected', inspected, { lookedOver: true }, 1, { kind: 'inspect' }],
		['folded back one after the other', inspected, inspected, 0, { kind: 'confirm', step: 'fold' }]
	])('%s', (_what, one, other, at, step) => {
		expect(both(one, other)).toMatchObject({ at, step });
	});
	it('one that is only to be put back waits for the work at the other', () => {
		for (const done of [{}, { fold: true }, { fold: true, tugAgain: true }]) {
			const { plans, boxes } = boxOf(dead(out), dead(out));
			const seating = { ...boxes[0]!, ...closing(done) };
			const working = { ...boxes[1]!, ...inspected };
			const next = inOneBox(
				{
					plans: [{ ...plans[0]!, putBack: true }, plans[1]!],
					boxes: [seating, working].map((state) => ({
						...state,
						isolation: { ...state.isolation, besideProven: true }
					}))
				},
				[0, 1]
			);
			expect([next.at, next.step?.kind]).toEqual([1, 'checkPart']);
		}
	});
});

it('one waits that was read itself while what sits beside it wasn’t; with power on nothing waits', () => {
	const [waits, alone] = besideEachOther(boxOf(dead(out), out)).boxes;
	expect([isWaiting(waits!), isWaiting(alone!)]).toEqual([true, false]);
	const [done] = besideEachOther(boxOf(dead(out), dead(out))).boxes;
	expect(isWaiting(done!)).toBe(false);
	const on = { ...waits!, isolation: { ...waits!.isolation, power: 'restored' as const } };
	expect(isWaiting(on)).toBe(false);
});
