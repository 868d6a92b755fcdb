<script lang="ts">
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

<table>
	<caption class="label"
		>{proof.scope === 'bare' ? 'Proof on the bare conductors' : 'Proof at the face'}</caption
	>
	<tbody>
		{#each rows as row (row.key)}
			<tr class:now={row.now}
				><td>{row.text}</td><td class="figure">{row.taken ? readingWords(row.taken.reading) : ''}</td><td
					class="mark">{row.now ? 'now' : row.taken ? (row.taken.band === 'unresolved' ? '?' : '✓') : ''}</td
				></tr
			>
		{/each}
	</tbody>
</table>

<style>
	table {
		max-width: 36rem;
		font-size: 0.97rem;
	}
	caption {
		text-align: left;
	}
	.now td {
		font-weight: 700;
	}
	.mark {
		width: 3rem;
		text-align: right;
		padding-right: 0;
	}
</style>
