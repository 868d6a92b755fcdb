import { usuallyFound } from '../devices';
import { regions, type ConductorSize, type Region } from '../rules';
import { applianceOf, isBlank, takesGround } from './deviceState';
import { deviceModel, hasSides } from './devices';
import type { Box, Cable, Colour, Conductor, Device } from './schema';

/** Colours of a two-conductor-and-ground cable: hot, ground between, neutral, as they lie in a flat sheath. */
export type Palette = 'us' | 'ukNew' | 'ukOld';

const palettes: Record<Palette, readonly [Colour, Colour, Colour]> = {
	us: ['black', 'bare', 'white'],
	ukNew: ['brown', 'bare', 'blue'],
	ukOld: ['red', 'bare', 'black']
};

/** The earth that flat twin-and-earth of a size carries, where it is thinner: BS 6004 table 8 (domain: 2.5/1.5, 4.0/1.5, 6.0/2.5, 10/4.0). */
const earthOf: Partial<Record<ConductorSize, ConductorSize>> = {
	'1.5mm2': '1.0mm2',
	'2.5mm2': '1.5mm2',
	'4.0mm2': '1.5mm2',
	'6.0mm2': '2.5mm2',
	'10.0mm2': '4.0mm2'
};

/** The conductors of a flat cable, side by side. */
export function cableConductors(palette: Palette, size: ConductorSize): Conductor[] {
	const [hot, ground, neutral] = palettes[palette];
	const thinner = earthOf[size];
	const cpc = thinner === undefined ? {} : { size: thinner };
	return [
		{ id: 'hot', role: 'hot', colour: hot },
		{ id: 'ground', role: 'ground', colour: ground, ...cpc },
		{ id: 'neutral', role: 'neutral', colour: neutral }
	];
}

/** The size a circuit of this rating is usually wired in. */
export function usualSize(
	region: Region,
	ratingA: number,
	arrangement: 'radial' | 'ring' = 'radial'
): ConductorSize {
	const { ring, sizeUpToA } = regions[region].custom;
	if (arrangement === 'ring' && ring && ratingA <= ring.upToA) return ring.size;
	return sizeUpToA.find(([upTo]) => ratingA <= upTo)![1];
}

/** The outlet that is usually found behind a circuit of this rating. */
export function usualDevice(region: Region, ratingA: number): Device {
	const { code, custom } = regions[region];
	const fittingA =
		code.plugRatingA ?? (custom.outletBreakerA.includes(ratingA) ? ratingA : custom.usualBreakerA);
	return usuallyFound[region](fittingA);
}

type Wiring = Pick<Box, 'joints' | 'terminations' | 'pigtails'>;

/**
 * How a box with these cables (supply first) is usually found wired. us: grounds spliced, with tails to the device and a metal box; up to two cables of a duplex
 * each on their own screws, more or another device spliced with tails, unless `way` says otherwise. uk: every conductor in its pillar, an earth tail to a metal box.
 */
export function standardWiring(
	region: Region,
	box: Pick<Box, 'material' | 'device'>,
	cables: readonly Cable[],
	how: 'hook' | 'clampPlate' | 'pushIn' = 'hook',
	way?: 'ownScrews' | 'pigtails'
): Wiring {
	if (!box.device)
		return {
			joints: [],
			pigtails: [],
			terminations: cables.flatMap(({ id, conductors }) =>
				conductors.map((one) => ({ cable: id, conductor: one.id, at: 'capped' }))
			)
		};
	if (box.device && isBlank(box.device)) return capped(box.device, cables);
	return regions[region].custom.joins === 'splices'
		? spliced(box, cables, how, way)
		: intoTerminals(box, cables);
}

/** Each end of the first cable under its cap; further ones are capped as they are. */
function capped(device: Device, cables: readonly Cable[]): Wiring {
	const { terminals } = deviceModel(device);
	return {
		joints: [],
		pigtails: [],
		terminations: cables.flatMap(({ id, conductors }, k) =>
			conductors.map((one) => {
				const cap = terminals.find(({ role }) => role === one.role);
				return k === 0 && cap
					? { cable: id, conductor: one.id, at: `terminal:${cap.name}`, how: 'twistOn' as const }
					: { cable: id, conductor: one.id, at: 'capped' };
			})
		)
	};
}

/** Whether wires can come to a device that way: a us one without sides; a duplex has screws for two cables, any other for one. */
export const canBeWired = (
	region: Region,
	device: Device | undefined,
	cables: number,
	way: 'ownScrews' | 'pigtails'
): boolean =>
	regions[region].custom.joins === 'splices' &&
	device !== undefined &&
	['duplex', 'twoSlot', 'single', 'usb'].includes(device.kind) &&
	(way === 'pigtails' || cables <= screwsFor(device));

/** Whether each half has a screw of its own beside the bridge that joins them. */
const hasUpperAndLower = (device: Device | undefined): boolean =>
	device !== undefined && deviceModel(device).terminals.some(({ name }) => name === 'hotUpper');
/** How many cables find screws of their own. */
const screwsFor = (device: Device): number => (hasUpperAndLower(device) ? 2 : 1);

function spliced(
	box: Pick<Box, 'material' | 'device'>,
	cables: readonly Cable[],
	how: 'hook' | 'clampPlate' | 'pushIn',
	way?: 'ownScrews' | 'pigtails'
): Wiring {
	if (box.device && hasSides(box.device)) return sided(box, cables, 'clampPlate');
	const duplex = hasUpperAndLower(box.device);
	const grounded = cables.some(({ conductors }) => conductors.some(({ role }) => role === 'ground'));
	const joined = way === undefined ? cables.length > screwsFor(box.device!) : way === 'pigtails';
	const landing = (conductor: Conductor, k: number): { at: string; how: 'twistOn' | typeof how } => {
		const role = conductor.role === 'switchedHot' ? 'hot' : conductor.role;
		if (role === 'ground' || joined) return { at: `joint:${role}`, how: 'twistOn' };
		return { at: duplex ? `terminal:${role}${k === 0 ? 'Upper' : 'Lower'}` : `terminal:${role}`, how };
	};
	const tail = (role: 'hot' | 'neutral', colour: Colour) => ({
		id: `${role}Tail`,
		role,
		colour,
		from: `joint:${role}`,
		to: duplex ? `terminal:${role}Upper` : `terminal:${role}`,
		how
	});
	return {
		joints: ([...(grounded ? ['ground'] : []), ...(joined ? ['hot', 'neutral'] : [])] as string[]).map(
			(id) => ({ id, how: 'twistOn' })
		),
		terminations: cables.flatMap((cable, k) =>
			[...cable.conductors]
				.sort((a, b) => usOrder.indexOf(a.role) - usOrder.indexOf(b.role))
				.map((conductor) => ({ cable: cable.id, conductor: conductor.id, ...landing(conductor, k) }))
		),
		pigtails: [
			...(grounded ? groundTails(box) : []),
			...(joined ? [tail('hot', 'black'), tail('neutral', 'white')] : [])
		]
	};
}

/** Tails of the ground splice: to the device, where it has a ground screw, and to a box of metal. */
function groundTails({ device, material }: Pick<Box, 'material' | 'device'>): Wiring['pigtails'] {
	const tail = { role: 'ground', colour: 'bare', from: 'joint:ground' } as const;
	return [
		...(device && !takesGround(device)
			? []
			: [{ ...tail, id: 'groundTail', to: 'terminal:ground', how: 'hook' as const }]),
		...(material === 'metal' ? [{ ...tail, id: 'boxBond', to: 'box', how: 'screw' as const }] : [])
	];
}
const usOrder = ['hot', 'switchedHot', 'neutral', 'ground'];

/** A device with a supply and a load side, us: the first cable on its supply side, the others on its load side, grounds spliced with a tail. */
function sided(box: Pick<Box, 'material' | 'device'>, cables: readonly Cable[], how: 'clampPlate'): Wiring {
	const grounded = cables.some(({ conductors }) => conductors.some(({ role }) => role === 'ground'));
	return {
		joints: grounded ? [{ id: 'ground', how: 'twistOn' }] : [],
		terminations: cables.flatMap((cable, k) =>
			cable.conductors.map((conductor) => ({
				cable: cable.id,
				conductor: conductor.id,
				...(conductor.role === 'ground'
					? { at: 'joint:ground', how: 'twistOn' as const }
					: {
							at: `terminal:${k === 0 ? 'supply' : 'load'}${conductor.role === 'neutral' ? 'Neutral' : 'Hot'}`,
							how
						})
			}))
		),
		pigtails: grounded ? groundTails(box) : []
	};
}

function intoTerminals(box: Pick<Box, 'material' | 'device'>, cables: readonly Cable[]): Wiring {
	const oneGround = applianceOf(box.device) !== null;
	const ground = (k: number) =>
		oneGround ? 'terminal:ground' : k === 0 ? 'terminal:groundA' : 'terminal:groundB';
	const twoSided = box.device !== undefined && hasSides(box.device);
	const live = (name: 'Hot' | 'Neutral', k: number) =>
		twoSided ? `${k === 0 ? 'supply' : 'load'}${name}` : name.toLowerCase();
	const at = (role: Conductor['role'], k: number) =>
		role === 'ground' ? ground(k) : `terminal:${live(role === 'neutral' ? 'Neutral' : 'Hot', k)}`;
	return {
		joints: [],
		terminations: cables.flatMap((cable, k) =>
			[...cable.conductors]
				.sort((a, b) => usOrder.indexOf(a.role) - usOrder.indexOf(b.role))
				.map((conductor) => ({
					cable: cable.id,
					conductor: conductor.id,
					at: at(conductor.role, k),
					how: 'pillar' as const
				}))
		),
		pigtails:
			oneGround || box.material !== 'metal'
				? []
				: [
						{
							id: 'earthTail',
							role: 'ground',
							colour: 'greenYellow',
							from: 'box',
							to: 'terminal:groundA',
							how: 'pillar'
						}
					]
	};
}
