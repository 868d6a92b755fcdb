import type { House } from '@wary/core/house';
import type { JobPlan, JobState, WireState } from '@wary/core/job';
import { holdWords } from './energy';
import { capital, terms, namedBreakers } from './terms';

/** How a job leaves power, wires and box, for whoever goes on. */
export function leftWords(house: House, plan: JobPlan, state: JobState, stopped: boolean): string[] {
	const t = terms[plan.region];
	const { off, hold } = state.isolation;
	const count = (...kinds: WireState[]) =>
		Object.values(state.wires).filter((each) => kinds.includes(each)).length;
	const total = Object.keys(state.wires).length;
	const bare = count('off', 'ready');
	const fitted = count('onNew', 'tugged');
	const old = count('onOld');
	return [
		off.length > 0
			? `${capital(namedBreakers(house, off))} is off${hold ? `, ${holdWords[hold]}` : ''}${state.tagged && hold !== 'tape' ? ', tagged' : ''}.${stopped ? ' It stays so.' : ''}`
			: 'Power is on: nothing was left switched off.',
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
				: []),
		boxWords(state, stopped)
	];
}

const terminals = (count: number): string => (count === 1 ? 'one terminal' : `${count} terminals`);

const boxWords = ({ device, closedUp }: JobState, stopped: boolean): string => {
	if (device === 'oldSeated') return 'The box is closed as it was.';
	if (device === 'newSeated') return 'The new part is screwed home.';
	if (closedUp) return 'Everything is folded back and the box is covered.';
	return stopped ? 'The box is open. It wasn’t proven dead: nobody touches it.' : 'The box is open.';
};
