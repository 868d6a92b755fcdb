<script lang="ts">
	import { words as w } from '$words/outlet/cables';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { isMetalSheath, type Cable, type Edit } from '@wary/core/house';
	import { sheathsIn, sizesIn, type Region } from '@wary/core/rules';
	import Figure from '$lib/ui/Figure.svelte';
	import { sizeWords } from '$words/terms';

	interface Props {
		cable: Cable;
		region: Region;
		saving: boolean;
		/** All of its circuit is meant. */
		everywhere: boolean;
		/** Whether it was taken. */
		onset: (said: Partial<Extract<Edit, { do: 'setCable' }>>) => Promise<boolean>;
	}
	/** One cable: size by the print on its sheath, metal, sheath, ground. */
	let { cable, region, saving, everywhere = $bindable(), onset }: Props = $props();
	const ground = $derived(cable.conductors.some(({ role }) => role === 'ground'));
	async function pick(select: HTMLSelectElement, was: string, said: Parameters<typeof onset>[0]) {
		if (!(await onset({ ...said, everywhere }))) select.value = was;
	}
	async function tick(box: HTMLInputElement, said: Parameters<typeof onset>[0]) {
		if (!(await onset({ ...said, everywhere }))) box.checked = !box.checked;
	}
	const lengthM = untrack(() => cable.lengthM);
</script>

<div class="grid max-w-[28rem] gap-3">
	<Checkbox bind:checked={everywhere}>{w.everywhere}</Checkbox>
	<Label
		>{w.size}<Select
			placeholder=""
			value={cable.size}
			disabled={saving}
			onchange={({ currentTarget }) =>
				pick(currentTarget, cable.size, { size: currentTarget.value as Cable['size'] })}
		>
			{#each sizesIn(region) as size (size)}<option value={size}>{sizeWords(size)}</option>{/each}
		</Select></Label
	>
	<Label
		>{w.metal}<Select
			placeholder=""
			value={cable.material}
			disabled={saving}
			onchange={({ currentTarget }) =>
				pick(currentTarget, cable.material, { material: currentTarget.value as Cable['material'] })}
		>
			<option value="copper">{w.copper}</option><option value="aluminium">{w.aluminium[region]}</option>
		</Select></Label
	>
	<Label
		>{w.sheath}<Select
			placeholder=""
			value={cable.sheath}
			disabled={saving}
			onchange={({ currentTarget }) =>
				pick(currentTarget, cable.sheath, { sheath: currentTarget.value as Cable['sheath'] })}
		>
			{#each sheathsIn(region) as sheath (sheath)}<option value={sheath}>{w.sheaths[sheath]}</option>{/each}
		</Select></Label
	>
	<Checkbox
		checked={ground}
		disabled={saving}
		onchange={({ currentTarget }) => tick(currentTarget, { grounded: currentTarget.checked })}
		>{w.ground[region]}</Checkbox
	>
	{#if isMetalSheath(cable.sheath)}
		<Checkbox
			checked={cable.metal !== undefined}
			disabled={saving}
			onchange={({ currentTarget }) => tick(currentTarget, { metalGround: currentTarget.checked })}
			>{w.metalGround[region]}</Checkbox
		>
		<p class="m-0 text-soft">{w.metalGroundWhy[region]}</p>
	{/if}
	<Figure
		label={cable.assumed ? w.lengthAssumed : w.length}
		value={lengthM}
		most={500}
		wrong={w.lengthRange}
		onset={(value) => value !== null && value >= 0.1 && onset({ lengthM: value })}
	/>
</div>
