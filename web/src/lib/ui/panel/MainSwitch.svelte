<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/ui/panel/panelDrawing';
	import type { Panel } from '@wary/core/house';
	import Handle from './Handle.svelte';

	interface Props {
		region: 'us' | 'uk';
		panel: Panel;
		off: boolean;
		chosen: boolean;
		onmain: (() => void) | undefined;
	}
	/** The main switch of a panel: across its top (us), or first in its row (uk). */
	let { region, panel, off, chosen, onmain }: Props = $props();
	const us = $derived(regions[region].supply.spaceStep === 2);
	const area = $derived(us ? '1 / 1 / 2 / 3' : '2 / 1');
</script>

{#snippet inside()}
	<Handle {region} {off} />
	<span class="text"
		>{panel.fedFrom || us ? w.main : w.mainSwitch}<small
			>{panel.mainRatingA} A<span class="sr-only">, {off ? w.off : w.on}</span></small
		></span
	>
{/snippet}

{#if onmain}<button
		type="button"
		class="main {region}"
		aria-pressed={chosen}
		onclick={onmain}
		style:grid-area={area}>{@render inside()}</button
	>
{:else}<div class="main {region}" style:grid-area={area}>{@render inside()}</div>{/if}

<style>
	.main {
		display: flex;
		align-items: center;
		gap: 0.7rem;
		min-height: 2.3rem;
		padding: 0.1rem 0.7rem;
		border: 2px solid var(--ink);
		border-radius: 3px;
		color: var(--ink);
		background: transparent;
		font-weight: 600;
		text-align: left;
	}
	button {
		cursor: pointer;
	}
	small {
		font-weight: 400;
		font-size: 0.84rem;
		margin-left: 0.5rem;
		color: var(--soft);
	}
	[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	[aria-pressed='true'] small {
		color: var(--paper);
	}
	.uk {
		flex-direction: column;
		justify-content: flex-start;
		text-align: center;
		min-width: 62px;
		padding: 0.45rem 0.2rem;
		font-size: 0.86rem;
		gap: 0.35rem;
	}
	.uk small {
		display: block;
		margin: 0;
	}
	@media (max-width: 700px) {
		button.main {
			min-height: 44px;
		}
	}
	@container (max-width: 480px) {
		.uk {
			min-width: 0;
			font-size: 0.64rem;
			padding: 0.4rem 0.1rem;
		}
	}
</style>
