import { describe, expect, it } from 'vitest';
import { edited } from '../../test/shed';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { dueOf, withBox, type House } from './index';

const kinds = (house: House) => dueOf(house).map(({ kind }) => kind);
const worried = (house: House, box: string, kind: 'scorch' | 'looseFaceplate') =>
	withBox(house, box, (each) => ({
		...each,
		worries: [...each.worries, { id: `${box}-${kind}`, kind, note: '', seen: '2026-11-01' }]
	}));

describe('what a house has to say', () => {
	it('the bungalow: a worn outlet, then the breaker that was caught wrong, then what only labels say', () => {
		const due = dueOf(fennelLaneRecorded());
		expect(due.map(({ kind }) => kind)).toEqual(['worry', 'contradicted', 'noPlaceForGround', 'unproven']);
		expect(due[0]).toMatchObject({ boxId: 'sewing-east-wall', worry: { kind: 'wornContacts' } });
		expect(due[1]).toMatchObject({ breaker: 'b14', by: { finding: 'doesNotFeed' } });
	});

	it('two-slot outlets of one breaker are one thing to do, the one nearest the panel first', () => {
		const due = dueOf(fennelLaneRecorded()).find(({ kind }) => kind === 'noPlaceForGround');
		expect(due).toEqual({
			kind: 'noPlaceForGround',
			breaker: 'b9',
			boxes: ['reading-alcove', 'reading-lamp-table', 'reading-stove-wall']
		});
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
			'wornContacts',
			'contradicted',
			'looseFaceplate',
			'noPlaceForGround',
			'unproven'
		]);
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
});
