<script lang="ts">
	import { words as w } from '$words/ui/energyStrip';
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Energy } from '@wary/core/isolation';
	import type { Away } from '$lib/job/session.svelte';

	let {
		energy,
		word,
		because,
		caution,
		lapses,
		unsent = 0,
		away = null,
		lapsesInMin = null,
		onstill
	}: {
		energy: Energy;
		word: string;
		because: string;
		caution: string;
		lapses: string;
		unsent?: number;
		/** Why nothing is sent just now. */
		away?: Away | null;
		/** Minutes until it lapses for want of an entry, from five on. */
		lapsesInMin?: number | null;
		onstill?: () => void;
	} = $props();
</script>

<div class="strip {energy}" role="status" aria-live="polite" data-energy={energy}>
	<div class="state"><span class="pattern" aria-hidden="true"></span>{word}</div>
	<div class="because">
		{because}
		{#if caution}<b>{caution}</b>{/if}
	</div>
	<div class="lapses">
		{#if unsent > 0 && away}<b>{w.goesOn(w.away[away], unsent)}</b>{:else if lapsesInMin !== null}<Button
				size="sm"
				onclick={onstill}>{w.stillHere(lapsesInMin)}</Button
			>{:else}{lapses}{/if}
	</div>
</div>

<style>
	.strip {
		position: sticky;
		top: 0;
		z-index: 20;
		display: grid;
		grid-template-columns: 232px 1fr auto;
		align-items: stretch;
		min-height: 3.3rem;
		border-bottom: 2px solid var(--ink);
		background: var(--sheet);
	}
	.state {
		position: relative;
		display: flex;
		align-items: center;
		padding: 0.7rem 1rem 0.7rem 2.3rem;
		font-weight: 700;
		letter-spacing: 0.04em;
		border-right: 2px solid var(--ink);
		white-space: nowrap;
	}
	.pattern {
		position: absolute;
		inset: 0 auto 0 0;
		width: 24px;
	}
	/* Live: solid, with the alarm colour. Expected: bars. Proven: a closed outline. On purpose: diagonal, alarm. */
	.assumedLive .state,
	.deliberatelyLive .state {
		color: var(--live);
	}
	.assumedLive .pattern {
		background: var(--live);
		clip-path: polygon(0 0, 60% 0, 100% 50%, 60% 100%, 0 100%);
	}
	.deliberatelyLive .pattern {
		background: repeating-linear-gradient(45deg, var(--live) 0 6px, transparent 6px 12px);
		width: 20px;
	}
	.expectedDead .pattern {
		width: 16px;
		background: repeating-linear-gradient(0deg, var(--ink) 0 7px, transparent 7px 12px);
	}
	.provenDead .pattern {
		inset: 6px auto 6px 6px;
		width: 14px;
		border: 3px solid var(--dead);
		border-radius: 8px;
	}
	.provenDead .state {
		color: var(--dead);
	}
	.because {
		padding: 0.7rem 1rem;
		color: var(--soft);
		align-self: center;
	}
	.because b {
		color: var(--ink);
	}
	.lapses {
		padding: 0.7rem 1.2rem;
		border-left: 1px dashed var(--soft);
		align-self: stretch;
		display: flex;
		align-items: center;
		max-width: 17rem;
	}
	@media (max-width: 700px) {
		.strip {
			grid-template-columns: 1fr auto;
			font-size: 0.92rem;
		}
		.state {
			border-right: 0;
			padding: 0.5rem 0.6rem 0.5rem 2.1rem;
			font-size: 1.02rem;
		}
		.lapses {
			border-left: 0;
			padding: 0.5rem 0.7rem;
			text-align: right;
		}
		.because {
			grid-row: 2;
			grid-column: 1 / -1;
			padding: 0 0.7rem 0.5rem 2.1rem;
		}
	}
</style>
