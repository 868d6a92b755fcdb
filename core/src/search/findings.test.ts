import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { circuitsInBox, editHouse, evidenceOf, findBreaker, newHome, type House } from '../house';
import { findingsOf, type SearchEvent } from './index';

const said = { on: '2026-03-01', how: 'by lamp', circuitName: (breaker: string) => `on ${breaker}` };
const looked = (off: string[], answer: 'on' | 'dark', by: 'lamp' | 'radio' = 'lamp'): SearchEvent => ({
	kind: 'answer',
	off,
	answer,
	by
});

/** A home of two breakers and one outlet that hangs nowhere. */
function typed(): House {
	const empty = newHome({ name: 'Home', region: 'us', spaces: 8, mainRatingA: 100, place: 'hall' });
	const made = editHouse(empty, [
		{ do: 'addBreaker', panel: 'main', spaces: [1], ratingA: 15, label: 'den' },
		{ do: 'addBreaker', panel: 'main', spaces: [2], ratingA: 20, label: '' },
		{ do: 'addRoom', name: 'Den' }
	]);
	if (!made.ok) throw new Error('no home');
	const out = editHouse(made.house, [{ do: 'addOutlet', room: made.house.rooms[0]!.id, name: 'desk' }]);
	if (!out.ok) throw new Error('no outlet');
	return out.house;
}

describe('what a search found', () => {
	it('goes against a breaker that was off by itself and seen to leave it on; not one that was heard, or off with others', () => {
		const house = fennelLaneRecorded();
		const [feeder] = circuitsInBox(house, 'sewing-east-wall');
		const others = house.panels[0]!.breakers.map(({ id }) => id).filter((id) => id !== feeder!.breaker);
		const [alone, heard, one, other] = others as [string, string, string, string];
		const edits = findingsOf(
			house,
			'sewing-east-wall',
			{ kind: 'found', breaker: feeder!.breaker },
			[looked([alone], 'on'), looked([heard], 'on', 'radio'), looked([one, other], 'on')],
			said
		);
		expect(edits).toEqual([
			{
				do: 'addFinding',
				breaker: alone,
				box: 'sewing-east-wall',
				finding: 'doesNotFeed',
				on: said.on,
				how: said.how
			},
			{
				do: 'addFinding',
				breaker: feeder!.breaker,
				box: 'sewing-east-wall',
				finding: 'feeds',
				on: said.on,
				how: said.how
			}
		]);
	});

	it('says nothing against the one that turned out to feed it, whatever was answered before', () => {
		const house = fennelLaneRecorded();
		const breaker = circuitsInBox(house, 'sewing-east-wall')[0]!.breaker;
		const edits = findingsOf(
			house,
			'sewing-east-wall',
			{ kind: 'found', breaker },
			[looked([breaker], 'on')],
			said
		);
		expect(edits.map((edit) => edit.do === 'addFinding' && edit.finding)).toEqual(['feeds']);
	});

	it('puts an outlet that hung nowhere on the circuit of its breaker, or asks for one by name', () => {
		const house = typed();
		const [den, blank] = house.panels[0]!.breakers.map(({ id }) => id) as [string, string];
		const box = house.boxes[0]!.id;
		const first = findingsOf(house, box, { kind: 'found', breaker: blank }, [], said);
		expect(first.at(-1)).toEqual({ do: 'addCircuit', breaker: blank, name: `on ${blank}` });
		const withCircuit = editHouse(house, [{ do: 'addCircuit', breaker: den, name: 'Den' }]);
		if (!withCircuit.ok) throw new Error('no circuit');
		const made = editHouse(
			withCircuit.house,
			findingsOf(withCircuit.house, box, { kind: 'found', breaker: den }, [], said)
		);
		if (!made.ok) throw new Error(JSON.stringify(made.refusal));
		expect(circuitsInBox(made.house, box).map(({ breaker }) => breaker)).toEqual([den]);
		expect(evidenceOf(made.house, findBreaker(made.house, den)!).level).toBe('found');
	});

	it('moves no outlet that is on record elsewhere where that would be a guess: two circuits in its box, or a circuit of its own there', () => {
		const house = fennelLaneRecorded();
		const taken = house.circuits.map(({ breaker }) => breaker);
		const own = circuitsInBox(house, 'sewing-east-wall')[0]!;
		const elsewhere = taken.find((breaker) => breaker !== own.breaker)!;
		const moves = (breaker: string) =>
			findingsOf(house, 'sewing-east-wall', { kind: 'found', breaker }, [], said).filter(
				(edit) => edit.do !== 'addFinding'
			);
		expect(moves(elsewhere)).toEqual([]);
		const free = house.panels[0]!.breakers.find(({ id }) => !taken.includes(id));
		if (free) expect(moves(free.id)).toEqual([{ do: 'setCircuit', circuit: own.id, breaker: free.id }]);
	});

	it('of several that feed it says each, and of none says only what was seen', () => {
		const house = fennelLaneRecorded();
		const [a, b, c] = house.panels[0]!.breakers.map(({ id }) => id) as [string, string, string];
		const found = (end: Parameters<typeof findingsOf>[2]) =>
			findingsOf(house, 'sewing-east-wall', end, [looked([c], 'on')], said).map(
				(edit) => edit.do === 'addFinding' && `${edit.breaker} ${edit.finding}`
			);
		expect(found({ kind: 'several', breakers: [a, b] })).toEqual([
			`${c} doesNotFeed`,
			`${a} feeds`,
			`${b} feeds`
		]);
		expect(found({ kind: 'noneOfThese' })).toEqual([`${c} doesNotFeed`]);
	});
});
