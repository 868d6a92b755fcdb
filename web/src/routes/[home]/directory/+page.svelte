<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/directory/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import {
		circuitsInBox,
		evidenceOf,
		findBox,
		latestFindings,
		placeName,
		walkChain,
		type Breaker
	} from '@wary/core/house';
	import { breakerTypeWords } from '$words/breakers';
	import { day } from '$words/dates';
	import { capital, terms } from '$words/terms';

	/** The directory on one page, for inside the panel's door, with the date of each proof. */
	let { data } = $props();
	const house = $derived(data.house);
	const t = $derived(terms[house.region]);
	const us = $derived(regions[house.region].supply.spaceStep === 2);
	const feeds = (breaker: Breaker) =>
		house.circuits
			.filter((circuit) => circuit.breaker === breaker.id)
			.flatMap(({ id }) => walkChain(house, id).map(({ box }) => placeName(house, box)));
	function proof(breaker: Breaker): string {
		const evidence = evidenceOf(house, breaker);
		if (evidence.level === 'found') return `✓ ${day(evidence.last.on, t.locale)}`;
		if (evidence.level === 'contradicted') return w.labelWrong(day(evidence.by.on, t.locale));
		return evidence.level === 'claimed' ? w.notTested : '';
	}
	const proven = (breaker: Breaker) =>
		latestFindings(breaker).filter(({ finding }) => finding === 'feeds').length;
	const columns = (panel: (typeof house.panels)[number]) =>
		us
			? [
					panel.breakers.filter(({ spaces }) => spaces[0]! % 2 === 1),
					panel.breakers.filter(({ spaces }) => spaces[0]! % 2 === 0)
				]
			: [panel.breakers];
	const unplaced = $derived(
		house.boxes.filter((box) => circuitsInBox(house, box.id).length === 0 && findBox(house, box.id))
	);
</script>

<svelte:head><title>{w.directoryWaryHand(house.name)}</title></svelte:head>
<main>
	<p class="row no-print">
		<a class="tap" href={`/${data.home.slug}/house`}>{w.house}</a>
		<Button size="lg" color="light" onclick={() => window.print()}>{w.print}</Button>
	</p>
	{#each house.panels as panel (panel.id)}
		<section>
			<header>
				<h1>{panel.name}</h1>
				<p>{w.mainA(house.name, panel.place, panel.mainRatingA)}</p>
			</header>
			<div class:two={us}>
				{#each columns(panel) as side, k (k)}
					<Table class="printed">
						<TableHead
							><TableHeadCell class="w-13 whitespace-nowrap"
								>{us ? (k === 0 ? 'left' : 'right') : 'way'}</TableHeadCell
							><TableHeadCell>{w.feeds}</TableHeadCell><TableHeadCell class="w-30 pe-0 text-end"
								>{w.proof}</TableHeadCell
							></TableHead
						>
						<TableBody>
							{#each side as breaker (breaker.id)}
								{@const evidence = evidenceOf(house, breaker)}
								{@const places = feeds(breaker)}
								<TableBodyRow>
									<TableBodyCell class="w-13 whitespace-nowrap"
										><b>{breaker.spaces.join('·')}{breaker.tandem ?? ''}</b><br /><small
											>{breaker.ratingA} A</small
										></TableBodyCell
									>
									<TableBodyCell>
										<b class:struck={evidence.level === 'contradicted'}>{breaker.label || '—'}</b>
										{#if breaker.type && breaker.type !== 'plain'}<small>
												{breakerTypeWords(breaker.type, house.region)}</small
											>{/if}
										{#if places.length > 0}<br /><small
												>{places.slice(0, 6).join('; ')}{places.length > 6
													? w.more(places.length - 6)
													: ''}</small
											>{/if}
									</TableBodyCell>
									<TableBodyCell class="w-30 pe-0 text-end"
										>{proof(breaker)}{#if proven(breaker) > 1}<br /><small>{w.places(proven(breaker))}</small
											>{/if}</TableBodyCell
									>
								</TableBodyRow>
							{/each}
						</TableBody>
					</Table>
				{/each}
			</div>
			{#if panel.residualDevices.length > 0}<p>
					<small
						>{w.pressEachTestButtonEvery(
							panel.residualDevices
								.map((device, k) =>
									w.rcdMaWays(
										k + 1,
										device.tripMa,
										panel.breakers
											.filter(({ id }) => device.covers.includes(id))
											.map(({ spaces }) => spaces.join('·'))
											.join(', ')
									)
								)
								.join('. ')
						)}</small
					>
				</p>{/if}
		</section>
	{/each}
	{#if unplaced.length > 0}<p>
			<small>{w.notPlaced(unplaced.map((box) => placeName(house, box)).join('; '))}</small>
		</p>{/if}
	<p class="foot">
		<small>{w.foundByTestOnThat(t.outlet, capital(w.notTested))}</small>
	</p>
</main>

<style>
	main {
		max-width: 62rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem;
	}
	header {
		display: flex;
		gap: 1rem;
		align-items: baseline;
		border-bottom: 2px solid var(--ink);
	}
	header p {
		margin: 0;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 1.5rem;
	}
	.struck {
		text-decoration: line-through;
	}
	small {
		color: var(--soft);
	}
	.foot {
		border-top: 1px solid var(--ink);
		padding-top: 0.3rem;
	}
	@media (max-width: 700px) {
		.two {
			grid-template-columns: 1fr;
			gap: 0;
		}
	}
	@media print {
		main {
			padding: 0;
			max-width: none;
		}
	}
</style>
