import { describe, expect, it } from 'vitest';
import { atFennelLane, atTanneryRow } from '../../test/atHome';
import { wishOf } from '../../test/wishes';
import { behindShared, sharedNeutral } from '../../test/sharedNeutral';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { editHouse, findBox, withBox, withTripped, type Device, type House, type Standing } from '../house';
import { planWhole } from '../job';
import { wiredAs } from '../wiring';
import { judgePart } from './choose';
import { factsOf } from './factsOf';
import { placeOf } from './place';
import { protectionOfCircuit } from './protection';
import { spurOf } from './spur';

const withPlace = (house: House, box: string, place: Standing): House => {
	const edited = editHouse(house, [{ do: 'setBox', box, place }]);
	if (!edited.ok) throw new Error(JSON.stringify(edited.refusal));
	return edited.house;
};

describe('what the rules know of an outlet', () => {
	it('takes the place from the room’s name, and says that it did', () => {
		const nursery = factsOf(fennelLaneRecorded(), 'nursery-crib-wall')!;
		expect(nursery.facts).toMatchObject({
			place: 'bedroom',
			nearWater: false,
			damp: 'dry',
			ground: true,
			circuitA: 15,
			alone: false,
			hardHere: true
		});
		expect(nursery.assumed).toEqual(expect.arrayContaining(['place', 'nearWater', 'damp', 'high']));
	});

	it('what is said counts, and isn’t assumed any more', () => {
		const said = withPlace(fennelLaneRecorded(), 'nursery-crib-wall', { kind: 'basement', finished: false });
		const { facts, assumed } = factsOf(said, 'nursery-crib-wall')!;
		expect(facts).toMatchObject({ place: 'basement', finished: false, nearWater: null });
		expect(assumed).not.toContain('place');
	});

	it('says nothing of a place that no name tells', () => {
		const house = fennelLaneRecorded();
		const attic = findBox(house, 'sewing-closet')!;
		const renamed = {
			...house,
			rooms: house.rooms.map((room) => (room.id === attic.room ? { ...room, name: 'Upstairs' } : room))
		};
		const door = findBox(renamed, 'sewing-door-wall')!;
		expect(placeOf(renamed, door)).toMatchObject({ place: null, nearWater: null, counter: null, damp: null });
	});

	it('doesn’t take an outlet behind a refrigerator for one that can be got at', () => {
		expect(atFennelLane('laundry-freezer').reachable).toBe(null);
		expect(atFennelLane('laundry-washer').reachable).toBe(true);
	});

	it('knows what two slots are, and that no ground comes to them', () => {
		expect(atFennelLane('reading-alcove')).toMatchObject({
			ground: false,
			groundedNow: false,
			outletsAfter: expect.any(Number) as number
		});
	});

	it('tells a shared neutral and a switched half', () => {
		expect(factsOf(sharedNeutral(), behindShared)!.facts.sharedNeutral).toBe(true);
		expect(atFennelLane('sewing-east-wall').sharedNeutral).toBe(false);
		expect(atFennelLane('music-amp-corner').halvesApart).toBe('switched');
	});

	it('is told of the panel’s own device in uk', () => {
		expect(atTanneryRow('box-room-desk')).toMatchObject({ region: 'uk', edition: '2018A2', metalBox: true });
		expect(atTanneryRow('front-bedroom-bed').depthMm).toBe(16);
	});

	it('without a ground, what is said of the three ways to more protection is the exception’s', () => {
		const none = { groundCanBeBrought: false, arcBreakerSold: false, arcReceptacleSold: false };
		const at = (place: Standing) => factsOf(withPlace(fennelLaneRecorded(), 'reading-alcove', place), 'reading-alcove')!.facts; // prettier-ignore
		const arcs = (place: Standing) =>
			judgePart(at(place), 'gfci').reasons.some(({ rule }) => rule === 'arcFaultPlace');
		expect(arcs({})).toBe(true);
		expect(arcs({ ...none, arcBreakerSold: true })).toBe(true);
		expect(arcs(none)).toBe(false);
	});

	it('has nothing to say of what is no outlet, or on no circuit', () => {
		expect(factsOf(fennelLaneRecorded(), 'music-lamp-switch')).toBe(null);
		expect(factsOf(fennelLaneRecorded(), 'nowhere')).toBe(null);
		const loose = editHouse(fennelLaneRecorded(), [{ do: 'unplaceBox', box: 'sewing-closet' }]);
		expect(loose.ok && factsOf(loose.house, 'sewing-closet')).toBe(null);
	});
});

describe('spurs', () => {
	/** Boxes hung one after the other on a box of the upstairs ring. */
	const withSpur = (names: readonly string[]): House => {
		let after = 'box-room-desk';
		return names.reduce((house, name) => {
			const circuit = house.cables.find((cable) => cable.to.box === 'box-room-desk')!.circuit;
			const added = editHouse(house, [
				{ do: 'addOutlet', room: 'box-room', name, kind: 'socketSingle', spot: { circuit, after: { box: after }, branch: true } } // prettier-ignore
			]);
			if (!added.ok) throw new Error(JSON.stringify(added.refusal));
			after = added.house.boxes.at(-1)!.id;
			return added.house;
		}, tanneryRow());
	};

	it('a box on the ring is on none', () => {
		expect(spurOf(tanneryRow(), 'box-room-desk')).toBe('no');
		expect(spurOf(withSpur(['shelf']), 'box-room-desk')).toBe('no');
	});
	it('one alone on a branch is an ordinary spur', () => {
		const house = withSpur(['shelf']);
		expect(spurOf(house, house.boxes.at(-1)!.id)).toBe('alone');
	});
	it('a second one behind it makes both a spur from a spur', () => {
		const house = withSpur(['shelf', 'sill']);
		const [shelf, sill] = house.boxes.slice(-2);
		expect([spurOf(house, shelf!.id), spurOf(house, sill!.id)]).toEqual(['withOthers', 'withOthers']);
		expect(spurOf(house, 'box-room-door')).toBe('no');
	});
	it('on a radial there are none, and on no circuit nobody knows', () => {
		const radial = tanneryRow().circuits.find(({ arrangement }) => arrangement !== 'ring')!;
		const box = tanneryRow().cables.find(({ circuit }) => circuit === radial.id)!.to.box;
		expect(spurOf(tanneryRow(), box)).toBe('no');
		expect(spurOf({ ...tanneryRow(), cables: [] }, 'box-room-desk')).toBe(null);
	});
});

describe('what a circuit asks, and what guards it', () => {
	it('finds the greenhouse guarded by the pump post’s own device as far as it feeds on', () => {
		const house = fennelLaneRecorded();
		const circuit = house.cables.find(({ to }) => to.box === 'greenhouse-pump-post')!.circuit;
		const { outlets } = protectionOfCircuit(house, circuit)!;
		expect(outlets.find(({ box }) => box === 'greenhouse-pump-post')).toMatchObject({
			asked: true,
			guards: true,
			guardedBy: 'greenhouse-pump-post'
		});
	});

	it('puts one device where it covers everything that asks for it, and none where nothing does', () => {
		const house = fennelLaneRecorded();
		const bath = house.cables.find(({ to }) => to.box === 'bath-mirror')!.circuit;
		const asked = protectionOfCircuit(house, bath)!;
		expect(asked.plan?.uncovered).toEqual([]);
		expect(asked.plan?.devices.flatMap(({ guards }) => guards)).toContain('bath-mirror');
		const sewing = house.cables.find(({ to }) => to.box === 'sewing-east-wall')!.circuit;
		expect(protectionOfCircuit(house, sewing)!.plan).toBe(null);
	});

	it('goes upstream of an outlet behind a refrigerator', () => {
		const house = withPlace(fennelLaneRecorded(), 'laundry-freezer', { reachable: false });
		const circuit = house.cables.find(({ to }) => to.box === 'laundry-freezer')!.circuit;
		const { outlets, plan } = protectionOfCircuit(house, circuit)!;
		expect(outlets.find(({ box }) => box === 'laundry-freezer')).toMatchObject({ canTake: false });
		expect(plan?.devices.map(({ id }) => id) ?? []).not.toContain('laundry-freezer');
	});

	it('leaves it to the consumer unit in uk, where a socket’s own device guards its face alone', () => {
		const house = tanneryRow();
		for (const { id } of house.circuits) {
			const circuit = protectionOfCircuit(house, id);
			if (!circuit) continue;
			expect(circuit.plan).toBe(null);
			for (const { asked } of circuit.outlets) expect(asked).toBe(true);
		}
	});

	/** Living room, one after the other: a GFCI at the sofa with all that follows on its LOAD side, one at the bookcase. */
	const withTwo = (secondMa: number): House => {
		const [sofa, bookcase] = ['living-sofa', 'living-bookcase'] as const;
		const put = (house: House, boxId: string, feed: 'protected' | 'asFound', tripMa: number): House => {
			const made = planWhole(house, [{ boxId, wish: wishOf('gfci', feed) }]);
			if (!made.ok) throw new Error(JSON.stringify(made.failure));
			const wired = wiredAs(house, boxId, made.plans[0]!.work!.ways[0]!.wanted);
			return withBox(wired, boxId, (box) => ({
				...box,
				device: { ...withTripped(box.device!, false), tripMa } as Device
			}));
		};
		return put(put(fennelLaneRecorded(), sofa, 'protected', 6), bookcase, 'asFound', secondMa);
	};

	it.each([6, 4])(
		'points out a device behind a device, whichever of them opens first (%i mA)',
		(secondMa) => {
			const house = withTwo(secondMa);
			const living = protectionOfCircuit(house, 'living')!;
			expect(living.twice).toEqual(['living-bookcase']);
			expect(factsOf(house, 'living-bookcase')!.facts.guardedBefore).toBe(true);
			expect(factsOf(house, 'living-sofa')!.facts.guardedBefore).toBe(false);
			// An ordinary outlet may come back in place of the second one.
			const place = withPlace(house, 'living-bookcase', { kind: 'bathroom' });
			expect(judgePart(factsOf(place, 'living-bookcase')!.facts, 'duplex').reasons).toContainEqual(
				expect.objectContaining({ rule: 'groundFaultPlace', state: 'met' })
			);
		}
	);

	it('finds none twice in the demo home', () => {
		const twice = (of: House) => of.circuits.flatMap(({ id }) => protectionOfCircuit(of, id)?.twice ?? []);
		expect(twice(fennelLaneRecorded())).toEqual([]);
	});
});
