import { sharedNeutral } from '../../test/sharedNeutral';
import { describe, expect, it } from 'vitest';
import { edited } from '../../test/shed';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { withBox, type House } from '../house';
import { dueOf, needsOf } from '.';

const kinds = (house: House) => dueOf(house).map(({ kind }) => kind);
const worried = (house: House, box: string, kind: 'scorch' | 'looseFaceplate') =>
	withBox(house, box, (each) => ({
		...each,
		worries: [...each.worries, { id: `${box}-${kind}`, kind, note: '', seen: '2026-11-01' }]
	}));

describe('what a house has to say', () => {
	it('the bungalow: a burned outlet, a worn one, then the breaker that was caught wrong, then what only labels say', () => {
		const due = dueOf(fennelLaneRecorded());
		expect(due.map(({ kind }) => kind)).toEqual([
			'worry',
			'worry',
			'contradicted',
			'sharedNeutral',
			'noPlaceForGround',
			'unprotected',
			'unproven'
		]);
		expect(due[0]).toMatchObject({ boxId: 'bedroom-window', worry: { kind: 'scorch' } });
		expect(due[1]).toMatchObject({ boxId: 'sewing-east-wall', worry: { kind: 'wornContacts' } });
		expect(due[2]).toMatchObject({ breaker: 'b14', by: { finding: 'doesNotFeed' } });
	});

	it('two-slot outlets of one breaker are one thing to do, the one nearest the panel first', () => {
		const due = dueOf(fennelLaneRecorded()).find(({ kind }) => kind === 'noPlaceForGround');
		expect(due).toEqual({
			kind: 'noPlaceForGround',
			breaker: 'b9',
			boxes: ['reading-alcove', 'reading-lamp-table', 'reading-stove-wall'],
			guarded: false
		});
		const bare = fennelLaneRecorded();
		const behind: House = {
			...bare,
			panels: bare.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b9' ? { ...breaker, type: 'residual' } : breaker
				)
			}))
		};
		expect(dueOf(behind).find(({ kind }) => kind === 'noPlaceForGround')).toMatchObject({ guarded: true });
		expect(kinds(tanneryRow())).not.toContain('noPlaceForGround');
	});

	it('what burned comes before what is worn, what rattles after a label that was caught wrong', () => {
		const house = worried(
			worried(fennelLaneRecorded(), 'music-piano', 'looseFaceplate'),
			'nursery-closet',
			'scorch'
		);
		expect(dueOf(house).map((due) => (due.kind === 'worry' ? due.worry.kind : due.kind))).toEqual([
			'scorch',
			'scorch',
			'wornContacts',
			'contradicted',
			'sharedNeutral',
			'looseFaceplate',
			'noPlaceForGround',
			'unprotected',
			'unproven'
		]);
	});

	it('where today’s code asks for protection that nothing gives, the wettest place first; a guarded one isn’t among them', () => {
		const unprotected = (house: House) => dueOf(house).find(({ kind }) => kind === 'unprotected');
		const due = unprotected(fennelLaneRecorded());
		expect(due).toMatchObject({ asked: { place: 'bathroom', clause: '210.8(A)(1)' } });
		const { boxes } = due as { boxes: readonly string[] };
		expect(boxes[0]).toBe('bath-mirror');
		expect(boxes).toContain('porch-front');
		expect(boxes).not.toContain('music-piano');
		const bare = fennelLaneRecorded();
		const guarded: House = {
			...bare,
			panels: bare.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b12' ? { ...breaker, type: 'residual' } : breaker
				)
			}))
		};
		expect((unprotected(guarded) as { boxes: readonly string[] }).boxes).not.toContain('bath-mirror');
		expect(unprotected(tanneryRow())).toBeUndefined();
	});

	it('two breakers that share a neutral and can be switched apart, until their handles are tied', () => {
		const shared = (house: House) => dueOf(house).filter(({ kind }) => kind === 'sharedNeutral');
		expect(shared(fennelLaneRecorded())).toEqual([
			{ kind: 'sharedNeutral', breakers: ['b5', 'b7'], box: 'kitchen-under-the-sink' }
		]);
		const house = sharedNeutral();
		const [due] = shared(house);
		expect(due).toMatchObject({ kind: 'sharedNeutral', breakers: ['b1', 'b2'] });
		const tied: House = {
			...house,
			panels: house.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b2' ? { ...breaker, tiedWith: 'b1' } : breaker
				)
			}))
		};
		expect(shared(tied)).toEqual([]);
	});

	it('a breaker is unproven while nothing but its label speaks for it, and has an outlet to find it by', () => {
		const unproven = (house: House) =>
			dueOf(house).flatMap((due) =>
				due.kind === 'unproven' ? due.breakers.map(({ breaker }) => breaker) : []
			);
		const before = fennelLaneRecorded();
		expect(unproven(before)).toContain('b11');
		const found: House = {
			...before,
			panels: before.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b11'
						? {
								...breaker,
								findings: [
									{ finding: 'feeds' as const, box: 'sewing-closet', on: '2026-11-02', how: 'read dead' }
								]
							}
						: breaker
				)
			}))
		};
		expect(unproven(found)).toEqual(unproven(before).filter((id) => id !== 'b11'));
		for (const due of dueOf(before))
			if (due.kind === 'unproven')
				for (const { box } of due.breakers) expect(before.boxes.map(({ id }) => id)).toContain(box);
	});

	it('an outlet on no circuit is to be placed', () => {
		const house = edited(
			fennelLaneRecorded(),
			{ do: 'addRoom', name: 'Shed' },
			{ do: 'addOutlet', room: 'shed', name: 'bench' }
		);
		expect(dueOf(house).find(({ kind }) => kind === 'unplaced')).toMatchObject({ boxes: ['shed-bench'] });
	});

	it('uk: how the supply is earthed is asked until somebody says it', () => {
		const said = tanneryRow();
		const { voltageV, impedanceOhm } = said.service;
		const unsaid: House = { ...said, service: { voltageV, impedanceOhm } };
		expect(kinds(unsaid)).toContain('earthingUnsaid');
		expect(kinds({ ...unsaid, service: { ...unsaid.service, earthing: { system: 'tnS' } } })).not.toContain(
			'earthingUnsaid'
		);
	});

	it('a house that is known and sound says nothing', () => {
		expect(
			dueOf({ ...fennelLaneRecorded(), boxes: [], circuits: [], cables: [], panels: [], loads: [] })
		).toEqual([]);
	});

	it('names what needs doing, heat before wear', () => {
		const house = worried(fennelLaneRecorded(), 'music-piano', 'scorch');
		expect(needsOf(house).map(({ boxId }) => boxId)).toEqual([
			'music-piano',
			'bedroom-window',
			'sewing-east-wall'
		]);
	});
});
