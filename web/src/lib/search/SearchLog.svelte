<script lang="ts">
	import { words as w } from '$words/search/search';
	import type { House } from '@wary/core/house';
	import type { SearchEvent } from '@wary/core/search';
	import { answerWords, meansWords } from '$words/search';
	import { breakerName, breakerNames } from '$words/terms';
	import { inPanelOrder } from './order';

	/** What was switched off and seen so far. */
	let { house, events }: { house: House; events: readonly SearchEvent[] } = $props();
</script>

<ol class="log">
	{#each events as event, k (k)}
		<li>
			{#if event.kind === 'answer'}<b>{breakerNames(house, inPanelOrder(house, event.off))}</b>
				{answerWords[event.answer]}
				<span class="soft">{meansWords[event.by].short}</span>{:else}{w.signalStrongestAt}
				<b>{event.strongest === null ? w.nowhere : breakerName(house, event.strongest)}</b>{/if}
		</li>
	{/each}
</ol>

<style>
	.log {
		list-style: decimal;
		margin: 0.9rem 0 0.4rem;
		padding: 0.5rem 0 0 1.6rem;
		border-top: 1px solid var(--hair);
		font-size: 0.97rem;
	}
</style>
