import { points, type Box, type Half } from '../house';
import type { JobPlan, WireRef } from './plan';

/** Two points between which a voltage is read to prove dead; `id` also names them in events. */
export interface Pair {
	readonly id: string;
	readonly red: string;
	/** `null`: the known earth at the end of a lead, wherever that comes from. */
	readonly black: string | null;
	readonly kind: 'hotNeutral' | 'hotGround' | 'neutralGround' | 'toGround' | 'groundEarth';
	/** For contacts of the face: which half. */
	readonly half?: Half;
	/** For bare conductors: which ones the tips go on; `black` may be the metal box. */
	readonly redWire?: WireRef;
	readonly blackWire?: WireRef | 'box';
}

/** What “to ground” is read to: the ground in the box once it was seen to be good, or a known earth brought from elsewhere (`source`: from where). */
export type Earth = 'untested' | 'box' | { readonly source: string | null };

export const groundToEarth = 'ground~earth';

/**
 * The pairs to be read. Where the ground in the box wasn't seen to be good, whatever is read to ground is read to the known earth instead, and so is that ground
 * itself: a conductor that looks like one may be alive.
 */
export function pairsToRead(plan: JobPlan, earth: Earth): { readonly face: readonly Pair[]; readonly bare: readonly Pair[] } {
	if (earth === 'untested' || earth === 'box') return { face: plan.facePairs, bare: plan.barePairs };
	const toEarth = (pairs: readonly Pair[]): Pair[] => {
		const toGround = pairs.filter(({ kind }) => kind === 'hotGround' || kind === 'neutralGround');
		const ground = toGround.find(({ black }) => black !== null);
		const groundWire = ground?.blackWire;
		const own: Pair[] = ground
			? [
					{
						id: groundToEarth,
						kind: 'groundEarth',
						red: ground.black!,
						black: null,
						...(ground.half ? { half: ground.half } : {}),
						...(groundWire && groundWire !== 'box' ? { redWire: groundWire } : {})
					}
				]
			: [];
		return [
			...pairs.map(({ blackWire, ...pair }): Pair =>
				toGround.some(({ id }) => id === pair.id) ? { ...pair, black: null } : { ...pair, ...(blackWire ? { blackWire } : {}) }
			),
			...own
		];
	};
	return { face: toEarth(plan.facePairs), bare: toEarth(plan.barePairs) };
}

/** Every pair of contacts in every half. */
export function facePairs(boxId: string, halves: readonly Half[], grounded: boolean): Pair[] {
	return halves.flatMap((half): Pair[] => {
		const at = (role: 'hot' | 'neutral' | 'ground') => points.contact(boxId, half, role);
		return [
			{ id: `${half}.hotNeutral`, half, kind: 'hotNeutral', red: at('hot'), black: at('neutral') },
			{ id: `${half}.hotGround`, half, kind: 'hotGround', red: at('hot'), black: grounded ? at('ground') : null },
			{ id: `${half}.neutralGround`, half, kind: 'neutralGround', red: at('neutral'), black: grounded ? at('ground') : null }
		];
	});
}

/** Each hot to each neutral of its cable, then every conductor that isn't ground to ground, those that pass through too; ground itself to a metal box. */
export function barePairs(box: Box, wires: readonly WireRef[], passing: readonly WireRef[]): Pair[] {
	const ground = wires.find(({ role }) => role === 'ground');
	const pairs: Pair[] = [];
	const isHot = ({ role }: WireRef) => role === 'hot' || role === 'switchedHot';
	for (const hot of wires.filter(isHot))
		for (const neutral of wires.filter((wire) => wire.role === 'neutral' && wire.cable === hot.cable))
			pairs.push({
				id: `${hot.id}~${neutral.id}`,
				kind: 'hotNeutral',
				red: hot.point,
				black: neutral.point,
				redWire: hot,
				blackWire: neutral
			});
	for (const wire of [...wires.filter(({ role }) => role !== 'ground'), ...passing])
		pairs.push({
			id: `${wire.id}~ground`,
			kind: isHot(wire) ? 'hotGround' : 'neutralGround',
			red: wire.point,
			black: ground?.point ?? null,
			redWire: wire,
			...(ground ? { blackWire: ground } : {})
		});
	// Without a ground the metal of the box could be anything too.
	if (box.material === 'metal' && !ground) pairs.push({ id: 'box~earth', kind: 'groundEarth', red: points.metal(box.id), black: null });
	if (box.material === 'metal' && ground)
		pairs.push({ id: 'ground~box', kind: 'toGround', red: ground.point, black: points.metal(box.id), redWire: ground, blackWire: 'box' });
	return pairs;
}
