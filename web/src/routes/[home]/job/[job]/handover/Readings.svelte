<script lang="ts">
	import { words as w } from '$words/job/handover/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { House } from '@wary/core/house';
	import type { JobPlan, JobRecord, JobState } from '@wary/core/job';
	import { clock } from '$words/dates';
	import { readingWords } from '$words/events';
	import { recordLines } from '$words/recordLines';
	import { breakerNames, capital, pairWords, terms } from '$words/terms';

	interface Props {
		record: JobRecord;
		house: House;
		plan: JobPlan;
		state: JobState;
	}
	/** What was read, what was proven, what said stop, and what was done: for whoever goes on. */
	let { record, house, plan, state }: Props = $props();
	const t = $derived(terms[plan.region]);
	const done = $derived(recordLines([...record.work, ...record.notes], house, plan, state.earth));
</script>

{#snippet readings(caption: string, events: JobRecord['live'])}
	{#if events.length > 0}
		<Table class="printed">
			<caption>{caption}</caption>
			<TableBody
				>{#each recordLines(events, house, plan, state.earth) as line (line.key)}<TableBodyRow
						><TableBodyCell>{line.text}</TableBodyCell><TableBodyCell class="text-end whitespace-nowrap"
							>{line.value}</TableBodyCell
						></TableBodyRow
					>{/each}</TableBody
			>
		</Table>
	{/if}
{/snippet}

<h2>{w.readings}</h2>
{@render readings(w.liveBeforeAnythingWasSwitched, record.live)}
{#each record.proofs as proof (proof.at + proof.scope)}
	<Table class="printed">
		<caption
			>{w.deadUtcOffTesterProved(
				proof.scope === 'bare' ? w.onTheBareConductors : w.atTheFace,
				clock(proof.at),
				t.breaker,
				breakerNames(house, proof.breakers),
				readingWords(proof.before.reading),
				readingWords(proof.after.reading)
			)}</caption
		>
		<TableBody
			>{#each proof.pairs as { pair, taken } (pair)}<TableBodyRow
					><TableBodyCell>{capital(pairWords(plan, pair, state.earth))}</TableBodyCell><TableBodyCell
						class="text-end whitespace-nowrap">{readingWords(taken.reading)}</TableBodyCell
					></TableBodyRow
				>{/each}</TableBody
		>
	</Table>
{:else}<p>{w.nothingWasProvenDead}</p>{/each}
{@render readings(w.readingsThatSaidStop, record.refuted)}
<h2>{w.whatWasDone}</h2>
<Table class="printed">
	<TableBody
		>{#each done as line (line.key)}<TableBodyRow
				><TableBodyCell class="w-14 text-soft">{clock(line.at)}</TableBodyCell><TableBodyCell
					>{line.text}{line.value ? `: ${line.value}` : ''}</TableBodyCell
				></TableBodyRow
			>{:else}<TableBodyRow><TableBodyCell>{w.nothingWasChanged}</TableBodyCell></TableBodyRow
			>{/each}</TableBody
	>
</Table>

<style>
	caption {
		text-align: left;
		color: var(--soft);
		font-size: 0.93rem;
	}
</style>
