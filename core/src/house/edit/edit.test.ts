import { describe, expect, it } from 'vitest';
import { edited as after, withShed } from '../../../test/shed';
import { fennelLaneRecorded, tanneryRow } from '../../demo';
import { parseHouse } from '../../files';
import { chainOfCircuit, editHouse, findBox, newHome, points, settle, type Edit, type House } from '../index';
import { magnitude, subtract } from '../../network';

const refusal = (house: House, ...edits: Edit[]) => {
	const edited = editHouse(house, edits);
	return edited.ok ? null : edited.refusal;
};
const chain = (house: House, circuit: string) => chainOfCircuit(house, circuit).map(({ box }) => box.id);
const voltsAt = (house: House, box: string, half: 'upper' | 'left') => {
	const { solution } = settle(house);
	if (solution.outcome === 'singular') return NaN;
	const at = (role: 'hot' | 'neutral') => solution.voltageV.get(points.contact(box, half, role))!;
	return magnitude(subtract(at('hot'), at('neutral')));
};
const sewing = ['sewing-door-wall', 'sewing-east-wall', 'sewing-window-wall', 'sewing-closet'];

describe('placing boxes on chains', () => {
	it('a new outlet comes between two others, and all of them are live', () => {
		const house = after(fennelLaneRecorded(), {
			do: 'addOutlet',
			room: 'sewing',
			name: 'cutting table',
			spot: { circuit: 'sewing', after: { box: 'sewing-east-wall' } }
		});
		expect(chain(house, 'sewing')).toEqual([
			sewing[0],
			sewing[1],
			'sewing-cutting-table',
			sewing[2],
			sewing[3]
		]);
		for (const box of chain(house, 'sewing')) expect(voltsAt(house, box, 'upper')).toBeGreaterThan(119);
		// Wiring that somebody has seen is not made up anew.
		expect(findBox(house, 'sewing-east-wall')).toEqual(findBox(fennelLaneRecorded(), 'sewing-east-wall'));
	});

	it('a chain is put in another order', () => {
		const house = after(fennelLaneRecorded(), {
			do: 'placeBox',
			box: 'sewing-closet',
			spot: { circuit: 'sewing', after: 'panel' }
		});
		expect(chain(house, 'sewing')).toEqual([sewing[3], sewing[0], sewing[1], sewing[2]]);
		for (const box of chain(house, 'sewing')) expect(voltsAt(house, box, 'upper')).toBeGreaterThan(119);
	});

	it('a box in the middle moves to another circuit; its old neighbours join', () => {
		const house = after(fennelLaneRecorded(), {
			do: 'placeBox',
			box: 'sewing-east-wall',
			spot: { circuit: 'music', after: { box: 'music-piano' } }
		});
		expect(chain(house, 'sewing')).toEqual([sewing[0], sewing[2], sewing[3]]);
		expect(chain(house, 'music')[2]).toBe('sewing-east-wall');
		const outlets = [...chain(house, 'sewing'), ...chain(house, 'music')].filter(
			(box) => findBox(house, box)!.use === 'outlet'
		);
		for (const box of outlets) expect(voltsAt(house, box, 'upper')).toBeGreaterThan(119);
	});

	it('a branch leaves what follows where it is', () => {
		const house = after(fennelLaneRecorded(), {
			do: 'addOutlet',
			room: 'sewing',
			name: 'branch',
			spot: { circuit: 'sewing', after: { box: 'sewing-east-wall' }, branch: true }
		});
		expect(chain(house, 'sewing').slice(0, 2)).toEqual(sewing.slice(0, 2));
		expect(chain(house, 'sewing')).toContain('sewing-branch');
		for (const box of chain(house, 'sewing')) expect(voltsAt(house, box, 'upper')).toBeGreaterThan(119);
	});

	it('a ring stays a ring, wherever a socket is put in or taken out', () => {
		const ring = tanneryRow();
		for (const box of ['landing-airing-cupboard', 'back-bedroom-door', 'box-room-door'])
			for (const house of [
				after(ring, { do: 'unplaceBox', box }),
				after(ring, {
					do: 'addOutlet',
					room: 'landing',
					name: 'new',
					spot: { circuit: 'up-ring', after: { box } }
				})
			]) {
				const legs = house.cables.filter(({ circuit, from }) => circuit === 'up-ring' && 'panel' in from);
				expect(legs).toHaveLength(2);
				expect(house.cables.filter(({ circuit }) => circuit === 'up-ring')).toHaveLength(
					chain(house, 'up-ring').length + 1
				);
				for (const each of chain(house, 'up-ring')) expect(voltsAt(house, each, 'left')).toBeGreaterThan(238);
			}
	});

	it('a circuit is split: what comes after has a breaker of its own', () => {
		const house = after(
			fennelLaneRecorded(),
			{ do: 'setPanel', panel: 'main', spaces: 24 },
			{ do: 'addBreaker', panel: 'main', spaces: [22], ratingA: 15, label: 'sewing, window side' },
			{ do: 'splitCircuit', box: 'sewing-window-wall', breaker: 'b22', name: 'Sewing room, window side' }
		);
		expect(chain(house, 'sewing')).toEqual(sewing.slice(0, 2));
		expect(chain(house, 'sewing-room-window-side')).toEqual(sewing.slice(2));
	});
});

describe('panels', () => {
	it('two thin breakers share a space; a third does not fit, nor does a whole one', () => {
		const base = after(fennelLaneRecorded(), { do: 'setPanel', panel: 'main', spaces: 22 });
		const thin = (tandem: 'a' | 'b' | undefined): Edit => ({
			do: 'addBreaker',
			panel: 'main',
			spaces: [22],
			ratingA: 15,
			label: '',
			...(tandem ? { tandem } : {})
		});
		expect(
			after(base, thin('a'), thin('b')).panels[0]!.breakers.filter(({ spaces }) => spaces[0] === 22)
		).toHaveLength(2);
		expect(refusal(base, thin('a'), thin('a'))).toMatchObject({
			code: 'wouldBeWrong',
			problem: { code: 'spaceTaken' }
		});
		expect(refusal(base, thin('a'), thin(undefined))).toMatchObject({ problem: { code: 'spaceTaken' } });
	});

	it('a sub-panel feeds its outlets through its breaker, and goes dead with it', () => {
		const house = withShed();
		expect(voltsAt(house, 'shed-bench', 'upper')).toBeGreaterThan(119);
		for (const off of ['b17', 'shed-panel-2'])
			expect(
				voltsAt(
					{
						...house,
						panels: house.panels.map((panel) => ({
							...panel,
							breakers: panel.breakers.map((each) => ({ ...each, on: each.id !== off }))
						}))
					},
					'shed-bench',
					'upper'
				)
			).toBeLessThan(1);
	});

	it('says why not, and changes nothing', () => {
		const house = fennelLaneRecorded();
		expect(refusal(house, { do: 'removeBreaker', breaker: 'b11' })).toMatchObject({
			code: 'breakerInUse',
			circuits: ['Sewing room']
		});
		expect(refusal(house, { do: 'setBreaker', breaker: 'b1', spaces: [2] })).toMatchObject({
			problem: { code: 'spaceTaken', space: 2 }
		});
		expect(refusal(house, { do: 'setBreaker', breaker: 'b5', spaces: [5, 6] })).toMatchObject({
			problem: { code: 'twoPoleAcross' }
		});
		expect(refusal(house, { do: 'removeRoom', room: 'sewing' })).toMatchObject({
			code: 'roomInUse',
			boxes: 4
		});
		expect(
			refusal(house, {
				do: 'placeBox',
				box: sewing[0]!,
				spot: { circuit: 'sewing', after: { box: sewing[0]! } }
			})
		).toMatchObject({
			code: 'afterItself'
		});
		expect(refusal(house, { do: 'addRoom', name: ' sewing  ROOM' })).toMatchObject({ code: 'nameTaken' });
		expect(house).toEqual(fennelLaneRecorded());
	});

	it('two cables that close a loop in a radial are named', () => {
		const house = structuredClone(fennelLaneRecorded());
		house.cables.push({
			...house.cables.find(({ id }) => id === 'sewing-4')!,
			id: 'loop',
			from: { box: sewing[3]! },
			to: { box: sewing[0]! }
		});
		const parsed = parseHouse(house);
		expect(parsed.ok ? [] : parsed.problems).toContainEqual({
			code: 'chainCycle',
			path: ['cables', house.cables.length - 1],
			circuit: 'sewing',
			cable: 'loop'
		});
	});
});

it('a new home is built up from nothing, with names in any script', () => {
	const house = after(
		newHome({ name: 'Дом', region: 'us', spaces: 12, mainRatingA: 100, place: 'hall' }),
		{ do: 'addRoom', name: 'Кухня' },
		{ do: 'addRoom', name: '居間' },
		{ do: 'addBreaker', panel: 'main', spaces: [1], ratingA: 20, label: 'кухня' },
		{ do: 'addCircuit', breaker: 'b1', name: 'Кухня' },
		{ do: 'addOutlet', room: 'room-1', name: 'окно', spot: { circuit: 'circuit-1', after: 'panel' } },
		{ do: 'addOutlet', room: 'room-2', name: '窓' }
	);
	expect(parseHouse(structuredClone(house))).toMatchObject({ ok: true });
	expect(house.boxes[0]!.device).toMatchObject({ kind: 'duplex', ratingA: 20 });
	expect(house.cables[0]).toMatchObject({ size: '12AWG', assumed: true });
});

/** The house with its supply cables found by test, everywhere. */
const withSupplies = (home: House): House => ({
	...home,
	name: `${home.name}, supplies found`,
	boxes: home.boxes.map((box) => {
		const into = home.cables.find(({ to }) => to.box === box.id);
		return into
			? { ...box, supply: { cables: [into.id], by: 'resistance', on: '2026-11-25', readings: [] } }
			: box;
	})
});

describe('a supply cable found by test', () => {
	it('stays known where the cables of a box stay, and is forgotten where they are others', () => {
		const moved = after(withSupplies(fennelLaneRecorded()), {
			do: 'placeBox',
			box: 'sewing-window-wall',
			spot: { circuit: 'music', after: { box: 'music-piano' } }
		});
		expect(findBox(moved, 'sewing-window-wall')!.supply).toBeUndefined();
		expect(findBox(moved, 'sewing-door-wall')!.supply).toBeDefined();
	});
});
