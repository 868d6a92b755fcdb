import { points, type Box, type Half } from '../house';
import type { WireRef } from './landings';
import type { JobPlan } from './jobPlan';

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

/** The ground contact of the face, and the ground conductor behind it, to the known earth: two points, which a bad joint parts. */
export const groundToEarth = 'ground~earth';
export const bareGroundToEarth = 'bare.ground~earth';

/**
 * The pairs to be read. Where the ground in the box wasn't seen to be good, whatever is read to ground is read to the known earth instead, and so is that ground
 * itself: a conductor that looks like one may be alive.
 */
export function pairsToRead(
	plan: JobPlan,
	earth: Earth
): { readonly face: readonly Pair[]; readonly bare: readonly Pair[] } {
	if (earth === 'untested' || earth === 'box') return { face: plan.facePairs, bare: plan.barePairs };
	const toEarth = (pairs: readonly Pair[], own: (ground: Pair) => Pair): Pair[] => {
		const onGround = pairs.filter(
			({ kind, blackWire }) => kind !== 'hotNeutral' && kind !== 'groundEarth' && blackWire !== 'box'
		);
		const ground = onGround.find(({ black }) => black !== null);
		return [
			...pairs.map(({ blackWire, ...pair }): Pair =>
				onGround.some(({ id }) => id === pair.id)
					? { ...pair, black: null, kind: pair.kind === 'toGround' ? 'groundEarth' : pair.kind }
					: { ...pair, ...(blackWire ? { blackWire } : {}) }
			),
			...(ground ? [own(ground)] : [])
		];
	};
	const faceGround = ({ black, half }: Pair): Pair => ({
		id: groundToEarth,
		kind: 'groundEarth',
		red: black!,
		black: null,
		...(half ? { half } : {})
	});
	const bareGround = ({ black, blackWire }: Pair): Pair => ({
		id: bareGroundToEarth,
		kind: 'groundEarth',
		red: black!,
		black: null,
		...(blackWire && blackWire !== 'box' ? { redWire: blackWire } : {})
	});
	return { face: toEarth(plan.facePairs, faceGround), bare: toEarth(plan.barePairs, bareGround) };
}

/**
 * The pairs of a conductor that isn't on record, by id, since nothing is known of its place: to ground, and to a neutral where the box has one. Nobody could know which
 * breaker feeds it, so it is the one that may well be alive.
 */
export const foundPairs = (
	{ takeOff, passing }: Pick<JobPlan, 'takeOff' | 'passing'>,
	conductorId: string
): readonly [string, ...string[]] => {
	const wires = [...takeOff.flatMap((landing) => landing.wires), ...passing];
	const neutral = wires.some(({ role }) => role === 'neutral');
	const to = (reference: ReturnType<typeof foundTo>) => `found/${conductorId}~${reference}`;
	return neutral ? [to('ground'), to('neutral')] : [to('ground')];
};
/** What a pair of `foundPairs` is read to. */
export const foundTo = (pair: string): 'ground' | 'neutral' =>
	pair.endsWith('~neutral') ? 'neutral' : 'ground';

/** Every pair of contacts in every half. */
export function facePairs(boxId: string, halves: readonly Half[], grounded: boolean): Pair[] {
	return halves.flatMap((half): Pair[] => {
		const at = (role: 'hot' | 'neutral' | 'ground') => points.contact(boxId, half, role);
		return [
			{ id: `${half}.hotNeutral`, half, kind: 'hotNeutral', red: at('hot'), black: at('neutral') },
			{
				id: `${half}.hotGround`,
				half,
				kind: 'hotGround',
				red: at('hot'),
				black: grounded ? at('ground') : null
			},
			{
				id: `${half}.neutralGround`,
				half,
				kind: 'neutralGround',
				red: at('neutral'),
				black: grounded ? at('ground') : null
			}
		];
	});
}

/**
 * Each hot to each neutral of its cable (one whose cable has no neutral on the device, to the first that is there; where none is on it, to one that passes by; a hot that
 * passes by, to a neutral of its cable or the first there is), then every conductor that isn't ground to ground, those that pass through too; further
 * grounds and a metal box to the ground.
 */
export function barePairs(box: Box, wires: readonly WireRef[], passing: readonly WireRef[]): Pair[] {
	const ground = wires.find(({ role }) => role === 'ground');
	const pairs: Pair[] = [];
	const isHot = ({ role }: WireRef) => role === 'hot' || role === 'switchedHot';
	const onDevice = wires.filter(({ role }) => role === 'neutral');
	// Behind a switch the neutrals pass by in a joint.
	const neutrals = onDevice.length > 0 ? onDevice : passing.filter(({ role }) => role === 'neutral');
	const toNeutrals = (hot: WireRef, to: readonly WireRef[]) => {
		for (const neutral of to)
			pairs.push({
				id: `${hot.id}~${neutral.id}`,
				kind: 'hotNeutral',
				red: hot.point,
				black: neutral.point,
				redWire: hot,
				blackWire: neutral
			});
	};
	for (const hot of wires.filter(isHot)) {
		const own = neutrals.filter(({ cable }) => cable === hot.cable);
		toNeutrals(hot, own.length === 0 ? neutrals.slice(0, 1) : own);
	}
	// To ground alone is not enough: a ground that has come adrift behind the device is pulled along by what is alive, and nothing shows.
	const every = [...onDevice, ...passing.filter(({ role }) => role === 'neutral')];
	for (const hot of passing.filter(isHot)) {
		const own = every.find(({ cable }) => cable === hot.cable) ?? every[0];
		toNeutrals(hot, own ? [own] : []);
	}
	for (const wire of [...wires.filter(({ role }) => role !== 'ground'), ...passing])
		pairs.push({
			id: `${wire.id}~ground`,
			kind: isHot(wire) ? 'hotGround' : 'neutralGround',
			red: wire.point,
			black: ground?.point ?? null,
			redWire: wire,
			...(ground ? { blackWire: ground } : {})
		});
	// Two grounds on one device are two conductors: what is behind the other one's joint could be alive all the same.
	for (const wire of wires.filter((each) => each.role === 'ground' && each !== ground))
		pairs.push({
			id: `${wire.id}~ground`,
			kind: 'toGround',
			red: wire.point,
			black: ground!.point,
			redWire: wire,
			blackWire: ground!
		});
	// Without a ground the metal of the box could be anything too.
	if (box.material === 'metal' && !ground)
		pairs.push({ id: 'box~earth', kind: 'groundEarth', red: points.metal(box.id), black: null });
	if (box.material === 'metal' && ground)
		pairs.push({
			id: 'ground~box',
			kind: 'toGround',
			red: ground.point,
			black: points.metal(box.id),
			redWire: ground,
			blackWire: 'box'
		});
	return pairs;
}
