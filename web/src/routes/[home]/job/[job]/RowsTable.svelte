<script lang="ts">
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { Step } from '@wary/core/job';
	import { eventWords } from '$words/events';
	import { answeredRows, inOneGo, rowKey, stepWords, type Rows } from '$words/steps';
	import { getJob } from './context';

	/** The rows of a screen that is worked down: what is done, what is on, what comes. */
	let { rows, step }: { rows: Rows; step: Step } = $props();
	const { session } = getJob();
	const answered = $derived(answeredRows(rows, session.eventsHere, session.jobState));
	const telling = $derived({ house: session.house, plan: session.plan, state: session.jobState });
	/** What may be said with this step in one go is told before it is done. */
	const together = $derived(
		step.kind === 'confirm'
			? inOneGo(step, session.plan, session.jobState, session.alone).slice(1).map(rowKey)
			: []
	);
	const lines = $derived(
		rows.steps.map((each) => {
			const key = rowKey(each);
			const event = answered.get(key);
			const words = event && eventWords(event, session.house, session.plan, session.jobState.earth);
			const { title, lead } = stepWords(each, telling);
			return {
				key,
				text: title,
				lead: together.includes(key) ? lead : '',
				value: words?.value ?? '',
				mark: key === rowKey(step) ? 'now' : !words ? '' : words.passes === false ? '✗' : '✓'
			};
		})
	);
</script>

<Table class="mt-4 max-w-xl">
	<TableBody>
		{#each lines as line (line.key)}
			<TableBodyRow class={line.mark === 'now' ? 'font-bold' : line.mark === '' ? '[&>td]:text-soft' : ''}
				><TableBodyCell class="font-[inherit] whitespace-normal"
					>{line.text}{#if line.lead}<span class="block max-w-[52ch] text-base">{line.lead}</span
						>{/if}</TableBodyCell
				><TableBodyCell class="text-end font-[inherit] whitespace-nowrap">{line.value}</TableBodyCell
				><TableBodyCell class={['w-12 pe-0 text-end font-[inherit]', line.mark === '✗' && 'text-live']}
					>{line.mark}</TableBodyCell
				></TableBodyRow
			>
		{/each}
	</TableBody>
</Table>
