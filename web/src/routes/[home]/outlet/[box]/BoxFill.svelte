<script lang="ts">
	import { words as w, fillLineWords } from '$words/outlet/boxFill';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import More from '$lib/ui/More.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { findBox, type House } from '@wary/core/house';
	import { boxFill } from '@wary/core/sums';
	import { sizeWords, volumeWord } from '$words/terms';

	/** How full the box is, with every line of the count. */
	let { house, boxId }: { house: House; boxId: string } = $props();
	const fill = $derived(boxFill(house, boxId));
	const several = $derived((fill?.lines.filter(({ what }) => what === 'device').length ?? 0) > 1);
	const place = (id: string | undefined): string | null =>
		several && id !== undefined ? findBox(house, id)!.name : null;
</script>

{#if fill}
	{#if fill.fits === false}<Verdict kind="bad">{w.tooFull}</Verdict>
	{:else if fill.fits === 'ifNoClamps'}<Verdict kind="open">{w.ifNoClamps}</Verdict>{/if}
	<More title={w.title(volumeWord(fill.totalIn3), fill.boxIn3 === null ? null : volumeWord(fill.boxIn3))}>
		<Table class="[overflow-wrap:normal] [&_th]:w-auto!">
			<TableHead
				><TableHeadCell>{w.what}</TableHeadCell><TableHeadCell>{w.allowances}</TableHeadCell><TableHeadCell
					>{w.volume}</TableHeadCell
				></TableHead
			>
			<TableBody>
				{#each fill.lines as line, k (k)}
					<TableBodyRow
						><TableBodyCell
							>{fillLineWords(line, place(line.box))}{#if line.assumed}<br /><span class="soft"
									>{w.assumed}</span
								>{/if}</TableBodyCell
						><TableBodyCell>{volumeWord(line.allowances)}</TableBodyCell><TableBodyCell
							>{volumeWord(line.volumeIn3)}</TableBodyCell
						></TableBodyRow
					>
				{/each}
				<TableBodyRow
					><TableBodyCell><b>{w.total}</b></TableBodyCell><TableBodyCell></TableBodyCell><TableBodyCell
						><b>{volumeWord(fill.totalIn3)}</b></TableBodyCell
					></TableBodyRow
				>
			</TableBody>
		</Table>
		{#if fill.unknown.length > 0}<p>{w.unknown(fill.unknown.map(sizeWords).join(', '))}</p>{/if}
		{#if fill.boxIn3 === null}<p>{w.noVolume}</p>{/if}
		<p class="soft">{w.source(fill.source)}</p>
	</More>
{/if}
