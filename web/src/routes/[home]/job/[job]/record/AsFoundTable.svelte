<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import type { ComparedLine } from '$lib/server/recordSheet';

	/** As found beside the final test, half by half, and whose doing a difference is. */
	let { compared }: { compared: readonly ComparedLine[] } = $props();
</script>

{#if compared.length > 0}
	<div>
		<h2>{w.asFoundAndAtTheEnd}</h2>
		<Table class="printed">
			<TableHead
				><TableHeadCell>{w.half}</TableHeadCell><TableHeadCell>{w.asFound}</TableHeadCell><TableHeadCell
					>{w.atTheEnd}</TableHeadCell
				><TableHeadCell>{w.whose}</TableHeadCell></TableHead
			>
			<TableBody>
				{#each compared as { half, before, after, comes, stands } (half)}<TableBodyRow
						><TableBodyCell>{half}</TableBodyCell><TableBodyCell>{before}</TableBodyCell><TableBodyCell
							>{after}</TableBodyCell
						><TableBodyCell class={stands ? 'font-semibold' : ''}>{comes}</TableBodyCell></TableBodyRow
					>{/each}
			</TableBody>
		</Table>
	</div>
{/if}
