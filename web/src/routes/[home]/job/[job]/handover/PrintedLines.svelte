<script lang="ts">
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';

	interface Props {
		caption?: string;
		lines: readonly { readonly key: string; readonly text: string; readonly value: string }[];
		/** What it comes to stands out. */
		strong?: boolean;
	}
	/** What was read or seen, and what it came to. */
	let { caption, lines, strong = false }: Props = $props();
</script>

<Table class="printed">
	{#if caption}<caption>{caption}</caption>{/if}
	<TableBody
		>{#each lines as { key, text, value } (key)}<TableBodyRow
				><TableBodyCell>{text}</TableBodyCell><TableBodyCell
					class={['text-end whitespace-nowrap', strong && 'font-bold']}>{value}</TableBodyCell
				></TableBodyRow
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
