import {
	allBreakers,
	cablesInBox,
	chainOfCircuit,
	circuitsInBox,
	circuitsOfCable,
	deviceModel,
	evidenceOf,
	findCircuit,
	hasOutlet,
	type Box,
	type Breaker,
	type House
} from '../house';
import { protectionAsked, type ProtectionAsked } from '../job/asked';
import { areTied } from '../isolation';
import { regions } from '../rules';
import { guardOfOutlet } from '../wiring';
import type { TestDue } from './ledger';
import { needsOf, urgencyOf, type Need } from './needs';

/** Something a house has to say: what it is about, and what shows it. */
export type Due =
	| ({ readonly kind: 'worry' } & Need)
	/** A test contradicted what the directory says of a breaker, and nothing found since says what it feeds. */
	| { readonly kind: 'contradicted'; readonly breaker: string; readonly by: Breaker['findings'][number] }
	/** Outlets without a place for a ground on one breaker, nearest the panel first. `guarded`: a residual device has them all behind it. */
	| {
			readonly kind: 'noPlaceForGround';
			readonly breaker: string;
			readonly boxes: readonly string[];
			readonly guarded: boolean;
	  }
	/** Outlets where today’s code asks for protection that the model doesn’t find, those nearest to water first. */
	| { readonly kind: 'unprotected'; readonly boxes: readonly string[]; readonly asked: ProtectionAsked }
	/** Two breakers share a neutral and can be switched apart: an outlet that hangs on it, where one does. */
	| { readonly kind: 'sharedNeutral'; readonly breakers: readonly string[]; readonly box: string | null }
	/** Residual parts whose button wants pressing. */
	| { readonly kind: 'testDue'; readonly tests: readonly TestDue[] }
	/** One that didn’t open, or didn’t reset, when its button was pressed: nothing guards there. */
	| { readonly kind: 'testFailed'; readonly test: TestDue }
	/** Outlets on no circuit: nobody knows what makes them dead. */
	| { readonly kind: 'unplaced'; readonly boxes: readonly string[] }
	/** How the supply is earthed is only assumed (uk). */
	| { readonly kind: 'earthingUnsaid' }
	/** Breakers known by their labels alone, with an outlet on each to find it by; the most outlets first. */
	| {
			readonly kind: 'unproven';
			readonly breakers: readonly { readonly breaker: string; readonly box: string }[];
	  };

/**
 * Places between the worries (`urgencyOf`), chosen: a label that was caught wrong may send somebody to the wrong breaker, so it comes after what burns or is
 * worn bare, and before what only rattles; a part that failed its own test guards nothing, and people think it does; what is merely not known yet comes last.
 */
const urgency = {
	contradicted: 3.5,
	noPlaceForGround: 5.5,
	unprotected: 5.7,
	sharedNeutral: 3.7,
	unplaced: 6,
	testFailed: 2.5,
	testDue: 6.5,
	earthingUnsaid: 7,
	unproven: 8
} as const;

/**
 * Everything a house has to say, most dangerous first. Empty only where there is nothing to do and nothing left to find out. `tests`: what the ledger says of buttons
 * (`testsDue`).
 */
export function dueOf(house: House, tests: readonly TestDue[] = []): Due[] {
	const failed = tests.filter((test) => test.failed !== null);
	const wanting = tests.filter((test) => test.failed === null);
	const outlets = house.boxes.filter(hasOutlet);
	const unplaced = outlets.filter(({ id }) => circuitsInBox(house, id).length === 0);
	const evidence = allBreakers(house).map((breaker) => ({ breaker, evidence: evidenceOf(house, breaker) }));
	const claimed = evidence
		.filter((each) => each.evidence.level === 'claimed')
		.map(({ breaker }) => breaker.id);
	const unproven = breakersOf(house, outlets, claimed);
	const due: Ranked[] = [
		...needsOf(house).map((need) => ({
			rank: urgencyOf(need.worry.kind),
			due: { kind: 'worry' as const, ...need }
		})),
		...evidence.flatMap(({ breaker, evidence: { level, ...rest } }) =>
			level === 'contradicted' && 'by' in rest
				? [
						{
							rank: urgency.contradicted,
							due: { kind: 'contradicted' as const, breaker: breaker.id, by: rest.by }
						}
					]
				: []
		),
		...sharedNeutrals(house).map((each) => ({
			rank: urgency.sharedNeutral,
			due: { kind: 'sharedNeutral' as const, ...each }
		})),
		...withoutGround(house).map((each) => ({
			rank: urgency.noPlaceForGround,
			due: { kind: 'noPlaceForGround' as const, ...each }
		})),
		...unprotected(house).map((each) => ({
			rank: urgency.unprotected,
			due: { kind: 'unprotected' as const, ...each }
		})),
		...failed.map((test) => ({ rank: urgency.testFailed, due: { kind: 'testFailed' as const, test } })),
		...only(wanting.length > 0, urgency.testDue, { kind: 'testDue', tests: wanting }),
		...only(unplaced.length > 0, urgency.unplaced, {
			kind: 'unplaced',
			boxes: unplaced.map(({ id }) => id)
		}),
		...only(
			regions[house.region].supply.bondedAt === null && !house.service.earthing && house.boxes.length > 0,
			urgency.earthingUnsaid,
			{ kind: 'earthingUnsaid' }
		),
		...only(unproven.length > 0, urgency.unproven, { kind: 'unproven', breakers: unproven })
	];
	return due.sort((a, b) => a.rank - b.rank).map((each) => each.due);
}

interface Ranked {
	readonly rank: number;
	readonly due: Due;
}
const only = (is: boolean, rank: number, due: Due): readonly Ranked[] => (is ? [{ rank, due }] : []);

/** Those of some breakers that outlets hang on, the fullest first, each with an outlet to try it at. */
function breakersOf(house: House, outlets: readonly Box[], among: readonly string[]) {
	const onBreaker = new Map<string, string[]>();
	for (const { id } of outlets)
		for (const { breaker } of circuitsInBox(house, id))
			onBreaker.set(breaker, [...(onBreaker.get(breaker) ?? []), id]);
	return among
		.filter((breaker) => onBreaker.has(breaker))
		.sort((a, b) => onBreaker.get(b)!.length - onBreaker.get(a)!.length)
		.map((breaker) => ({ breaker, box: onBreaker.get(breaker)![0]! }));
}

/** Places by how near water and earth are, the nearest first (chosen). */
const wettest: readonly ProtectionAsked['place'][] = [
	'bathroom',
	'outdoors',
	'outbuilding',
	'laundry',
	'kitchen',
	'foodArea',
	'nearWater',
	'dampIndoors',
	'crawlSpace',
	'basement',
	'garage'
];

/** All outlets where a rule asks for protection and nothing guards: one thing to plan, box by box. */
function unprotected(house: House): Omit<Extract<Due, { kind: 'unprotected' }>, 'kind'>[] {
	const asked = house.boxes.flatMap((box) => {
		const model = box.use === 'outlet' && box.device ? deviceModel(box.device) : null;
		const rule = model && model.halves.length > 0 ? protectionAsked(house, box) : null;
		return rule && circuitsInBox(house, box.id).length > 0 ? [{ id: box.id, rule }] : [];
	});
	const near = ({ rule }: (typeof asked)[number]) => wettest.indexOf(rule.place);
	const sorted = asked.sort((a, b) => near(a) - near(b));
	return sorted.length > 0 ? [{ boxes: sorted.map(({ id }) => id), asked: sorted[0]!.rule }] : [];
}

/** Pairs of breakers whose circuits share a cable’s neutral, and whose handles aren’t tied (NEC 210.4(B)). */
function sharedNeutrals(house: House): Omit<Extract<Due, { kind: 'sharedNeutral' }>, 'kind'>[] {
	const outlets = house.boxes.filter(hasOutlet);
	const found = new Map<string, { readonly breakers: readonly string[]; readonly box: string | null }>();
	for (const cable of house.cables) {
		const breakers = [
			...new Set(circuitsOfCable(cable).flatMap((id) => findCircuit(house, id)?.breaker ?? []))
		].sort();
		const [first, ...rest] = breakers;
		if (first === undefined || rest.length === 0) continue;
		const box =
			outlets.find(({ id }) => cablesInBox(house, id).some((end) => end.cable === cable))?.id ?? null;
		const tied = rest.every((id) => areTied(house, first, id));
		if (!tied && !found.has(breakers.join())) found.set(breakers.join(), { breakers, box });
	}
	return [...found.values()];
}

/** By breaker: outlets whose part takes no ground, in the order in which the circuit reaches them. */
function withoutGround(house: House): Omit<Extract<Due, { kind: 'noPlaceForGround' }>, 'kind'>[] {
	return house.circuits.flatMap(({ id, breaker }) => {
		const boxes = chainOfCircuit(house, id).flatMap(({ box: { id: boxId, use, device } }) => {
			const model = use === 'outlet' && device ? deviceModel(device) : null;
			const isOne =
				model && model.halves.length > 0 && model.terminals.every(({ role }) => role !== 'ground');
			return isOne ? [boxId] : [];
		});
		const guarded = boxes.every((boxId) => guardOfOutlet(house, boxId) !== null);
		return boxes.length > 0 ? [{ breaker, boxes, guarded }] : [];
	});
}
