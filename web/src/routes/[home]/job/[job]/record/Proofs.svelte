<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { RecordSheet } from '$lib/server/toldSchema';

	/** Each proof of dead: what was off and held, every pair, the tester before and after. */
	let { proofs }: { proofs: RecordSheet['proofs'] } = $props();
</script>

{#each proofs as proof (proof.key)}
	<Table class="printed">
		<caption>{proof.caption}</caption>
		<TableBody>
			{#each proof.rows as { key, text, value } (key)}<TableBodyRow
					><TableBodyCell>{text}</TableBodyCell><TableBodyCell class="text-end whitespace-nowrap"
						>{value}</TableBodyCell
					></TableBodyRow
				>{/each}
		</TableBody>
	</Table>
{:else}<p>{w.nothingWasProvenDeadIn}</p>{/each}

<style>
	caption {
		text-align: left;
		color: var(--soft);
		font-size: 0.92rem;
		padding-bottom: 0.2rem;
	}
	@media print {
		caption {
			font-size: 7.6pt;
		}
	}
</style>
