import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import type { House } from '@wary/core/house';
import { conditions, nextStep, recordOf, type Refusal, type StopReason } from '@wary/core/job';
import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../../../core/test/person';
import { conditionWords, stopWords } from '$words/conditions';
import { stripWords } from '$words/energy';
import { eventWords } from '$words/events';
import { mountingOf } from '@wary/core/sums';
import { foundWords } from '$words/found';
import { mountingWords } from '$words/job/steps/mounting';
import { leftWords } from '$words/left';
import { loadedFound } from '$words/steps/loaded';
import { recordLines } from '$words/recordLines';
import { refusalWords } from '$words/refusals';
import { carriedWords, stepWords, visitWords } from '$words/steps';
import { visitsOf } from '@wary/core/job';

const jobs: [string, House, House, string, string[], string[]][] = [
	[
		'us',
		fennelLaneRecorded(),
		fennelLaneActual(),
		'sewing-east-wall',
		['b11', 'b14'],
		['earth', 'socket-outlet', 'consumer unit', 'MCB']
	],
	[
		'uk',
		tanneryRow(),
		tanneryRow(),
		'box-room-desk',
		['b5'],
		['receptacle', 'breaker ', 'yoke screws', 'NEC']
	]
];
const said = (words: object): string[] =>
	Object.values(words).filter((value): value is string => typeof value === 'string');
const whole = (texts: string[]) => {
	for (const text of texts)
		expect(text).not.toMatch(/undefined|NaN|null|\[object|\bhot(Upper|Lower)|ground[AB]\b/);
};

describe.each(jobs)('the words of a whole job, %s', (region, recorded, actual, box, breakers, foreign) => {
	const person = new Person(recorded, actual, planOf(recorded, box), [...breakers]);
	const seen: string[] = [];
	const kinds = new Set<string>();
	for (let count = 0; count < 150 && person.state.status === 'underWay'; count++) {
		const telling = { house: recorded, plan: person.plan, state: person.state };
		const step = nextStep(person.plan, person.state)!;
		kinds.add(step.kind);
		seen.push(...said(stepWords(step, telling)), ...said(stripWords(recorded, person.plan, person.state)));
		person.go();
	}

	it('says something whole at every step', () => {
		expect(person.state.status).toBe('finished');
		expect(kinds.size).toBeGreaterThan(15);
		whole(seen);
		expect(seen.every((text, k) => text.length > 0 || k >= 0)).toBe(true);
	});

	it(`speaks the trade's words of ${region}, not the other's`, () => {
		for (const word of foreign) expect(seen.filter((text) => text.includes(word))).toEqual([]);
	});

	it('tells every event, and a record that joins what belongs together', () => {
		const lines = person.events.map((event) => eventWords(event, recorded, person.plan));
		whole(lines.flatMap(said));
		expect(lines.every(({ text }) => text.length > 0)).toBe(true);
		const { work } = recordOf(person.plan, person.events, person.state);
		const joined = recordLines(work, recorded, person.plan);
		expect(joined.filter(({ text }) => text.startsWith('Taken off'))).toHaveLength(1);
		const lands = person.plan.work!.ways[0]!.moves.filter(({ kind }) => kind === 'land');
		const put = joined.filter(({ text }) => text.startsWith('Put on, each tugged'));
		expect(put.map(({ text }) => text.split('; ').length)).toEqual([lands.length]);
	});

	it('has words for every refusal, condition, reason, visit and thing to carry', () => {
		const refusals: Refusal[] = [
			{ code: 'over', status: 'finished' },
			{ code: 'notProvenDead', energy: 'expectedDead', next: { kind: 'hold' } },
			{ code: 'notNow', next: null },
			{ code: 'makeSafeFirst', next: { kind: 'cap' } },
			{ code: 'boxOpen' },
			{ code: 'unknownBreaker', breaker: 'b99' },
			{ code: 'notSwitchedOff', breaker: 'b5' },
			{ code: 'unknownPair', pair: 'x' },
			{ code: 'unknownSource', source: 'x' },
			{ code: 'unknownReading', id: 'x' },
			{ code: 'otherInstrument' },
			{ code: 'outOfRange' },
			{ code: 'needsLowImpedance' },
			{ code: 'conductorKnown', id: 'x' },
			{ code: 'toolsMissing', missing: ['tester'] }
		];
		const texts = refusals.map((refusal) => refusalWords(refusal, recorded, person.plan, person.state));
		whole(texts);
		expect(new Set(texts).size).toBe(refusals.length);
		const looks = conditionWords(person.plan.region);
		for (const condition of conditions) expect(looks[condition].look.length).toBeGreaterThan(5);
		for (const reason of [...conditions, 'notAsRecorded', 'unsure', 'deadBefore'] as StopReason[])
			whole(said(stopWords(person.plan.region)[reason]));
		for (const { id, carry } of visitsOf(person.plan))
			whole([...said(visitWords(person.plan, recorded)[id]), ...carry.map((thing) => carriedWords[thing])]);
	});
});

it('after a burn the record names the outlets of the same breaker, and nothing else asks for that', () => {
	const recorded = fennelLaneRecorded();
	const plan = planOf(recorded, 'bedroom-window');
	const burned = foundWords({ kind: 'condition', condition: 'scorchLocal' }, recorded, plan);
	for (const name of ['Bedroom, bed left', 'Bedroom, dresser']) expect(burned).toContain(name);
	expect(burned).not.toContain('Bedroom, window');
	expect(burned).not.toContain('Nursery');
	expect(foundWords({ kind: 'condition', condition: 'nicked' }, recorded, plan)).not.toContain('same hand');
});

it('a loaded test that fails says what it is, how much, and where to go on; a sound one says nothing', () => {
	const verdict = { ohm: 1.26, expectedOhm: 0.46, heatW: 96.8, feed: 'high', neutral: 'sound' } as const;
	const said = loadedFound(verdict, 'us');
	expect(said).toContain('1.26 Ω');
	expect(said).toContain('about 95 W of heat');
	expect(said).toContain('outlet before this one');
	expect(loadedFound({ ...verdict, feed: 'sound', heatW: 0 }, 'us')).toBe('');
	expect(loadedFound({ ...verdict, feed: 'sound', neutral: 'none' }, 'uk')).toContain(
		'earth stayed at nothing'
	);
});

describe('how a job leaves things', () => {
	it('says of a job at every step how it leaves wires and box, and never that a bare end is on something', () => {
		const actual = fennelLaneActual();
		const recorded = fennelLaneRecorded();
		const person = new Person(recorded, actual, planOf(recorded, 'sewing-east-wall'), ['b14']);
		const said = new Set<string>();
		while (nextStep(person.plan, person.state)?.kind !== 'finish') {
			const lines = leftWords(recorded, person.plan, person.state, false);
			lines.forEach((line) => said.add(line));
			const bare = Object.values(person.state.wires).some((wire) => wire === 'off' || wire === 'ready');
			expect(
				lines.some((line) => line.includes('off and bare') || line.startsWith('Off and bare')),
				lines.join(' ')
			).toBe(bare);
			if (bare) expect(lines.join(' ')).not.toContain('Every wire');
			person.go();
		}
		expect([...said]).toContain('Every wire still sits on the old outlet.');
		expect([...said]).toContainEqual(expect.stringMatching(/^On the new part: /));
	});
});

it('what a box that lies wrong takes is said in the sizes of its region, and never as nothing', () => {
	const us = mountingWords('us', mountingOf('us', { sunkMm: 10, burns: true, gapMm: 5 }));
	expect(us.join(' ')).toContain('6-32 screws of 1 in.');
	expect(us.join(' ')).toContain('extension ring');
	expect(us.join(' ')).toContain('314.21');
	const uk = mountingWords('uk', mountingOf('uk', { sunkMm: 12, burns: false, gapMm: 0, depthMm: 35 }));
	expect(uk.join(' ')).toContain('M3.5 screws of 35 mm');
	expect(uk.join(' ')).toContain('cable detector');
	expect(uk.join(' ')).not.toMatch(/NEC|6-32|Spacer/);
	expect(mountingWords('us', mountingOf('us', { sunkMm: 95, burns: false, gapMm: 0 }))[0]).toMatch(
		/No screw/
	);
});
