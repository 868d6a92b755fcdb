<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/house/page';
	import { afterNavigate } from '$app/navigation';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, tick, untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { findBreaker, mainSwitch } from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import HouseViews from '$lib/ui/HouseViews.svelte';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import { nextAlong } from '$lib/ui/panel/walk';
	import { capital, terms } from '$words/terms';
	import BreakerPart from './BreakerPart.svelte';
	import Earthing from './Earthing.svelte';
	import type FilesComponent from './Files.svelte';
	import HouseHead from './HouseHead.svelte';
	import Legend from './Legend.svelte';
	import PanelPart from './PanelPart.svelte';
	import Rooms from './Rooms.svelte';
	import { setEditor } from './context';

	let { data } = $props();
	const editor = setEditor(
		untrack(() => new HouseEditor({ house: data.house, version: data.version, slug: data.home.slug }))
	);
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	/** A breaker’s id, an empty space of a panel, or a panel itself. */
	let selected = $state<{ breaker: string } | { panel: string; space: number } | { panel: string } | null>(
		null
	);
	const breaker = $derived(
		selected && 'breaker' in selected ? findBreaker(house, selected.breaker) : undefined
	);
	let part = $state<HTMLElement>();
	let ready = $state(false);
	/** Far down the page: it comes after the rest answers. */
	let Files = $state.raw<typeof FilesComponent | null>(null);
	onMount(() => {
		ready = true;
		void import('./Files.svelte').then(
			(loaded) => (Files = loaded.default),
			() => null
		);
	});

	// A breaker may be asked for by the address, as the palette does.
	afterNavigate(({ to }) => {
		const id = to?.url.searchParams.get('breaker');
		if (id && findBreaker(house, id)) void select({ breaker: id });
	});

	async function select(what: typeof selected) {
		selected = what;
		editor.trouble = null;
		await tick();
		part?.querySelector<HTMLElement>('input, select, button')?.focus({ preventScroll: innerWidth > 900 });
	}
	function key(event: KeyboardEvent) {
		const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, select');
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing) {
			event.preventDefault();
			void (event.shiftKey ? editor.redo() : editor.undo());
		}
		// Arrows walk the panel as it hangs.
		const at =
			event.target instanceof HTMLElement ? event.target.closest<HTMLElement>('.panel button') : null;
		if (!at || !event.key.startsWith('Arrow')) return;
		const next = nextAlong(at, event.key, [...at.closest('.panel')!.querySelectorAll<HTMLElement>('button')]);
		if (next) {
			event.preventDefault();
			next.focus();
		}
	}
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>{w.houseWaryHand(house.name)}</title></svelte:head>
<main data-ready={ready} data-version={editor.version} data-saving={editor.saving}>
	<HouseViews slug={data.home.slug} />
	<HouseHead slug={data.home.slug} since={data.version} />

	<div class="columns">
		<section class="panels" aria-label={capital(t.panel)}>
			{#each house.panels as panel (panel.id)}
				<PanelDrawing
					{house}
					{panel}
					sure
					chosen={breaker?.id ??
						(selected && 'panel' in selected && !('space' in selected) ? mainSwitch(selected.panel) : null)}
					onpick={(id) => select({ breaker: id })}
					onempty={(space) => select({ panel: panel.id, space })}
					onmain={() => select({ panel: panel.id })}
				/>
			{/each}
			<p class="soft small">
				{w.tapToSayWhatIt(t.aBreaker, t.panel)}
			</p>
		</section>
		<section class="part" bind:this={part} aria-label={w.whatIsSelected}>
			{#if breaker}
				{#key breaker.id}<BreakerPart
						{breaker}
						home={data.home.slug}
						onselect={(id) => select({ breaker: id })}
						ongone={() => select(null)}
					/>{/key}
			{:else if selected && 'panel' in selected}
				{#key JSON.stringify(selected)}<PanelPart
						panelId={selected.panel}
						space={'space' in selected ? selected.space : null}
						onadded={(id) => select({ breaker: id })}
						ongone={() => select(null)}
					/>{/key}
			{:else}
				<Legend region={house.region} />
				{#if house.panels[0]!.breakers.length === 0}
					<Verdict kind="open">
						{w.noIsOnRecordTap(t.breaker)} <a href="#files">{w.pasteTheDirectory}</a>
						{w.asItIsWrittenOn}
					</Verdict>
				{:else if house.boxes.length === 0}
					<Verdict kind="open">{w.noRoomIsOnRecord} <a href="#rooms">{w.addRoomsAndTheirOutlets}</a>.</Verdict
					>
				{:else}
					<p>
						{w.everyTestMadeInA(t.aBreaker)}
					</p>
				{/if}
			{/if}
		</section>
	</div>
	{#if regions[house.region].supply.bondedAt === null}<Earthing />{/if}
	<Rooms home={data.home.slug} onbreaker={(id) => select({ breaker: id })} />
	{#if Files}<Files home={data.home.slug} ontaken={() => invalidateAll()} />{/if}
</main>

<style>
	main {
		max-width: 84rem;
		margin: 0 auto;
		padding: 1rem 1.5rem 3rem;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
		gap: 2rem;
		align-items: start;
	}
	.panels {
		display: grid;
		gap: 0.8rem;
	}
	.part {
		position: sticky;
		top: 0.8rem;
	}
	.small {
		font-size: 0.9rem;
		margin: 0;
	}
	@media (max-width: 900px) {
		main {
			padding: 0.8rem 0.8rem 3rem;
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		.part {
			position: static;
		}
	}
</style>
