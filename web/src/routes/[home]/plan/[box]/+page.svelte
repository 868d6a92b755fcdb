<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import { onMount, untrack } from 'svelte';
	import { replaceState } from '$app/navigation';
	import { beside, cablesInBox, findBox, placeName } from '@wary/core/house';
	import type { WishChoice } from '@wary/core/job';
	import type { PartId } from '@wary/core/devices';
	import type { OrderSchool } from '@wary/core/wiring';
	import { feedFor } from '$lib/plan/offers';
	import { Planner } from '$lib/plan/planner.svelte';
	import { plainWish, Wishes } from '$lib/plan/wishes.svelte';
	import { kindWords } from '$words/devices';
	import { partWords } from '$words/parts';
	import { inSentence } from '$words/terms';
	import Skeleton from 'flowbite-svelte/Skeleton.svelte';
	import { browser } from '$app/environment';
	import Later from '$lib/ui/Later.svelte';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';
	import Choose from './Choose.svelte';
	import Together from './Together.svelte';
	import { editionOf } from '@wary/core/rules';
	import More from '$lib/ui/More.svelte';
	import { groundlessWords } from '$words/rules/groundless';

	/** What goes in instead: what is there and what shall be, side by side, judged by the model before a screw is turned. */
	let { data } = $props();
	const near = untrack(() => beside(data.house, data.box.id));
	const wishes = untrack(
		() =>
			new Wishes({
				home: data.box.id,
				wish: plainWish(data.part, data.feed),
				near: data.near,
				together: data.together,
				beside: near,
				kept: data.kept?.boxes ?? null
			})
	);
	const { boxId, wish, boxes } = $derived(wishes);
	const box = $derived(findBox(data.house, boxId)!);
	let school = $state<OrderSchool>('groundFirst');
	const planner = new Planner();
	onMount(() => () => planner.stop());
	let usb = $state(false);
	let decorator = $state(false);
	$effect(() => planner.ask({ house: data.house, boxes, boxId, school, liked: { usb, decorator } }));
	const switched = $derived(
		cablesInBox(data.house, boxId).some(({ cable }) =>
			cable.conductors.some(({ role }) => role === 'switchedHot')
		)
	);
	const ways = $derived(planner.planned?.ways ?? []);
	/** Fetched while the plan is worked out. */
	const answer = browser ? import('./Answer.svelte') : null;
	const take = (part: PartId) =>
		wish && choose({ ...wish, part, feed: feedFor(planner.planned?.offers ?? [], part, wish.feed) });
	function choose(next: WishChoice) {
		wishes.choose(next);
		if (boxId !== data.box.id) return;
		const query = new URLSearchParams({ part: next.part, feed: next.feed });
		replaceState(`?${query}`, {});
	}
</script>

<svelte:head><title>{w.title(placeName(data.house, data.box))} · Wary Hand</title></svelte:head>
<main data-planned={wish && planner.planned?.offers.length ? wish.part : null}>
	<header>
		<div>
			<h1>{placeName(data.house, box)}</h1>
			<p class="mb-2">
				{wish
					? w.becomes(kindWords(box.device!), inSentence(partWords[wish.part].name))
					: w.putBack(kindWords(box.device!))}
			</p>
		</div>
		<Together
			house={data.house}
			{boxes}
			{boxId}
			left={wishes.left}
			onlook={(to) => (wishes.boxId = to)}
			onadd={(added) => wishes.add(added)}
			onleave={(out) => wishes.leaveOut(out)}
		/>
	</header>
	{#if wish || wishes.elsePart}<div class="choose">
			{#if wishes.elsePart}<Checkbox
					class="mb-3"
					bind:checked={() => wish === null, (only) => wishes.onlyPutBack(only)}>{w.onlyPutBack}</Checkbox
				>{/if}
			{#if wish}<Choose
					house={data.house}
					{wish}
					offers={planner.planned?.offers ?? []}
					choice={planner.planned?.choice ?? null}
					bind:usb
					bind:decorator
					{switched}
					onwish={choose}
				/>{/if}
			{#if wish && ways.length > 0}<More title={groundlessWords.title}
					><Later
						load={() => import('./Groundless.svelte')}
						props={{
							region: data.house.region,
							edition: editionOf(data.house),
							ways,
							part: wish.part,
							onpick: take
						}}
					/></More
				>{/if}
		</div>{/if}
	{#await answer}<Skeleton class="max-w-full" />{:then loaded}
		{#if loaded}<loaded.default
				{data}
				{box}
				{wishes}
				{planner}
				bind:school
				onwish={choose}
				onpick={take}
			/>{/if}
	{:catch}<NeverFetched />{/await}
	<p class="back"><a class="tap" href={`/${data.home.slug}/outlet/${data.box.id}`}>{w.back}</a></p>
</main>

<style>
	main {
		display: grid;
		grid-template-rows: auto auto auto 1fr;
		grid-template-columns: minmax(0, 1fr) minmax(19rem, 25rem);
		gap: 0 1.8rem;
		padding: 1rem 1.5rem 3rem;
	}
	header,
	.choose {
		grid-column: 1 / -1;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0 2rem;
		margin-bottom: 0.6rem;
	}
	.back {
		grid-column: 2;
		margin-top: 1rem;
	}
	.choose {
		border-bottom: 2px solid var(--ink);
		margin-bottom: 1rem;
		padding-bottom: 0.7rem;
	}
	@media (max-width: 1000px) {
		main {
			display: block;
		}
	}
	@media (max-width: 700px) {
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
