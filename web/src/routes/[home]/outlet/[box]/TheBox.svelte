<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { beside, circuitsInBox, type Box, type House } from '@wary/core/house';
	import { metalBoxes, regions } from '@wary/core/rules';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import More from '$lib/ui/More.svelte';
	import { words as addSwitch } from '$words/outlet/addSwitch';
	import AddSwitch from './AddSwitch.svelte';
	import BoxSize from './BoxSize.svelte';

	/** What the box is made of (metal has to be grounded, and is read to ground before power), and how much goes in. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	type Set = Partial<Pick<Box, 'depthMm' | 'volumeIn3' | 'material'>> & { inBoxWith?: string | null };
	async function save(edit: Set, line: string): Promise<boolean> {
		const made = await editor.apply([{ do: 'setBox', box: box.id, ...edit }], line);
		if (made) await invalidateAll();
		return made;
	}
	async function setMaterial(select: HTMLSelectElement) {
		const material = select.value === 'plastic' ? ('plastic' as const) : ('metal' as const);
		if (!(await save({ material }, w.boxOf(box.name, material)))) select.value = box.material;
	}
	/** Metal ones are told by the size they are sold under. */
	const sold = $derived(metalBoxes[house.region]);
	const soldAs = $derived(
		String(
			sold.findIndex(({ volumeIn3, depthMm }) => volumeIn3 === box.volumeIn3 && depthMm === box.depthMm)
		).replace('-1', '')
	);
	async function setSold(k: number) {
		const chosen = sold[k];
		if (!chosen) return;
		const { volumeIn3, depthMm } = chosen;
		await save({ volumeIn3, depthMm }, w.volumeOf(box.name, volumeIn3));
	}
	const near = $derived(beside(house, box.id));
	/** What else is in this room, and could sit beside it. */
	const room = $derived(
		house.boxes.filter(({ id, room: there, device }) => id !== box.id && there === box.room && device)
	);
	async function setBeside(select: HTMLSelectElement) {
		const inBoxWith = select.value === '' ? null : select.value;
		const other = room.find(({ id }) => id === inBoxWith)?.name ?? null;
		if (!(await save({ inBoxWith }, w.besideOf(box.name, other)))) select.value = near[0] ?? '';
	}
	/** Where boxes are told by their volume it is stamped in them; the depth is asked for there by deep parts alone. */
	const sizes = $derived(
		regions[house.region].custom.boxBy === 'volume'
			? (['volumeIn3', 'depthMm'] as const)
			: (['depthMm'] as const)
	);
</script>

<div class="flex flex-wrap items-end gap-3">
	<Select
		class="w-36!"
		placeholder=""
		aria-label={w.whatTheBoxIsMade}
		value={box.material}
		disabled={editor.saving}
		onchange={(event) => setMaterial(event.currentTarget)}
		><option value="metal">{w.metal}</option><option value="plastic">{w.plastic}</option></Select
	>
	{#if room.length > 0}
		<Label
			>{w.oneBoxWith}<Select
				class="w-64!"
				placeholder=""
				value={near[0] ?? ''}
				disabled={editor.saving}
				onchange={(event) => setBeside(event.currentTarget)}
				><option value="">{w.ownBox}</option>{#each room as other (other.id)}<option value={other.id}
						>{w.boxOfOther(other.name)}</option
					>{/each}</Select
			></Label
		>
	{/if}
	{#if sold.length > 0 && box.material === 'metal'}
		<Label
			>{w.soldAs}<Select
				class="w-56!"
				placeholder=""
				value={soldAs}
				disabled={editor.saving}
				onchange={({ currentTarget: { value } }) => void setSold(Number(value))}
				><option value="">{w.anotherSize}</option>{#each sold as each, k (k)}<option value={String(k)}
						>{w.soldSize(each)}</option
					>{/each}</Select
			></Label
		>
	{/if}
	{#key `${box.volumeIn3} ${box.depthMm}`}<BoxSize {editor} {box} {sizes} />{/key}
</div>
{#if box.use === 'outlet' && circuitsInBox(house, box.id).length > 0}<More
		class="mt-2"
		title={addSwitch.title}><AddSwitch {editor} {house} {box} /></More
	>{/if}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
