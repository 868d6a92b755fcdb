import type { House } from '@wary/core/house';
import { tagDrawing, type Drawing } from '@wary/core/files';
import type { JobPlan, JobState } from '@wary/core/job';
import { momentIn } from './dates';
import { boxPlace, breakerNames, capital, terms } from './terms';

/** The tag for a job as it stands: what is off, who did it and when. In the reader's time zone. */
export function tagOf(job: {
	house: House;
	plan: JobPlan;
	/** Every outlet of the job. */
	boxIds: readonly string[];
	state: JobState;
	who: string;
	at: string;
	timeZone: string | null;
}): Drawing {
	const { house, plan, boxIds, state, who, at, timeZone } = job;
	const t = terms[plan.region];
	const off = state.isolation.off.length > 0 ? state.isolation.off : [plan.recordedBreaker];
	const circuits = house.circuits.filter(({ breaker }) => off.includes(breaker)).map(({ name }) => name);
	return tagDrawing({
		doNot: 'DO NOT\nSWITCH ON',
		rows: [
			{ what: t.breaker, text: breakerNames(house, off) },
			{ what: 'circuit', text: circuits.join(', ') || 'not on record' },
			{ what: 'somebody works at', text: boxIds.map((id) => boxPlace(house, id)).join(', ') },
			{ what: 'off by', text: who },
			{ what: 'since', text: momentIn(at, t.locale, timeZone) }
		],
		foot: capital('only the person named takes this off')
	});
}
