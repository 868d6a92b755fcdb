import {
	cableConductors,
	standardWiring,
	usualDevice,
	type Box,
	type Cable,
	type Conductor,
	type Device,
	type House,
	type Load,
	type Palette
} from '../house';
import { regions, type Region } from '../rules';

/** What may differ between two fragments of the same arrangement; left out: as it is usually found. */
export interface FragmentOptions {
	readonly palette?: Palette;
	/** Length of the cables, m, in order; the last one holds for those after it. */
	readonly lengthsM?: readonly number[];
	readonly boxMaterial?: Box['material'];
	/** Device in the box in question. */
	readonly device?: Device;
	/** uk: whether a 30 mA residual-current device stands before the circuits. */
	readonly residual?: boolean;
	/** The metal of armour or conduit from end to end, Ω, where it is the path to ground. */
	readonly metalOhm?: number;
	readonly loads?: readonly Load[];
}

/** The id of the box in question in every fragment. */
export const here = 'here';

export interface CablePlan {
	readonly id: string;
	readonly from: 'panel' | string;
	readonly to: string;
	readonly circuit?: string;
	/** Conductors beside hot, neutral and ground. */
	readonly extra?: readonly Conductor[];
	readonly without?: readonly Conductor['role'][];
	readonly sheath?: Cable['sheath'];
	readonly palette?: Palette;
	readonly metal?: boolean;
}

export interface BoxPlan {
	readonly id: string;
	readonly name: string;
	readonly use?: Box['use'];
	readonly device?: Device | null;
	readonly wiring?: (cables: readonly Cable[], box: Box) => Pick<Box, 'joints' | 'terminations' | 'pigtails'>;
}

/** Breakers of every fragment: the circuit in question, one on the other supply leg, and one more. */

/** A small house with one panel, up to three circuits `a`, `b` and `c` on breakers `b1` to `b3`, and the boxes and cables given. */
export function fragment(
	region: Region,
	options: FragmentOptions,
	plan: { readonly boxes: readonly BoxPlan[]; readonly cables: readonly CablePlan[]; readonly ring?: boolean }
): House {
	const cables = plan.cables.map((each, k) => cableOf(region, options, each, k));
	const boxes = plan.boxes.map((each) => boxOf(region, options, each, cables));
	const { custom, supply } = regions[region];
	return {
		format: 'wary-hand/house',
		version: 1,
		name: 'Bench',
		region,
		service: { voltageV: supply.nominalV, impedanceOhm: 0.1 },
		rooms: [{ id: 'room', name: 'Room' }],
		panels: [
			{
				id: 'main',
				name: custom.panelName,
				place: 'hall',
				spaces: 8,
				mainRatingA: 100,
				mainOn: true,
				breakers: [0, 1, 2].map((k) => ({
					id: `b${k + 1}`,
					spaces: [1 + k * supply.spaceStep],
					ratingA: regions[region].custom.usualBreakerA,
					on: true,
					label: ['this circuit', 'second circuit', 'third circuit'][k]!,
					findings: []
				})),
				residualDevices:
					custom.panelResidualDevices && options.residual
						? [{ id: 'rcd', tripMa: 30, ratingA: 63, on: true, covers: ['b1', 'b2', 'b3'] }]
						: []
			}
		],
		circuits: (['a', 'b', 'c'] as const).map((id, k) => ({
			id,
			name: ['This circuit', 'Second circuit', 'Third circuit'][k]!,
			breaker: `b${k + 1}`,
			arrangement: plan.ring && k === 0 ? ('ring' as const) : ('radial' as const)
		})),
		boxes,
		cables,
		loads: [...(options.loads ?? [])]
	};
}

function cableOf(region: Region, options: FragmentOptions, plan: CablePlan, k: number): Cable {
	const { custom } = regions[region];
	const palette = plan.palette ?? options.palette ?? custom.palette;
	const lengths = options.lengthsM ?? [12, 6, 5, 7];
	const usual = cableConductors(palette, regions[region].custom.outletCable).filter(
		({ role }) => !plan.without?.includes(role)
	);
	// Beside the hot, where a third insulated conductor lies in a flat sheath.
	const [hot, ...rest] = usual;
	return {
		id: plan.id,
		circuit: plan.circuit ?? 'a',
		from: plan.from === 'panel' ? { panel: 'main' } : { box: plan.from },
		to: { box: plan.to },
		lengthM: lengths[Math.min(k, lengths.length - 1)]!,
		size: regions[region].custom.outletCable,
		material: 'copper',
		sheath: plan.sheath ?? custom.sheath,
		conductors: [hot!, ...(plan.extra ?? []), ...rest],
		...(plan.metal ? { metal: { resistanceOhm: options.metalOhm ?? 0.3 } } : {})
	};
}

function boxOf(region: Region, options: FragmentOptions, plan: BoxPlan, cables: readonly Cable[]): Box {
	const device =
		plan.id === here && options.device
			? options.device
			: plan.device === undefined
				? usualDevice(region, regions[region].custom.usualBreakerA)
				: plan.device;
	const box: Box = {
		id: plan.id,
		name: plan.name,
		room: 'room',
		use: plan.use ?? 'outlet',
		material: (plan.id === here && options.boxMaterial) || regions[region].custom.boxMaterial,
		...(device ? { device } : {}),
		joints: [],
		terminations: [],
		pigtails: [],
		worries: [],
		history: []
	};
	const mine = cables.filter(({ from, to }) => to.box === plan.id || ('box' in from && from.box === plan.id));
	return { ...box, ...(plan.wiring ? plan.wiring(mine, box) : standardWiring(region, box, mine)) };
}
