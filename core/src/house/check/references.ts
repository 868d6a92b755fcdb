import { resistanceOhmPerM } from '../../rules';
import { deviceModel } from '../devices';
import { circuitsOfCable, findBox, findCircuit, panelOf } from '../lookup';
import type { Box, Cable, House, Load } from '../schema';
import type { HouseProblem, Path } from './problem';

/** Whether a reference leads somewhere: the problem where it doesn't. */
type Need = (
	what: 'room' | 'box' | 'panel' | 'circuit' | 'breaker',
	id: string,
	path: Path
) => HouseProblem[];

function needIn(house: House): Need {
	const ids = (items: readonly { readonly id: string }[]): ReadonlySet<string> =>
		new Set(items.map(({ id }) => id));
	const known = {
		room: ids(house.rooms),
		box: ids(house.boxes),
		panel: ids(house.panels),
		circuit: ids(house.circuits),
		breaker: ids(house.panels.flatMap(({ breakers }) => breakers))
	};
	return (what, id, path) => (known[what].has(id) ? [] : [{ code: 'unknown', what, path, id }]);
}

/** Every reference leads somewhere, and cables begin where their circuits do. */
export function references(house: House): HouseProblem[] {
	const need = needIn(house);
	return [
		...house.circuits.flatMap(({ breaker }, k) => need('breaker', breaker, ['circuits', k, 'breaker'])),
		...house.boxes.flatMap((box, k) => ofBox(house, box, ['boxes', k], need)),
		...house.cables.flatMap((cable, k) => ofCable(house, cable, ['cables', k], need)),
		...house.loads.flatMap((load, k) => ofLoad(house, load, ['loads', k]))
	];
}

function ofBox(house: House, box: Box, path: Path, need: Need): HouseProblem[] {
	const inRoom = need('room', box.room, [...path, 'room']);
	if (box.inBoxWith === undefined) return inRoom;
	const at = [...path, 'inBoxWith'];
	const first = findBox(house, box.inBoxWith);
	const one =
		first?.id !== box.id &&
		first?.inBoxWith === undefined &&
		first?.room === box.room &&
		first.material === box.material;
	return [
		...inRoom,
		...need('box', box.inBoxWith, at),
		...(first && !one ? [{ code: 'notOneBox' as const, path: at, box: box.id, with: first.id }] : [])
	];
}

function ofCable(house: House, cable: Cable, path: Path, need: Need): HouseProblem[] {
	const { from, to } = cable;
	const toItself: HouseProblem[] =
		'box' in from && from.box === to.box
			? [{ code: 'cableToItself', path: [...path, 'to', 'box'], box: to.box }]
			: [];
	const sizes = new Set(cable.conductors.map((conductor) => conductor.size ?? cable.size));
	return [
		...need('circuit', cable.circuit, [...path, 'circuit']),
		...cable.conductors.flatMap(({ circuit }, c) =>
			circuit === undefined ? [] : need('circuit', circuit, [...path, 'conductors', c, 'circuit'])
		),
		...need('box', to.box, [...path, 'to', 'box']),
		...('box' in from
			? [...need('box', from.box, [...path, 'from', 'box']), ...toItself]
			: need('panel', from.panel, [...path, 'from', 'panel'])),
		...landingProblems(cable, path),
		...panelProblems(house, cable, path),
		...(cable.metal && (cable.sheath === 'nonmetallic' || cable.sheath === 'twinAndEarth')
			? [{ code: 'noMetalSheath' as const, path: [...path, 'metal'], sheath: cable.sheath }]
			: []),
		...[...sizes]
			.filter((size) => resistanceOhmPerM(size, cable.material) === null)
			.map((size) => ({
				code: 'sizeNotMade' as const,
				path: [...path, 'size'],
				size,
				material: cable.material
			}))
	];
}

/** Conductors landed at the panel are there, each once. */
function landingProblems({ id: cable, from, conductors, landings }: Cable, path: Path): HouseProblem[] {
	const named = (landings ?? []).map(({ conductor }) => conductor);
	return [
		...(landings && !('panel' in from)
			? [{ code: 'landingNotAtPanel' as const, path: [...path, 'landings'], cable }]
			: []),
		...named.flatMap((id, l): HouseProblem[] => {
			const at = [...path, 'landings', l, 'conductor'];
			return [
				...(conductors.some((conductor) => conductor.id === id)
					? []
					: [{ code: 'unknown' as const, what: 'conductor' as const, path: at, id }]),
				...(named.indexOf(id) < l ? [{ code: 'namedTwice' as const, path: at, id }] : [])
			];
		})
	];
}

/** A cable from a panel is of circuits that begin in that panel. */
function panelProblems(house: House, cable: Cable, path: Path): HouseProblem[] {
	const { from } = cable;
	if (!('panel' in from)) return [];
	return circuitsOfCable(cable).flatMap((id) => {
		const circuit = findCircuit(house, id);
		const panel = circuit && panelOf(house, circuit.breaker);
		return panel && panel.id !== from.panel
			? [
					{
						code: 'otherPanel' as const,
						path: [...path, 'from', 'panel'],
						cable: cable.id,
						circuit: id,
						panel: panel.id
					}
				]
			: [];
	});
}

function ofLoad(house: House, load: Load, path: Path): HouseProblem[] {
	const box = findBox(house, load.box);
	if (!box) return [{ code: 'unknown', what: 'box', path: [...path, 'box'], id: load.box }];
	return box.device && deviceModel(box.device).halves.includes(load.half)
		? []
		: [{ code: 'unknown', what: 'half', path: [...path, 'half'], id: load.half }];
}
