<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import { clock } from '$words/dates';
	import type { RecordLine } from '$words/recordLines';

	/** Entries of a record: when, what, and what it came to. */
	let { lines }: { lines: readonly RecordLine[] } = $props();
</script>

<Table class="printed">
	<TableBody>
		{#each lines as line (line.key)}
			<TableBodyRow>
				<TableBodyCell class="w-14 text-soft">{clock(line.at)}</TableBodyCell>
				<TableBodyCell
					>{line.text}{#if line.expected}<span class="soft">{w.expected(line.expected)}</span
						>{/if}</TableBodyCell
				>
				<TableBodyCell class="text-end"
					>{line.value}{#if line.passes !== null}<b class:bad={!line.passes}>{line.passes ? ' ✓' : ' ✗'}</b
						>{/if}</TableBodyCell
				>
			</TableBodyRow>
		{/each}
	</TableBody>
</Table>

<style>
	.bad {
		color: var(--live);
	}
</style>
