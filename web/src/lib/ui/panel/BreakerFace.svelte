<script lang="ts">
	import { evidenceOf, type Breaker, type House } from '@wary/core/house';
	import { breakerTypeShort, likelySaid, percentShort } from '$words/breakers';
	import { terms } from '$words/terms';
	import Handle from './Handle.svelte';
	import Said from './Said.svelte';

	interface Props {
		house: House;
		breaker: Breaker;
		off: boolean;
		tried: boolean;
		marked: boolean;
		chosen: boolean;
		/** Set back: it isn’t among those that are meant. */
		unlikely: boolean;
		/** us: in the right column. */
		right: boolean;
		/** Shares its space with another thin one. */
		thin: boolean;
		/** Whether to say how sure the directory is of it. */
		sure: boolean;
		/** How likely it is, 0 to 1, where a search says so. */
		share: number | undefined;
		onpick: ((id: string) => void) | undefined;
	}
	/** One breaker: its number, its handle, what the directory says, and what is known of that. */
	let { house, breaker, off, tried, marked, chosen, unlikely, right, thin, sure, share, onpick }: Props =
		$props();
	const { region } = $derived(house);
	const evidence = $derived(sure ? evidenceOf(house, breaker) : null);
</script>

<button
	type="button"
	class="breaker {region}"
	class:tried
	class:marked
	class:unlikely
	class:right
	class:thin
	class:chosen
	aria-pressed={onpick ? chosen : undefined}
	disabled={!onpick}
	data-breaker={breaker.id}
	onclick={() => onpick?.(breaker.id)}
>
	{#if share !== undefined && share >= 0.01}<span class="chance" style:--share={share} aria-hidden="true"
		></span>{/if}
	<b><span class="sr-only">{terms[region].breaker} </span>{breaker.spaces.join('·')}{breaker.tandem ?? ''}</b>
	<Handle {region} {off} {right} tall={breaker.spaces.length > 1} />
	<Said {house} label={breaker.label} {evidence} {tried} {chosen} />
	<small
		>{#if share !== undefined}<span class="share" class:big={share >= 0.05}>{percentShort(share)}</span
			>{:else}{breaker.ratingA}{breakerTypeShort(breaker.type, region)}{/if}<span class="sr-only"
			>{likelySaid(share !== undefined, off)}</span
		></small
	>
</button>

<style>
	.breaker {
		position: relative;
		display: flex;
		flex: 1;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.35rem;
		padding: 0.1rem 0.5rem;
		border: 1.5px solid var(--ink);
		border-radius: 2px;
		text-align: left;
		color: var(--ink);
		background: transparent;
		font-size: 0.95rem;
		line-height: 1.12;
		min-width: 0;
	}
	.thin {
		min-height: 1.7rem;
		font-size: 0.86rem;
	}
	.breaker:not(:disabled) {
		cursor: pointer;
	}
	.breaker:disabled {
		opacity: 1;
	}
	.us.right {
		flex-direction: row-reverse;
		text-align: right;
	}
	b {
		min-width: 1.5em;
		flex: none;
		text-align: center;
	}
	small {
		flex: none;
		color: var(--soft);
		font-size: 0.84rem;
	}
	.big {
		color: var(--ink);
		font-weight: 700;
	}
	.share {
		white-space: nowrap;
	}
	.chance {
		position: absolute;
		left: 0;
		bottom: 0;
		height: 4px;
		width: calc(var(--share) * 100%);
		background: var(--dead);
	}
	.right .chance {
		left: auto;
		right: 0;
	}
	.marked {
		outline: 2px dashed var(--ink);
		outline-offset: -5px;
	}
	.unlikely {
		color: var(--soft);
		border-color: var(--hair);
	}
	.tried {
		border-style: dashed;
	}
	.chosen {
		background: var(--ink);
		color: var(--paper);
	}
	.chosen .chance {
		background: var(--paper);
	}
	.chosen :is(small, .big) {
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
		text-align: center;
	}
	@media (max-width: 700px) {
		.breaker:not(:disabled) {
			min-height: 44px;
		}
	}
	@container (max-width: 480px) {
		.us {
			min-height: 2.75rem;
			font-size: 0.82rem;
			gap: 0.3rem;
			padding: 0.1rem 0.3rem;
		}
		.uk {
			min-width: 0;
			font-size: 0.64rem;
			padding: 0.4rem 0.1rem;
		}
		.uk small {
			margin-top: auto;
			font-size: 0.72rem;
		}
		.share {
			font-size: 0.66rem;
		}
	}
</style>
