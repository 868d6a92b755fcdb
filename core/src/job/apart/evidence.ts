import type { JobState } from '../state';
import type { WholeJob } from '../whole';

type Facts = ReadonlyMap<string, string>;

const passed = (prefix: string, of: Readonly<Record<string, unknown>>): [string, string][] =>
	Object.entries(of).flatMap(([key, value]) => (value === 'passed' ? [[`${prefix} ${key}`, 'passed']] : []));

/** What of a box counts as shown: that it is off and kept off, each reading of its proof, that nobody is near, and every test that it passed. */
function evidenceOf(state: JobState): Facts {
	const { isolation, witness, controlled, loaded } = state;
	const { proof } = isolation;
	const facts: [string, string][] = [
		...passed('final', state.final),
		...passed('check', state.checks),
		...passed('resistance', state.resistance),
		...passed('neighbour', state.neighbours),
		...passed('grip', state.grip),
		...passed('end', state.ends)
	];
	const having = (key: string, value: string | null | undefined) => {
		if (value !== null && value !== undefined) facts.push([key, value]);
	};
	for (const [pair, { id, band }] of Object.entries(proof.pairs))
		if (band === 'dead') having(`pair ${pair}`, id);
	having('power off', isolation.power === 'off' ? 'so' : null);
	having('held', isolation.hold);
	having('clear', isolation.areaClear ? 'so' : null);
	having('tester before', proof.before?.id);
	having('tester after', proof.after?.id);
	having('witness', witness?.dark ? witness.box : null);
	having('dark', controlled.dark ? 'so' : null);
	having('works', controlled.works === 'passed' ? 'so' : null);
	having('loaded', loaded === 'passed' ? 'so' : null);
	return new Map(facts);
}

/** Whether something that counted does so no longer, or more is asked for than was: a doubt, a proof begun anew, power on, a test to be done again. */
export const undoes = (before: WholeJob, after: WholeJob): boolean =>
	someBox(before, after, (then, now) => {
		const facts = evidenceOf(now);
		const { doubt, proof } = now.isolation;
		return (
			[...evidenceOf(then).keys()].some((key) => !facts.has(key)) ||
			(doubt !== null && doubt !== then.isolation.doubt) ||
			proof.scope !== then.isolation.proof.scope ||
			proof.required.some((pair) => !then.isolation.proof.required.includes(pair))
		);
	});

/** Whether something counts that didn't: it lifts a doubt, or is evidence. */
export const proves = (before: WholeJob, after: WholeJob): boolean =>
	someBox(before, after, (then, now) => {
		const facts = evidenceOf(then);
		return (
			(then.isolation.doubt !== null && now.isolation.doubt === null) ||
			[...evidenceOf(now)].some(([key, value]) => facts.get(key) !== value)
		);
	});

const someBox = (
	before: WholeJob,
	after: WholeJob,
	differs: (then: JobState, now: JobState) => boolean
): boolean =>
	before.boxes.some((then, k) => {
		const now = after.boxes[k];
		return now !== undefined && now !== then && differs(then, now);
	});
