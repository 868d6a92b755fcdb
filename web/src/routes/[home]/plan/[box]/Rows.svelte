<script lang="ts">
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';

	/** Lines with a sign before each. */
	let { title, rows }: { title: string; rows: readonly { readonly sign: string; readonly text: string }[] } =
		$props();
</script>

<h2 class="mt-4 first:mt-0">{title}</h2>
<Table>
	<TableBody>
		{#each rows as row, k (k)}<TableBodyRow
				><TableBodyCell class="w-8 align-top font-bold text-dead">{row.sign}</TableBodyCell><TableBodyCell
					class="ps-0">{row.text}</TableBodyCell
				></TableBodyRow
			>{/each}
	</TableBody>
</Table>
