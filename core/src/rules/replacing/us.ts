import { arcFaultAsked, arcFaultExtended, groundFaultAsked, type AskedPlace } from '../places';
import { all, any, is, not, roomForWiresMm, type Facts, type PartFacts, type Tri } from './facts';
import { everyUs, type Rule } from './rule';

/** Whether a listed place is this one, for what it is limited to. */
const meant = ({ only }: AskedPlace, { counter, finished }: PlaceFacts): Tri =>
	only === 'counter' ? counter : only === 'unfinished' ? not(finished) : true;

/** What is asked of the place itself. */
export type PlaceFacts = Pick<
	Facts,
	'region' | 'edition' | 'place' | 'nearWater' | 'counter' | 'finished' | 'damp'
>;
/** Whether a list of places has this one, and under which clauses it is named, or may be. */
export interface Asked {
	readonly is: Tri;
	readonly clauses: readonly string[];
}

function asked(facts: PlaceFacts, lists: typeof groundFaultAsked): Asked {
	const list = lists[facts.edition];
	const here = facts.place === null ? undefined : list[facts.place];
	const each: readonly (readonly [AskedPlace | undefined, Tri])[] = [
		facts.place === null ? [undefined, null] : [here, here === undefined ? false : meant(here, facts)],
		[list.nearWater, list.nearWater ? facts.nearWater : false],
		[
			list.dampIndoors,
			list.dampIndoors ? all(is(facts.damp, 'damp', 'wet'), not(is(facts.place, 'outdoors'))) : false
		]
	];
	const sure = each.filter(([, so]) => so === true);
	const may = facts.place === null ? sure : each.filter(([, so]) => so !== false);
	const clauses = (sure.length > 0 ? sure : may).flatMap(([place]) => place?.clause ?? []);
	return { is: any(...each.map(([, so]) => so)), clauses: [...new Set(clauses)] };
}

/** Whether ground-fault protection is asked of an outlet at this place, and by which of the numbered places. */
export const groundFaultHere = (facts: PlaceFacts): Asked => asked(facts, groundFaultAsked);

/** Nothing was there: 406.4(D) is about replacing, and what it leaves to the clauses it names stands without it. */
const isNew = ({ outletsNow }: Facts): boolean => outletsNow === 0;
const withPlace =
	(clause: string, lists: typeof groundFaultAsked) =>
	(facts: Facts): string =>
		[...(isNew(facts) ? [] : [clause]), ...asked(facts, lists).clauses].join(', ');

/** Deeper than what was in there by more than parts of one kind differ among makes (chosen: 5 mm). */
const deeperThanNow = (
	{ depthNowMm }: Pick<Facts, 'depthNowMm'>,
	{ depthMm }: Pick<PartFacts, 'depthMm'>
): boolean => depthMm > depthNowMm + 5;

/** What has to be said for a GFCI without a ground to stand without protection against arcs: none of the three is to be had. */
const exceptions = ['groundCanBeBrought', 'arcBreakerSold', 'arcReceptacleSold'] as const;

/** us: what the National Electrical Code asks where an outlet is replaced in a dwelling. Clauses by edition; the places stand in `places.ts`. */
export const usRules: readonly Rule[] = [
	{
		id: 'aluminium',
		effect: 'stops',
		clause: everyUs('406.3(C), 110.14'),
		applies: ({ aluminium }) => aluminium,
		reads: []
	},
	{
		id: 'groundingType',
		effect: 'forbids',
		clause: everyUs('406.4(D)(1)'),
		anew: '406.4(A)',
		applies: ({ ground }, part) => all(ground, !part.takesGround),
		reads: ['ground']
	},
	{
		// Without a ground: (a) another ungrounded one, in place of one only.
		id: 'ungroundedAgain',
		effect: 'forbids',
		clause: everyUs('406.4(D)(2)(a)'),
		applies: ({ ground, groundedNow }, part) => all(not(ground), !part.takesGround, groundedNow),
		reads: ['ground']
	},
	{
		// (c) a grounding type fed through a GFCI.
		id: 'noGroundGuarded',
		effect: 'needs',
		clause: everyUs('406.4(D)(2)(c)'),
		applies: ({ ground }, part) => all(not(ground), part.takesGround, !part.groundFault),
		met: ({ guardedBefore }) => guardedBefore,
		reads: ['ground', 'guardedBefore']
	},
	{
		// (b) a GFCI, marked.
		id: 'noGroundItself',
		effect: 'asks',
		clause: everyUs('406.4(D)(2)(b)'),
		applies: ({ ground }, part) => all(not(ground), part.takesGround, part.groundFault),
		reads: ['ground']
	},
	{
		id: 'groundFaultPlace',
		effect: 'needs',
		clause: withPlace('406.4(D)(3)', groundFaultAsked),
		applies: (facts) => groundFaultHere(facts).is,
		met: ({ guardedBefore }, part) => any(part.groundFault, guardedBefore),
		reads: ['place', 'nearWater', 'counter', 'finished', 'damp', 'guardedBefore']
	},
	{
		id: 'arcFaultPlace',
		effect: 'needs',
		clause: withPlace('406.4(D)(4)', arcFaultAsked),
		// Exception: a GFCI without a ground, where none can be brought and neither breaker nor receptacle is to be had.
		applies: (facts, part) =>
			all(
				!isNew(facts),
				asked(facts, arcFaultAsked).is,
				not(
					all(
						part.groundFault,
						not(facts.ground),
						exceptions.every((each) => facts[each] === false)
					)
				)
			),
		met: ({ arcBefore }, part) => any(part.arcFault, arcBefore),
		reads: ['place', 'arcBefore', 'ground', ...exceptions]
	},
	{
		// A circuit that is extended is protected from its beginning: an outlet at its new end protects nothing of the wire before it.
		id: 'arcFaultExtended',
		effect: 'needs',
		clause: (facts) => [arcFaultExtended[facts.edition], ...asked(facts, arcFaultAsked).clauses].join(', '),
		applies: (facts) => all(isNew(facts), asked(facts, arcFaultAsked).is),
		met: ({ arcFirst }) => arcFirst,
		reads: ['place', 'arcFirst']
	},
	{
		id: 'tamper',
		effect: 'asks',
		clause: everyUs('406.4(D)(5), 406.12'),
		anew: '406.12',
		applies: (facts, part) =>
			all(
				not(facts.high),
				not(all(facts.applianceSpace, part.outlets <= 2)),
				// Ungrounded ones that are replaced by the same may be as they were.
				part.takesGround
			),
		reads: ['high', 'applianceSpace']
	},
	{
		id: 'weather',
		effect: 'forbids',
		clause: everyUs('406.4(D)(6), 406.9(A)'),
		anew: '406.9(A)',
		applies: ({ damp }, part) => all(is(damp, 'damp', 'wet'), !part.weather),
		reads: ['damp']
	},
	{
		id: 'weather',
		effect: 'asks',
		clause: everyUs('406.4(D)(6), 406.9(A)'),
		anew: '406.9(A)',
		applies: ({ damp }, part) => all(is(damp, 'damp', 'wet'), part.weather),
		reads: ['damp']
	},
	{
		id: 'inUseCover',
		effect: 'asks',
		clause: everyUs('406.9(B)(1)'),
		applies: ({ damp }) => is(damp, 'wet'),
		reads: ['damp']
	},
	{
		id: 'rating',
		effect: 'forbids',
		clause: everyUs('210.21(B)(3)'),
		applies: ({ circuitA }, { ratingA }) => !fitting(circuitA).includes(ratingA),
		reads: []
	},
	{
		id: 'ratingAlone',
		effect: 'forbids',
		clause: everyUs('210.21(B)(1)'),
		applies: ({ circuitA, alone }, { ratingA, outlets }) => alone && outlets === 1 && ratingA < circuitA,
		reads: []
	},
	{
		id: 'sharedNeutral',
		effect: 'asks',
		clause: everyUs('300.13(B)'),
		applies: ({ sharedNeutral }) => sharedNeutral,
		reads: []
	},
	{
		id: 'groundsSpliced',
		effect: 'asks',
		clause: everyUs('250.148'),
		applies: ({ ground, cables, metalBox }, part) => all(ground, part.takesGround, cables > 1 || metalBox),
		reads: ['ground']
	},
	{
		id: 'reachable',
		effect: 'forbids',
		clause: everyUs('210.8(A)'),
		applies: ({ reachable }, part) => all(part.groundFault, not(reachable)),
		reads: ['reachable']
	},
	{
		id: 'boxFill',
		effect: 'needs',
		clause: everyUs('314.16(B)'),
		// What is no deeper than what was in there asks for no more room.
		applies: deeperThanNow,
		met: ({ roomInBox }) => roomInBox,
		reads: ['roomInBox']
	},
	{
		id: 'wantsGround',
		effect: 'against',
		clause: everyUs('250.114'),
		applies: ({ ground, wantsGround }) => all(not(ground), wantsGround),
		reads: ['ground']
	},
	{
		id: 'secondGuard',
		effect: 'against',
		clause: 'own',
		applies: ({ guardedBefore }, part) => all(part.groundFault, guardedBefore),
		reads: ['guardedBefore']
	}
];

/** Ratings of receptacles on a circuit of so many amperes, table 210.21(B)(3): what is larger than 20 A serves its own rating alone. */
export const fitting = (circuitA: number): readonly number[] =>
	circuitA <= 15 ? [15] : circuitA <= 20 ? [15, 20] : [circuitA];

/** In both regions: what the thing itself asks, code or no code. */
export const ownRules: readonly Rule[] = [
	{
		id: 'oneHalf',
		effect: 'forbids',
		clause: 'own',
		applies: ({ halvesApart }, { tab }) => halvesApart === 'circuits' && !tab,
		reads: []
	},
	{
		id: 'tooDeep',
		effect: 'forbids',
		clause: 'own',
		// What is no deeper than what was in there goes where that was.
		applies: ({ depthMm: has, depthNowMm }, { depthMm }) =>
			deeperThanNow({ depthNowMm }, { depthMm }) && (has === null ? null : has < depthMm + roomForWiresMm),
		reads: ['depthMm']
	},
	{
		id: 'weigh',
		effect: 'against',
		clause: 'own',
		applies: ({ hardHere }, { groundFault }) => hardHere && groundFault,
		reads: []
	},
	{
		id: 'fewer',
		effect: 'against',
		clause: 'own',
		applies: ({ outletsNow }, { outlets }) => outlets < outletsNow,
		reads: []
	}
];
