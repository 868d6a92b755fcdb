<script lang="ts">
	import { observationWords } from '$words/log';
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import {
		beside,
		circuitsInBox,
		findBox,
		isBlank,
		findBreaker,
		neighbours,
		placeName
	} from '@wary/core/house';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import { day } from '$words/dates';
	import { deviceWords } from '$words/devices';
	import { labelMeans, labelText } from '$words/labels';
	import { breakerName, capital, ohmsWord, supplyByWords, terms, voltsWord } from '$words/terms';
	import { editionOf } from '@wary/core/rules';
	import More from '$lib/ui/More.svelte';
	import { placeLine } from '$words/rules/place';
	import AlsoAsked from './AlsoAsked.svelte';
	import PlanLink from './PlanLink.svelte';
	import PluggedIn from './PluggedIn.svelte';
	import SeenOtherwise from './SeenOtherwise.svelte';
	import StartJob from './StartJob.svelte';
	import VoltsAlong from './VoltsAlong.svelte';
	import BoxFill from './BoxFill.svelte';
	import Cables from './Cables.svelte';
	import TheBox from './TheBox.svelte';
	import { words as cableWords } from '$words/outlet/cables';
	import ThePlace from './ThePlace.svelte';
	import WhatIsThere from './WhatIsThere.svelte';
	import { worryWords } from '$words/worries';

	let { data } = $props();
	let placeOpen = $state(false);
	const t = $derived(terms[data.house.region]);
	const circuit = $derived(circuitsInBox(data.house, data.box.id)[0]);
	const breaker = $derived(circuit ? findBreaker(data.house, circuit.breaker) : undefined);
	const findings = $derived(breaker?.findings.filter(({ box }) => box === data.box.id) ?? []);
	let cablesKept = $state<{ open: Record<string, boolean>; everywhere: boolean }>({
		open: {},
		everywhere: false
	});
	const near = $derived(beside(data.house, data.box.id));
	const places = (outlets: boolean) =>
		near
			.map((id) => findBox(data.house, id)!)
			.filter(({ use }) => (use === 'outlet') === outlets)
			.map((each) => placeName(data.house, each));
	const around = $derived(neighbours(data.house, data.box.id));
</script>

<svelte:head><title>{placeName(data.house, data.box)} · Wary Hand</title></svelte:head>
<main>
	<section class="drawing">
		<BoxDrawing house={data.house} box={data.box} />
	</section>
	<section class="facts">
		<h1>{placeName(data.house, data.box)}</h1>
		{#if data.box.device}<p class="device">{deviceWords(data.box.device, data.house.region)}</p>{/if}
		{#each data.box.labels ?? [] as label (label)}<p class="my-1">
				<span class="plate-label">{labelText[label]}</span> <span class="soft">{labelMeans[label]}</span>
			</p>{/each}
		{#each data.box.worries as worry (worry.id)}
			<Verdict kind="open">
				<b>{worryWords[worry.kind].what}</b>
				{worry.note} <span class="soft">{w.seen(day(worry.seen, t.locale))}</span>
			</Verdict>
		{/each}
		{#if !data.underWay}{#key data.box.id}<SeenOtherwise
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					otherwise={data.otherwise}
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
			<AlsoAsked region={data.house.region} edition={editionOf(data.house)} asked={data.also} />
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
			<PlanLink home={data.home.slug} box={data.box.id} />
		{/if}

		<Table class="my-5 [&_th]:w-24 [&_th]:text-soft">
			<TableBody>
				{#if circuit && breaker}
					<TableBodyRow
						><TableHeadCell>{w.circuit}</TableHeadCell><TableBodyCell
							>{circuit.name}{circuit.arrangement === 'ring' ? ', ring' : ''}</TableBodyCell
						></TableBodyRow
					>
					<TableBodyRow>
						<TableHeadCell>{capital(t.breaker)}</TableHeadCell>
						<TableBodyCell>
							{w.aLabelled(breakerName(data.house, breaker.id), breaker.ratingA, breaker.label)}
							<br /><span class="soft"
								>{findings.some(({ finding }) => finding === 'feeds')
									? w.foundByTest(day(findings.findLast(({ finding }) => finding === 'feeds')!.on, t.locale))
									: w.claimedByALabelNot}</span
							>
							· <a href={`/${data.home.slug}/find/${data.box.id}`}>{w.searchForIt}</a>
						</TableBodyCell>
					</TableBodyRow>
				{/if}
				<TableBodyRow
					><TableHeadCell>{w.beforeIt}</TableHeadCell><TableBodyCell
						>{#each around.upstream as box, k (box.id)}{k > 0 ? ', ' : ''}<a
								href={`/${data.home.slug}/outlet/${box.id}`}>{placeName(data.house, box)}</a
							>{:else}{w.the(t.panel)}{/each}</TableBodyCell
					></TableBodyRow
				>
				<TableBodyRow
					><TableHeadCell>{w.afterIt}</TableHeadCell><TableBodyCell
						>{#each around.downstream as box, k (box.id)}{k > 0 ? ', ' : ''}<a
								href={`/${data.home.slug}/outlet/${box.id}`}>{placeName(data.house, box)}</a
							>{:else}<span class="soft">{w.nothingEndOfTheRun}</span>{/each}</TableBodyCell
					></TableBodyRow
				>
				{#if data.box.supply}
					{@const supply = data.box.supply}
					<TableBodyRow
						><TableHeadCell>{w.supply}</TableHeadCell><TableBodyCell
							>{w.cable(supply.cables.join(' and '))}
							<br /><span class="soft"
								>{w.foundBy(
									supplyByWords[supply.by],
									day(supply.on, t.locale),
									supply.readings
										.map(
											({ cable, resistanceOhm, hotNeutralV }) =>
												`${cable} ${hotNeutralV === undefined ? ohmsWord(resistanceOhm ?? null) : voltsWord(hotNeutralV)}`
										)
										.join(', ')
								)}</span
							></TableBodyCell
						></TableBodyRow
					>
				{/if}
				{#if data.box.use === 'outlet' && data.box.device}<TableBodyRow
						><TableHeadCell>{w.here}</TableHeadCell><TableBodyCell
							>{#key data.version}<WhatIsThere
									house={data.house}
									version={data.version}
									slug={data.home.slug}
									box={data.box}
								/>{/key}</TableBodyCell
						></TableBodyRow
					>{/if}
				{#if data.known}<TableBodyRow id="place"
						><TableHeadCell>{w.place}</TableHeadCell><TableBodyCell
							><More
								title={capital(placeLine(data.known.facts.place, data.box.place?.kind !== undefined))}
								bind:open={placeOpen}
								>{#key data.version}<ThePlace
										house={data.house}
										version={data.version}
										slug={data.home.slug}
										box={data.box}
										known={data.known}
									/>{/key}</More
							></TableBodyCell
						></TableBodyRow
					>{/if}
				{#if circuit}<TableBodyRow
						><TableHeadCell>{cableWords.cables}</TableHeadCell><TableBodyCell
							>{#key data.version}<Cables
									house={data.house}
									version={data.version}
									slug={data.home.slug}
									box={data.box}
									bind:kept={cablesKept}
								/>{/key}</TableBodyCell
						></TableBodyRow
					>{/if}
				<TableBodyRow
					><TableHeadCell>{w.box}</TableHeadCell><TableBodyCell
						>{#key data.version}<TheBox
								house={data.house}
								version={data.version}
								slug={data.home.slug}
								box={data.box}
							/><BoxFill house={data.house} boxId={data.box.id} />{/key}</TableBodyCell
					></TableBodyRow
				>
			</TableBody>
		</Table>
		<VoltsAlong house={data.house} points={data.along} />
		<ChainDrawing house={data.house} boxId={data.box.id} slug={data.home.slug} />

		{#if data.box.device && !isBlank(data.box.device) && data.box.use === 'outlet'}{#key data.version}<PluggedIn
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					box={data.box}
				/>{/key}{/if}
		{#if data.observed.length > 0}
			<h2 class="mt-6">{w.triedAndSeen}</h2>
			<ul>
				{#each data.observed as { id, at, body } (id)}
					{@const said = observationWords(body, data.house.region)}
					<li>
						<b>{day(at.slice(0, 10), t.locale)}</b>
						{said.what}: <span class:font-bold={said.bad}>{said.shows}</span>
					</li>
				{/each}
			</ul>
			<p><a href={`/${data.home.slug}/log?at=${data.box.id}`}>{w.allOfIt}</a></p>
		{/if}
		<h2 class="mt-6">{w.history}</h2>
		{#if data.box.history.length === 0 && data.ended.length === 0}<p class="soft">
				{w.nothingIsOnRecordYet}
			</p>{/if}
		<ul>
			{#each data.box.history as entry (entry.on + entry.what)}<li>
					<b>{day(entry.on, t.locale)}</b>
					{entry.what}
				</li>{/each}
			{#each data.ended as job (job.id)}<li>
					<b>{day(job.endedAt!, t.locale)}</b>
					<a href={`/${data.home.slug}/job/${job.id}/record`}>{w.recordOfTheJob(job.outcome ?? '')}</a>
				</li>{/each}
		</ul>
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
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		padding: 0.3rem 0;
		border-bottom: 1px solid var(--hair);
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
