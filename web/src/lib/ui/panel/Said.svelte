<script lang="ts">
	import { words as w } from '$words/ui/panel/panelDrawing';
	import type { Evidence, House } from '@wary/core/house';
	import { evidenceWords } from '$words/evidence';

	interface Props {
		house: House;
		label: string;
		evidence: Evidence | null;
		/** Switched off, and what was looked at stayed on. */
		tried: boolean;
		chosen: boolean;
	}
	/** What the directory says of a breaker, and what is known of that. */
	let { house, label, evidence, tried, chosen }: Props = $props();
</script>

<span class={['text', house.region, { chosen, tried }]}
	><span class:struck={evidence?.level === 'contradicted'}>{label || w.noLabel}</span>{#if tried}<em
			>{w.stayedLive}</em
		>{:else if evidence && evidence.level !== 'blank'}<em class={evidence.level}
			>{evidenceWords(evidence, house).short}</em
		>{/if}</span
>

<style>
	.text {
		flex: 1;
		overflow-wrap: break-word;
		min-width: 0;
	}
	.uk {
		overflow-wrap: anywhere;
		hyphens: auto;
		flex: none;
		max-width: 100%;
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
	.chosen em:is(em, .found, .contradicted) {
		color: var(--paper);
	}
	.struck {
		text-decoration: line-through;
		text-decoration-thickness: 2px;
	}
	@container (max-width: 480px) {
		/* In a narrow row labels stand upright, as they do on the real one. */
		.uk {
			writing-mode: vertical-rl;
			transform: rotate(180deg);
			overflow-wrap: normal;
			font-size: 0.82rem;
			max-height: 10rem;
			text-align: right;
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
