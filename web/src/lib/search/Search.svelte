<script lang="ts">
	import { words as w } from '$words/search/search';
	import { words as courseWords } from '$words/search/searchCourse';
	import SearchCourse from './SearchCourse.svelte';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack, type Snippet } from 'svelte';
	import { allBreakers, type House } from '@wary/core/house';
	import type { SearchEnd, SearchEvent, SearchSettings } from '@wary/core/search';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import { endWords } from '$words/search';
	import { terms } from '$words/terms';
	import { Planner, type Planned } from './planner.svelte';
	import SearchLog from './SearchLog.svelte';
	import SearchMove from './SearchMove.svelte';
	import SearchWays from './SearchWays.svelte';

	/** The search for the breaker that feeds an outlet: the next move, why, and what it showed. Where events are kept is for whoever uses it. */
	let {
		house,
		boxId,
		settings,
		events,
		released,
		onsettings,
		onevent,
		look = null,
		ended,
		onrestart = null,
		first = null
	}: {
		house: House;
		boxId: string;
		settings: SearchSettings;
		events: readonly SearchEvent[];
		/** Breakers that may be switched although something hard hangs on them. */
		released: readonly string[];
		onsettings: (settings: SearchSettings) => void;
		onevent: (event: SearchEvent) => void;
		/** In a demo home: what would be seen. */
		look?:
			| ((off: readonly string[] | null) => Promise<'dark' | 'on' | { strongest: string | null } | null>)
			| null;
		ended: Snippet<[SearchEnd]>;
		onrestart?: (() => void) | null;
		/** The first move, where the page brings it. */
		first?: Pick<Planned, 'candidates' | 'stand'> | null;
	} = $props();
	const planner = new Planner(untrack(() => (first ? { ...first, number: 0, course: [], tookMs: 0 } : null)));
	const t = $derived(terms[house.region]);
	let looking = $state(false);
	let courseShown = $state(false);
	onMount(() => () => planner.stop());
	$effect(() => {
		planner.ask({
			house: $state.snapshot(house) as House,
			boxId,
			released: [...released],
			settings: { ...settings },
			events: [...events]
		});
	});
	const planned = $derived(planner.planned);
	const move = $derived(planned?.stand.next ?? null);
	const end = $derived(planned?.stand.end ?? null);
	const off = $derived(
		move?.kind === 'switch'
			? move.off
			: end?.kind === 'found'
				? [end.breaker]
				: end?.kind === 'several'
					? end.breakers
					: []
	);
	const main = $derived(house.panels[0]!);
	const panels = $derived(house.panels.filter((panel) => panel === main || panel.breakers.length > 0));
	const answer = (what: 'dark' | 'on' | 'unsure') =>
		move?.kind === 'switch' &&
		!planner.working &&
		onevent({ kind: 'answer', off: [...move.off], answer: what, by: move.by });
	async function ask() {
		if (!look || !move || planner.working) return;
		looking = true;
		const seen = await look(move.kind === 'switch' ? move.off : null);
		looking = false;
		if (seen === 'dark' || seen === 'on') answer(seen);
		else if (seen !== null) onevent({ kind: 'signal', strongest: seen.strongest });
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.ctrlKey || event.metaKey || event.altKey || !move || document.querySelector('dialog[open]'))
			return;
		if (target?.closest('input:not([type=radio], [type=checkbox]), select, textarea')) return;
		if (event.key === 'd') answer('dark');
		else if (event.key === 'n') answer('on');
		else if (event.key === 'u') answer('unsure');
		else if (event.key === 't' && look) void ask();
		else return;
		event.preventDefault();
		event.stopImmediatePropagation();
	}
</script>

<svelte:window onkeydowncapture={key} />
<div class="search" data-planning={planner.working} data-moves={events.length}>
	<div class="say" aria-live="polite">
		{#if planner.failed}<NeverFetched />{/if}
		{#if !planned}<p class="soft">{w.planning}</p>
		{:else if end}
			{@const words = endWords(end, house)}
			<h2 class="end">{words.title}</h2>
			<p>{words.text}</p>
			{@render ended(end)}
		{:else if move?.kind === 'sweep'}
			<h2>{w.transmitterIntoTheReceiverOver(t.outlet, t.panel)}</h2>
			<p>
				{w.sweepItSlowlyOverEvery(t.breaker)}
			</p>
			<p class="row">
				<Button size="lg" color="light" onclick={() => onevent({ kind: 'signal', strongest: null })}
					>{w.noSignalAnywhere}</Button
				>
				{#if look}<Button size="lg" color="light" disabled={looking} onclick={ask}
						>{w.sweepSimulated}<Kbd>t</Kbd></Button
					>{/if}
			</p>
		{:else if move && planned}
			<SearchMove {house} {move} {planned} {planner} {looking} onlook={look && ask} {answer} />
		{/if}
		{#if planned?.stand.contradicted}<Verdict kind="open">
				{w.twoAnswersContradictEachOther}
			</Verdict>{/if}

		{#if events.length > 0}
			<SearchLog {house} {events} />
			{#if planned}<More class="mt-3.5" title={courseWords.title} bind:open={courseShown}>
					{#if courseShown}<SearchCourse {house} course={planned.course} />{/if}
				</More>{/if}
			{#if onrestart}<Button color="alternative" onclick={onrestart}>{w.forgetTheseAndBeginAgain}</Button
				>{/if}
		{/if}

		<SearchWays {house} {settings} {onsettings} />
	</div>
	<div class="panels">
		{#each panels as panel (panel.id)}
			<PanelDrawing
				{house}
				{panel}
				chosen={off}
				{off}
				chance={planned?.stand.probability ?? null}
				onpick={move?.kind === 'sweep' ? (id) => onevent({ kind: 'signal', strongest: id }) : undefined}
			/>
		{/each}
		{#if allBreakers(house).length === 0}<p class="soft">{w.noIsOnRecordYet(t.breaker)}</p>{/if}
	</div>
</div>

<style>
	.search {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
		gap: 1.6rem;
		align-items: start;
	}
	.say p {
		margin: 0 0 0.6rem;
		max-width: 46ch;
	}
	h2 {
		font-size: 1.35rem;
	}
	.panels {
		display: grid;
		gap: 0.8rem;
	}
	@media (max-width: 900px) {
		.search {
			grid-template-columns: minmax(0, 1fr);
			gap: 0.9rem;
		}
	}
</style>
