<script lang="ts">
	import { words as w } from '$words/search/search';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { type House } from '@wary/core/house';
	import type { Move } from '@wary/core/search';
	import More from '$lib/ui/More.svelte';
	import { meansWords, methodWords, moveWhy, reasonWords } from '$words/search';
	import { breakerName } from '$words/terms';
	import { inPanelOrder } from './order';
	import type { Planned, Planner } from './planner.svelte';

	interface Props {
		house: House;
		move: Extract<Move, { kind: 'switch' }>;
		planned: Planned;
		planner: Planner;
		looking: boolean;
		/** In a demo home: takes the look. */
		onlook: (() => void) | null;
		answer: (what: 'dark' | 'on' | 'unsure') => void;
	}
	/** What to switch off next and what to look at; how likely that is to be it, what it interrupts, and why. */
	let { house, move, planned, planner, looking, onlook, answer }: Props = $props();
	const first = $derived(planned.candidates.find(({ id }) => id === move.off[0]));
	const disturbed = $derived([
		...new Set(
			planned.candidates
				.filter(({ id }) => move.off.includes(id))
				.flatMap(({ things }) => things.map(({ name }) => name))
		)
	]);
	const elsewhere = $derived(
		planned.stand.believed.find(({ hypothesis }) => hypothesis.kind === 'elsewhere')?.probability ?? 0
	);
</script>

<p class="label">{w.haveOffAllOthersOn}</p>
<p class="which">
	{inPanelOrder(house, move.off)
		.map((id) => breakerName(house, id))
		.join(' · ')}
</p>
<p>{meansWords[move.by].look} <b>{w.dark}</b>?</p>
<p class="row answers">
	<Button size="lg" class="min-w-30" disabled={planner.working} onclick={() => answer('dark')}
		>{w.dark2}<Kbd>d</Kbd></Button
	>
	<Button size="lg" class="min-w-30" disabled={planner.working} onclick={() => answer('on')}
		>{w.stillOn}<Kbd>n</Kbd></Button
	>
	<Button size="lg" class="min-w-30" color="light" disabled={planner.working} onclick={() => answer('unsure')}
		>{w.notSure}<Kbd>u</Kbd></Button
	>
	{#if onlook}<Button size="lg" color="light" disabled={looking || planner.working} onclick={onlook}
			>{looking ? w.looking : w.lookSimulated}<Kbd>t</Kbd></Button
		>{/if}
</p>
<p class="figures">
	<span><b>{Math.round(move.chance * 100)} %</b> {w.itGoesDark}</span>
	{#if move.expected}
		<span><b>{move.expected.walks.toFixed(1)}</b> {w.walksLeftExpected}</span>
		<span><b>{w.min(Math.max(1, Math.round(move.expected.seconds / 60)))}</b></span>
	{/if}
</p>
{#if disturbed.length > 0}<p>{w.byTheRecordThisInterrupts} <b>{disturbed.join(', ')}</b>.</p>{/if}
<More title={w.whyThis}
	><div class="why">
		<p>{moveWhy(move, house)}</p>
		{#if first && first.reasons.length > 0}<p>
				{breakerName(house, first.id)}: {first.reasons
					.map((reason) => reasonWords(reason, house))
					.join('; ')}.
			</p>{/if}
		<p class="soft">
			{w.byNoneOfTheseFeeds(methodWords[move.method], Math.round(elsewhere * 100))}
		</p>
	</div></More
>

<style>
	p {
		margin: 0 0 0.6rem;
		max-width: 46ch;
	}
	.which {
		font-size: 2.3rem;
		line-height: 1.1;
		font-weight: 650;
		letter-spacing: 0.01em;
		border-bottom: 3px solid var(--ink);
		padding-bottom: 0.3rem;
		overflow-wrap: anywhere;
	}
	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 1.6rem;
		color: var(--soft);
	}
	.figures b {
		color: var(--ink);
		font-size: 1.15rem;
	}
	.why {
		border-left: 2px solid var(--ink);
		padding-left: 0.9rem;
		margin: 0.2rem 0 0.8rem;
	}
	@media (max-width: 900px) {
		.which {
			font-size: 1.9rem;
		}
	}
</style>
