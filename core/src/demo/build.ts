import {
	cableConductors,
	standardWiring,
	type Box,
	type Breaker,
	type Cable,
	type Device,
	type House,
	type Matters,
	type Palette,
	type Standing
} from '../house';
import { regions, type ConductorSize } from '../rules';

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
	/** Its cable has no ground. */
	readonly ungrounded?: boolean;
	readonly how?: 'hook' | 'clampPlate' | 'pushIn';
	/** No wire bonds the metal of its box. */
	readonly noTail?: true;
	/** The first device of the box it shares. */
	readonly inBoxWith?: string;
	/** Of its box, where that isn’t the usual one. */
	readonly depthMm?: number;
	readonly volumeIn3?: number;
	/** What somebody has said of its place. */
	readonly place?: Standing;
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
	const { custom } = regions[region];
	const cables: Cable[] = run.stops.map((stop, k) => ({
		id: `${run.circuit}-${k + 1}`,
		circuit: run.circuit,
		from: k === 0 ? { panel: run.panel } : { box: run.stops[k - 1]!.id },
		to: { box: stop.id },
		lengthM: stop.lengthM,
		size: run.size,
		material: 'copper',
		sheath: custom.sheath,
		conductors: cableConductors(stop.palette ?? custom.palette, run.size).filter(
			({ role }) => role !== 'ground' || !stop.ungrounded
		)
	}));
	const last = run.stops.at(-1)!;
	if (run.ringReturnM !== undefined)
		cables.push({
			...cables[0]!,
			id: `${run.circuit}-${run.stops.length + 1}`,
			from: { panel: run.panel },
			to: { box: last.id },
			lengthM: run.ringReturnM,
			conductors: cableConductors(run.returnPalette ?? 'ukNew', run.size)
		});
	const boxes = run.stops.map((stop, k) => {
		const entering = [cables[k]!, ...(cables[k + 1] ? [cables[k + 1]!] : [])];
		return boxOf(region, stop, entering, run.size);
	});
	const arrangement = run.ringReturnM === undefined ? 'radial' : 'ring';
	return { circuit: { id: run.circuit, name: run.name, breaker: run.breaker, arrangement }, boxes, cables };
}

/** A metal box as it is usually found wired. */
function boxOf(region: House['region'], stop: Stop, cables: readonly Cable[], size: ConductorSize): Box {
	const box = {
		id: stop.id,
		name: stop.name,
		room: stop.room,
		use: stop.use ?? ('outlet' as const),
		...(stop.device ? { device: stop.device } : {}),
		...(stop.inBoxWith ? { inBoxWith: stop.inBoxWith } : {}),
		...(stop.place ? { place: stop.place } : {}),
		worries: stop.worries ?? [],
		history: stop.history ?? [],
		material: 'metal' as const
	};
	const room =
		regions[region].custom.boxBy === 'volume'
			? { volumeIn3: stop.volumeIn3 ?? (size === '14AWG' ? 14 : 18) }
			: { depthMm: stop.depthMm ?? 35 };
	const wiring = standardWiring(region, box, cables, stop.how);
	const pigtails = stop.noTail
		? wiring.pigtails.filter(({ from, to }) => from !== 'box' && to !== 'box')
		: wiring.pigtails;
	return { ...box, ...room, ...wiring, pigtails };
}

export const breaker = (space: number | [number, number], ratingA: number, label: string): Breaker => {
	const spaces = typeof space === 'number' ? [space] : space;
	return { id: `b${spaces[0]}`, spaces, ratingA, on: true, label, findings: [] };
};

export const duplex = (
	ratingA: 15 | 20,
	more: Partial<Extract<Device, { kind: 'duplex' }>> = {}
): Device => ({
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

export const fixed = (name: string, resistanceOhm: number, on: boolean, matters?: Matters): Device => ({
	kind: 'fixed',
	name,
	resistanceOhm,
	on,
	...(matters ? { matters } : {})
});
