import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangements } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { readStoredHouse } from './stored';
import type { House } from './schema';

const asStored = (house: House): unknown => JSON.parse(JSON.stringify(house));
const houses = [fennelLaneRecorded(), tanneryRow(), ...arrangements.map(({ build }) => build())];

describe('a stored house', () => {
	it('is given back as it was', () => {
		for (const house of houses) {
			const read = readStoredHouse(asStored(house));
			expect(read.ok && readStoredHouse(asStored(read.house))).toEqual(read);
			expect(read).toMatchObject({ ok: true, house: { name: house.name, region: house.region } });
		}
	});

	it('stays readable with names that an earlier build let pass: what nobody can see is called unnamed', () => {
		const stored = asStored(fennelLaneRecorded()) as {
			rooms: { name: string }[];
			panels: { name: string; place: string }[];
		};
		stored.rooms[0]!.name = '\u200b\u200b';
		stored.rooms[1]!.name = 'Mu\u200bsic\u0007 room';
		stored.panels[0]!.name = 'Pan\ud800el';
		const read = readStoredHouse(stored);
		if (!read.ok) throw new Error(JSON.stringify(read));
		expect(read.house.rooms[0]!.name).toBe('(unnamed)');
		expect(read.house.rooms[1]!.name).toMatch(/^Music\s+room$/);
		expect(read.house.panels[0]!.name).toBe('Pan\ufffdel');
	});

	it('of another form is refused by its place, and never throws', () => {
		expect(readStoredHouse({ ...(asStored(tanneryRow()) as object), boxes: 'none' })).toEqual({
			ok: false,
			at: 'boxes',
			fault: 'wrongType'
		});
		expect(readStoredHouse({ ...(asStored(tanneryRow()) as object), region: 'fr' })).toMatchObject({
			ok: false,
			at: 'region'
		});
		fc.assert(
			fc.property(fc.jsonValue(), (value) => {
				expect(readStoredHouse(value).ok).toBe(false);
			}),
			drawn(9)
		);
	});
});
