<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { circuitsInBox, findBreaker, hasOutlet, neighbours, placeName } from '@wary/core/house';
	import Later from '$lib/ui/Later.svelte';
	import More from '$lib/ui/More.svelte';
	import { day } from '$words/dates';
	import { words as cableWords } from '$words/outlet/cables';
	import { placeLine } from '$words/rules/place';
	import { breakerName, capital, ohmsWord, supplyByWords, terms, voltsWord } from '$words/terms';
	import type { PageData } from './$types';
	import BoxFill from './BoxFill.svelte';
	import Cables from './Cables.svelte';
	import TheBox from './TheBox.svelte';
	import WhatIsThere from './WhatIsThere.svelte';

	/** What is on record of an outlet: its circuit, what comes before and after, what is there; set in place. */
	let { data }: { data: PageData } = $props();
	/** Stays open while the record changes under it. */
	let placeOpen = $state(false);
	let cablesKept = $state<{ open: Record<string, boolean>; everywhere: boolean }>({
		open: {},
		everywhere: false
	});
	const t = $derived(terms[data.house.region]);
	const circuit = $derived(circuitsInBox(data.house, data.box.id)[0]);
	const breaker = $derived(circuit ? findBreaker(data.house, circuit.breaker) : undefined);
	const findings = $derived(breaker?.findings.filter(({ box }) => box === data.box.id) ?? []);
	const around = $derived(neighbours(data.house, data.box.id));
</script>

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
					{#if hasOutlet(data.box)}· <a href={`/${data.home.slug}/find/${data.box.id}`}>{w.searchForIt}</a
						>{/if}
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
						>{#if placeOpen}{#key data.version}<Later
									load={() => import('./ThePlace.svelte')}
									props={{
										house: data.house,
										version: data.version,
										slug: data.home.slug,
										box: data.box,
										known: data.known
									}}
								/>{/key}{/if}</More
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
