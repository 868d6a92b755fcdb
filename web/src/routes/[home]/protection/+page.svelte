<script lang="ts">
	import { words as w } from '$words/protection';
	import { editionFacts, editionOf } from '@wary/core/rules';
	import HouseViews from '$lib/ui/HouseViews.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import Circuit from './Circuit.svelte';

	/** Who guards whom, what the code asks, and the fewest devices that cover it. */
	let { data } = $props();
	const edition = $derived(editionFacts[editionOf(data.house)]);
	/** What is missing first. */
	const circuits = $derived(
		data.circuits.toSorted(
			(a, b) =>
				Number(b.plan !== null) - Number(a.plan !== null) ||
				Number(b.outlets.some(({ asked, guardedBy }) => asked && guardedBy === null)) -
					Number(a.outlets.some(({ asked, guardedBy }) => asked && guardedBy === null))
		)
	);
</script>

<svelte:head><title>{w.title} · {data.home.name} · Wary Hand</title></svelte:head>
<main class="mx-auto max-w-5xl px-4 pt-2 pb-12 md:px-6">
	<HouseViews slug={data.home.slug} />
	<h1>{w.title}</h1>
	<p class="m-0 max-w-[70ch]">
		{w.lead(edition.code, edition.cited)}
	</p>
	{#if circuits.length === 0}<Verdict kind="open">{w.none}</Verdict>{/if}
	{#each circuits as circuit (circuit.circuit)}
		<Circuit house={data.house} slug={data.home.slug} {circuit} />
	{/each}
</main>
