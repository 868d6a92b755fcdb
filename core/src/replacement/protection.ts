import { forRules, soldIn, type PartId } from '../devices';
import { deviceModel, findBox, findCircuit, once, walkChain, type Box, type House } from '../house';
import { groundFaultHere, regions, type Region, type Tri } from '../rules';
import { guardBefore, guardOfOutlet } from '../wiring';
import { judgePart } from './choose';
import { cover, insteadOf, type Cover, type CoverNode } from './cover';
import { factsOf, hard } from './factsOf';

/** An outlet of a circuit, with what its place asks for and what it has. */
export interface ProtectionAt {
	readonly box: string;
	/** How many branches it lies away from the run. */
	readonly depth: number;
	/** `null`: nobody has said what place it is. */
	readonly asked: Tri;
	readonly clauses: readonly string[];
	/** The residual device that guards it now, by its id: of a box, a breaker, or one in the panel. */
	readonly guardedBy: string | null;
	/** Its own part opens at a leak. */
	readonly guards: boolean;
	/** Something hangs here that may not go off unnoticed. */
	readonly spared: boolean;
	readonly canTake: boolean;
}

/** A circuit as the code sees it today. */
export interface CircuitProtection {
	readonly circuit: string;
	readonly breaker: string;
	readonly outlets: readonly ProtectionAt[];
	/** The fewest devices that would guard what isn’t guarded; `null`: nothing is missing. */
	readonly plan: Cover | null;
	/** By device of the plan: the boxes where it could sit instead. */
	readonly instead: ReadonlyMap<string, readonly string[]>;
	/** Boxes whose own device hangs behind another one, which adds nothing. */
	readonly twice: readonly string[];
}

const isOutlet = ({ use, device }: Box): boolean =>
	use === 'outlet' && device !== undefined && deviceModel(device).halves.length > 0;
const opensAtLeaks = ({ device }: Box): boolean =>
	device !== undefined && deviceModel(device).protection?.kind === 'residual';

/** The plain one of a region’s parts that open at a leak. */
const guardIn = (region: Region): PartId =>
	soldIn(region).find((family) => forRules(family, 0).groundFault)!.id;

/** Circuit by circuit what today’s code asks at each outlet, what guards it, and where the fewest devices would go. */
export const protectionOf = once((house: House): readonly CircuitProtection[] =>
	house.circuits.flatMap(({ id }) => protectionOfCircuit(house, id) ?? [])
);

/** `null`: the circuit has no outlets. */
export function protectionOfCircuit(house: House, circuitId: string): CircuitProtection | null {
	const places = walkChain(house, circuitId);
	const asks = regions[house.region].code.residualEverywhere;
	const each = places.map(({ box, depth }): ProtectionAt => {
		const known = isOutlet(box) ? factsOf(house, box.id) : null;
		const here = known ? groundFaultHere(known.facts) : { is: false, clauses: [] };
		const guardedBy = known ? guardOfOutlet(house, box.id) : null;
		return {
			box: box.id,
			depth,
			asked: known === null ? false : asks ? true : here.is,
			clauses: asks && known ? [everywhereClause] : here.clauses,
			guardedBy,
			guards: opensAtLeaks(box),
			spared: house.loads.some(({ box: at, matters }) => at === box.id && matters && hard.includes(matters)),
			canTake: known !== null && judgePart(known.facts, guardIn(house.region)).level !== 'notAllowed'
		};
	});
	const outlets = each.filter(({ box }) => isOutlet(findBox(house, box)!));
	if (outlets.length === 0) return null;
	const placeOfBox = new Map(places.map(({ box }, k) => [box.id, k]));
	const nodes = each.map((at, k): CoverNode => {
		const { after } = places[k]!;
		return {
			id: at.box,
			parent: after === 'panel' ? null : (placeOfBox.get(after.box) ?? null),
			needs: at.asked === true && at.guardedBy === null,
			canTake: at.canTake,
			avoid: at.spared
		};
	});
	// A socket’s own device guards its face alone: where the code asks everywhere, it is the panel’s to do.
	const missing = !asks && nodes.some(({ needs }) => needs);
	const plan = missing ? cover(nodes) : null;
	return {
		circuit: circuitId,
		breaker: findCircuit(house, circuitId)!.breaker,
		outlets,
		plan,
		instead: plan ? insteadOf(nodes, plan) : new Map(),
		twice: outlets.flatMap(({ box, guards }) => (guards && guardBefore(house, box) !== null ? [box] : []))
	};
}

/** BS 7671: every general socket. */
const everywhereClause = '411.3.3';
