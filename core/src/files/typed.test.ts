import { describe, expect, it } from 'vitest';
import { editHouse, newHome } from '../house';
import { readTypedDirectory, readTypedRooms } from './index';

const us = newHome({ name: 'Home', region: 'us', spaces: 20, mainRatingA: 100, place: 'hall' });
const uk = newHome({ name: 'Home', region: 'uk', spaces: 8, mainRatingA: 100, place: 'hall' });

describe('a directory typed by hand', () => {
	it('takes the ways people write it', () => {
		const { edits, problems } = readTypedDirectory(
			us,
			'\uFEFF1 15A Porch\n2: 20 Kitchen, left\n\n5+7 30 amps Dryer\n3a 15 Hall\n3b - 15 - Bath\n14\n16 2nd floor\r\n18) 台所'
		);
		expect(problems).toEqual([]);
		expect(
			edits.map((edit) =>
				edit.do === 'addBreaker'
					? [edit.spaces.join('+') + (edit.tandem ?? ''), edit.ratingA, edit.label]
					: []
			)
		).toEqual([
			['1', 15, 'Porch'],
			['2', 20, 'Kitchen, left'],
			['5+7', 30, 'Dryer'],
			['3a', 15, 'Hall'],
			['3b', 15, 'Bath'],
			['14', 15, ''],
			['16', 15, '2nd floor'],
			['18', 15, '台所']
		]);
		expect(editHouse(us, edits).ok).toBe(true);
	});

	it('names the line that can’t be right, and takes the others', () => {
		const { edits, problems } = readTypedDirectory(
			us,
			'Kitchen\n2 20 Den\n2 15 Attic\n4+5 30 Range\n99 15 Far\n6 900 Odd'
		);
		expect(edits).toHaveLength(1);
		expect(problems.map(({ line, code }) => [line, code])).toEqual([
			[1, 'noSpace'],
			[3, 'twice'],
			[4, 'doesNotFit'],
			[5, 'noSpace'],
			[6, 'noRating']
		]);
	});

	it('a uk way without a rating is a ring’s', () => {
		expect(readTypedDirectory(uk, '3 Upstairs sockets').edits[0]).toMatchObject({
			ratingA: 32,
			label: 'Upstairs sockets'
		});
	});
});

describe('rooms typed by hand', () => {
	it('a room a line with its outlets, in any script', () => {
		const { edits, problems } = readTypedRooms(
			us,
			'Sewing room: east wall, door\nHall\nκουζίνα：πάγκος、παράθυρο'
		);
		expect(problems).toEqual([]);
		const made = editHouse(us, edits);
		if (!made.ok) throw new Error();
		expect(made.house.rooms.map(({ name }) => name)).toEqual(['Sewing room', 'Hall', 'κουζίνα']);
		expect(made.house.boxes.map(({ name }) => name)).toEqual(['east wall', 'door', 'πάγκος', 'παράθυρο']);
	});

	it('says which line repeats or names no room', () => {
		const { problems } = readTypedRooms(us, ': door\nHall: a, A\nhall');
		expect(problems.map(({ line, code }) => [line, code])).toEqual([
			[1, 'noRoom'],
			[2, 'twice'],
			[3, 'twice']
		]);
	});
});
