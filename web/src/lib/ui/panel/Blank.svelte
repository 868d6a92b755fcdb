<script lang="ts">
	import { words as w } from '$words/ui/panel/panelDrawing';
	import { terms } from '$words/terms';

	interface Props {
		region: 'us' | 'uk';
		space: number;
		/** us: in the right column. */
		right: boolean;
		row: number;
		column: number;
		onempty: ((space: number) => void) | undefined;
	}
	/** A space with nothing in it; something can be put there where that is offered. */
	let { region, space, right, row, column, onempty }: Props = $props();
</script>

{#if onempty}<button
		type="button"
		class="blank {region}"
		class:right
		style:grid-row={row}
		style:grid-column={column}
		aria-label={w.spaceEmptyAdd(space, terms[region].aBreaker)}
		onclick={() => onempty(space)}><b>{space}</b><span class="plus">+</span></button
	>
{:else}<div class="blank {region}" class:right style:grid-row={row} style:grid-column={column}>
		<b>{space}</b>
	</div>{/if}

<style>
	.blank {
		display: flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.35rem;
		padding: 0.1rem 0.5rem;
		border: 1.5px dotted var(--ink);
		border-radius: 2px;
		font-size: 0.95rem;
		text-align: left;
		color: var(--soft);
		background: transparent;
	}
	button {
		cursor: pointer;
	}
	.us.right {
		flex-direction: row-reverse;
	}
	b {
		min-width: 1.5em;
		text-align: center;
	}
	.plus {
		opacity: 0;
	}
	.blank:is(:hover, :focus-visible) .plus {
		opacity: 1;
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
	@media (max-width: 700px) {
		button.blank {
			min-height: 44px;
		}
	}
	@container (max-width: 480px) {
		.us {
			min-height: 2.75rem;
			font-size: 0.82rem;
			padding: 0.1rem 0.3rem;
		}
		.uk {
			min-width: 0;
			font-size: 0.64rem;
			padding: 0.4rem 0.1rem;
		}
	}
</style>
