<script lang="ts">
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import { own } from '@wary/core/house';
	import type { Taken } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import { readingWords } from '$lib/words/events';
	import { capital, pairWords } from '$lib/words/terms';
	import { getJob } from './context';

	/** The proof in hand: tester, every pair, tester. */
	let { step }: { step: Extract<Step, { kind: 'proveTester' | 'readPair' }> } = $props();
	const { session } = getJob();
	const proof = $derived(session.jobState.isolation.proof);
	const rows = $derived<{ key: string; text: string; taken: Taken | null; now: boolean }[]>([
		{
			key: 'before',
			text: 'Tester proved',
			taken: proof.before,
			now: step.kind === 'proveTester' && step.when === 'before'
		},
		...proof.required.map((pair) => ({
			key: pair,
			text: capital(pairWords(session.plan, pair, session.jobState.earth)),
			taken: own(proof.pairs, pair) ?? null,
			now: step.kind === 'readPair' && step.pair === pair
		})),
		{
			key: 'after',
			text: 'Tester proved again',
			taken: proof.after,
			now: step.kind === 'proveTester' && step.when === 'after'
		}
	]);
</script>

<Table class="max-w-xl">
	<caption class="label text-start"
		>{proof.scope === 'bare' ? 'Proof on the bare conductors' : 'Proof at the face'}</caption
	>
	<TableBody>
		{#each rows as row (row.key)}
			<TableBodyRow class={row.now ? 'font-bold' : ''}
				><TableBodyCell class="font-[inherit]">{row.text}</TableBodyCell><TableBodyCell
					class="text-end font-[inherit] whitespace-nowrap"
					>{row.taken ? readingWords(row.taken.reading) : ''}</TableBodyCell
				><TableBodyCell class="w-12 pe-0 text-end font-[inherit]"
					>{row.now ? 'now' : row.taken ? (row.taken.band === 'unresolved' ? '?' : '✓') : ''}</TableBodyCell
				></TableBodyRow
			>
		{/each}
	</TableBody>
</Table>
