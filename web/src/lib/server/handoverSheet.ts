import { provenRows } from './proofRows';
import { circuitsInBox, findBox, findBreaker, placeName, type House } from '@wary/core/house';
import {
	believedHouse,
	mustStop,
	recordedWay,
	severityOf,
	wayNow,
	wiringDuring,
	type Condition,
	type JobPlan,
	type JobRecord,
	type JobState
} from '@wary/core/job';
import { conditionWords, severityWords, stopWords } from '$words/conditions';
import { clock, moment } from '$words/dates';
import { deviceWords } from '$words/devices';
import { readingWords } from '$words/events';
import { words as w } from '$words/job/handover/page';
import { leftWords } from '$words/left';
import { recordLines } from '$words/recordLines';
import {
	breakerNames,
	cableWords,
	capital,
	namedBreakers,
	pairWords,
	shortWire,
	supplyByWords,
	terms
} from '$words/terms';
import type { Named, OfBox } from './recordSheet';
import type { HandoverSheet } from './toldSchema';

/** What one box is handed on with: why it stopped, how it is left, what was seen, read and done. `elsewhere`: the box that ended the job, where it isn’t this one. */
export function handoverSheet(house: House, job: Named, one: OfBox, elsewhere: string | null): HandoverSheet {
	const { plan, state, record, events } = one;
	const last = <K extends string>(kind: K) => events.findLast(({ body }) => body.kind === kind)?.body;
	const inspected = last('inspect');
	const conditions = inspected?.kind === 'inspect' ? conditionsOf(plan, inspected) : [];
	const looked = last('lookOver');
	const note = last('stop');
	const stopped = job.outcome === 'stopped';
	return {
		boxId: plan.boxId,
		region: plan.region,
		place: placeName(house, findBox(house, plan.boxId)!),
		by: writtenBy(house, job, one),
		stopped,
		reasons: reasonsOf(one, elsewhere, conditions).map((each) => {
			const { why, tell } = stopWords(plan.region)[each];
			return { key: each, why: `${why}.`, tell };
		}),
		elsewhere: elsewhere && w.stoppedElsewhere(elsewhere),
		note: note?.kind === 'stop' ? note.note : '',
		left: leftWords(house, plan, state, stopped),
		asLeft: findBox(wiringDuring(believedHouse(house, plan, state), plan, state), plan.boxId)!,
		seen: (looked?.kind === 'lookOver' && looked.seen) || null,
		supply: plan.supplyCables.length > 1 ? supplyOf(house, plan, state) : null,
		inspected: inspected !== undefined,
		conditions: conditions.map(({ key, text, severity }) => ({ key, text, severity })),
		readings: readingsOf(house, plan, record, state),
		wirings: plan.work && { foundAs: plan.foundAs ?? null, wanted: wayNow(plan.work, state).wanted }
	};
}

function writtenBy(house: House, job: Named, { plan, state, record }: OfBox): string {
	const feeder = state.feeder ?? plan.recordedBreaker;
	const rated = findBreaker(house, feeder);
	return w.by(
		circuitsInBox(house, plan.boxId)[0]?.name ?? '',
		namedBreakers(house, feeder),
		rated ? `, ${rated.ratingA} A` : '',
		deviceWords(plan.oldDevice, plan.region),
		job.who,
		record.endedAt ? `, ${w.utc(moment(record.endedAt, terms[plan.region].locale))}` : ''
	);
}

interface ConditionSeen {
	readonly key: Condition;
	readonly sure: boolean;
	readonly text: string;
	readonly severity: string;
}
/** What was seen of its condition, sure or not, and where. */
function conditionsOf(
	plan: JobPlan,
	{
		answers,
		where
	}: { readonly answers: object; readonly where?: Readonly<Record<string, readonly string[]>> | undefined }
): ConditionSeen[] {
	const wire = (id: string) => {
		if (id === 'device') return w.the(terms[plan.region].outlet);
		const found = plan.takeOff.flatMap(({ wires }) => wires).find((each) => each.id === id);
		return found ? shortWire(plan, found) : id;
	};
	return (Object.entries(answers) as [Condition, 'no' | 'yes' | 'unsure'][])
		.filter(([, answer]) => answer !== 'no')
		.map(([key, answer]) => {
			const on = where?.[key] ?? [];
			const look = conditionWords(plan.region)[key].look + (answer === 'unsure' ? ` ${w.notSure}` : '');
			return {
				key,
				sure: answer === 'yes',
				text: on.length > 0 ? `${look}: ${on.map(wire).join(', ')}` : look,
				severity: severityWords[severityOf(key)]
			};
		});
}

/** The reason the job ended by, and every other thing found that would have ended it. */
function reasonsOf({ state }: OfBox, elsewhere: string | null, conditions: readonly ConditionSeen[]) {
	const reason = elsewhere ? null : (state.stopReason ?? mustStop(state));
	const found = conditions.filter(({ key, sure }) => sure && severityOf(key) === 'stop');
	return [...new Set([...(reason ? [reason] : []), ...found.map(({ key }) => key)])];
}

const supplyOf = (house: House, plan: JobPlan, { supply }: JobState): string =>
	supply.outcome === 'found'
		? w.foundBy(
				supply.found.map((cable) => cableWords(house, plan, cable)).join(' and '),
				supply.by === null ? '' : supplyByWords[recordedWay[supply.by]]
			)
		: w.notTested;

/** What was read, what was proven, what said stop, and what was done. */
function readingsOf(house: House, plan: JobPlan, record: JobRecord, { earth }: JobState) {
	const lines = (events: JobRecord['live']) =>
		recordLines(events, house, plan, earth).map(({ key, text, value }) => ({ key, text, value }));
	return {
		live: lines(record.live),
		proofs: provenRows(record.proofs).map(({ proof, parted }) => ({
			key: proof.at + proof.scope,
			caption: w.deadUtcOffTesterProved(
				proof.scope === 'bare' ? w.onTheBareConductors : w.atTheFace,
				clock(proof.at),
				terms[plan.region].breaker,
				breakerNames(house, proof.breakers),
				readingWords(proof.before.reading),
				readingWords(proof.after.reading)
			),
			lines: [
				...proof.pairs.map(({ pair, taken }) => ({
					key: pair,
					text: capital(pairWords(plan, pair, earth)),
					value: readingWords(taken.reading)
				})),
				...parted.flatMap(({ pairs }, k) =>
					pairs.map(({ pair, taken }) => ({
						key: `${k} ${pair}`,
						text: w.apart(capital(pairWords(plan, pair, earth))),
						value: readingWords(taken.reading)
					}))
				)
			]
		})),
		refuted: lines(record.refuted),
		done: recordLines([...record.work, ...record.notes], house, plan, earth).map(
			({ key, at, text, value }) => ({ key, at: clock(at), text: value ? `${text}: ${value}` : text })
		)
	};
}
