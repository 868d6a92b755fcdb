import { describe, expect, it } from 'vitest';
import { arrangements, here, type ArrangementKind } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { pathText, parseHouse } from '../files';
import { readJson } from '../text';
import type { House } from './index';

type Loose = Record<string, unknown>;
/** A right house, made wrong in one place, as anybody could write it. */
const wrong = (house: House, spoil: (house: House) => void): { at: string; code: string }[] => {
	const spoiled = JSON.parse(JSON.stringify(house)) as House;
	expect(parseHouse(spoiled)).toMatchObject({ ok: true });
	spoil(spoiled);
	const parsed = parseHouse(spoiled);
	return parsed.ok ? [] : parsed.problems.map(({ path, code }) => ({ at: pathText(path), code }));
};
const arranged = (kind: ArrangementKind): House => arrangements.find((each) => each.kind === kind)!.build();
const boxOf = (house: House, id = here) => house.boxes.find((box) => box.id === id)!;
const bungalow = fennelLaneRecorded();
const terrace = tanneryRow();
const k = (house: House, id: string) => house.boxes.findIndex((box) => box.id === id);
const between = bungalow.cables.findIndex(({ from }) => 'box' in from);
const fromPanel = bungalow.cables.findIndex(({ from }) => 'panel' in from);
const ring = terrace.circuits.findIndex(({ arrangement }) => arrangement === 'ring');
const ringCables = terrace.cables.flatMap(({ circuit, from }, c) =>
	circuit === terrace.circuits[ring]!.id && 'panel' in from ? [c] : []
);
const middle = arranged('middlePigtails');
const atHere = `boxes[${k(middle, here)}]`;

describe('a house that can’t be is refused, with its place and its reason', () => {
	it.each<[string, House, (house: House) => void, { at: string; code: string }]>([
		[
			'bare metal against a box that is plastic',
			middle,
			(house) => {
				boxOf(house).material = 'plastic';
				boxOf(house).terminations[0]!.touches = 'box';
			},
			{ at: `${atHere}.terminations[0].touches`, code: 'noMetal' }
		],
		[
			'a landing of a cable that doesn’t come from a panel',
			bungalow,
			({ cables }) =>
				(cables[between]!.landings = [{ conductor: cables[between]!.conductors[0]!.id, on: 'hot' }]),
			{ at: `cables[${between}].landings`, code: 'landingNotAtPanel' }
		],
		[
			'one conductor landed twice',
			bungalow,
			({ cables }) => {
				const [first] = cables[fromPanel]!.conductors;
				cables[fromPanel]!.landings = [
					{ conductor: first!.id, on: 'hot' },
					{ conductor: first!.id, on: 'nothing' }
				];
			},
			{ at: `cables[${fromPanel}].landings[1].conductor`, code: 'namedTwice' }
		],
		[
			'a cable from another panel than its circuit’s breaker',
			bungalow,
			(house) => {
				house.panels.push({
					...structuredClone(house.panels[0]!),
					id: 'shed',
					breakers: [],
					residualDevices: [],
					fedFrom: { breaker: house.panels[0]!.breakers[0]!.id, lengthM: 10, size: '10AWG' }
				});
				house.cables[fromPanel]!.from = { panel: 'shed' };
			},
			{ at: `cables[${fromPanel}].from.panel`, code: 'otherPanel' }
		],
		[
			'a ring that doesn’t come back to its panel',
			terrace,
			({ cables, boxes }) => {
				const { id } = cables.splice(ringCables[1]!, 1)[0]!;
				for (const box of boxes) box.terminations = box.terminations.filter(({ cable }) => cable !== id);
			},
			{ at: `circuits[${ring}].arrangement`, code: 'ringOpen' }
		],
		[
			'a supply that names a cable of another box',
			middle,
			(house) =>
				(boxOf(house).supply = { cables: ['nowhere'], by: 'resistance', on: '2026-01-01', readings: [] }),
			{ at: `${atHere}.supply.cables[0]`, code: 'cableNotInBox' }
		],
		[
			'a supply that names a cable twice',
			middle,
			(house) => {
				const { cable } = boxOf(house).terminations[0]!;
				boxOf(house).supply = { cables: [cable, cable], by: 'voltage', on: '2026-01-01', readings: [] };
			},
			{ at: `${atHere}.supply.cables[1]`, code: 'namedTwice' }
		],
		[
			'two worries of one id',
			middle,
			(house) => {
				const worry = { id: 'w1', kind: 'other' as const, note: 'A hum.', seen: '2026-01-01' };
				boxOf(house).worries = [worry, { ...worry }];
			},
			{ at: `${atHere}.worries[1].id`, code: 'duplicateId' }
		],
		[
			'a half that the device doesn’t have',
			terrace,
			(house) => ((boxOf(house, 'box-room-desk').device as { off: string[] }).off = ['only']),
			{ at: `boxes[${k(terrace, 'box-room-desk')}].device.off[0]`, code: 'unknown' }
		],
		[
			'a conductor too thick for the way it is held',
			arranged('middleThrough'),
			(house) => {
				for (const cable of house.cables) cable.size = '12AWG';
				for (const end of boxOf(house).terminations) if (end.at === 'terminal:hotUpper') end.how = 'pushIn';
			},
			{
				at: `boxes[${k(arranged('middleThrough'), here)}].terminations[0].at`,
				code: 'tooThick'
			}
		],
		[
			'a joint held by a hook',
			middle,
			(house) => (boxOf(house).joints[0]!.how = 'hook'),
			{ at: `${atHere}.joints[0].how`, code: 'noConnector' }
		],
		[
			'a pigtail from nothing to nothing',
			middle,
			(house) => Object.assign(boxOf(house).pigtails[0]!, { from: 'bare', to: 'capped' }),
			{ at: `${atHere}.pigtails[0]`, code: 'tailToNothing' }
		],
		[
			'metal of a sheath that has none',
			bungalow,
			({ cables }) => (cables[fromPanel]!.metal = { resistanceOhm: 0.1 }),
			{ at: `cables[${fromPanel}].metal`, code: 'noMetalSheath' }
		],
		[
			'a voltage of the other region',
			bungalow,
			({ service }) => (service.voltageV = 230),
			{ at: 'service.voltageV', code: 'otherRegion' }
		],
		[
			'a size of the other region',
			terrace,
			({ cables }) => (cables[0]!.size = '12AWG'),
			{ at: 'cables[0].size', code: 'otherRegion' }
		],
		[
			'a tandem breaker in a consumer unit',
			terrace,
			({ panels }) => (panels[0]!.breakers[0]!.tandem = 'a'),
			{ at: 'panels[0].breakers[0].tandem', code: 'otherRegion' }
		],
		[
			'a device that is sold in the other region',
			bungalow,
			(house) => {
				const box = boxOf(house, 'sewing-east-wall');
				box.device = { ...boxOf(terrace, 'box-room-desk').device! };
				box.terminations.forEach((end) => (end.at = 'capped'));
			},
			{ at: `boxes[${k(bungalow, 'sewing-east-wall')}].device.kind`, code: 'otherRegion' }
		]
	])('%s', (_, house, spoil, problem) => expect(wrong(house, spoil)).toContainEqual(problem));

	it('a loop through a cable of another circuit', () => {
		const fed = bungalow.cables.flatMap(({ from, circuit }, c) => ('panel' in from ? [{ circuit, c }] : []));
		const one = fed[0]!;
		const two = fed[1]!;
		expect(
			wrong(bungalow, ({ cables }) => {
				// The second circuit’s first cable carries a hot of the first one as well, and ends where that one does.
				const other = cables[two.c]!;
				other.conductors[0]!.circuit = one.circuit;
				other.to = { ...cables[one.c]!.to };
			}).map(({ code }) => code)
		).toContain('chainCycle');
	});

	it.each([
		['blank', '   '],
		['only control characters', '\u0001\u0002'],
		['only of no width', '\u200b\u200d'],
		['with a NUL', 'den\u0000'],
		['with half a character', 'den \ud83d']
	])('a name that is %s', (_, name) =>
		expect(wrong(bungalow, ({ rooms }) => (rooms[0]!.name = name))).toContainEqual({
			at: 'rooms[0].name',
			code: 'shape'
		})
	);

	it('NUL and half characters wherever people write', () => {
		for (const text of ['a\u0000b', 'a\udc00b'])
			for (const [at, spoil] of [
				['note', (house: Loose) => (house.note = text)],
				[`circuits[0].note`, (house: Loose) => ((house as unknown as House).circuits[0]!.note = text)],
				['name', (house: Loose) => (house.name = text)]
			] as const)
				expect(wrong(bungalow, (house) => spoil(house as unknown as Loose))).toContainEqual({
					at,
					code: 'shape'
				});
	});

	it('a mark at the beginning of a file that says how its bytes lie is read past', () => {
		expect(readJson(`\ufeff${JSON.stringify(bungalow)}`)).toMatchObject({ ok: true });
	});
});
