import type { House } from '@wary/core/house';
import { tagDrawing, type Drawing } from '@wary/core/files';
import { believedHouse, type JobPlan, type JobState } from '@wary/core/job';
import { momentIn } from './dates';
import { boxPlace, breakerNames, capital, isFuse, terms } from './terms';

/** To be written on it by hand: never what may turn out to be another breaker. */
const byHand = '……………………';

/** The tag for a job as it stands: what is off, who did it and when. In the reader's time zone. */
export function tagOf(job: {
	house: House;
	plan: JobPlan;
	/** Every outlet of the job. */
	boxIds: readonly string[];
	state: JobState;
	who: string;
	/** When it was switched off; `null`: nothing is. */
	at: string | null;
	timeZone: string | null;
}): Drawing {
	const { house, plan, boxIds, state, who, at, timeZone } = job;
	const t = terms[plan.region];
	const { off } = state.isolation;
	// What the job found counts before what the directory says.
	const { circuits: all } = believedHouse(house, plan, state);
	const circuits = all.filter(({ breaker }) => off.includes(breaker)).map(({ name }) => name);
	// An empty holder is tagged against the fuse that somebody would push in.
	const fuses = off.length > 0 && off.every((id) => isFuse(house, id));
	return tagDrawing({
		doNot: fuses ? 'DO NOT\nPUT BACK' : 'DO NOT\nSWITCH ON',
		rows: [
			{ what: fuses ? 'fuse' : t.breaker, text: off.length > 0 ? breakerNames(house, off) : byHand },
			{ what: 'circuit', text: off.length > 0 ? circuits.join(', ') || 'not on record' : byHand },
			{ what: 'somebody works at', text: boxIds.map((id) => boxPlace(house, id)).join(', ') },
			{ what: 'off by', text: who },
			{ what: 'since', text: at === null ? byHand : momentIn(at, t.locale, timeZone) }
		],
		foot: capital('only the person named takes this off')
	});
}
