import type { House } from '@wary/core/house';
import { tagDrawing, type Drawing } from '@wary/core/files';
import type { JobPlan, JobState } from '@wary/core/job';
import { moment } from './dates';
import { boxPlace, breakerNames, capital, terms } from './terms';

/** The tag for a job as it stands: what is off, who did it and when. Times as the reader's server has them, UTC. */
export function tagOf(job: { house: House; plan: JobPlan; state: JobState; who: string; at: string }): Drawing {
	const { house, plan, state, who, at } = job;
	const t = terms[plan.region];
	const off = state.isolation.off.length > 0 ? state.isolation.off : [plan.recordedBreaker];
	const circuits = house.circuits.filter(({ breaker }) => off.includes(breaker)).map(({ name }) => name);
	return tagDrawing({
		doNot: 'DO NOT\nSWITCH ON',
		rows: [
			{ what: t.breaker, text: breakerNames(house, off) },
			{ what: 'circuit', text: circuits.join(', ') || 'not on record' },
			{ what: 'somebody works at', text: boxPlace(house, plan.boxId) },
			{ what: 'off by', text: who },
			{ what: 'since', text: `${moment(at, t.locale)} UTC` }
		],
		foot: capital('only the person named takes this off')
	});
}
