<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { words as w } from '$words/job/handover/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { circuitsInBox, findBox, findBreaker, placeName, type House } from '@wary/core/house';
	import {
		believedHouse,
		mustStop,
		recordedWay,
		severityOf,
		wiringDuring,
		type Condition,
		type JobEvent,
		type JobPlan,
		type JobRecord,
		type JobState
	} from '@wary/core/job';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import PhotoSheet from '$lib/ui/PhotoSheet.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { conditionWords, severityWords, stopWords } from '$words/conditions';
	import { leftWords } from '$words/left';
	import { moment } from '$words/dates';
	import { deviceWords } from '$words/devices';
	import { cableWords, namedBreakers, shortWire, supplyByWords, terms } from '$words/terms';
	import BeforeAfter from '../record/BeforeAfter.svelte';
	import Readings from './Readings.svelte';
	import WhatWasSeen from './WhatWasSeen.svelte';

	interface Props {
		home: string;
		job: { readonly who: string; readonly outcome: 'finished' | 'stopped' | null };
		house: House;
		one: {
			readonly plan: JobPlan;
			readonly state: JobState;
			readonly events: readonly JobEvent[];
			readonly record: JobRecord;
		};
		/** Why the job ended, where it was another of its boxes that ended it. */
		elsewhere: string | null;
		photos: ComponentProps<typeof PhotoSheet>['photos'];
	}
	/** For whoever goes on at one box: why it stopped, how it is left, what was seen, read and done. */
	let { home, job, house, one, elsewhere, photos }: Props = $props();
	const { plan, state, record, events } = $derived(one);
	const t = $derived(terms[plan.region]);
	const box = $derived(findBox(house, plan.boxId)!);
	const circuit = $derived(circuitsInBox(house, plan.boxId)[0]);
	const reason = $derived(elsewhere ? null : (state.stopReason ?? mustStop(state)));
	const asLeft = $derived(wiringDuring(believedHouse(house, plan, state), plan, state));
	const inspected = $derived(events.findLast(({ body }) => body.kind === 'inspect')?.body);
	const looked = $derived(events.findLast(({ body }) => body.kind === 'lookOver')?.body);
	const note = $derived(events.findLast(({ body }) => body.kind === 'stop')?.body);
	const conditions = $derived(
		inspected?.kind === 'inspect'
			? (Object.entries(inspected.answers) as [Condition, 'no' | 'yes' | 'unsure'][])
					.filter(([, answer]) => answer !== 'no')
					.map(([condition, answer]) => ({ condition, answer, on: inspected.where?.[condition] ?? [] }))
			: []
	);
	/** The reason the job ended by, and every other thing found that would have ended it. */
	const reasons = $derived([
		...new Set([
			...(reason ? [reason] : []),
			...conditions
				.filter(({ condition, answer }) => answer === 'yes' && severityOf(condition) === 'stop')
				.map(({ condition }) => condition)
		])
	]);
	const seen = $derived(looked?.kind === 'lookOver' ? looked.seen : undefined);
	const wire = (id: string) => {
		if (id === 'device') return w.the(t.outlet);
		const found = plan.takeOff.flatMap(({ wires }) => wires).find((each) => each.id === id);
		return found ? shortWire(plan, found) : id;
	};
	const left = $derived(leftWords(house, plan, state, job.outcome === 'stopped'));
</script>

<Sheet
	over={w.forA(terms[house.region].handTo, house.name)}
	title={placeName(house, box)}
	print={w.print}
	foot={w.writtenByAHomeownerStep}
>
	{#snippet under()}
		<p>
			{w.by(
				circuit?.name ?? '',
				namedBreakers(house, state.feeder ?? plan.recordedBreaker),
				findBreaker(house, state.feeder ?? plan.recordedBreaker)
					? `, ${findBreaker(house, state.feeder ?? plan.recordedBreaker)!.ratingA} A`
					: '',
				deviceWords(plan.oldDevice, plan.region),
				job.who,
				record.endedAt ? `, ${moment(record.endedAt, t.locale)} UTC` : ''
			)}
		</p>
	{/snippet}
	{#if job.outcome !== 'stopped'}<Verdict kind="open">
			{w.thisJobIsntStoppedThe}
		</Verdict>{/if}
	<section class="why">
		{#if reasons.length > 0 || elsewhere || job.outcome === 'stopped'}<h2>{w.whyItStopped}</h2>{/if}
		{#each reasons as each (each)}<p>
				<b>{stopWords(plan.region)[each].why}.</b>
				{stopWords(plan.region)[each].tell}
			</p>{:else}{#if job.outcome === 'stopped' && !elsewhere}<p>{w.noReasonWasNoted}</p>{/if}{/each}
		{#if elsewhere}<p>{w.stoppedElsewhere(elsewhere)}</p>{/if}
		{#if note?.kind === 'stop' && note.note}<p>“{note.note}”</p>{/if}
		<h2>{w.howItIsLeft}</h2>
		<ul>
			{#each left as line (line)}<li>{line}</li>{/each}
		</ul>
	</section>
	<div class="columns">
		<section>
			<h2>{seen ? w.theBoxAsRecordedIt : w.theBoxAsItIs}</h2>
			<BoxDrawing house={asLeft} box={findBox(asLeft, plan.boxId)!} />
			{#if seen}
				<WhatWasSeen {seen} region={plan.region} />
			{/if}
			{#if plan.supplyCables.length > 1}
				<p>
					<b>{w.supplyCable}</b>
					{state.supply.outcome === 'found'
						? w.foundBy(
								state.supply.found.map((cable) => cableWords(house, plan, cable)).join(' and '),
								state.supply.by === null ? '' : supplyByWords[recordedWay[state.supply.by]]
							)
						: w.notTested}
				</p>
			{/if}
			<h2>{w.condition}</h2>
			{#if conditions.length === 0}<p>{inspected ? w.nothingWasFound : w.notLookedAt}</p>
			{:else}
				<Table class="printed">
					<TableBody
						>{#each conditions as each (each.condition)}<TableBodyRow
								><TableBodyCell
									>{conditionWords(plan.region)[each.condition].look}{each.answer === 'unsure'
										? ' (not sure)'
										: ''}{each.on.length > 0 ? `: ${each.on.map(wire).join(', ')}` : ''}</TableBodyCell
								><TableBodyCell class="text-end whitespace-nowrap"
									><b>{severityWords[severityOf(each.condition)]}</b></TableBodyCell
								></TableBodyRow
							>{/each}</TableBody
					>
				</Table>
			{/if}
		</section>
		<section>
			<Readings {record} {house} {plan} {state} />
		</section>
	</div>
	{#if plan.work}<BeforeAfter {house} {plan} {state} done={false} />{/if}
	<PhotoSheet {home} {photos} />
</Sheet>

<style>
	.why {
		border: 3px double var(--ink);
		padding: 0.7rem 1rem;
		margin: 1rem 0;
	}
	.why p {
		margin: 0 0 0.5rem;
	}
	section > * + h2 {
		margin-top: 1.1rem;
	}
	.columns {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 2rem;
	}
	@media (max-width: 800px) {
		.columns {
			grid-template-columns: 1fr;
			gap: 0.6rem;
		}
	}
	@media print {
		.why {
			font-size: 8.6pt;
		}
		.columns {
			gap: 1.2rem;
		}
	}
</style>
