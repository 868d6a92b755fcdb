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
		oneverywhere: (is: boolean) => void;
		/** Whether it was taken. */
		onset: (said: Partial<Extract<Edit, { do: 'setCable' }>>) => Promise<boolean>;
	}
	/** One cable: size by the print on its sheath, metal, sheath, ground. */
	let { cable, region, saving, everywhere, oneverywhere, onset }: Props = $props();
	const ground = $derived(cable.conductors.some(({ role }) => role === 'ground'));
	async function pick(select: HTMLSelectElement, was: string, said: Parameters<typeof onset>[0]) {
		if (!(await onset({ ...said, everywhere }))) select.value = was;
	}
	async function tick(box: HTMLInputElement, said: Parameters<typeof onset>[0]) {
		if (!(await onset({ ...said, everywhere }))) box.checked = !box.checked;
	}
	/** What is picked from a list: what it is now, what it may be, and what is said by picking it. */
	const choices = $derived([
		{
			label: w.size,
			value: cable.size,
			options: sizesIn(region).map((size) => [size, sizeWords(size)] as const),
			set: (size: string) => ({ size: size as Cable['size'] })
		},
		{
			label: w.metal,
			value: cable.material,
			options: (['copper', 'aluminium'] as const).map((metal) => [metal, w.metals[region][metal]] as const),
			set: (material: string) => ({ material: material as Cable['material'] })
		},
		{
			label: w.sheath,
			value: cable.sheath,
			options: sheathsIn(region).map((sheath) => [sheath, w.sheaths[region][sheath]] as const),
			set: (sheath: string) => ({ sheath: sheath as Cable['sheath'] })
		}
	]);
	const lengthM = untrack(() => cable.lengthM);
</script>

<div class="grid max-w-[28rem] gap-3">
	<Checkbox bind:checked={() => everywhere, oneverywhere}>{w.everywhere}</Checkbox>
	{#each choices as { label, value, options, set } (label)}
		<Label
			>{label}<Select
				placeholder=""
				{value}
				disabled={saving}
				onchange={({ currentTarget }) => pick(currentTarget, value, set(currentTarget.value))}
			>
				{#each options as [id, text] (id)}<option value={id}>{text}</option>{/each}
			</Select></Label
		>
	{/each}
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
		least={0.1}
		most={500}
		wrong={w.lengthRange}
		onset={(value) => value !== null && onset({ lengthM: value })}
	/>
</div>
