import { beside, cablesInBox, findBox, isJumper, type Box, type House, type Role } from '../house';
import { boxFillRules, editionFacts, editionOf, isThicker, type ConductorSize } from '../rules';

/** One line of the count: so many allowances of one size. */
export interface FillLine {
	readonly what: 'conductors' | 'grounds' | 'clamps' | 'device';
	/** The device the line is of. */
	readonly box?: string;
	readonly size: ConductorSize;
	/** Conductors, grounds, or yokes. */
	readonly count: number;
	readonly allowances: number;
	readonly volumeIn3: number;
	/** Taken to be there, since the record doesn’t say. */
	readonly assumed?: true;
}

export interface BoxFill {
	readonly source: string;
	readonly lines: readonly FillLine[];
	readonly totalIn3: number;
	/** Stamped in the box, or by table; `null`: not on record. */
	readonly boxIn3: number | null;
	/** `ifNoClamps`: by what was taken to be there it doesn’t, without it would. `null`: nothing can be said. */
	readonly fits: boolean | 'ifNoClamps' | null;
	/** Sizes that the table has no room for: nothing can be said. */
	readonly unknown: readonly ConductorSize[];
}

/**
 * How full a box is, by the count of its code (us: NEC 314.16(B)): every conductor that comes in, grounds together, clamps together, two for each yoke. Wires that lie
 * wholly inside (tails, wires from one device to the next) count nothing. Volumes in in³; `null` where the code has no such count (uk: depth alone).
 */
export function boxFill(house: House, boxId: string): BoxFill | null {
	const rule = boxFillRules[house.region];
	const box = findBox(house, boxId);
	if (!rule || !box) return null;
	const edition = editionOf(house);
	const { code, cited } = editionFacts[edition];
	const places = [boxId, ...beside(house, boxId)].map((id) => findBox(house, id)!);
	const cables = places.flatMap(({ id }) =>
		cablesInBox(house, id).flatMap(({ cable }) => (isJumper(house, cable) ? [] : [cable]))
	);
	const conductors = cables.flatMap((cable) =>
		cable.conductors.map(({ role, size }) => ({ role, size: size ?? cable.size }))
	);
	const unknown = [...new Set(conductors.map(({ size }) => size))].filter(
		(size) => rule.allowanceIn3[size] === undefined
	);
	const lines = linesOf(house, rule, box, places, conductors);
	const totalIn3 = lines.reduce((sum, { volumeIn3 }) => sum + volumeIn3, 0);
	const boxIn3 = (findBox(house, box.inBoxWith ?? boxId) ?? box).volumeIn3 ?? box.volumeIn3 ?? null;
	const assumedIn3 = lines.reduce((sum, each) => sum + (each.assumed ? each.volumeIn3 : 0), 0);
	const fitsIn = (in3: number): boolean | 'ifNoClamps' =>
		totalIn3 <= in3 + 1e-9 ? true : totalIn3 - assumedIn3 <= in3 + 1e-9 ? 'ifNoClamps' : false;
	return {
		source: `${code} ${cited} ${rule.clause}`,
		lines,
		totalIn3,
		boxIn3,
		fits: boxIn3 === null || unknown.length > 0 ? null : fitsIn(boxIn3),
		unknown
	};
}

/** The count, line by line. */
function linesOf(
	house: House,
	rule: NonNullable<(typeof boxFillRules)[House['region']]>,
	box: Box,
	places: readonly Box[],
	conductors: readonly { readonly role: Role; readonly size: ConductorSize }[]
): FillLine[] {
	const line = (of: Omit<FillLine, 'volumeIn3'>): FillLine => ({
		...of,
		volumeIn3: of.allowances * (rule.allowanceIn3[of.size] ?? 0)
	});
	const live = conductors.filter(({ role }) => role !== 'ground').map(({ size }) => size);
	const grounds = conductors.filter(({ role }) => role === 'ground').map(({ size }) => size);
	const all = largest([...live, ...grounds]);
	const further =
		Math.max(0, grounds.length - rule.groundsAsOne) * (rule.eachFurtherGround[editionOf(house)] ?? 0);
	return [
		...[...new Set(live)].map((size) => {
			const count = live.filter((each) => each === size).length;
			return line({ what: 'conductors', size, count, allowances: count });
		}),
		...(grounds.length > 0
			? [
					line({
						what: 'grounds',
						size: largest(grounds)!,
						count: grounds.length,
						allowances: 1 + further
					})
				]
			: []),
		...(all && box.material === 'metal'
			? [line({ what: 'clamps', size: all, count: 1, allowances: rule.clamps, assumed: true })]
			: []),
		...places.flatMap((place) => {
			const size = largest(sizesOn(house, place));
			return place.device && size
				? [line({ what: 'device', box: place.id, size, count: 1, allowances: rule.perYoke })]
				: [];
		})
	];
}

const largest = (sizes: readonly ConductorSize[]): ConductorSize | undefined =>
	sizes.reduce<ConductorSize | undefined>(
		(most, size) => (most === undefined || isThicker(size, most) ? size : most),
		undefined
	);

/** Sizes of what a device is wired with: tails are of the circuit’s. */
const sizesOn = (house: House, { id }: Box): readonly ConductorSize[] =>
	cablesInBox(house, id).flatMap(({ cable }) => cable.conductors.map(({ size }) => size ?? cable.size));
