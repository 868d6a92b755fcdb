<script lang="ts">
	import { words as w } from '$words/load';
	import { untrack } from 'svelte';
	import { circuitsInBox, hasOutlet, placeName } from '@wary/core/house';
	import { circuitLoad } from '@wary/core/sums';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import HouseViews from '$lib/ui/HouseViews.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import Circuit from './Circuit.svelte';

	/** What every circuit carries, by what is plugged in. */
	let { data } = $props();
	const editor = untrack(
		() => new HouseEditor({ house: data.house, version: data.version, slug: data.home.slug })
	);
	const house = $derived(editor.house);
	const rows = $derived(
		house.circuits
			.map((circuit) => ({
				circuit,
				load: circuitLoad(house, circuit.id),
				outlets: house.boxes
					.filter((box) => hasOutlet(box) && circuitsInBox(house, box.id)[0]?.id === circuit.id)
					.map(({ id }) => id)
			}))
			.filter(({ outlets, load }) => outlets.length > 0 && load)
	);
	const everywhere = $derived(
		house.boxes
			.filter((box) => hasOutlet(box) && circuitsInBox(house, box.id).length > 0)
			.map((box) => ({ id: box.id, place: placeName(house, box) }))
			.toSorted((a, b) => a.place.localeCompare(b.place))
	);
	/** What is wrong first, then the fullest. Sorted once: nothing jumps while one types. */
	const order = untrack(() =>
		rows
			.toSorted(
				(a, b) =>
					Number(b.circuit.id === data.at) - Number(a.circuit.id === data.at) ||
					b.load!.warnings.length - a.load!.warnings.length ||
					b.load!.totalA / b.load!.breakerA - a.load!.totalA / a.load!.breakerA
			)
			.map(({ circuit }) => circuit.id)
	);
	const open = $state<Record<string, boolean>>(untrack(() => (data.at ? { [data.at]: true } : {})));
</script>

<svelte:head><title>{w.title(data.home.name)}</title></svelte:head>
<main class="mx-auto max-w-5xl px-4 pt-2 pb-12 md:px-6" data-saving={editor.saving}>
	<HouseViews slug={data.home.slug} />
	<h1>{w.load}</h1>
	<p class="m-0 max-w-[60ch]">{w.lead}</p>
	{#if editor.trouble}<Verdict kind="bad" alert>{editor.trouble}</Verdict>{/if}
	{#if rows.length === 0}<Verdict kind="open">{w.none}</Verdict>{/if}
	{#each rows.toSorted((a, b) => order.indexOf(a.circuit.id) - order.indexOf(b.circuit.id)) as { circuit, outlets } (circuit.id)}
		<Circuit
			{editor}
			{house}
			{circuit}
			{outlets}
			slug={data.home.slug}
			{everywhere}
			joints={data.joints.get(circuit.id) ?? []}
			bind:open={() => open[circuit.id] ?? false, (is) => (open[circuit.id] = is)}
		/>
	{/each}
</main>
