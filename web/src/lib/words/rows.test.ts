import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../../../core/test/person';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { nextStep, type Step } from '@wary/core/job';
import { answeredRows, inOneGo, rowKey, rowsOf } from '$words/steps/rows';

const jobs = [
	{
		name: 'us',
		begin: () => {
			const plan = planOf(fennelLaneRecorded(), 'sewing-east-wall');
			return new Person(fennelLaneRecorded(), fennelLaneActual(), plan, ['b14']);
		}
	},
	{
		name: 'uk',
		begin: () => new Person(tanneryRow(), tanneryRow(), planOf(tanneryRow(), 'box-room-desk'), ['b5'])
	}
];
/** Does a job to its end, and looks at every step of it. */
function through(person: Person, look: (step: Step) => void): void {
	for (let count = 0; count < 120; count++) {
		const step = nextStep(person.plan, person.state);
		if (!step) return;
		look(step);
		person.go();
	}
	throw new Error('never ended');
}

describe('what is opened and closed up in one go', () => {
	const { begin } = jobs[0]!;
	const confirmed = (step: 'plateOff' | 'plateOn'): Step => ({ kind: 'confirm', step });
	const rest = (person: Person, step: Step, alone: boolean) =>
		inOneGo(step, person.plan, person.state, alone).slice(1).map(rowKey);
	it('the outlet comes out after its plate only on a proof: without a tester the plate is all', () => {
		const person = begin();
		while (person.step?.kind !== 'confirm' || person.step.step !== 'plateOff') {
			if (person.step?.kind === 'readPair') expect(rest(person, confirmed('plateOff'), true)).toEqual([]);
			person.go();
		}
		expect(rest(person, person.step, true)).toEqual(['confirm easeOut']);
	});
	it('is looked round after the last plate alone', () => {
		const person = begin();
		while (person.step?.kind !== 'confirm' || person.step.step !== 'plateOn') person.go();
		expect(rest(person, person.step, true)).toEqual(['confirm nothingLeft']);
		expect(rest(person, person.step, false)).toEqual([]);
	});
});

describe.each(jobs)('like steps as rows of one screen, $name', ({ name, begin }) => {
	it('every step that has rows is one of them, by the same key as its answer', () => {
		const person = begin();
		through(person, (step) => {
			const rows = rowsOf(step, person.plan, person.state, true);
			if (rows) expect(rows.steps.map(rowKey)).toContain(rowKey(step));
		});
		for (const { body } of person.events)
			if (['readPair', 'takeOff', 'move', 'readOhms', 'grip'].includes(body.kind))
				expect(rowKey(body)).toMatch(/^\w+ \S/);
	});

	it('a row is answered when its own answer was given, and no row before', () => {
		const person = begin();
		let screens = 0;
		let last = '';
		through(person, (step) => {
			const rows = rowsOf(step, person.plan, person.state, true);
			if (rows?.key !== last) screens++;
			last = rows?.key ?? '';
			if (!rows) return;
			const answered = answeredRows(rows, person.events, person.state);
			const done = rows.steps.map(rowKey).filter((key) => answered.has(key));
			// Worked down from the top: what is answered stands before what is asked.
			const at = rows.steps.map(rowKey).indexOf(rowKey(step));
			expect(done).toEqual(rows.steps.slice(0, at).map(rowKey));
			for (const [key, event] of answered) expect(rowKey(event.body)).toBe(key);
		});
		expect(screens).toBeLessThan(person.events.length / 2);
	});

	it('what is said in one go is what would be asked one after the other, and never how it sits in its wall', () => {
		const person = begin();
		const offered: string[] = [];
		let coming: string[] = [];
		through(person, (step) => {
			const together = inOneGo(step, person.plan, person.state, true);
			expect(rowKey(together[0]!)).toBe(rowKey(step));
			// Nothing else comes between: the one that follows is asked next.
			if (coming.length > 0) expect(rowKey(step)).toBe(coming[0]);
			coming = together.slice(1).map(rowKey);
			if (coming.length > 0) offered.push(together.map(rowKey).join(', '));
		});
		// On the ring each terminal holds ends of two cables, which are read again as they come apart.
		expect(offered.some((all) => all.includes('takeOff'))).toBe(name === 'us');
		expect(offered.some((all) => all.includes('confirm tell'))).toBe(true);
		expect(offered.some((all) => all.includes('confirm tugAgain'))).toBe(true);
		expect(offered.filter((all) => all.includes('confirm seat'))).toEqual([]);
	});

	it('off again in one job, the house knows already: the tag is all that is asked, and all that is said in one go', () => {
		const person = begin();
		person.until('readPair');
		const breaker = person.state.isolation.off[0]!;
		person.say({ kind: 'changed', what: 'powerSeen' });
		person.say({ kind: 'switchBreaker', breaker, on: false });
		person.until('confirm');
		const step = nextStep(person.plan, person.state)!;
		expect(step).toEqual({ kind: 'confirm', step: 'tag' });
		expect(inOneGo(step, person.plan, person.state, true)).toEqual([step]);
		person.go();
		expect(nextStep(person.plan, person.state)?.kind).not.toBe('confirm');
	});

	it('what a proof begun anew no longer counts is not shown as done', () => {
		const person = begin();
		person.until('readPair');
		person.go();
		person.go();
		const rows = () => rowsOf(nextStep(person.plan, person.state)!, person.plan, person.state, true)!;
		expect(answeredRows(rows(), person.events, person.state).size).toBe(3);
		expect(person.say({ kind: 'changed', what: 'powerSeen' }).ok).toBe(true);
		const breaker = person.state.isolation.off[0]!;
		person.say({ kind: 'switchBreaker', breaker, on: false });
		person.until('proveTester');
		expect(answeredRows(rows(), person.events, person.state).size).toBe(0);
	});
});
