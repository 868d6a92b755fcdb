import type { Box, Breaker, Cable, Colour, Conductor, Device, House } from '../house';
import type { ConductorSize } from '../rules';

/** Colours of a two-conductor-and-ground cable: hot, ground between, neutral, as they lie in a flat sheath. */
export type Palette = 'us' | 'ukNew' | 'ukOld';

const palettes: Record<Palette, readonly [Colour, Colour, Colour]> = {
	us: ['black', 'bare', 'white'],
	ukNew: ['brown', 'bare', 'blue'],
	ukOld: ['red', 'bare', 'black']
};

/** A box still to be wired: everything but how its conductors end. */
export interface Stop {
	readonly id: string;
	readonly room: string;
	readonly name: string;
	readonly lengthM: number;
	readonly device?: Device;
	readonly palette?: Palette;
	readonly use?: Box['use'];
	readonly worries?: Box['worries'];
	readonly history?: Box['history'];
	readonly how?: 'hook' | 'clampPlate' | 'pushIn';
}

export interface Run {
	readonly circuit: string;
	readonly name: string;
	readonly breaker: string;
	readonly size: ConductorSize;
	readonly panel: string;
	readonly stops: readonly Stop[];
	/** Length of the leg back to the panel: makes it a ring. */
	readonly ringReturnM?: number;
	readonly returnPalette?: Palette;
}

export interface Wired {
	readonly circuit: House['circuits'][number];
	readonly boxes: Box[];
	readonly cables: Cable[];
}

/** Wires boxes one after another from a breaker, through the devices, as a us radial or a uk ring or radial is found. */
export function wireRun(run: Run, region: House['region']): Wired {
	const cables: Cable[] = run.stops.map((stop, k) => ({
		id: `${run.circuit}-${k + 1}`,
		circuit: run.circuit,
		from: k === 0 ? { panel: run.panel } : { box: run.stops[k - 1]!.id },
		to: { box: stop.id },
		lengthM: stop.lengthM,
		size: run.size,
		material: 'copper',
		sheath: region === 'us' ? 'nonmetallic' : 'twinAndEarth',
		conductors: conductors(stop.palette ?? (region === 'us' ? 'us' : 'ukNew'), run.size)
	}));
	const last = run.stops.at(-1)!;
	if (run.ringReturnM !== undefined)
		cables.push({
			...cables[0]!,
			id: `${run.circuit}-${run.stops.length + 1}`,
			from: { panel: run.panel },
			to: { box: last.id },
			lengthM: run.ringReturnM,
			conductors: conductors(run.returnPalette ?? 'ukNew', run.size)
		});
	const boxes = run.stops.map((stop, k) => {
		const entering = [cables[k]!, ...(cables[k + 1] ? [cables[k + 1]!] : [])];
		return region === 'us' ? usBox(stop, entering, run.size) : ukBox(stop, entering);
	});
	const arrangement = run.ringReturnM === undefined ? 'radial' : 'ring';
	return { circuit: { id: run.circuit, name: run.name, breaker: run.breaker, arrangement }, boxes, cables };
}

function conductors(palette: Palette, size: ConductorSize): Conductor[] {
	const [hot, ground, neutral] = palettes[palette];
	// 2.5 mm² twin-and-earth carries a 1.5 mm² earth.
	const cpc = size === '2.5mm2' ? { size: '1.5mm2' as const } : size === '1.5mm2' ? { size: '1.0mm2' as const } : {};
	return [
		{ id: 'hot', role: 'hot', colour: hot },
		{ id: 'ground', role: 'ground', colour: ground, ...cpc },
		{ id: 'neutral', role: 'neutral', colour: neutral }
	];
}

const common = (stop: Stop): Pick<Box, 'id' | 'name' | 'room' | 'use' | 'worries' | 'history'> & { device?: Device } => ({
	id: stop.id,
	name: stop.name,
	room: stop.room,
	use: stop.use ?? 'outlet',
	...(stop.device ? { device: stop.device } : {}),
	worries: stop.worries ?? [],
	history: stop.history ?? []
});

/** Metal box; grounds spliced with tails to device and box; hots and neutrals each on their own screw of a duplex, spliced elsewhere. */
function usBox(stop: Stop, cables: readonly Cable[], size: ConductorSize): Box {
	const duplex = stop.device?.kind === 'duplex';
	const through = cables.length > 1 && !duplex;
	const how = stop.how ?? 'hook';
	const live = (role: 'hot' | 'neutral', k: number) => {
		if (through) return { at: `joint:${role}`, how: 'twistOn' as const };
		return { at: duplex ? `terminal:${role}${k === 0 ? 'Upper' : 'Lower'}` : `terminal:${role}`, how };
	};
	const tail = (role: 'hot' | 'neutral', colour: Colour) => ({
		id: `${role}Tail`,
		role,
		colour,
		from: `joint:${role}`,
		to: `terminal:${role}`,
		how
	});
	return {
		...common(stop),
		material: 'metal',
		volumeIn3: size === '14AWG' ? 14 : 18,
		joints: [
			{ id: 'ground', how: 'twistOn' },
			...(through
				? [
						{ id: 'hot', how: 'twistOn' as const },
						{ id: 'neutral', how: 'twistOn' as const }
					]
				: [])
		],
		terminations: cables.flatMap((cable, k) => [
			{ cable: cable.id, conductor: 'hot', ...live('hot', k) },
			{ cable: cable.id, conductor: 'neutral', ...live('neutral', k) },
			{ cable: cable.id, conductor: 'ground', at: 'joint:ground', how: 'twistOn' as const }
		]),
		pigtails: [
			{ id: 'groundTail', role: 'ground', colour: 'bare', from: 'joint:ground', to: 'terminal:ground', how: 'hook' },
			{ id: 'boxBond', role: 'ground', colour: 'bare', from: 'joint:ground', to: 'box', how: 'screw' },
			...(through ? [tail('hot', 'black'), tail('neutral', 'white')] : [])
		]
	};
}

/** Metal back box; every conductor in its pillar; earths in both earth pillars; an earth tail to the box. */
function ukBox(stop: Stop, cables: readonly Cable[]): Box {
	const fixed = stop.device?.kind === 'fixed';
	return {
		...common(stop),
		material: 'metal',
		depthMm: 35,
		joints: [],
		terminations: cables.flatMap((cable, k) => [
			{ cable: cable.id, conductor: 'hot', at: 'terminal:hot', how: 'pillar' as const },
			{ cable: cable.id, conductor: 'neutral', at: 'terminal:neutral', how: 'pillar' as const },
			{
				cable: cable.id,
				conductor: 'ground',
				at: fixed ? 'terminal:ground' : k === 0 ? 'terminal:groundA' : 'terminal:groundB',
				how: 'pillar' as const
			}
		]),
		pigtails: fixed ? [] : [{ id: 'earthTail', role: 'ground', colour: 'greenYellow', from: 'box', to: 'terminal:groundA', how: 'pillar' }]
	};
}

export const breaker = (space: number | [number, number], ratingA: number, label: string): Breaker => {
	const spaces = typeof space === 'number' ? [space] : space;
	return { id: `b${spaces[0]}`, spaces, ratingA, on: true, label, findings: [] };
};

export const duplex = (ratingA: 15 | 20, more: Partial<Extract<Device, { kind: 'duplex' }>> = {}): Device => ({
	kind: 'duplex',
	ratingA,
	tamperResistant: false,
	weatherResistant: false,
	style: 'standard',
	tabs: { hot: true, neutral: true },
	contacts: 'good',
	...more
});

export const twin = (more: Partial<Extract<Device, { kind: 'socketTwin' }>> = {}): Device => ({
	kind: 'socketTwin',
	ratingA: 13,
	tamperResistant: true,
	switched: true,
	contacts: 'good',
	...more
});

export const fixed = (name: string, resistanceOhm: number, on: boolean): Device => ({ kind: 'fixed', name, resistanceOhm, on });
