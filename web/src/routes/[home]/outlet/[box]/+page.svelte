<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { beside, circuitsInBox, findBox, hasOutlet, isBlank, placeName } from '@wary/core/house';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import Later from '$lib/ui/Later.svelte';
	import { day } from '$words/dates';
	import { deviceWords } from '$words/devices';
	import { labelMeans, labelText } from '$words/labels';
	import { terms } from '$words/terms';
	import AlsoAsked from './AlsoAsked.svelte';
	import OnRecord from './OnRecord.svelte';
	import Past from './Past.svelte';
	import PlanLink from './PlanLink.svelte';
	import PluggedIn from './PluggedIn.svelte';
	import StartJob from './StartJob.svelte';
	import { worryWords } from '$words/worries';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const circuit = $derived(circuitsInBox(data.house, data.box.id)[0]);
	const near = $derived(beside(data.house, data.box.id));
	const places = (outlets: boolean) =>
		near
			.map((id) => findBox(data.house, id)!)
			.filter(({ use }) => (use === 'outlet') === outlets)
			.map((each) => placeName(data.house, each));
</script>

<svelte:head><title>{placeName(data.house, data.box)} · Wary Hand</title></svelte:head>
<main>
	<section class="drawing">
		<BoxDrawing house={data.house} box={data.box} />
	</section>
	<section class="facts">
		<h1>{placeName(data.house, data.box)}</h1>
		{#if data.box.device}<p class="device">{deviceWords(data.box.device, data.house.region)}</p>{/if}
		{#each data.box.labels ?? [] as label, k (k)}<p class="my-1">
				<span class="plate-label">{labelText[label]}</span> <span class="soft">{labelMeans[label]}</span>
			</p>{/each}
		{#each data.box.worries as worry (worry.id)}
			<Verdict kind="open">
				<b>{worryWords[worry.kind].what}</b>
				{worry.note} <span class="soft">{w.seen(day(worry.seen, t.locale))}</span>
			</Verdict>
		{/each}
		{#if !data.underWay && data.otherwise}{#key data.box.id}<Later
					load={() => import('./SeenOtherwise.svelte')}
					props={{
						house: data.house,
						version: data.version,
						slug: data.home.slug,
						otherwise: data.otherwise
					}}
				/>{/key}{/if}
		{#if data.underWay}
			<p class="row">
				<Button size="lg" href={`/${data.home.slug}/job/${data.underWay}`}>{w.goOnWithTheJob}</Button>
			</p>
		{:else if data.cannot}
			<Verdict kind="open">{data.cannot}</Verdict>
			{#if data.plannable}<PlanLink
					home={data.home.slug}
					box={data.box.id}
					first={isBlank(data.box.device)}
				/>{/if}
			{#if !circuit || data.searchable}<p class="row">
					<Button size="lg" href={`/${data.home.slug}/find/${data.box.id}`}>{w.findIts(t.breaker)}</Button>
				</p>{/if}
		{:else}
			{#if data.also}<AlsoAsked asked={data.also} />{/if}
			<StartJob
				slug={data.home.slug}
				boxId={data.box.id}
				region={data.house.region}
				asked={data.asked}
				noResidual={data.noResidual}
			/>
			{#if near.length > 0}<p class="m-0 mb-3">
					{w.comesOutToo(places(true), places(false))}
				</p>{/if}
			<PlanLink home={data.home.slug} box={data.box.id} asked={data.asked !== null} />
		{/if}

		<OnRecord {data} />
		{#if data.along.length > 0}<Later
				load={() => import('./VoltsAlong.svelte')}
				props={{ house: data.house, points: data.along }}
			/>{/if}
		<ChainDrawing house={data.house} boxId={data.box.id} slug={data.home.slug} />

		{#if hasOutlet(data.box)}{#key data.version}<PluggedIn
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					box={data.box}
				/>{/key}{/if}
		<Past {data} />
	</section>
</main>

<style>
	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem 3rem;
	}
	.facts {
		overflow-wrap: anywhere;
	}
	.device {
		font-size: 1.1rem;
		margin: 0 0 0.6rem;
	}
	@media (max-width: 900px) {
		main {
			grid-template-columns: minmax(0, 1fr);
			padding: 1rem 1rem 3rem;
		}
		.facts {
			order: -1;
		}
	}
</style>
