import {
	cableConductors,
	cablesInBox,
	standardWiring,
	usualDevice,
	withBox,
	type Box,
	type Cable,
	type House
} from '../house';
import { regions, mostCablesInBox, resistanceOhmPerM } from '../rules';
import type { BenchEvent } from './events';
import { changed, refuse, unknown, type Changed } from './refusal';

/** Brings a cable into the box: from the panel, or on to an outlet of its own. Its ends here are free. */
export function addCable(house: House, box: Box, event: Extract<BenchEvent, { kind: 'addCable' }>): Changed {
	if (event.id === '') return refuse({ code: 'cableUnnamed' });
	if (house.cables.some(({ id }) => id === event.id)) return refuse({ code: 'idTaken', id: event.id });
	if (!house.circuits.some(({ id }) => id === event.circuit)) return unknown('circuit', event.circuit);
	if (cablesInBox(house, box.id).length >= mostCablesInBox)
		return refuse({ code: 'tooManyCables', most: mostCablesInBox });
	if (resistanceOhmPerM(event.size, event.material) === null)
		return refuse({ code: 'sizeNotMade', size: event.size, material: event.material });
	const next = `${event.id}-end`;
	const cable = cableOf(house, box, event, next);
	const ends = cable.conductors.map(({ id }) => ({ cable: cable.id, conductor: id, at: 'bare' }));
	const here = withBox(house, box.id, (each) => ({ ...each, terminations: [...each.terminations, ...ends] }));
	if (event.way === 'fromPanel') return changed({ ...here, cables: [...here.cables, cable] });
	if (house.boxes.some(({ id }) => id === next)) return refuse({ code: 'idTaken', id: next });
	const { custom } = regions[house.region];
	const outlet: Box = {
		id: next,
		name: `outlet on ${event.id}`,
		room: box.room,
		use: 'outlet',
		material: cable.metal ? 'metal' : custom.boxMaterial,
		device: usualDevice(house.region, custom.usualBreakerA),
		joints: [],
		terminations: [],
		pigtails: [],
		worries: [],
		history: []
	};
	const plain = { ...cable, conductors: cable.conductors.filter(({ id }) => id !== 'red') };
	const wired = { ...outlet, ...standardWiring(house.region, outlet, [plain]) };
	const spare = event.secondHot ? [{ cable: cable.id, conductor: 'red', at: 'capped' }] : [];
	return changed({
		...here,
		boxes: [...here.boxes, { ...wired, terminations: [...wired.terminations, ...spare] }],
		cables: [...here.cables, cable]
	});
}

/** The cable that is brought in, its far end at `next` where it leads on. */
function cableOf(
	house: House,
	box: Box,
	event: Extract<BenchEvent, { kind: 'addCable' }>,
	next: string
): Cable {
	const other = house.circuits.find(({ id }) => id !== event.circuit)?.id;
	const [hot, ...rest] = cableConductors(event.palette, event.size).filter(
		({ role }) => event.grounded || role !== 'ground'
	);
	const metal = event.sheath === 'armoured' || event.sheath === 'conduit';
	return {
		id: event.id,
		circuit: event.circuit,
		from: event.way === 'fromPanel' ? { panel: house.panels[0]!.id } : { box: box.id },
		to: { box: event.way === 'fromPanel' ? box.id : next },
		lengthM: event.lengthM,
		size: event.size,
		material: event.material,
		sheath: event.sheath,
		conductors: [
			hot!,
			...(event.secondHot
				? [
						{
							id: 'red',
							role: 'hot' as const,
							colour: event.palette === 'us' ? ('red' as const) : ('black' as const),
							...(other ? { circuit: other } : {})
						}
					]
				: []),
			...rest
		],
		...(metal ? { metal: { resistanceOhm: 0.3 } } : {})
	};
}

/** A cable goes with all its ends; only where nothing else hangs on it. */
export function removeCable(house: House, box: Box, id: string): Changed {
	const cable = cablesInBox(house, box.id).find((end) => end.cable.id === id)?.cable;
	if (!cable) return unknown('cable', id);
	const far = cable.to.box === box.id ? ('box' in cable.from ? cable.from.box : null) : cable.to.box;
	const lonely = far !== null && cablesInBox(house, far).length === 1;
	if (far !== null && !lonely) return refuse({ code: 'cableGoesOn' });
	return changed({
		...house,
		cables: house.cables.filter((each) => each !== cable),
		boxes: house.boxes
			.filter((each) => each.id !== far)
			.map((each) => ({ ...each, terminations: each.terminations.filter((end) => end.cable !== id) })),
		loads: house.loads.filter((load) => load.box !== far)
	});
}
