<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { words as w } from '$words/job/record/page';
	import { findBox, findBreaker, placeName, type House } from '@wary/core/house';
	import { comparedOf, type JobEvent, type JobPlan, type JobRecord, type JobState } from '@wary/core/job';
	import PhotoSheet from '$lib/ui/PhotoSheet.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { moment } from '$words/dates';
	import { deviceWords } from '$words/devices';
	import { costWords } from '$words/log';
	import { foundWords } from '$words/found';
	import { recordLines } from '$words/recordLines';
	import AsFoundTable from './AsFoundTable.svelte';
	import BeforeAfter from './BeforeAfter.svelte';
	import Lines from './Lines.svelte';
	import Proofs from './Proofs.svelte';
	import { breakerName, breakerNames, capital, pairWords, terms } from '$words/terms';

	interface Props {
		home: string;
		job: {
			readonly who: string;
			readonly startedAt: string;
			readonly outcome: 'finished' | 'stopped' | null;
		};
		house: House;
		one: {
			readonly plan: JobPlan;
			readonly state: JobState;
			readonly events: readonly JobEvent[];
			readonly record: JobRecord;
		};
		photos: ComponentProps<typeof PhotoSheet>['photos'];
		/** What was entered of its cost. */
		cost: Parameters<typeof costWords>[0] | null;
	}
	/** The record of one box: what was read, proven, done and tested there. */
	let { home, job, house, one, photos, cost }: Props = $props();
	const { plan, record, state } = $derived(one);
	const t = $derived(terms[plan.region]);
	const box = $derived(findBox(house, plan.boxId)!);
	/** What was off when it was last proven dead, without what had been shown not to feed it. */
	const feeders = $derived(
		(record.proofs.at(-1)?.breakers ?? [state.feeder ?? plan.recordedBreaker]).filter(
			(id) => !state.isolation.notFeeding.includes(id)
		)
	);
	const asRecorded = $derived(feeders.length !== 1 || feeders[0] === plan.recordedBreaker);
	const outcome = $derived(job.outcome ?? 'under way');
	const removed = $derived(deviceWords(plan.oldDevice, plan.region));
	const fitted = $derived(deviceWords(plan.newDevice, plan.region));
	const groups = $derived(
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
		].filter(({ events }) => events.length > 0)
	);
</script>

<Sheet
	over={w.recordOfWork(house.name)}
	title={placeName(house, box)}
	print={w.print}
	foot={w.writtenByThePersonNamed}
>
	{#snippet under()}
		<p class="outcome {outcome}">
			<b>{outcome}</b>{record.endedAt ? ` ${moment(record.endedAt, t.locale)} UTC` : ''}
		</p>
	{/snippet}
	<dl>
		<div>
			<dt>{w.who}</dt>
			<dd>{job.who}</dd>
		</div>
		<div>
			<dt>{w.begun}</dt>
			<dd>{w.utc(moment(job.startedAt, t.locale))}</dd>
		</div>
		<div>
			<dt>{capital(t.breaker)}</dt>
			<dd>
				{breakerNames(house, feeders)}{#if feeders.length === 1 && findBreaker(house, feeders[0]!)}, {findBreaker(
						house,
						feeders[0]!
					)!.ratingA} A{/if}
				{asRecorded ? '' : ` (the directory said ${breakerName(house, plan.recordedBreaker)})`}
			</dd>
		</div>
		<div>
			<dt>{w.takenOut}</dt>
			<dd>{removed}</dd>
		</div>
		{#if outcome === 'finished'}<div>
				<dt>{plan.putBack ? w.putBack : w.putIn}</dt>
				<dd>{fitted}</dd>
			</div>{/if}
		{#if cost}<div>
				<dt>{w.cost}</dt>
				<dd>{capital(costWords(cost, plan.region))}</dd>
			</div>{/if}
		{#if state.directory}<div>
				<dt>{w.directory}</dt>
				<dd>“{state.directory}”</dd>
			</div>{/if}
	</dl>

	<section class="worries">
		<h2>{w.worriesLeftOpen}</h2>
		{#if record.worries.length === 0}<p>{w.none}</p>{:else}<ul>
				{#each record.worries as worry, k (k)}<li>{foundWords(worry, house, plan)}</li>{/each}
			</ul>{/if}
	</section>

	{#if record.resolutions.length > 0}
		<section>
			<h2>{w.readingsBetweenDeadAndLive}</h2>
			<ul>
				{#each record.resolutions as each (each.pair)}<li>
						{capital(pairWords(plan, each.pair, state.earth))}: {each.endedAs === 'induced'
							? w.inducedDrainedByALoad
							: each.endedAs === 'backFed'
								? w.backFedByGoneWhen(breakerName(house, each.by))
								: 'never settled: treated as live'}
					</li>{/each}
			</ul>
		</section>
	{/if}

	<div class="columns">
		<section>
			<h2>{w.proofOfDead}</h2>
			<Proofs proofs={record.proofs} {house} {plan} earth={state.earth} />
			<AsFoundTable compared={comparedOf(state, one.events)} region={plan.region} />
		</section>
		<section>
			{#each groups as group (group.title)}
				<h2>{group.title}</h2>
				<Lines lines={recordLines(group.events, house, plan, state.earth)} />
			{/each}
		</section>
	</div>
	{#if plan.work}
		<!-- The same again wires nothing otherwise: on paper the two would be one picture twice. -->
		<div class:no-print={plan.work.same && !plan.foundAs}>
			<BeforeAfter {house} {plan} {state} done={outcome === 'finished'} />
		</div>
	{/if}
	<PhotoSheet {home} {photos} />
</Sheet>

<style>
	.outcome b {
		text-transform: capitalize;
	}
	dl {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.7rem 1.5rem;
		margin: 1rem 0;
	}
	dt {
		color: var(--soft);
		font-size: 0.92rem;
	}
	dd {
		margin: 0;
		font-weight: 600;
	}
	.worries {
		border: 2px solid var(--ink);
		padding: 0.7rem 1rem;
		margin: 0 0 1.2rem;
	}
	.worries ul {
		margin: 0;
	}
	.worries p {
		margin: 0;
	}
	.columns {
		display: grid;
		grid-template-columns: 1fr 1.25fr;
		gap: 2rem;
	}
	@media (max-width: 800px) {
		dl,
		.columns {
			grid-template-columns: 1fr;
			gap: 0.6rem;
		}
	}
	@media print {
		.columns {
			grid-template-columns: 1fr 1.35fr;
			gap: 1.1rem;
		}
		dl {
			grid-template-columns: repeat(3, 1fr);
			gap: 0.1rem 1rem;
			margin: 0.3rem 0;
			font-size: 8.4pt;
		}
		dt {
			font-size: 7.6pt;
		}
		.worries {
			padding: 0.2rem 0.6rem;
			margin-bottom: 0.4rem;
			font-size: 8.4pt;
			border-width: 1px;
		}
	}
</style>
