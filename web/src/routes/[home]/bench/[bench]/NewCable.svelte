<script lang="ts">
	import { words as w } from '$words/bench/boxPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { BenchEvent } from '@wary/core/bench';
	import type { House } from '@wary/core/house';
	import { sizesOf, type ConductorSize, regions } from '@wary/core/rules';
	import { numbered } from '$lib/bench/numbered';
	import { typedNumber } from '$lib/typed';
	import { sizeWords, terms } from '$words/terms';

	/** A cable brought into the box. */
	let { house, ondo }: { house: House; ondo: (event: BenchEvent) => void } = $props();
	const { custom } = $derived(regions[house.region]);
	const t = $derived(terms[house.region]);
	const named = /^[a-z0-9][a-zA-Z0-9-]{0,39}$/;
	let cable = $state({
		name: '',
		circuit: '',
		way: 'fromPanel' as 'fromPanel' | 'toOutlet',
		secondHot: false,
		grounded: true,
		metal: false,
		material: 'copper' as 'copper' | 'aluminium',
		size: '' as ConductorSize | '',
		old: false,
		length: '6'
	});
	const wrongName = $derived(cable.name.trim() !== '' && !named.test(cable.name.trim()));
	let lengthComplaint = $state<string | null>(null);
	function bring() {
		const { name, old, metal, circuit, size, length, ...rest } = cable;
		const { value: lengthM, complaint } = typedNumber(length);
		const fits = lengthM !== null && lengthM >= 0.1 && lengthM <= 500;
		lengthComplaint = fits ? null : (complaint ?? w.aLengthOf01);
		if (!fits) return;
		ondo({
			kind: 'addCable',
			id: name.trim() || numbered('c', house.cables),
			circuit: circuit || house.circuits[0]!.id,
			sheath: metal ? 'armoured' : custom.sheath,
			size: size || custom.outletCable,
			palette: old && custom.olderPalette ? custom.olderPalette : custom.palette,
			...rest,
			lengthM
		});
	}
</script>

<form
	onsubmit={(event) => {
		event.preventDefault();
		bring();
	}}
>
	<div class="two">
		<Select placeholder="" bind:value={cable.way} aria-label={w.way}
			><option value="fromPanel">{w.fromThe(t.panel)}</option><option value="toOutlet"
				>{w.onToAnOutlet}</option
			></Select
		>
		<Select placeholder="" bind:value={cable.circuit} aria-label={w.circuit}
			>{#each house.circuits as each, k (each.id)}<option value={k === 0 ? '' : each.id}>{each.name}</option
				>{/each}</Select
		>
	</div>
	<div class="three">
		<Select placeholder="" bind:value={cable.size} aria-label={w.size}
			><option value="">{sizeWords(custom.outletCable)}</option
			>{#each sizesOf(house.region) as each (each)}<option value={each}>{sizeWords(each)}</option
				>{/each}</Select
		>
		<Select placeholder="" bind:value={cable.material} aria-label={w.metalOfTheConductors}
			><option value="copper">{w.copper}</option><option value="aluminium">{w.aluminium}</option></Select
		>
		<Input inputmode="decimal" bind:value={cable.length} aria-label={w.lengthM} />
	</div>
	{#if lengthComplaint}<Verdict kind="bad">{lengthComplaint}</Verdict>{/if}
	<div class="ticks">
		<Checkbox inline bind:checked={cable.grounded}>{w.wire(t.ground)}</Checkbox>
		<Checkbox inline bind:checked={cable.secondHot}>{w.second(t.hot)}</Checkbox>
		<Checkbox inline bind:checked={cable.metal}>{w.metalSheath}</Checkbox>
		{#if custom.olderPalette}<Checkbox inline bind:checked={cable.old}>{w.oldColours}</Checkbox>{/if}
	</div>
	<div class="two">
		<Input
			bind:value={cable.name}
			maxlength={40}
			placeholder={numbered('c', house.cables)}
			aria-label={w.nameOfTheCable}
			aria-describedby={wrongName ? 'cable-name' : undefined}
		/>
		<Button type="submit" color="alternative" disabled={wrongName}>{w.bringIn}</Button>
	</div>
	{#if wrongName}<Verdict kind="open" alert id="cable-name">
			{w.lettersDigitsAndHyphensBeginning}
		</Verdict>{/if}
</form>

<style>
	.two,
	.three {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 0.4rem;
		align-items: center;
		margin: 0 0 0.4rem;
	}
	.three {
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
	.ticks {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem 1rem;
		padding: 0.3rem 0;
	}
</style>
