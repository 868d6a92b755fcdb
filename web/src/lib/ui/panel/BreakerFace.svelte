<script lang="ts">
	import { words as w } from '$words/ui/panel/panelDrawing';
	import { evidenceOf, type Breaker, type House } from '@wary/core/house';
	import { breakerTypeShort, likelySaid, percentShort } from '$words/breakers';
	import { evidenceWords } from '$words/evidence';
	import { terms } from '$words/terms';
	import Handle from './Handle.svelte';

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
	<span class="text"
		><span class:struck={evidence?.level === 'contradicted'}>{breaker.label || w.noLabel}</span>{#if tried}<em
				>{w.stayedLive}</em
			>{:else if evidence && evidence.level !== 'blank'}<em class={evidence.level}
				>{evidenceWords(evidence, house).short}</em
			>{/if}</span
	>
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
	.text {
		flex: 1;
		overflow-wrap: break-word;
		min-width: 0;
	}
	em {
		display: block;
		font-style: normal;
		font-size: 0.78rem;
		color: var(--soft);
	}
	.tried em,
	em.contradicted {
		color: var(--live);
		font-weight: 600;
	}
	em.found {
		color: var(--dead);
		font-weight: 600;
	}
	.struck {
		text-decoration: line-through;
		text-decoration-thickness: 2px;
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
	.chosen :is(small, .big, em, em.found, em.contradicted) {
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
	.uk .text {
		overflow-wrap: anywhere;
		hyphens: auto;
		flex: none;
		max-width: 100%;
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
		/* In a narrow row labels stand upright, as they do on the real one. */
		.uk .text {
			writing-mode: vertical-rl;
			transform: rotate(180deg);
			overflow-wrap: normal;
			font-size: 0.82rem;
			max-height: 10rem;
			text-align: right;
		}
		.uk small {
			margin-top: auto;
			font-size: 0.72rem;
		}
		.share {
			font-size: 0.66rem;
		}
		em.claimed {
			display: none;
		}
		em {
			font-size: 0.72rem;
		}
		.uk em {
			font-size: 0.6rem;
		}
	}
</style>
