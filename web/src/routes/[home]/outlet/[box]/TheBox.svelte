<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { beside, type Box, type House } from '@wary/core/house';
	import { regions } from '@wary/core/rules';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import { typedNumber } from '$lib/typed';

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
	const sizes = $derived([
		...(regions[house.region].custom.boxBy === 'volume'
			? [{ key: 'volumeIn3' as const, name: w.volume, from: 1, wrong: w.volumeRange, line: w.volumeOf }]
			: []),
		{ key: 'depthMm' as const, name: w.depth, from: 5, wrong: w.depthRange, line: w.depthOf }
	]);
	const typed = $state(
		untrack(() => ({ depthMm: String(box.depthMm ?? ''), volumeIn3: String(box.volumeIn3 ?? '') }))
	);
	let complaint = $state<{ readonly key: string; readonly text: string } | null>(null);
	async function setSize({ key, from, wrong, line }: (typeof sizes)[number]) {
		const { value, complaint: unread } = typedNumber(typed[key]);
		if (value === null || value < from || value > 200) {
			complaint = { key, text: unread ?? wrong };
			return;
		}
		complaint = null;
		if (value !== box[key]) await save({ [key]: value }, line(box.name, value));
	}
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
	{#each sizes as size (size.key)}
		<Label
			>{size.name}<Input
				class="w-28!"
				inputmode="decimal"
				bind:value={typed[size.key]}
				onchange={() => setSize(size)}
				aria-describedby={complaint?.key === size.key ? 'size' : undefined}
			/></Label
		>
	{/each}
</div>
{#if complaint}<Verdict kind="bad" id="size">{complaint.text}</Verdict>{/if}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
