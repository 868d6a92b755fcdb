<script lang="ts">
	import { words as copy } from '$words/bench/bench';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import ButtonGroup from 'flowbite-svelte/ButtonGroup.svelte';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack } from 'svelte';
	import type { BenchEvent, Layer } from '@wary/core/bench';
	import { compileHouse } from '@wary/core/house';
	import { writeNetlist } from '@wary/core/network';
	import BenchDrawing from '$lib/bench/BenchDrawing.svelte';
	import { BenchSession, type Saved } from '$lib/bench/session.svelte';
	import { download } from '$lib/download';
	import { benchEventWords, benchRefusalWords, layerWords } from '$words/bench';
	import BoxPart from './BoxPart.svelte';
	import DevicePart from './DevicePart.svelte';
	import Guards from './Guards.svelte';
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
	const layers = Object.keys(layerWords) as Layer[];
	const savedWords: Record<Saved, string> = {
		saved: 'saved',
		saving: 'saving …',
		unsaved: '…',
		refused: copy.notSavedTheServerDoesnt,
		elsewhere: copy.somebodySavedThisBenchMeanwhile,
		unreachable: copy.notSavedTheServerCant,
		tooLarge: copy.notSavedTooLargeFor
	};
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
	const fileName = $derived(
		session.name
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'bench'
	);
	const keepFile = () =>
		download(`${fileName}.bench.json`, 'application/json', JSON.stringify(session.file(), null, '\t'));
	const keepNetlist = () =>
		download(`${fileName}.cir`, 'text/plain', writeNetlist(compileHouse(house), session.name).text);
	function keepSvg() {
		const svg = document.querySelector<SVGSVGElement>('.stage svg')!;
		const copy = svg.cloneNode(true) as SVGSVGElement;
		const from = [svg, ...svg.querySelectorAll('*')];
		[copy, ...copy.querySelectorAll('*')].forEach((element, k) => {
			const style = getComputedStyle(from[k]!);
			for (const name of [
				'fill',
				'stroke',
				'stroke-width',
				'stroke-dasharray',
				'stroke-opacity',
				'fill-opacity',
				'font-size',
				'font-weight',
				'text-anchor',
				'paint-order'
			])
				(element as SVGElement).style.setProperty(name, style.getPropertyValue(name));
			(element as SVGElement).style.setProperty('font-family', 'sans-serif');
		});
		copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
		download(`${fileName}.svg`, 'image/svg+xml', new XMLSerializer().serializeToString(copy));
	}
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>{copy.benchWaryHand(session.name)}</title></svelte:head>
<main
	data-answered={session.answeredMs}
	data-solved={session.shown?.tookMs}
	data-ready={session.shown ? 'yes' : 'no'}
>
	<header>
		<div class="name">
			<a href={`/${data.home.slug}/bench`} class="soft">{copy.bench}</a>
			<h1 class="sr-only">{copy.bench2(session.name)}</h1>
			<Input
				class="min-w-32 flex-1 border-0 border-b-2 border-transparent bg-transparent px-0 text-xl font-bold focus:border-ink focus:ring-0"
				aria-label={copy.nameOfThisBench}
				value={session.name}
				maxlength={80}
				onchange={(event) => session.rename(event.currentTarget.value)}
			/>
			<span class="row views">
				<Button
					class="max-lg:hidden"
					color="alternative"
					onclick={() => drawing?.zoomOut()}
					aria-label={copy.smaller}>−</Button
				>
				<Button
					class="max-lg:hidden"
					color="alternative"
					onclick={() => drawing?.zoomIn()}
					aria-label={copy.larger}>+</Button
				>
				<Button color="alternative" onclick={() => drawing?.whole()}>{copy.whole}</Button>
				<Button color="alternative" onclick={() => (back = !back)}
					>{copy.fromTheTurnOver(back ? 'back' : 'front')} <Kbd class="max-lg:hidden">F</Kbd></Button
				>
			</span>
			<span
				class={session.saved === 'saved' || session.saved === 'saving' || session.saved === 'unsaved'
					? 'soft'
					: 'font-semibold text-live'}
				role="status">{savedWords[session.saved]}</span
			>
		</div>
		<div class="row tools">
			<ButtonGroup aria-label={copy.tool}>
				<Button aria-pressed={tool === 'wire'} onclick={() => (tool = 'wire')}
					>{copy.wire} <Kbd class="max-lg:hidden">W</Kbd></Button
				>
				<Button aria-pressed={tool === 'probe'} onclick={() => (tool = 'probe')}
					>{copy.probe} <Kbd class="max-lg:hidden">P</Kbd></Button
				>
			</ButtonGroup>
			<ButtonGroup aria-label={copy.history}>
				<Button disabled={!session.shown?.canUndo} onclick={() => session.undo()}>{copy.undo}</Button>
				<Button disabled={!session.shown?.canRedo} onclick={() => session.redo()}>{copy.redo}</Button>
			</ButtonGroup>
			<ButtonGroup aria-label={copy.layer}>
				{#each layers as layer, k (layer)}<Button
						aria-pressed={session.instruments.layer === layer}
						title={layerWords[layer].means}
						onclick={() => session.hold({ layer })}
						>{layerWords[layer].name} <Kbd class="max-lg:hidden">{k + 1}</Kbd></Button
					>{/each}
			</ButtonGroup>
		</div>
	</header>
	<section class="stage" aria-label={copy.theBox}>
		<p class="caption">
			<span class="soft">{layerWords[session.instruments.layer].means}</span>
		</p>
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
		<section class="keep">
			<h2>{copy.takeAlong}</h2>
			<p class="row">
				<Button color="alternative" onclick={keepFile}>{copy.benchFile}</Button>
				<Button color="alternative" onclick={keepSvg}>{copy.drawingSvg}</Button>
				<Button color="alternative" onclick={keepNetlist}>{copy.netlistSpice}</Button>
			</p>
			<p class="soft">{copy.aBenchIsADraft}</p>
		</section>
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
	header {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem 1.4rem;
		align-items: center;
		padding: 0.5rem 1.2rem;
		border-bottom: 1px solid var(--hair);
	}
	.name {
		display: flex;
		flex-wrap: wrap;
		min-width: 0;
		align-items: center;
		gap: 0.6rem;
		flex: 1 1 18rem;
	}
	.tools {
		gap: 0.6rem;
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
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0 1rem;
		margin: 0;
		align-items: center;
	}
	.views {
		gap: 0.2rem;
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
		header {
			padding: 0.4rem 0.8rem;
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
