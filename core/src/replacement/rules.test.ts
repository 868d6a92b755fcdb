import { describe, expect, it } from 'vitest';
import { placeNamed, placeWords, type Edition, type Facts, type RuleId } from '../rules';
import type { PartId } from '../devices';
import { choose, judgePart, type Level } from './choose';

/** An ordinary outlet in a dry room that no list names, everything known. */
const us: Facts = {
	region: 'us',
	edition: '2020',
	place: 'other',
	nearWater: false,
	counter: false,
	finished: true,
	damp: 'dry',
	high: false,
	reachable: true,
	applianceSpace: false,
	ground: true,
	metalBox: false,
	roomInBox: true,
	depthMm: 70,
	depthNowMm: 25,
	outletsNow: 2,
	groundedNow: true,
	circuitA: 15,
	alone: false,
	sharedNeutral: false,
	aluminium: false,
	halvesApart: 'no',
	cables: 2,
	guardedBefore: false,
	arcBefore: false,
	arcFirst: false,
	outletsAfter: 1,
	hardHere: false,
	wantsGround: false,
	spur: 'no',
	groundCanBeBrought: null,
	arcBreakerSold: null,
	arcReceptacleSold: null
};
const uk: Facts = {
	...us,
	region: 'uk',
	edition: '2018A2',
	metalBox: true,
	depthMm: 35,
	depthNowMm: 15,
	circuitA: 32,
	guardedBefore: true
};

const nec: readonly Edition[] = ['2017', '2020', '2023'];
const bs: readonly Edition[] = ['2018', '2018A2'];

interface Case {
	readonly editions: readonly Edition[];
	readonly facts: Partial<Facts>;
	readonly part: PartId;
	readonly level: Level;
	/** The rule that the text of the clause brings in, and its clause; with `!` before it: the rule that mustn't be there. */
	readonly by?: RuleId | `!${RuleId}`;
	readonly clause?: string;
}
const of =
	(editions: readonly Edition[]) =>
	(facts: Partial<Facts>, part: PartId, level: Level, by?: Case['by'], clause?: string): Case => ({
		editions,
		facts,
		part,
		level,
		...(by ? { by } : {}),
		...(clause ? { clause } : {})
	});
const [every, in2017, in2020, in2023] = [of(nec), of(['2017']), of(['2020']), of(['2023'])];
const [later, earlier] = [of(['2020', '2023']), of(['2017', '2020'])];
const [everyBs, before, since] = [of(bs), of(['2018']), of(['2018A2'])];

/** Written from the text of the clauses, by clause; the engine has no part in them. */
const cases: Readonly<Record<string, readonly Case[]>> = {
	'406.4(D)(1): a ground in the box asks for the grounding type': [
		every({}, 'duplex', 'right'),
		every({}, 'twoSlot', 'notAllowed', 'groundingType', '406.4(D)(1)'),
		every({ groundedNow: false }, 'twoSlot', 'notAllowed', 'groundingType', '406.4(D)(1)'),
		every({ groundedNow: false }, 'decorator', 'right', '!groundingType')
	],
	'406.4(D)(2): where there is none': [
		// (a) an ungrounded one in place of one
		every({ ground: false, groundedNow: false }, 'twoSlot', 'right', '!ungroundedAgain'),
		every({ ground: false }, 'twoSlot', 'notAllowed', 'ungroundedAgain', '406.4(D)(2)(a)'),
		// (b) a GFCI, marked
		every({ ground: false, groundedNow: false }, 'gfci', 'right', 'noGroundItself', '406.4(D)(2)(b)'),
		// (c) fed through one
		every({ ground: false, groundedNow: false }, 'duplex', 'allowedIf', 'noGroundGuarded', '406.4(D)(2)(c)'),
		every({ ground: false, guardedBefore: true }, 'duplex', 'right', 'noGroundGuarded', '406.4(D)(2)(c)'),
		every({ ground: false, guardedBefore: true }, 'usb', 'right', 'noGroundGuarded'),
		every({ ground: false, guardedBefore: null }, 'duplex', 'allowedIf', 'noGroundGuarded'),
		every({ ground: null, groundedNow: false }, 'twoSlot', 'allowedIf', 'groundingType'),
		every({ ground: null }, 'gfci', 'right')
	],
	'406.4(D)(3) with 210.8(A): places that ask for a GFCI': [
		every({ place: 'bathroom' }, 'gfci', 'right', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(1)'),
		every({ place: 'bathroom' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(1)'),
		every({ place: 'bathroom', guardedBefore: true }, 'duplex', 'right', 'groundFaultPlace'),
		every({ place: 'garage' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(2)'),
		every({ place: 'outbuilding' }, 'decorator', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(2)'),
		every(
			{ place: 'outdoors', damp: 'damp' },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(3)'
		),
		every({ place: 'crawlSpace' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(4)'),
		// basements: unfinished ones to 2017, all from 2020
		in2017({ place: 'basement', finished: true }, 'duplex', 'right', '!groundFaultPlace'),
		in2017(
			{ place: 'basement', finished: false },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(5)'
		),
		in2017({ place: 'basement', finished: null }, 'duplex', 'allowedIf', 'groundFaultPlace'),
		later(
			{ place: 'basement', finished: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(5)'
		),
		later({ place: 'basement', finished: false }, 'gfci', 'right', 'groundFaultPlace'),
		// kitchens: at the worktop, all from 2023; arcs are asked for too
		earlier(
			{ place: 'kitchen', counter: true, arcBefore: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(6)'
		),
		earlier({ place: 'kitchen', counter: false, arcBefore: true }, 'duplex', 'right', '!groundFaultPlace'),
		in2023(
			{ place: 'kitchen', counter: false, arcBefore: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(6)'
		),
		in2023({ place: 'kitchen', counter: null, arcBefore: true }, 'gfci', 'right'),
		earlier({ place: 'kitchen', counter: null, arcBefore: true }, 'duplex', 'allowedIf', 'groundFaultPlace'),
		// areas with a sink and lasting provision for food or drink, from 2023
		in2023({ place: 'foodArea' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(7)'),
		in2023({ place: 'foodArea' }, 'gfci', 'right', 'groundFaultPlace'),
		in2023({ place: 'foodArea', guardedBefore: true }, 'duplex', 'right', 'groundFaultPlace'),
		earlier({ place: 'foodArea', nearWater: false }, 'duplex', 'right', '!groundFaultPlace'),
		earlier(
			{ place: 'foodArea', nearWater: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(7), (9)'
		),
		// within 6 ft of a sink, a bathtub or a shower
		earlier({ nearWater: true }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(7), (9)'),
		in2023({ nearWater: true }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(8), (10)'),
		every({ nearWater: null }, 'duplex', 'allowedIf', 'groundFaultPlace'),
		every({ nearWater: null }, 'gfci', 'right'),
		earlier(
			{ place: 'laundry', arcBefore: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(10)'
		),
		in2023(
			{ place: 'laundry', arcBefore: true },
			'duplex',
			'allowedIf',
			'groundFaultPlace',
			'406.4(D)(3), 210.8(A)(11)'
		),
		// damp places indoors: from 2020
		in2017({ damp: 'damp' }, 'duplex', 'right', '!groundFaultPlace'),
		in2020({ damp: 'damp' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(11)'),
		in2023({ damp: 'wet' }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3), 210.8(A)(12)'),
		// an ungrounded one owes it as well
		every(
			{ place: 'bathroom', ground: false, groundedNow: false },
			'twoSlot',
			'allowedIf',
			'groundFaultPlace'
		),
		every({ place: null }, 'duplex', 'allowedIf', 'groundFaultPlace', '406.4(D)(3)')
	],
	'210.8(A): within reach': [
		every({ reachable: false }, 'gfci', 'notAllowed', 'reachable', '210.8(A)'),
		every({ reachable: false, place: 'garage' }, 'gfciUsb', 'notAllowed', 'reachable'),
		every({ reachable: false }, 'duplex', 'right', '!reachable'),
		every({ reachable: null }, 'gfci', 'allowedIf', 'reachable'),
		every({ reachable: false, place: 'garage', guardedBefore: true }, 'duplex', 'right')
	],
	'210.12(D), from 2023 on (E): a circuit of such a room that is extended': [
		// by a breaker, or the first outlet of the circuit; the new one itself is neither
		earlier(
			{ place: 'bedroom', outletsNow: 0 },
			'duplex',
			'allowedIf',
			'arcFaultExtended',
			'210.12(D), 210.12(A)'
		),
		in2023(
			{ place: 'bedroom', outletsNow: 0 },
			'duplex',
			'allowedIf',
			'arcFaultExtended',
			'210.12(E), 210.12(B)'
		),
		every({ place: 'living', outletsNow: 0 }, 'dualFunction', 'allowedIf', 'arcFaultExtended'),
		every({ place: 'bedroom', outletsNow: 0, arcBefore: true }, 'duplex', 'allowedIf', 'arcFaultExtended'),
		every(
			{ place: 'bedroom', outletsNow: 0, arcBefore: true, arcFirst: true },
			'duplex',
			'right',
			'arcFaultExtended'
		),
		every({ place: 'garage', outletsNow: 0, guardedBefore: true }, 'duplex', 'right', '!arcFaultExtended'),
		every({ place: 'bedroom', outletsNow: 0 }, 'duplex', 'allowedIf', '!arcFaultPlace'),
		every({ place: 'bedroom' }, 'duplex', 'allowedIf', '!arcFaultExtended')
	],
	'406.4(D)(4) with 210.12: rooms that ask for protection against arcs': [
		earlier({ place: 'bedroom' }, 'duplex', 'allowedIf', 'arcFaultPlace', '406.4(D)(4), 210.12(A)'),
		in2023({ place: 'bedroom' }, 'duplex', 'allowedIf', 'arcFaultPlace', '406.4(D)(4), 210.12(B)'),
		every({ place: 'living' }, 'usb', 'allowedIf', 'arcFaultPlace'),
		every({ place: 'hall' }, 'decorator', 'allowedIf', 'arcFaultPlace'),
		every({ place: 'laundry' }, 'gfci', 'allowedIf', 'arcFaultPlace'),
		every({ place: 'kitchen', counter: true }, 'dualFunction', 'right', 'arcFaultPlace'),
		every({ place: 'bedroom' }, 'dualFunction', 'right', 'arcFaultPlace'),
		every({ place: 'bedroom', arcBefore: true }, 'duplex', 'right', 'arcFaultPlace'),
		every({ place: 'garage' }, 'gfci', 'right', '!arcFaultPlace'),
		every({ place: 'bathroom' }, 'gfci', 'right', '!arcFaultPlace'),
		// a two-slot like for like owes it too
		every({ place: 'living', ground: false, groundedNow: false }, 'twoSlot', 'allowedIf', 'arcFaultPlace'),
		// the exception: all of it, or it is none
		every(
			{
				place: 'living',
				ground: false,
				groundedNow: false,
				groundCanBeBrought: false,
				arcBreakerSold: false,
				arcReceptacleSold: false
			},
			'gfci',
			'right',
			'!arcFaultPlace'
		),
		every(
			{
				place: 'living',
				ground: false,
				groundedNow: false,
				groundCanBeBrought: false,
				arcBreakerSold: true,
				arcReceptacleSold: false
			},
			'gfci',
			'allowedIf',
			'arcFaultPlace'
		),
		every(
			{
				place: 'living',
				ground: false,
				groundedNow: false,
				groundCanBeBrought: true,
				arcBreakerSold: false,
				arcReceptacleSold: false
			},
			'gfci',
			'allowedIf',
			'arcFaultPlace'
		),
		every(
			{
				place: 'living',
				ground: true,
				groundCanBeBrought: false,
				arcBreakerSold: false,
				arcReceptacleSold: false
			},
			'gfci',
			'allowedIf',
			'arcFaultPlace'
		)
	],
	'406.4(D)(5) with 406.12: tamper-resistant': [
		every({}, 'duplex', 'right', 'tamper', '406.4(D)(5), 406.12'),
		every({ high: true }, 'duplex', 'right', '!tamper'),
		every({ applianceSpace: true }, 'duplex', 'right', '!tamper'),
		every({ applianceSpace: true, outletsNow: 1 }, 'single', 'right', '!tamper'),
		every({ ground: false, groundedNow: false }, 'twoSlot', 'right', '!tamper'),
		every({ high: null }, 'decorator', 'right', 'tamper')
	],
	'406.4(D)(6) with 406.9: damp and wet': [
		every({ place: 'outdoors', damp: 'damp' }, 'gfci', 'right', 'weather', '406.4(D)(6), 406.9(A)'),
		every({ place: 'outdoors', damp: 'damp' }, 'usb', 'notAllowed', 'weather', '406.4(D)(6), 406.9(A)'),
		every({ place: 'outdoors', damp: 'wet' }, 'gfci', 'right', 'inUseCover', '406.9(B)(1)'),
		every({ place: 'outdoors', damp: 'damp' }, 'gfci', 'right', '!inUseCover'),
		every({ place: 'outdoors', damp: 'wet' }, 'gfciUsb', 'notAllowed', 'weather'),
		every({ place: 'outdoors', damp: null }, 'usb', 'allowedIf', 'weather'),
		every({ damp: 'dry' }, 'gfci', 'right', '!weather')
	],
	'210.21(B): ratings': [
		every({ circuitA: 20 }, 'duplex', 'right', '!rating'),
		every({ circuitA: 20, alone: true, outletsNow: 1 }, 'single', 'right', '!ratingAlone')
	],
	'300.13(B), 250.148: neutrals and grounds that don’t hang on a device': [
		every({ sharedNeutral: true }, 'duplex', 'right', 'sharedNeutral', '300.13(B)'),
		every({}, 'duplex', 'right', '!sharedNeutral'),
		every({ cables: 2 }, 'duplex', 'right', 'groundsSpliced', '250.148'),
		every({ cables: 1 }, 'duplex', 'right', '!groundsSpliced'),
		every({ cables: 1, metalBox: true }, 'duplex', 'right', 'groundsSpliced', '250.148')
	],
	'314.16(B): room in the box': [
		every({ roomInBox: false }, 'gfci', 'allowedIf', 'boxFill', '314.16(B)'),
		every({ roomInBox: null }, 'usb', 'allowedIf', 'boxFill'),
		every({ roomInBox: false }, 'duplex', 'right', '!boxFill')
	],
	'406.3(C): aluminium': [every({ aluminium: true }, 'duplex', 'right')],
	'250.114: what wants a ground': [
		every(
			{ ground: false, groundedNow: false, wantsGround: true },
			'gfci',
			'allowed',
			'wantsGround',
			'250.114'
		),
		every({ wantsGround: true }, 'gfci', 'right', '!wantsGround')
	],
	'what the thing itself asks': [
		every({ guardedBefore: true }, 'gfci', 'allowed', 'secondGuard'),
		every({ hardHere: true }, 'gfci', 'allowed', 'weigh'),
		every({ hardHere: true }, 'duplex', 'right', '!weigh'),
		every({ halvesApart: 'circuits' }, 'usb', 'notAllowed', 'oneHalf'),
		every({ halvesApart: 'circuits' }, 'decorator', 'right', '!oneHalf'),
		every({ halvesApart: 'switched' }, 'usb', 'right', '!oneHalf'),
		every({ depthMm: 50 }, 'gfciUsb', 'notAllowed', 'tooDeep'),
		every({ depthMm: 55 }, 'gfciUsb', 'right', '!tooDeep'),
		every({ depthMm: null }, 'gfciUsb', 'allowedIf', 'tooDeep'),
		every({ depthMm: null }, 'duplex', 'right', '!tooDeep'),
		every({}, 'single', 'allowed', 'fewer'),
		every({}, 'usb', 'right', '!insulationTest'),
		everyBs({}, 'usbTwin', 'right', 'insulationTest'),
		everyBs({}, 'socketTwin', 'right', '!insulationTest')
	],
	'BS 7671 411.3.1.1: earthed': [
		everyBs({}, 'socketTwin', 'right'),
		everyBs({ ground: false }, 'socketTwin', 'notAllowed', 'earthed', '411.3.1.1'),
		everyBs({ ground: false }, 'rcdTwin', 'notAllowed', 'earthed'),
		everyBs({ ground: null }, 'socketTwin', 'allowedIf', 'earthed')
	],
	'411.3.3: a 30 mA device': [
		everyBs({ guardedBefore: false }, 'socketTwin', 'right', 'residualAdvised', '411.3.3'),
		everyBs(
			{ guardedBefore: false, outletsNow: 1 },
			'socketTwin',
			'notAllowed',
			'addsWithoutResidual',
			'411.3.3'
		),
		everyBs({ guardedBefore: false, outletsNow: 1 }, 'socketSingle', 'right', 'residualAdvised'),
		everyBs({ guardedBefore: true, outletsNow: 1 }, 'socketTwin', 'right', '!addsWithoutResidual'),
		everyBs({ guardedBefore: false, outletsNow: 1, depthMm: 47 }, 'rcdTwin', 'right', 'faceOnly'),
		everyBs({ guardedBefore: false, depthMm: 47 }, 'rcdTwin', 'right', 'faceOnly', '411.3.3'),
		everyBs({ guardedBefore: true, depthMm: 47 }, 'rcdTwin', 'allowed', 'secondGuard', '536.4.1.4')
	],
	'701.512.3: away from a bath or shower': [
		everyBs({ place: 'bathroom', nearWater: true }, 'socketTwin', 'notAllowed', 'bathDistance', '701.512.3'),
		everyBs({ place: 'bathroom', nearWater: false }, 'socketTwin', 'right', '!bathDistance'),
		everyBs({ place: 'bathroom', nearWater: null }, 'rcdTwin', 'allowedIf', 'bathDistance'),
		everyBs({ place: 'bedroom', nearWater: true }, 'socketTwin', 'right', '!bathDistance')
	].map((each) => ({ ...each, facts: { ...each.facts, depthMm: 47 } })),
	'512.2: indoors only': [
		everyBs({ damp: 'wet' }, 'socketTwin', 'notAllowed', 'indoorsOnly', '512.2'),
		everyBs({ damp: 'damp' }, 'usbTwin', 'notAllowed', 'indoorsOnly'),
		everyBs({ damp: null }, 'socketTwin', 'allowedIf', 'indoorsOnly')
	],
	'433.1.204 and app. 15: a spur': [
		everyBs({ spur: 'alone', outletsNow: 1 }, 'socketTwin', 'right', 'oneOnSpur'),
		everyBs({ spur: 'no' }, 'socketTwin', 'right', '!oneOnSpur'),
		everyBs({ spur: 'withOthers' }, 'socketTwin', 'right', 'spurFromSpur')
	],
	'metal faces and boxes': [
		everyBs({}, 'metalTwin', 'right', 'metalFace', '411.3.1.1, 416.2'),
		everyBs({}, 'socketTwin', 'right', 'earthTail', '543.2.7'),
		everyBs({ metalBox: false }, 'socketTwin', 'right', '!earthTail'),
		everyBs({}, 'socketTwin', 'right', '!metalFace')
	],
	'depth of the back box': [
		before({ depthMm: 16 }, 'usbTwin', 'notAllowed', 'tooDeep'),
		since({ depthMm: 16 }, 'usbTwin', 'notAllowed', 'tooDeep'),
		everyBs({ depthMm: 25 }, 'socketTwin', 'right', '!tooDeep'),
		everyBs({ depthMm: 25 }, 'rcdTwin', 'notAllowed', 'tooDeep'),
		everyBs({ depthMm: 35 }, 'metalTwin', 'right', '!tooDeep'),
		everyBs({ depthMm: 16 }, 'metalTwin', 'notAllowed', 'tooDeep'),
		everyBs({ depthMm: 35 }, 'usbTwin', 'right', '!tooDeep'),
		everyBs({ depthMm: null }, 'usbTwinUnswitched', 'allowedIf', 'tooDeep')
	]
};

const told = Object.values(cases).flatMap((list) => list.flatMap(({ editions }) => editions));

describe('rules of replacing an outlet, by clause', () => {
	it('has at least two hundred cases', () => {
		expect(told.length).toBeGreaterThanOrEqual(200);
	});

	describe.each(Object.entries(cases))('%s', (_, list) => {
		it.each(list.flatMap((each) => each.editions.map((edition) => ({ edition, ...each }))))(
			'$edition $part $facts: $level by $by',
			({ edition, facts, part, level, by, clause }) => {
				const base = nec.includes(edition) ? us : uk;
				const judged = judgePart({ ...base, ...facts, edition }, part);
				const named = by?.replace('!', '');
				const found = judged.reasons.filter(({ rule }) => rule === named);
				expect({ level: judged.level, named, there: found.length > 0 }).toEqual({
					level,
					named,
					there: by !== undefined && !by.startsWith('!')
				});
				if (clause !== undefined) expect(found.map((each) => each.clause)).toContain(clause);
			}
		);
	});

	it.each([
		[15, 15, 'right', undefined],
		[15, 20, 'notAllowed', 'rating'],
		[20, 15, 'right', undefined],
		[20, 20, 'right', undefined],
		[30, 20, 'notAllowed', 'rating'],
		[30, 30, 'right', undefined]
	] as const)('on a %i A circuit a %i A outlet is %s', (circuitA, ratingA, level, by) => {
		for (const edition of nec) {
			const judged = judgePart({ ...us, edition, circuitA }, 'duplex', { ratingA });
			expect(judged.level).toBe(level);
			expect(judged.reasons.filter(({ effect }) => effect === 'forbids').map(({ rule }) => rule)).toEqual(
				by ? [by] : []
			);
		}
	});

	it('a single one alone on a 20 A circuit has 20 A', () => {
		const alone = { ...us, circuitA: 20, alone: true, outletsNow: 1 };
		expect(judgePart(alone, 'single').ratingA).toBe(20);
		const judged = judgePart(alone, 'single', { ratingA: 15 });
		expect(judged.reasons).toContainEqual(
			expect.objectContaining({ rule: 'ratingAlone', clause: '210.21(B)(1)', state: 'holds' })
		);
		// A duplex has two, and isn't a single one.
		expect(judgePart(alone, 'duplex', { ratingA: 15 }).level).toBe('right');
	});

	it('stops before any part for what an electrician has to see first', () => {
		const stops = (facts: Facts) => choose(facts).stops.map(({ rule }) => rule);
		expect(stops(us)).toEqual([]);
		expect(stops({ ...us, aluminium: true })).toEqual(['aluminium']);
		expect(stops(uk)).toEqual([]);
		expect(stops({ ...uk, spur: 'withOthers' })).toEqual(['spurFromSpur']);
		expect(stops({ ...uk, ground: false })).toEqual(['earthed']);
		// What isn't known stops nothing; it is asked.
		expect(stops({ ...uk, ground: null })).toEqual([]);
	});

	it('names every place by words of one language each', () => {
		expect(placeNamed(new Set(['bath', 'upstairs']))).toBe('bathroom');
		expect(placeNamed(new Set(['garden', 'wall']))).toBe('outdoors');
		expect(placeNamed(new Set(['den']))).toBe('living');
		expect(placeNamed(new Set(['attic']))).toBe(null);
		const words = placeWords.flatMap((each) => each.words);
		expect(new Set(words).size).toBe(words.length);
	});
});
