<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/house/circuitChain';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { allBreakers, findBreaker, sensesResidual, walkChain, type Circuit } from '@wary/core/house';
	import { breakerName, capital, sizeWords, terms } from '$words/terms';
	import ChainRow from './ChainRow.svelte';
	import { getEditor } from './context';

	/** A circuit as a chain: its outlets in feed order, to be put in order, moved and split in place. */
	let { circuit, home, onselect }: { circuit: Circuit; home: string; onselect: (breaker: string) => void } =
		$props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const places = $derived(walkChain(house, circuit.id));
	const first = $derived(places[0]?.cable);
	const breaker = $derived(findBreaker(house, circuit.breaker));
	const residual = $derived(
		house.panels
			.flatMap(({ residualDevices }) => residualDevices)
			.find(({ covers }) => covers.includes(circuit.breaker))
	);
	const protection = $derived(
		residual
			? w.behindAMa(residual.tripMa, t.residual)
			: breaker && sensesResidual(breaker)
				? w.residualCurrentProtectedAtThe
				: w.noAtTheOnRecord(t.residual, t.panel)
	);
	let name = $state(untrack(() => circuit.name));
	const rename = () =>
		name.trim() &&
		name.trim() !== circuit.name &&
		editor.apply([{ do: 'setCircuit', circuit: circuit.id, name: name.trim() }], w.circuitRenamed);
</script>

<section>
	<div class="head">
		<Label>{w.circuit}<Input bind:value={name} onchange={rename} maxlength={80} /></Label>
		<Label
			>{w.startsFrom}<Select
				placeholder=""
				value={circuit.breaker}
				onchange={async (event) => {
					const to = event.currentTarget.value;
					if (
						await editor.apply(
							[{ do: 'setCircuit', circuit: circuit.id, breaker: to }],
							w.movedTo(circuit.name, breakerName(house, to))
						)
					)
						onselect(to);
				}}
				>{#each allBreakers(house) as each (each.id)}<option value={each.id}
						>{breakerName(house, each.id)} {each.label}</option
					>{/each}</Select
			></Label
		>
	</div>
	<div class="soft facts">
		{#if regions[house.region].custom.ring}<Label class="me-1.5 inline-block w-32"
				><span class="sr-only">{w.kindOfCircuit}</span><Select
					placeholder=""
					value={circuit.arrangement}
					onchange={async (event) => {
						const select = event.currentTarget;
						const arrangement = select.value === 'ring' ? ('ring' as const) : ('radial' as const);
						if (
							!(await editor.apply(
								[{ do: 'setCircuit', circuit: circuit.id, arrangement }],
								w.recordedAsA(circuit.name, arrangement)
							))
						)
							select.value = circuit.arrangement;
					}}><option value="radial">{w.radial}</option><option value="ring">{w.ring}</option></Select
				></Label
			>{:else}{circuit.arrangement}{/if}{first ? ` · ${sizeWords(first.size)} ${first.material}` : ''} · {protection}
	</div>
	{#if places.length === 0}<p class="soft">
			{w.nothingIsPlacedOnIt}
		</p>{/if}
	<ol>
		{#each places as place (place.box.id)}
			<ChainRow {circuit} {places} {place} {home} />
		{/each}
	</ol>
	{#if places.length === 0}<p class="row">
			<Button
				color="alternative"
				onclick={() => editor.apply([{ do: 'removeCircuit', circuit: circuit.id }], w.removed(circuit.name))}
				>{w.removeThisCircuit}</Button
			>
		</p>{/if}
	<p class="sr-only">{w.sInFeedOrderAlt(capital(t.outlet))}</p>
</section>

<style>
	section {
		border-top: 2px solid var(--ink);
		margin-top: 0.9rem;
		padding-top: 0.6rem;
	}
	.head {
		display: grid;
		grid-template-columns: 1.3fr 1fr;
		gap: 0.8rem;
	}
	.facts {
		margin: 0.4rem 0 0.3rem;
		font-size: 0.95rem;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
</style>
