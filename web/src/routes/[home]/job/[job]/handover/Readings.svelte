<script lang="ts">
	import { words as w } from '$words/job/handover/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { HandoverSheet } from '$lib/server/toldSchema';
	import PrintedLines from './PrintedLines.svelte';

	/** What was read, what was proven, what said stop, and what was done: for whoever goes on. */
	let { readings }: { readings: HandoverSheet['readings'] } = $props();
</script>

<h2>{w.readings}</h2>
{#if readings.live.length > 0}<PrintedLines
		caption={w.liveBeforeAnythingWasSwitched}
		lines={readings.live}
	/>{/if}
{#each readings.proofs as { key, caption, lines } (key)}<PrintedLines {caption} {lines} />{:else}<p>
		{w.nothingWasProvenDead}
	</p>{/each}
{#if readings.refuted.length > 0}<PrintedLines
		caption={w.readingsThatSaidStop}
		lines={readings.refuted}
	/>{/if}
<h2>{w.whatWasDone}</h2>
<Table class="printed">
	<TableBody
		>{#each readings.done as line (line.key)}<TableBodyRow
				><TableBodyCell class="w-14 text-soft">{line.at}</TableBodyCell><TableBodyCell
					>{line.text}</TableBodyCell
				></TableBodyRow
			>{:else}<TableBodyRow><TableBodyCell>{w.nothingWasChanged}</TableBodyCell></TableBodyRow
			>{/each}</TableBody
	>
</Table>
