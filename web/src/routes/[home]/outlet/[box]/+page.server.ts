import { error } from '@sveltejs/kit';
import { editsToRecord } from '@wary/core/arrangements';
import { chainOfCircuit, circuitsInBox, findBox, once, type House } from '@wary/core/house';
import { voltsAlong } from '@wary/core/job';
import type { Reason } from '@wary/core/replacement';
import { editionFacts, editionOf } from '@wary/core/rules';
import { heavily } from '$lib/server/heavy';
import { latestHouse } from '$lib/server/households';
import { manyEvents, manyJobs, manyLiveVolts, type JobRow } from '$lib/server/jobs';
import { manyObservationsAt } from '$lib/server/observations';
import { pageHousehold } from '$lib/server/requests';
import { planFailureWords } from '$words/planFailures';
import { ruleWords } from '$words/rules/rules';
import { protectionNotice } from '$words/steps';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const [{ house, version }, jobs] = await Promise.all([
		latestHouse(household.id),
		manyJobs(household.id, params.box)
	]);
	const box = findBox(house, params.box);
	if (!box) error(404, { message: `There is no outlet “${params.box}” in this home.`, code: 'unknownBox' });
	const ended = jobs.filter(({ outcome }) => outcome !== null);
	return {
		house,
		version,
		box,
		observed: (await manyObservationsAt(household.id, box.id)).slice(0, 8),
		...(await madeOf(house, box.id)),
		underWay: jobs.find(({ outcome }) => outcome === null)?.id ?? null,
		ended,
		along: await alongCircuit(household.id, house, box.id),
		otherwise: await seenOtherwise(household.id, house, box.id, ended)
	};
}

/** What follows from the record alone: worked out once an outlet, for as long as the record is as it is. */
async function madeOf(house: House, boxId: string) {
	const known = madeKnown(house);
	const made = known.get(boxId) ?? (await make(house, boxId));
	known.set(boxId, made);
	return made;
}
const madeKnown = once((_: House) => new Map<string, Awaited<ReturnType<typeof make>>>());

async function make(house: House, boxId: string) {
	const { planned, known, reasons } = await heavily(house, 'again', boxId);
	return {
		cannot: planned.ok ? null : planFailureWords(planned.failure, house.region),
		/** Its breaker can be looked for although no job can be planned. */
		searchable: !planned.ok && ['sharedNeutral', 'planFails', 'wish'].includes(planned.failure.code),
		/** Not the same again, but something else may be planned. */
		plannable:
			!planned.ok && ['planFails', 'wish', 'groundUnused', 'nothingFitted'].includes(planned.failure.code),
		asked: planned.ok && planned.asked ? protectionNotice(planned.asked, house.region) : null,
		noResidual: planned.ok && planned.noResidual,
		also: reasons && alsoAsked(house, reasons),
		/** What the rules know of its place; `null`: it has no outlet on a circuit. */
		known: known && { facts: known.facts, assumed: known.assumed }
	};
}

/** What the rules ask for here that the same again doesn’t give, in words. */
function alsoAsked(house: House, reasons: readonly Reason[]) {
	const edition = editionOf(house);
	const { code, cited } = editionFacts[edition];
	return {
		cited: `${code} ${cited}`,
		reasons: reasons.map(({ rule, effect, clause }) => {
			const { says, then } = ruleWords(rule, house.region, edition);
			return { key: rule + effect, effect, says: `${says} ${then}`, clause };
		})
	};
}

/** Volts along the outlet’s circuit, where anybody has read any. */
async function alongCircuit(householdId: string, house: House, boxId: string) {
	const [circuit] = circuitsInBox(house, boxId);
	if (!circuit) return [];
	const boxes = chainOfCircuit(house, circuit.id).map(({ box }) => box.id);
	const read = await manyLiveVolts(householdId, boxes);
	return read.size > 0 ? voltsAlong(house, circuit.id, read) : [];
}

/** What the last job here saw in the box, where that isn't what the record says and can be put on it. */
async function seenOtherwise(householdId: string, house: House, boxId: string, ended: readonly JobRow[]) {
	const last = [...ended].sort((a, b) => b.endedAt!.localeCompare(a.endedAt!))[0];
	if (last?.outcome !== 'stopped') return null;
	const looked = (await manyEvents(householdId, last.id)).findLast(({ body }) => body.kind === 'lookOver');
	const seen = looked?.body.kind === 'lookOver' ? looked.body.seen : undefined;
	const edits = seen ? editsToRecord(house, boxId, seen) : null;
	return seen && edits && edits.length > 0 ? { seen, edits, on: looked!.at } : null;
}
