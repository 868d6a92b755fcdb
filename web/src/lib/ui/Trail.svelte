<script lang="ts">
	import { words as w } from '$words/ui/trail';
	import { wholeVisits, type VisitAt, type VisitId, type WholeJob } from '@wary/core/job';
	import { findBox, placeName, type House } from '@wary/core/house';
	import { carriedWords, visitWords } from '$words/steps';

	let {
		whole,
		at,
		house,
		visit,
		over
	}: { whole: WholeJob; at: number; house: House; visit: VisitId; over: boolean } = $props();
	const visits = $derived(wholeVisits(whole.plans, whole.boxes));
	const words = $derived(whole.plans.map((plan) => visitWords(plan, house)));
	const now = $derived(visits.findIndex((each) => each.id === visit && (each.at === null || each.at === at)));
	/** With several boxes each outlet is named. */
	const placeOf = (each: VisitAt) =>
		each.at !== null && whole.plans.length > 1 && each.place === 'outlet'
			? placeName(house, findBox(house, whole.plans[each.at]!.boxId)!)
			: words[each.at ?? 0]![each.id].place;
</script>

<ol>
	{#each visits as each, k (k)}
		{@const here = k === now && !over}
		<li
			class={each.place}
			class:done={k < now || over}
			class:now={here}
			aria-current={here ? 'step' : undefined}
		>
			<i aria-hidden="true">{k < now || over ? '✓' : ''}</i>
			<b>{placeOf(each)}</b>
			<span>{words[each.at ?? 0]![each.id].what}</span>
			{#if here && each.carry.length > 0}<span
					>{w.carry(each.carry.map((thing) => carriedWords[thing]).join(', '))}</span
				>{/if}
		</li>
	{/each}
</ol>

<style>
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		position: relative;
		padding: 0 0 0.95rem 30px;
	}
	li::before {
		content: '';
		position: absolute;
		left: 9px;
		top: 24px;
		bottom: -2px;
		width: 2px;
		background: var(--ink);
	}
	li:last-child::before {
		display: none;
	}
	i {
		position: absolute;
		left: 0;
		top: 2px;
		width: 20px;
		height: 20px;
		border: 2px solid var(--ink);
		border-radius: 50%;
		font:
			700 12px/16px 'Atkinson Hyperlegible Next',
			sans-serif;
		text-align: center;
	}
	.panel i {
		border-radius: 0;
	}
	.table i {
		border-radius: 6px;
	}
	.done i {
		background: var(--ink);
		color: var(--paper);
	}
	b,
	span {
		display: block;
	}
	span {
		color: var(--soft);
		font-size: 0.92rem;
		line-height: 1.35;
	}
	.now b {
		text-decoration: underline;
		text-underline-offset: 4px;
		text-decoration-thickness: 3px;
	}
	@media (max-width: 700px) {
		ol {
			display: flex;
			flex-wrap: wrap;
			align-items: flex-start;
			gap: 0.3rem 0;
		}
		li {
			padding: 26px 0 0 0;
			flex: 0 0 25px;
			min-height: 26px;
		}
		li:not(.now) b,
		li span {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		li.now {
			flex: 1 0 auto;
			padding: 0 0.35rem 0 25px;
		}
		li.now b {
			white-space: nowrap;
		}
		li::before {
			left: 20px;
			right: 0;
			top: 11px;
			bottom: auto;
			width: auto;
			height: 2px;
		}
		li.now::before {
			display: none;
		}
	}
	/* Eight walks and the longest name on one line. */
	@media (max-width: 430px) {
		li {
			flex-basis: 22px;
		}
	}
</style>
