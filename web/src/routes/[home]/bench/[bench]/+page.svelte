<script lang="ts">
	import { words as copy } from '$words/bench/bench';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import More from '$lib/ui/More.svelte';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack } from 'svelte';
	import type { BenchEvent } from '@wary/core/bench';
	import BenchDrawing from '$lib/bench/BenchDrawing.svelte';
	import { BenchSession } from '$lib/bench/session.svelte';
	import { benchEventWords, benchRefusalWords, layers, layerWords } from '$words/bench';
	import BenchHead from './BenchHead.svelte';
	import BoxPart from './BoxPart.svelte';
	import DevicePart from './DevicePart.svelte';
	import Guards from './Guards.svelte';
	import Keep from './Keep.svelte';
	import Meter from './Meter.svelte';
	import Power from './Power.svelte';
	import Selected from './Selected.svelte';
	import Table from './Table.svelte';

	let { data } = $props();
	const session = untrack(
		() => new BenchSession(`/api/${data.home.slug}/benches/${data.id}`, data.file, data.revision)
	);
	const house = $derived(session.shown?.house ?? data.first);
	const boxId = $derived(data.file.box);
	const view = $derived(session.shown?.view ?? null);
	let tool = $state<'wire' | 'probe'>('wire');
	let picked = $state<string | null>(null);
	let back = $state(true);
	let nextTip: 'red' | 'black' = 'red';
	let drawing = $state<ReturnType<typeof BenchDrawing>>();
	holdsUnsaved(() => !['saved', 'saving', 'unsaved'].includes(session.saved));
	onMount(() => {
		session.open();
		return () => session.close();
	});
	const act = (event: BenchEvent) => session.perform(event);

	function land(wire: string, at: string) {
		const [cable, conductor] = wire.split('/') as [string, string];
		act(
			cable === 'tail'
				? { kind: 'landTail', tail: conductor, end: 'to', at }
				: { kind: 'land', cable, conductor, at }
		);
	}
	function tap(id: string) {
		if (tool === 'probe') {
			const point = view?.seen.find((each) => each.id === id)?.point;
			if (!point) return;
			session.hold({ [nextTip]: point });
			nextTip = nextTip === 'red' ? 'black' : 'red';
			return;
		}
		if (id.includes('/')) picked = picked === id ? null : id;
		else if (picked && !id.startsWith('contact:')) {
			land(picked, id);
			picked = null;
		}
	}
	function key(event: KeyboardEvent) {
		if (event.target instanceof HTMLElement && event.target.matches('input, textarea, select')) return;
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
			event.preventDefault();
			return event.shiftKey ? session.redo() : session.undo();
		}
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const layer = layers[Number(event.key) - 1];
		if (layer) session.hold({ layer });
		else if (event.key === 'Escape') picked = null;
		else if (event.key === 'w') tool = 'wire';
		else if (event.key === 'p') tool = 'probe';
		else if (event.key === 'f') back = !back;
		else if (event.key === 'c' && picked) land(picked, 'capped');
	}
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>{copy.benchWaryHand(session.name)}</title></svelte:head>
<main
	data-answered={session.answeredMs}
	data-solved={session.shown?.tookMs}
	data-ready={session.shown ? 'yes' : 'no'}
>
	<BenchHead {session} slug={data.home.slug} bind:tool bind:back {drawing} />
	<section class="stage" aria-label={copy.theBox}>
		{#if session.failed}<NeverFetched />{/if}
		<p class="caption soft">{layerWords[session.instruments.layer].means}</p>
		<div class="paper">
			<BenchDrawing
				bind:this={drawing}
				{house}
				{boxId}
				shown={view}
				instruments={session.instruments}
				{tool}
				{picked}
				{back}
				ontap={tap}
				onland={land}
			/>
		</div>
		{#if session.shown?.refusal}<Verdict kind="open" alert>
				{benchRefusalWords(session.shown.refusal, house)}
			</Verdict>{/if}
		{#if picked}<p class="hint" role="status">
				{copy.nowTapWhereItGoes}
				<Button color="alternative" onclick={() => land(picked!, 'capped')}>{copy.capIt} <Kbd>C</Kbd></Button>
			</p>{/if}
		<More title={copy.theSameAsATable}><Table {house} {boxId} {view} ondo={act} /></More>
		<More title={copy.whatWasDone(session.shown?.done.length ?? 0)}>
			<ol>
				{#each session.shown?.done ?? [] as event, k (k)}<li>{benchEventWords(event, house)}</li>{/each}
			</ol>
		</More>
	</section>
	<aside>
		{#if picked}<Selected {house} {boxId} wire={picked} ondo={act} onclose={() => (picked = null)} />{/if}
		{#if session.instruments.layer === 'guards'}<section>
				<h2>{copy.protection}</h2>
				<Guards {house} {boxId} {view} />
			</section>{/if}
		<Power {house} {boxId} {view} trips={session.shown?.trips ?? []} ondo={act} />
		<DevicePart {house} {boxId} {view} ondo={act} />
		<Meter
			{house}
			{boxId}
			{view}
			instruments={session.instruments}
			onhold={(held) => session.hold(held)}
			ondo={act}
		/>
		<BoxPart {house} {boxId} mistakes={session.mistakes} ondo={act} />
		<Keep {session} {house} />
	</aside>
</main>

<style>
	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 24rem;
		grid-template-rows: auto 1fr;
		max-width: 96rem;
		margin: 0 auto;
	}
	.stage {
		padding: 0.4rem 1.2rem 2rem;
		min-width: 0;
	}
	.paper {
		height: min(39rem, calc(100vh - 14.5rem));
	}
	.caption {
		font-size: 0.95rem;
		margin: 0;
	}
	aside {
		padding: 0.6rem 1.2rem 2rem;
		background: var(--sheet);
		border-left: 1px solid var(--hair);
		display: flex;
		flex-direction: column;
		gap: 1rem;
	}
	aside > :global(section) {
		border-bottom: 1px solid var(--hair);
		padding-bottom: 0.8rem;
	}
	ol {
		margin: 0;
		padding-left: 1.6rem;
		list-style: decimal;
	}
	.hint {
		margin: 0.2rem 0;
	}
	@media (max-width: 900px) {
		main {
			grid-template-columns: minmax(0, 1fr);
		}
		.stage {
			padding: 0.2rem 0.6rem 1rem;
		}
		.paper {
			height: auto;
		}
		aside {
			border-left: 0;
			border-top: 2px solid var(--ink);
			padding: 0.6rem 0.8rem 2rem;
		}
	}
</style>
