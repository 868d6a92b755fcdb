<script lang="ts">
	import { words as w } from '$words/ui/trail';
	import { visitsOf, type JobPlan, type JobState, type VisitId } from '@wary/core/job';
	import type { House } from '@wary/core/house';
	import { carriedWords, visitWords } from '$words/steps';

	let {
		plan,
		house,
		jobState,
		visit,
		over
	}: { plan: JobPlan; house: House; jobState: JobState; visit: VisitId; over: boolean } = $props();
	const visits = $derived(visitsOf(plan, jobState));
	const words = $derived(visitWords(plan, house));
	const at = $derived(visits.findIndex(({ id }) => id === visit));
</script>

<ol>
	{#each visits as each, k (each.id)}
		{@const now = k === at && !over}
		<li class={each.place} class:done={k < at || over} class:now aria-current={now ? 'step' : undefined}>
			<i aria-hidden="true">{k < at || over ? '✓' : ''}</i>
			<b>{words[each.id].place}</b>
			<span>{words[each.id].what}</span>
			{#if now && each.carry.length > 0}<span
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
			align-items: flex-start;
			gap: 0;
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
</style>
