import { findBox, type House } from '@wary/core/house';
import { wiringDuring, type JobPlan, type JobState, type WireState } from '@wary/core/job';
import { endsOf, type End } from '@wary/core/wiring';
import { putBackKind } from './devices';
import { atBoxOf } from './steps/atBox';
import { endsWords } from './work';
import { holdWords } from './energy';
import { capital, terms, namedBreakers } from './terms';

/** How a job leaves power, wires and box, for whoever goes on. */
export function leftWords(house: House, plan: JobPlan, state: JobState, stopped: boolean): string[] {
	const { off, hold } = state.isolation;
	const apart = Object.values(state.wires).every((wire) => wire !== 'onOld');
	return [
		off.length > 0
			? `${capital(namedBreakers(house, off))} is off${hold ? `, ${holdWords[hold]}` : ''}${state.tagged && hold !== 'tape' ? ', tagged' : ''}.${stopped ? ' It stays so.' : ''}`
			: 'Power is on: nothing was left switched off.',
		...(plan.work && apart ? endsLeft(house, plan, state) : wiresLeft(plan, state)),
		boxWords(state, stopped)
	];
}

/** Where the wires are, by the terminals of the old part. */
function wiresLeft(plan: JobPlan, { wires }: JobState): string[] {
	const t = terms[plan.region];
	const count = (...kinds: WireState[]) => Object.values(wires).filter((each) => kinds.includes(each)).length;
	const total = Object.keys(wires).length;
	const bare = count('off', 'ready');
	const fitted = count('onNew', 'tugged');
	const old = count('onOld');
	if (plan.putBack) return [`Every wire still sits on the ${putBackKind(plan)}, as it was found.`];
	return [
		...(old === total ? [`Every wire still sits on the old ${t.outlet}.`] : []),
		...(old > 0 && old < total
			? [`${capital(terminals(old))} of the old ${t.outlet} still hold their wires.`]
			: []),
		...(bare > 0 ? [`The wires of ${terminals(bare)} are off and bare.`] : []),
		...(count('capped') > 0
			? [`The wires of ${terminals(count('capped'))} are capped, each by itself.`]
			: []),
		...(fitted === total
			? ['Every wire is on the new part.']
			: fitted > 0
				? [`The wires of ${terminals(fitted)} are on the new part.`]
				: [])
	];
}

/** Where every end is, once something else goes in and the wires are off the old part. */
function endsLeft(house: House, plan: JobPlan, state: JobState): string[] {
	const box = findBox(wiringDuring(house, plan, state), plan.boxId)!;
	const at = atBoxOf({ house, plan });
	const there = (is: (at: string) => boolean): End[] =>
		endsOf(box).flatMap((placed) => (is(placed.at) ? [placed.end] : []));
	const line = (words: string, ends: readonly End[]) =>
		ends.length > 0 ? [`${words}: ${endsWords(ends, at)}.`] : [];
	const off = there((place) => place === 'bare');
	return [
		...line(
			'On the new part',
			there((place) => place.startsWith('terminal:'))
		),
		...line(
			'Joined in connectors',
			there((place) => place.startsWith('joint:'))
		),
		...line(
			'Capped, each by itself',
			there((place) => place === 'capped')
		),
		...line('Off and bare', off)
	];
}

const terminals = (count: number): string => (count === 1 ? 'one terminal' : `${count} terminals`);

const boxWords = ({ device, closedUp, supply }: JobState, stopped: boolean): string => {
	if (supply.trial?.inWall === true)
		return 'The new part is screwed into the box with one cable on LINE, to find the supply. It is not finished.';
	if (device === 'oldSeated') return 'The box is closed as it was.';
	if (device === 'newSeated') return 'The new part is screwed home.';
	if (closedUp) return 'Everything is folded back and the box is covered.';
	return stopped ? 'The box is open. It wasn’t proven dead: nobody touches it.' : 'The box is open.';
};
