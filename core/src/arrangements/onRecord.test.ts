import { describe, expect, it } from 'vitest';
import { tanneryRow } from '../demo';
import { cablesInBox, editHouse, type House } from '../house';
import { planJob } from '../job';
import {
	agreesWith,
	arrangements,
	editsToRecord,
	here,
	seenIn,
	type ArrangementKind,
	type BoxSeen
} from './index';

const build = (kind: ArrangementKind): House => arrangements.find((each) => each.kind === kind)!.build({});
const made = (house: House, boxId: string, seen: BoxSeen): House => {
	const edited = editHouse(house, editsToRecord(house, boxId, seen)!);
	if (!edited.ok) throw new Error(JSON.stringify(edited.refusal));
	return edited.house;
};

describe('what was seen in a box, put on record', () => {
	const plain = [
		'endOfRun',
		'middleThrough',
		'middlePigtails',
		'branch',
		'radialEnd',
		'radialMiddle'
	] as const;

	it('whatever plain box is on record and whatever plain one with as many cables or more was seen: the record then agrees, is sound, and a job can be planned', () => {
		let changed = 0;
		for (const recordedKind of plain)
			for (const seenKind of plain) {
				const recorded = build(recordedKind);
				const real = build(seenKind);
				if (recorded.region !== real.region) continue;
				const seen = seenIn(real.region, real);
				const fewer = cablesInBox(real, here).length < cablesInBox(recorded, here).length;
				const edits = editsToRecord(recorded, here, seen);
				const pair = `${recordedKind} on record, ${seenKind} seen`;
				if (fewer) {
					expect(edits, pair).toBeNull();
					continue;
				}
				const after = made(recorded, here, seen);
				expect(agreesWith(seen, after, here), pair).toBe(true);
				expect(planJob(after, here).ok, pair).toBe(true);
				expect(editsToRecord(after, here, seen), pair).toEqual([]);
				if (recordedKind !== seenKind) changed++;
			}
		expect(changed).toBeGreaterThan(5);
	});

	it('gives each cable more than recorded an outlet of its own that is still to be found, and disturbs nothing else', () => {
		const recorded = build('endOfRun');
		const after = made(recorded, here, { ...seenIn('us', build('branch')), wired: 'pigtails' });
		const added = after.boxes.filter(({ id }) => !recorded.boxes.some((box) => box.id === id));
		expect(added.map(({ name }) => name)).toEqual([
			'not found yet, after this outlet',
			'not found yet, after this outlet (2)'
		]);
		for (const box of recorded.boxes) if (box.id !== here) expect(after.boxes).toContainEqual(box);
	});

	it('says nothing of a second circuit, a switched half or a device with sides: that is no like-for-like swap', () => {
		for (const kind of ['twoCircuits', 'halfSwitched', 'throughGfci'] as const)
			expect(editsToRecord(build('middleThrough'), here, seenIn('us', build(kind))), kind).toBeNull();
	});

	it('a spur found off a uk ring goes on record as one', () => {
		const home = tanneryRow();
		const seen = seenIn('uk', home, 'box-room-desk');
		const after = made(home, 'box-room-desk', {
			...seen,
			cables: [...seen.cables, ['brown', 'blue', 'bare']]
		});
		const planned = planJob(after, 'box-room-desk');
		expect(planned.ok && planned.plan.supplyCables.length).toBe(3);
		expect(planned.ok && planned.plan.recordedSupply.length).toBe(2);
	});

	it('a box on record may be wired anew only the ways its screws allow', () => {
		const refusal = (house: House, way: 'ownScrews' | 'pigtails') => {
			const edited = editHouse(house, [{ do: 'wireBox', box: here, way }]);
			return edited.ok ? null : edited.refusal.code;
		};
		expect(refusal(build('middleThrough'), 'pigtails')).toBeNull();
		expect(refusal(build('branch'), 'ownScrews')).toBe('notWiredThatWay');
		expect(refusal(build('throughGfci'), 'pigtails')).toBe('notWiredThatWay');
		expect(refusal(build('ring'), 'pigtails')).toBe('notWiredThatWay');
		expect(refusal(build('twoCircuits'), 'pigtails')).toBe('notWiredThatWay');
	});
});
