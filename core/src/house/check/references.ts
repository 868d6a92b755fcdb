import { resistanceOhmPerM } from '../../rules';
import { deviceModel } from '../devices';
import { circuitsOfCable, findBox, findCircuit, panelOf } from '../lookup';
import type { House } from '../schema';
import type { HouseProblem, Path } from './problem';

/** Every reference leads somewhere, and cables begin where their circuits do. */
export function references(house: House): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const need = (
		what: 'room' | 'box' | 'panel' | 'circuit' | 'breaker',
		known: ReadonlySet<string>,
		id: string,
		path: Path
	) => {
		if (!known.has(id)) problems.push({ code: 'unknown', what, path, id });
	};
	const ids = (items: readonly { readonly id: string }[]) => new Set(items.map(({ id }) => id));
	const boxes = ids(house.boxes);
	const rooms = ids(house.rooms);
	const circuits = ids(house.circuits);
	const panels = ids(house.panels);
	const breakerIds = new Set(house.panels.flatMap((panel) => panel.breakers.map(({ id }) => id)));
	house.circuits.forEach(({ breaker }, k) =>
		need('breaker', breakerIds, breaker, ['circuits', k, 'breaker'])
	);
	house.boxes.forEach((box, k) => {
		need('room', rooms, box.room, ['boxes', k, 'room']);
		if (box.inBoxWith === undefined) return;
		const path = ['boxes', k, 'inBoxWith'];
		need('box', boxes, box.inBoxWith, path);
		const first = findBox(house, box.inBoxWith);
		const one =
			first?.id !== box.id &&
			first?.inBoxWith === undefined &&
			first?.room === box.room &&
			first.material === box.material;
		if (first && !one) problems.push({ code: 'notOneBox', path, box: box.id, with: first.id });
	});
	house.cables.forEach((cable, k) => {
		need('circuit', circuits, cable.circuit, ['cables', k, 'circuit']);
		cable.conductors.forEach(({ circuit }, c) => {
			if (circuit !== undefined)
				need('circuit', circuits, circuit, ['cables', k, 'conductors', c, 'circuit']);
		});
		need('box', boxes, cable.to.box, ['cables', k, 'to', 'box']);
		if ('box' in cable.from) {
			need('box', boxes, cable.from.box, ['cables', k, 'from', 'box']);
			if (cable.from.box === cable.to.box)
				problems.push({ code: 'cableToItself', path: ['cables', k, 'to', 'box'], box: cable.to.box });
		} else need('panel', panels, cable.from.panel, ['cables', k, 'from', 'panel']);
		const landed = new Set<string>();
		if (cable.landings && !('panel' in cable.from))
			problems.push({ code: 'landingNotAtPanel', path: ['cables', k, 'landings'], cable: cable.id });
		cable.landings?.forEach(({ conductor }, l) => {
			const path = ['cables', k, 'landings', l, 'conductor'];
			if (!cable.conductors.some(({ id }) => id === conductor))
				problems.push({ code: 'unknown', what: 'conductor', path, id: conductor });
			if (landed.has(conductor)) problems.push({ code: 'namedTwice', path, id: conductor });
			landed.add(conductor);
		});
		if ('panel' in cable.from)
			for (const id of circuitsOfCable(cable)) {
				const circuit = findCircuit(house, id);
				const panel = circuit && panelOf(house, circuit.breaker);
				if (panel && panel.id !== cable.from.panel)
					problems.push({
						code: 'otherPanel',
						path: ['cables', k, 'from', 'panel'],
						cable: cable.id,
						circuit: id,
						panel: panel.id
					});
			}
		if (cable.metal && (cable.sheath === 'nonmetallic' || cable.sheath === 'twinAndEarth'))
			problems.push({ code: 'noMetalSheath', path: ['cables', k, 'metal'], sheath: cable.sheath });
		for (const size of new Set(cable.conductors.map((conductor) => conductor.size ?? cable.size)))
			if (resistanceOhmPerM(size, cable.material) === null)
				problems.push({ code: 'sizeNotMade', path: ['cables', k, 'size'], size, material: cable.material });
	});
	house.loads.forEach((load, k) => {
		const box = house.boxes.find(({ id }) => id === load.box);
		if (!box) problems.push({ code: 'unknown', what: 'box', path: ['loads', k, 'box'], id: load.box });
		else if (!box.device || !deviceModel(box.device).halves.includes(load.half))
			problems.push({ code: 'unknown', what: 'half', path: ['loads', k, 'half'], id: load.half });
	});
	return problems;
}
