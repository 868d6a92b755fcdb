<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import type { Compared } from '@wary/core/job';
	import type { Region } from '@wary/core/rules';
	import { lampsWords } from '$words/lamps';
	import { capital, halfWords } from '$words/terms';

	/** As found beside the final test, half by half, and whose doing a difference is. */
	let { compared, region }: { compared: readonly Compared[]; region: Region } = $props();
	const shown = (at: Compared['after']) =>
		at
			? `${lampsWords(at.lamps, region)}${at.holds === null ? '' : at.holds ? w.plugHolds : w.plugSlips}`
			: w.notRead;
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
				{#each compared as { half, before, after, comes } (half)}<TableBodyRow
						><TableBodyCell>{capital(halfWords[half])}</TableBodyCell><TableBodyCell
							>{shown(before)}</TableBodyCell
						><TableBodyCell>{shown(after)}</TableBodyCell><TableBodyCell
							class={comes === 'madeHere' || comes === 'inherited' ? 'font-semibold' : ''}
							>{w.comes[comes]}</TableBodyCell
						></TableBodyRow
					>{/each}
			</TableBody>
		</Table>
	</div>
{/if}
