<script lang="ts">
	import { words as w } from '$words/house/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { Region } from '@wary/core/rules';

	/** How sure a line of the directory can be. */
	let { region }: { region: Region } = $props();
</script>

<h2>{w.whatThisPageKnows}</h2>
<Table>
	<TableBody>
		<TableBodyRow
			><TableBodyCell
				><em class="whitespace-nowrap text-soft not-italic">{w.claimedByALabel}</em></TableBodyCell
			><TableBodyCell>{w.somebodyWroteItNobodyHas}</TableBodyCell></TableBodyRow
		>
		<TableBodyRow
			><TableBodyCell
				><em class="font-semibold whitespace-nowrap text-dead not-italic">{w.foundByTest}</em></TableBodyCell
			><TableBodyCell>{w.switchedOffAndWentDark(w.anOutlet[region])}</TableBodyCell></TableBodyRow
		>
		<TableBodyRow
			><TableBodyCell
				><em class="font-semibold whitespace-nowrap text-live not-italic">{w.contradicted}</em></TableBodyCell
			><TableBodyCell>{w.aTestContradictedTheLabel}</TableBodyCell></TableBodyRow
		>
	</TableBody>
</Table>
