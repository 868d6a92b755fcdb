<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import type { House } from '@wary/core/house';
	import type { JobPlan, JobRecord, JobState } from '@wary/core/job';
	import { clock } from '$words/dates';
	import { holdWords } from '$words/energy';
	import { readingWords } from '$words/events';
	import { breakerName, capital, pairWords, terms } from '$words/terms';

	interface Props {
		proofs: JobRecord['proofs'];
		house: House;
		plan: JobPlan;
		earth: JobState['earth'];
	}
	/** Each proof of dead: what was off and held, every pair, the tester before and after. */
	let { proofs, house, plan, earth }: Props = $props();
	const t = $derived(terms[plan.region]);
</script>

{#each proofs as proof (proof.at + proof.scope)}
	<Table class="printed">
		<caption
			>{w.utcOff(
				proof.scope === 'bare' ? w.onTheBareConductors : w.atTheFace,
				clock(proof.at),
				t.breaker,
				proof.breakers.map((id) => breakerName(house, id)).join(', '),
				holdWords[proof.hold as keyof typeof holdWords]
			)}</caption
		>
		<TableBody>
			<TableBodyRow
				><TableBodyCell>{w.testerProved}</TableBodyCell><TableBodyCell class="text-end whitespace-nowrap"
					>{readingWords(proof.before.reading)}</TableBodyCell
				></TableBodyRow
			>
			{#each proof.pairs as { pair, taken } (pair)}<TableBodyRow
					><TableBodyCell>{capital(pairWords(plan, pair, earth))}</TableBodyCell><TableBodyCell
						class="text-end whitespace-nowrap">{readingWords(taken.reading)}</TableBodyCell
					></TableBodyRow
				>{/each}
			<TableBodyRow
				><TableBodyCell>{w.testerProvedAgain}</TableBodyCell><TableBodyCell class="text-end whitespace-nowrap"
					>{readingWords(proof.after.reading)}</TableBodyCell
				></TableBodyRow
			>
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
