import { provenRows, type ProvenRow } from './proofRows';
import { findBox, findBreaker, placeName, type House } from '@wary/core/house';
import {
	comparedOf,
	wayNow,
	type Compared,
	type JobEvent,
	type JobPlan,
	type JobRecord,
	type JobState
} from '@wary/core/job';
import type { Region } from '@wary/core/rules';
import { clock, moment } from '$words/dates';
import { deviceWords } from '$words/devices';
import { holdWords } from '$words/energy';
import { readingWords } from '$words/events';
import { foundWords } from '$words/found';
import { words as w } from '$words/job/record/page';
import { lampsWords } from '$words/lamps';
import { recordLines } from '$words/recordLines';
import type { RecordSheet } from './toldSchema';
import { breakerName, breakerNames, capital, halfWords, pairWords, terms } from '$words/terms';

/** A job as its record names it. */
export interface Named {
	readonly who: string;
	readonly startedAt: string;
	readonly outcome: 'finished' | 'stopped' | null;
}
/** What a job came to at one of its boxes. */
export interface OfBox {
	readonly plan: JobPlan;
	readonly state: JobState;
	readonly events: readonly JobEvent[];
	readonly record: JobRecord;
}

/** The record of one box as it is read: worked out where the house is, so that a page carries what it shows and nothing else. */
export function recordSheet(house: House, job: Named, one: OfBox): RecordSheet {
	const { plan, record, state, events } = one;
	const { locale } = terms[plan.region];
	return {
		boxId: plan.boxId,
		place: placeName(house, findBox(house, plan.boxId)!),
		outcome: w.outcomes[job.outcome ?? 'underWay'],
		endedAt: record.endedAt ? w.utc(moment(record.endedAt, locale)) : null,
		facts: factsOf(house, job, one),
		worries: record.worries.map((worry) => foundWords(worry, house, plan)),
		resolutions: record.resolutions.map((each) => ({
			key: each.pair,
			text: `${capital(pairWords(plan, each.pair, state.earth))}: ${
				each.endedAs === 'induced'
					? w.inducedDrainedByALoad
					: each.endedAs === 'backFed'
						? w.backFedByGoneWhen(breakerName(house, each.by))
						: w.neverSettled
			}`
		})),
		proofs: provenRows(record.proofs).map((row) => proofOf(house, plan, state, row)),
		compared: comparedOf(plan, state, events).map((each) => comparedLine(each, plan.region)),
		groups: groupsOf(record).map(({ title, events }) => ({
			title,
			lines: recordLines(events, house, plan, state.earth)
		})),
		wirings: plan.work && {
			foundAs: plan.foundAs ?? null,
			wanted: wayNow(plan.work, state).wanted,
			done: job.outcome === 'finished',
			alike: plan.work.same && !plan.foundAs
		}
	};
}

/** Who, when, which breaker, what came out and what went in. */
function factsOf(house: House, job: Named, { plan, record, state }: OfBox) {
	const t = terms[plan.region];
	// What was off when it was last proven dead, without what had been shown not to feed it.
	const feeders = (record.proofs.at(-1)?.breakers ?? [state.feeder ?? plan.recordedBreaker]).filter(
		(id) => !state.isolation.notFeeding.includes(id)
	);
	const rated = feeders.length === 1 ? findBreaker(house, feeders[0]!) : undefined;
	const asRecorded = feeders.length !== 1 || feeders[0] === plan.recordedBreaker;
	const fact = (name: string, text: string | null) => (text === null ? [] : [{ name, text }]);
	return [
		...fact(w.who, job.who),
		...fact(w.begun, w.utc(moment(job.startedAt, t.locale))),
		...fact(
			capital(t.breaker),
			breakerNames(house, feeders) +
				(rated ? `, ${rated.ratingA} A` : '') +
				(asRecorded ? '' : ` ${w.directorySaid(breakerName(house, plan.recordedBreaker))}`)
		),
		...fact(w.takenOut, deviceWords(plan.oldDevice, plan.region)),
		...fact(
			plan.putBack ? w.putBack : w.putIn,
			job.outcome === 'finished' ? deviceWords(plan.newDevice, plan.region) : null
		),
		...fact(w.directory, state.directory ? `“${state.directory}”` : null)
	];
}

/** One proof of dead: what was off and held, every pair, the tester before and after. */
function proofOf(house: House, plan: JobPlan, { earth }: JobState, { proof, parted }: ProvenRow) {
	return {
		key: proof.at + proof.scope,
		caption: w.utcOff(
			proof.scope === 'bare' ? w.onTheBareConductors : w.atTheFace,
			clock(proof.at),
			terms[plan.region].breaker,
			proof.breakers.map((id) => breakerName(house, id)).join(', '),
			holdWords[proof.hold as keyof typeof holdWords]
		),
		rows: [
			{ key: 'before', text: w.testerProved, value: readingWords(proof.before.reading) },
			...proof.pairs.map(({ pair, taken }) => ({
				key: pair,
				text: capital(pairWords(plan, pair, earth)),
				value: readingWords(taken.reading)
			})),
			{ key: 'after', text: w.testerProvedAgain, value: readingWords(proof.after.reading) },
			...parted.flatMap(({ pairs, after }, k) => [
				...pairs.map(({ pair, taken }) => ({
					key: `${k} ${pair}`,
					text: w.apart(capital(pairWords(plan, pair, earth))),
					value: readingWords(taken.reading)
				})),
				{ key: `${k} after`, text: w.testerProvedAgain, value: readingWords(after.reading) }
			])
		]
	};
}

const groupsOf = (record: JobRecord) =>
	[
		// What was found is set beside the final test.
		{
			title: w.liveBeforeAnythingWasSwitched,
			events: record.live.filter(({ body }) => body.kind !== 'readAsFound')
		},
		{ title: w.switching, events: record.isolation },
		{ title: w.readingsThatSaidStop, events: record.refuted },
		{ title: w.work, events: record.work },
		{ title: w.testsAfter, events: record.tests },
		{ title: w.notes, events: record.notes }
	].filter(({ events }) => events.length > 0);

export type ComparedLine = RecordSheet['compared'][number];

function comparedLine({ half, before, after, comes }: Compared, region: Region): ComparedLine {
	const shown = (at: Compared['before'] | Compared['after']) =>
		at
			? `${'lamps' in at ? lampsWords(at.lamps, region) : readingWords(at.hotNeutral)}${at.holds === null ? '' : at.holds ? w.plugHolds : w.plugSlips}`
			: w.notRead;
	return {
		half: capital(halfWords[half]),
		before: shown(before),
		after: shown(after),
		comes: w.comes[comes],
		stands: comes === 'madeHere' || comes === 'inherited'
	};
}
