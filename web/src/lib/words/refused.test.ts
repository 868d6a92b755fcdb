import { describe, expect, it } from 'vitest';
import { arrangements, here, type ArrangementKind } from '@wary/core/arrangements';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import type { House } from '@wary/core/house';
import { allStorable, readJson, storable, visible } from '@wary/core/text';
import { parseHouse } from '@wary/core/files';
import { describePath, describeProblem } from '$words/problems';

const arranged = (kind: ArrangementKind): House =>
	structuredClone(arrangements.find((each) => each.kind === kind)!.build());
type Change = (house: House) => unknown;
const boxIn = (house: House) => house.boxes.find(({ id }) => id === here)!;
/** “place: what” of everything that is wrong with a house after a change. */
const wrong = (house: House, change: Change): string[] => {
	const value = structuredClone(house);
	change(value);
	const parsed = parseHouse(value);
	return parsed.ok
		? []
		: parsed.problems.map((problem) => `${describePath(problem.path)}: ${describeProblem(problem)}`);
};
const us = () => arranged('middlePigtails');
const uk = () => arranged('ring');

describe('what a house file is refused for, with its place and the reason', () => {
	it.each<[string, () => House, Change, RegExp]>([
		[
			'bare metal against a plastic box',
			us,
			(house) => {
				const box = boxIn(house);
				Object.assign(box, { material: 'plastic', pigtails: box.pigtails.filter(({ to }) => to !== 'box') });
				box.terminations[0]!.touches = 'box';
			},
			/^boxes\[\d\]\.terminations\[0\]\.touches: box “here” isn’t metal/
		],
		[
			'landings of a cable between boxes',
			us,
			({ cables }) =>
				(cables.find(({ from }) => 'box' in from)!.landings = [{ conductor: 'hot', on: 'nothing' }]),
			/\.landings: cable “\w+” doesn’t start at a panel/
		],
		[
			'one conductor landed twice',
			us,
			({ cables }) =>
				(cables.find(({ from }) => 'panel' in from)!.landings = [
					{ conductor: 'hot', on: 'nothing' },
					{ conductor: 'hot', on: 'hot' }
				]),
			/landings\[1\]\.conductor: “hot” is named twice/
		],
		[
			'a cable from another panel than its breaker’s',
			() => {
				const house = us();
				house.panels.push({
					...structuredClone(house.panels[0]!),
					id: 'shed',
					fedFrom: { breaker: house.panels[0]!.breakers[0]!.id, lengthM: 9, size: '10AWG' },
					breakers: []
				});
				return house;
			},
			({ cables }) => (cables.find(({ from }) => 'panel' in from)!.from = { panel: 'shed' }),
			/from\.panel: cable “\w+” starts at another panel than the breaker/
		],
		[
			'a ring that doesn’t come back',
			uk,
			(house) => {
				const back = house.cables.findLast(({ from }) => 'panel' in from)!;
				house.cables = house.cables.filter((cable) => cable !== back);
				for (const box of house.boxes)
					box.terminations = box.terminations.filter(({ cable }) => cable !== back.id);
			},
			/^circuits\[0\]\.arrangement: circuit “\w+” is a ring, and its cables don’t lead back/
		],
		[
			'a loop through another circuit’s cable',
			() => arranged('sharedNeutralMiddle'),
			(house) => {
				const red = house.cables
					.flatMap(({ conductors }) => conductors)
					.find(({ circuit }) => circuit !== undefined)!;
				const [from, to] = [house.boxes[0]!, house.boxes[1]!];
				const conductors = [{ id: 'loop', role: 'hot' as const, colour: 'red' as const }];
				house.cables.push({
					...house.cables[0]!,
					id: 'loop',
					circuit: red.circuit!,
					from: { box: from.id },
					to: { box: to.id },
					conductors
				});
				for (const box of [from, to])
					box.terminations.push({ cable: 'loop', conductor: 'loop', at: 'capped' });
			},
			/closes a loop in circuit/
		],
		[
			'an unknown supply cable',
			us,
			(house) =>
				(boxIn(house).supply = { cables: ['nosuch'], by: 'resistance', on: '2026-11-24', readings: [] }),
			/supply\.cables\[0\]: cable “nosuch” doesn’t enter box/
		],
		[
			'a supply cable twice',
			us,
			(house) =>
				(boxIn(house).supply = { cables: ['c2', 'c2'], by: 'resistance', on: '2026-11-24', readings: [] }),
			/supply\.cables\[1\]: “c2” is named twice/
		],
		[
			'worries of one id',
			us,
			(house) =>
				(boxIn(house).worries = [1, 2].map(() => ({ id: 'w', kind: 'other', note: '', seen: '2026-11-24' }))),
			/worries\[1\]\.id: the id “w” is used twice/
		],
		[
			'the switch of a half that isn’t there',
			uk,
			(house) => Object.assign(boxIn(house).device!, { off: ['only'] }),
			/device\.off\[0\]: there is no half “only”/
		],
		[
			'a conductor too thick for how it is held',
			us,
			(house) => {
				const cable = house.cables.find(({ from }) => 'panel' in from)!;
				cable.size = '8AWG';
				const box = house.boxes.find(({ id }) => id === cable.to.box)!;
				box.terminations.find(({ cable: id, at }) => id === cable.id && at.startsWith('terminal:'))!.how =
					'hook';
			},
			/8 AWG is too thick for a hook under a screw, which takes up to 10 AWG/
		],
		[
			'a joint held by a hook',
			us,
			(house) => (boxIn(house).joints[0]!.how = 'hook'),
			/joints\[0\]\.how: joint “\w+” is held by a hook under a screw; wires are joined by a connector/
		],
		[
			'a pigtail from nothing to nothing',
			us,
			(house) => Object.assign(boxIn(house).pigtails[0]!, { from: 'bare', to: 'capped' }),
			/pigtails\[0\]: pigtail “\w+” leads from nothing to nothing/
		],
		[
			'metric cable in a us home',
			us,
			({ cables }) => (cables[0]!.size = '2.5mm2'),
			/2\.5 mm² cable is sold in the other/
		],
		[
			'a us device in a uk home',
			uk,
			(house) => (boxIn(house).device = boxIn(us()).device),
			/a “duplex” is sold in the other/
		],
		[
			'a uk voltage in a us home',
			us,
			({ service }) => (service.voltageV = 230),
			/^service\.voltageV: 230 V is no supply/
		],
		[
			'a us voltage in a uk home',
			uk,
			({ service }) => (service.voltageV = 120),
			/^service\.voltageV: 120 V is no supply/
		],
		[
			'thin breakers in a uk unit',
			uk,
			({ panels }) => (panels[0]!.breakers[0]!.tandem = 'a'),
			/tandem: thin breakers that share a space are found in us panels only/
		],
		[
			'metal on a sheath that has none',
			us,
			({ cables }) => (cables[0]!.metal = { resistanceOhm: 0.3 }),
			/metal: a nonmetallic sheath has no metal/
		],
		['a blank name', us, (house) => (house.name = '   '), /^name: is empty/],
		['a name of nothing to see', us, (house) => (house.name = '\u200b\u2060'), /^name: has nothing in it/],
		[
			'a control character',
			us,
			(house) => (house.rooms[0]!.name = 'a\u0007b'),
			/^rooms\[0\]\.name: has a control/
		],
		['U+0000', us, (house) => (boxIn(house).name = 'a\u0000'), /name: has a control character/],
		[
			'half a surrogate pair',
			us,
			(house) => (house.note = 'x\ud800'),
			/^note: has a control character or half/
		]
	])('%s', (_, house, change, said) => {
		expect(wrong(house(), () => undefined)).toEqual([]);
		const found = wrong(house(), change);
		expect(
			found.some((each) => said.test(each)),
			found.join('\n')
		).toBe(true);
	});

	it('says it in the trade’s words, and echoes no more than 60 characters', () => {
		const long = 'a'.repeat(500);
		const said = [
			wrong(fennelLaneRecorded(), (house) => Object.assign(house, { [long]: 1 })),
			wrong(fennelLaneRecorded(), (house) => Object.assign(house.service, { voltageV: 'many' })),
			wrong(fennelLaneRecorded(), (house) => Object.assign(house.boxes[0]!, { material: 'wood' })),
			wrong(fennelLaneRecorded(), (house) => Object.assign(house.boxes[0]!.device!, { kind: 'toaster' })),
			wrong(fennelLaneRecorded(), (house) => Object.assign(house.panels[0]!, { breakers: undefined })),
			wrong(fennelLaneRecorded(), (house) => Object.assign(house.cables[0]!, { id: 'Ünknown id' })),
			wrong(tanneryRow(), (house) => (house.boxes[0]!.terminations[0]!.at = 'nowhere'))
		].flat();
		expect(said).toHaveLength(7);
		for (const each of said) {
			expect(each).not.toMatch(/expected|received|invalid|unrecognized|zod/i);
			expect(each).not.toMatch(/a{61}/);
			expect(each.length).toBeLessThan(400);
		}
		expect(said[1]).toBe('service.voltageV: should be a number');
		expect(said[2]).toBe('boxes[0].material: should be one of: metal, plastic');
		expect(said[4]).toBe('panels[0].breakers: is missing');
	});
});

describe('text where it enters', () => {
	it('tells what can be stored and what shows', () => {
		expect(['Küche', '居間', 'a\tb\nc', '👩‍🔧'].every(storable)).toBe(true);
		expect(['\u0000', 'a\u001b', '\ud83d', '\udc00x', '\u0085'].some(storable)).toBe(false);
		expect(['a', '居', '·'].every(visible)).toBe(true);
		expect(['', ' \u00a0', '\u200b', '\ufeff\u2063', '\u3164'].some(visible)).toBe(false);
		expect(allStorable({ a: ['x', { b: 'y' }] })).toBe(true);
		expect(allStorable({ a: ['x', { 'b\u0000': 'y' }] })).toBe(false);
	});
	it('a byte-order mark is read past, and what isn’t JSON says where', () => {
		expect(readJson('\ufeff{"a": 1}')).toEqual({ ok: true, value: { a: 1 } });
		expect(readJson('{\n  "a": oops\n}')).toEqual({ ok: false, line: 2, column: 8 });
	});
});
