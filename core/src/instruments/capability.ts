import { deviceModel, editHouse, newHome, points, withBox, withTabs, type Edit, type House } from '../house';
import { deadBand, type DeadBand } from '../isolation/bands';
import { regions, type Region } from '../rules';
import { testers, type TesterKind } from './figures';
import { contactlessAlarms, lampGlows, readIndicatorV, readPlugLamps, readVoltageV } from './readings';

/** Situations in which something in the box is alive though the wrong person would call it dead; and one where nothing is. */
export const scenes = [
	'wrongBreaker',
	'openNeutral',
	'openGroundToo',
	'otherHalf',
	'secondCircuit',
	'shielded',
	'phantom'
] as const;
export type SceneKind = (typeof scenes)[number];

export interface Scene {
	readonly kind: SceneKind;
	readonly house: House;
	readonly box: string;
	/** Conductors in the box that can give a shock, as points of the network. */
	readonly alive: readonly string[];
}

/** One place an instrument was held to and what it showed there. */
export interface Shown {
	/** Points between which, or at which, it was used. */
	readonly at: readonly string[];
	/** Volts for a meter, the mark for an indicator, lit or silent for the others. */
	readonly value: number | boolean;
	/** Whether it says that something is alive. */
	readonly says: 'alive' | 'unclear' | 'nothing';
}

export interface Capability {
	readonly tester: TesterKind;
	readonly scene: SceneKind;
	readonly shown: readonly Shown[];
	/** `shows`: what is alive is shown alive; `misses`: it is not. Where nothing is: `right`, `unclear` (neither dead nor live), `falseAlarm`. */
	readonly verdict: 'shows' | 'misses' | 'right' | 'unclear' | 'falseAlarm';
}

/** The circuits of the scenes: one that was meant, its breaker off, and a neighbour that is on. */
function fragment(region: Region): House {
	const ratingA = regions[region].custom.usualBreakerA;
	const edits: Edit[] = [
		{ do: 'addBreaker', panel: 'main', spaces: [1], ratingA, label: 'meant' },
		{ do: 'addBreaker', panel: 'main', spaces: [2], ratingA, label: 'neighbour' },
		{ do: 'addRoom', name: 'room' },
		{ do: 'addCircuit', breaker: 'b1', name: 'meant' },
		{ do: 'addCircuit', breaker: 'b2', name: 'neighbour' },
		{ do: 'addOutlet', room: 'room', name: 'before', spot: { circuit: 'meant', after: 'panel' } },
		{ do: 'addOutlet', room: 'room', name: 'here', spot: { circuit: 'meant', after: { box: 'room-before' } } }
	];
	const edited = editHouse(
		newHome({ name: 'scene', region, spaces: 8, mainRatingA: 100, place: 'hall' }),
		edits
	);
	if (!edited.ok) throw new Error(`the scenes can't be built: ${edited.refusal.code}`);
	return edited.house;
}

const box = 'room-here';
const off = (house: House, breaker: string): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((each) => (each.id === breaker ? { ...each, on: false } : each))
	}))
});
const lastCable = (house: House) => house.cables.find(({ to }) => to.box === box)!;
const letGo = (house: House, role: 'neutral' | 'ground'): House =>
	withBox(house, 'room-before', (each) => ({
		...each,
		terminations: each.terminations.map((end) =>
			end.cable === lastCable(house).id && end.conductor === role ? { ...end, at: 'capped' } : end
		)
	}));

/** A cable of the neighbouring circuit that passes through the box, its ends joined and capped off. */
function passingThrough(house: House): House {
	const own = lastCable(house);
	const stray = { ...own, id: 'stray', circuit: 'neighbour', from: { panel: 'main' } };
	return {
		...withBox(house, box, (each) => ({
			...each,
			terminations: [
				...each.terminations,
				...own.conductors.map(({ id }) => ({ cable: 'stray', conductor: id, at: 'capped' }))
			]
		})),
		cables: [...house.cables, stray]
	};
}

/** The second half, or the second of two sockets, fed by the neighbour: only where a device has halves that can be parted. */
function otherHalf(house: House): House {
	const fed = passingThrough(house);
	return withBox(fed, box, (each) => ({
		...each,
		device: each.device && withTabs(each.device, { hot: false }),
		terminations: each.terminations.map((end) =>
			end.cable === 'stray' && end.conductor === 'hot' ? { ...end, at: 'terminal:hotLower' } : end
		)
	}));
}

/** A hot that is off, in one cable with one that is on, as far as the outlet before: it takes up a voltage with nothing behind it. */
function coupled(house: House): House {
	const first = house.cables.find(({ from }) => 'panel' in from)!;
	const beside = { id: 'beside', role: 'hot' as const, colour: 'red' as const, circuit: 'neighbour' };
	const shared = { ...first, conductors: [beside, ...first.conductors] };
	return {
		...withBox(house, 'room-before', (each) => ({
			...each,
			terminations: [...each.terminations, { cable: first.id, conductor: 'beside', at: 'capped' }]
		})),
		cables: house.cables.map((cable) => (cable === first ? shared : cable))
	};
}

const hotOf = (house: House, cable = lastCable(house).id): string => points.conductor(cable, 'hot', 'to');

/** A situation, built and switched as it would be found. */
export function sceneOf(kind: SceneKind, region: Region): Scene | null {
	const house = fragment(region);
	switch (kind) {
		case 'wrongBreaker':
			return { kind, house, box, alive: [hotOf(house)] };
		case 'openNeutral':
			return { kind, house: letGo(house, 'neutral'), box, alive: [hotOf(house)] };
		case 'openGroundToo':
			return { kind, house: letGo(letGo(house, 'neutral'), 'ground'), box, alive: [hotOf(house)] };
		case 'otherHalf':
			return region === 'us'
				? { kind, house: off(otherHalf(house), 'b1'), box, alive: [hotOf(house, 'stray')] }
				: null;
		case 'secondCircuit':
			return { kind, house: off(passingThrough(house), 'b1'), box, alive: [hotOf(house, 'stray')] };
		case 'shielded': {
			const shielded = {
				...house,
				cables: house.cables.map((cable) => ({ ...cable, sheath: 'armoured' as const }))
			};
			return { kind, house: shielded, box, alive: [hotOf(house)] };
		}
		case 'phantom':
			return { kind, house: off(coupled(house), 'b1'), box, alive: [] };
	}
}

function twoPoint(
	house: House,
	tester: 'multimeter' | 'lowImpedanceMeter' | 'indicator',
	red: string,
	black: string
): Shown {
	const at = [red, black];
	const says = (band: DeadBand): Shown['says'] =>
		band === 'dead' ? 'nothing' : band === 'live' ? 'alive' : 'unclear';
	if (tester === 'indicator') {
		const litV = readIndicatorV(house, { red, black }) as 0;
		return { at, value: litV, says: says(deadBand({ instrument: 'indicator', litV })) };
	}
	const mode = tester === 'multimeter' ? 'highImpedance' : 'lowImpedance';
	const volts = readVoltageV(house, { red, black }, mode);
	return { at, value: volts, says: says(deadBand({ instrument: 'multimeter', volts, mode })) };
}

/** What a tester shows in a scene, used everywhere it can be used there: two-point testers on every pair of the proof, to a known earth where the own ground is doubtful. */
export function showIn(scene: Scene, tester: TesterKind): Shown[] {
	const { house, box: boxId } = scene;
	const here = house.boxes.find(({ id }) => id === boxId)!;
	const { halves } = deviceModel(here.device!);
	const earth = points.earth(house.panels[0]!.id);
	const ends = here.terminations.map(({ cable, conductor }) => ({
		point: points.conductor(cable, conductor, 'to'),
		conductor
	}));
	switch (tester) {
		case 'multimeter':
		case 'lowImpedanceMeter':
		case 'indicator': {
			const faces = halves.flatMap((half) => {
				const at = (role: 'hot' | 'neutral' | 'ground') => points.contact(boxId, half, role);
				return [
					[at('hot'), at('neutral')],
					[at('hot'), at('ground')],
					[at('neutral'), at('ground')]
				] as const;
			});
			return [...faces, ...ends.map(({ point }) => [point, earth] as const)].map(([red, black]) =>
				twoPoint(house, tester, red, black)
			);
		}
		case 'plugTester':
			return halves.flatMap((half): Shown[] => {
				const lamps = readPlugLamps(house, boxId, half);
				const lit = Object.values(lamps).some(Boolean);
				return [{ at: [points.contact(boxId, half, 'hot')], value: lit, says: lit ? 'alive' : 'nothing' }];
			});
		case 'contactless':
			return ends
				.filter(({ conductor }) => conductor !== 'ground')
				.map(({ point }) => {
					const alarms = contactlessAlarms(house, point);
					return { at: [point], value: alarms, says: alarms ? 'alive' : 'nothing' };
				});
		case 'lamp':
			// As people do: one lamp, in the half that is nearest.
			return [halves[0]!].map((half) => {
				const glows = lampGlows(house, boxId, half);
				return { at: [points.contact(boxId, half, 'hot')], value: glows, says: glows ? 'alive' : 'nothing' };
			});
	}
}

/** Worked out once a region: nothing else goes into them. */
const worked = new Map<Region, readonly Capability[]>();

/** What each tester can and can't do, from the models: every tester in every scene. */
export function capabilities(region: Region): readonly Capability[] {
	const known = worked.get(region);
	if (known) return known;
	const found = workOut(region);
	worked.set(region, found);
	return found;
}

function workOut(region: Region): Capability[] {
	return scenes.flatMap((kind) => {
		const scene = sceneOf(kind, region);
		if (!scene) return [];
		return testers.map((tester): Capability => {
			const shown = showIn(scene, tester);
			const alarms = shown.some(({ says }) => says === 'alive');
			const unclear = shown.some(({ says }) => says === 'unclear');
			const quiet = alarms ? 'falseAlarm' : unclear ? 'unclear' : 'right';
			const verdict = scene.alive.length === 0 ? quiet : alarms ? 'shows' : 'misses';
			return { tester, scene: kind, shown, verdict };
		});
	});
}

/** Whether a tester may prove dead: it misses nothing in any scene. Computed, not decreed. */
export const provesDead = (region: Region, tester: TesterKind): boolean =>
	capabilities(region).every((one) => one.tester !== tester || one.verdict !== 'misses');
