import { familyFor, familyOf, type PartId } from '../devices';
import { findBox, type Colour, type House, type How } from '../house';
import type { JobPlan } from '../job';
import { placeOf } from '../replacement/place';
import { regions, type ConductorSize, type PlateLabel } from '../rules';
import { suppliesFor } from '../wiring';

/** Something that a plan needs: goes into the wall, or is used for it. Told apart by all of its fields. */
export type Need =
	| {
			readonly kind: 'part';
			readonly part: PartId;
			readonly ratingA: number;
			readonly weatherResistant: boolean;
	  }
	| { readonly kind: 'plate'; readonly opening: 'square' | 'rounded' }
	/** One plate over the devices of one box. */
	| { readonly kind: 'gangPlate'; readonly devices: number }
	/** Listed for so many conductors of a size. */
	| {
			readonly kind: 'connector';
			readonly how: How;
			readonly wires: number;
			readonly size: ConductorSize;
	  }
	/** A tail of `tailM`. */
	| { readonly kind: 'tail'; readonly colour: Colour; readonly size: ConductorSize }
	| { readonly kind: 'cap' }
	| { readonly kind: 'label'; readonly label: PlateLabel }
	| { readonly kind: 'stripper'; readonly size: ConductorSize }
	| { readonly kind: 'tool'; readonly tool: Tool };
/** What is used and stays one’s own. `lamp`: to watch what goes dark with a part’s button. */
export type Tool = 'driver' | 'tape' | 'sleeving' | 'plugTester' | 'tester' | 'lamp';

/** As one goes through a shop: what goes into the wall, then what is used for it. */
export const needKinds = [
	'part',
	'plate',
	'gangPlate',
	'connector',
	'tail',
	'cap',
	'label',
	'stripper',
	'tool'
] as const satisfies readonly Need['kind'][];

/** Length of a tail, m: 6 in. */
export const tailM = 0.15;

export interface Needed {
	readonly need: Need;
	readonly count: number;
	/** The boxes that it is for. */
	readonly at: readonly string[];
}

/** Whether it is used up, one for every time it is needed; a tool serves all. */
export const isUsedUp = ({ kind }: Need): boolean => kind !== 'tool' && kind !== 'stripper';

/** A name for a need: the same for the same thing, in whichever plan. */
export const needId = (need: Need): string =>
	Object.entries(need)
		.toSorted(([a], [b]) => (a === 'kind' ? -1 : b === 'kind' ? 1 : a.localeCompare(b)))
		.map(([, value]) => String(value))
		.join(' ');

/** What the work at one box needs, by the way planned first. Nothing where something is only put back. */
export function needsOf(house: House, plan: JobPlan): readonly Needed[] {
	const way = plan.work?.ways[0];
	if (!way) return [];
	const { connectors, tails, caps, notches } = suppliesFor(house, plan.boxId, way.wanted, way.moves);
	const family = familyOf(plan.work.wish.part);
	const { newDevice } = plan;
	const one = (need: Need, count = 1): Needed => ({ need, count, at: [plan.boxId] });
	return summed([
		one({
			kind: 'part',
			part: family.id,
			ratingA: 'ratingA' in newDevice ? newDevice.ratingA : 0,
			weatherResistant: wantsWeather(house, plan)
		}),
		...(plan.separatePlate
			? [
					plan.beside.length > 0
						? one({ kind: 'gangPlate', devices: plan.beside.length + 1 })
						: one({
								kind: 'plate',
								opening: (familyFor(newDevice) ?? family).squareOpening ? 'square' : 'rounded'
							})
				]
			: []),
		...connectors.map((each) => one({ kind: 'connector', ...each })),
		...tails.map(({ colour, size }) => one({ kind: 'tail', colour, size })),
		...(caps > 0 ? [one({ kind: 'cap' }, caps)] : []),
		...plan.labels.map((label) => one({ kind: 'label', label })),
		...notches.map((size) => one({ kind: 'stripper', size })),
		...toolsOf(plan).map((tool) => one({ kind: 'tool', tool }))
	]);
}

/** “WR” on a part: as it is, or as a damp or wet place asks of one that is made so (us: NEC 406.9). */
function wantsWeather(house: House, { boxId, newDevice }: JobPlan): boolean {
	if (!('weatherResistant' in newDevice)) return false;
	const { damp } = placeOf(house, findBox(house, boxId)!);
	return newDevice.weatherResistant || damp === 'damp' || damp === 'wet';
}

function toolsOf({ metalBox, separatePlate, region, newDevice }: JobPlan): readonly Tool[] {
	return [
		'driver',
		...(metalBox && separatePlate ? (['tape'] as const) : []),
		...(regions[region].custom.sleevesEarth ? (['sleeving'] as const) : []),
		'plugTester',
		'tester',
		...(familyFor(newDevice)?.arrivesTripped ? (['lamp'] as const) : [])
	];
}

/** What a job at several boxes needs: the one plate of a box once. */
export function needsOfJob(house: House, plans: readonly JobPlan[]): readonly Needed[] {
	const covered = new Set<string>();
	return summed(
		plans.flatMap((plan) =>
			needsOf(house, plan).filter(({ need }) => {
				if (need.kind !== 'gangPlate') return true;
				const box = [plan.boxId, ...plan.beside].sort().join();
				if (covered.has(box)) return false;
				covered.add(box);
				return true;
			})
		)
	);
}

/** The same things together: what is used up adds up, a tool is needed once. In the order in which they were met. */
export function summed(needs: readonly Needed[]): readonly Needed[] {
	const together = new Map<string, Needed>();
	for (const { need, count, at } of needs) {
		const id = needId(need);
		const had = together.get(id) ?? { count: 0, at: [] };
		together.set(id, {
			need,
			count: isUsedUp(need) ? had.count + count : 1,
			at: [...new Set([...had.at, ...at])]
		});
	}
	return [...together.values()];
}
