<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { familyFor, familyOf, soldIn, type PartId } from '@wary/core/devices';
	import type { Box, Device, House } from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import { typedNumber } from '$lib/typed';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { kindWords } from '$words/devices';
	import { partWords } from '$words/parts';

	/** Which outlet is there and how deep its box is, put on record as it is seen. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const now = $derived(box.device && familyFor(box.device)?.id);
	const twoSlot: Device = { kind: 'twoSlot', ratingA: 15, tamperResistant: false, contacts: 'good' };
	let depth = $state(untrack(() => String(box.depthMm ?? '')));
	let complaint = $state<string | null>(null);
	async function save(edit: Partial<Pick<Box, 'depthMm' | 'device'>>, line: string): Promise<boolean> {
		const made = await editor.apply([{ do: 'setBox', box: box.id, ...edit }], line);
		if (made) await invalidateAll();
		return made;
	}
	async function pick(select: HTMLSelectElement) {
		const ratingA = box.device && 'ratingA' in box.device ? box.device.ratingA : 15;
		// One that was found in use isn’t tripped, whatever it comes like.
		const part = select.value === 'twoSlot' ? twoSlot : familyOf(select.value as PartId).made(ratingA);
		const device = 'tripped' in part ? { ...part, tripped: false } : part;
		if (!(await save({ device }, w.outletOf(box.name, kindWords(device))))) select.value = now ?? '';
	}
	async function setDepth() {
		const { value, complaint: wrong } = typedNumber(depth);
		complaint = value !== null && value >= 5 && value <= 200 ? null : (wrong ?? w.depthRange);
		if (complaint === null && value !== box.depthMm)
			await save({ depthMm: value! }, w.depthOf(box.name, value!));
	}
</script>

<div class="flex flex-wrap items-end gap-3">
	<Select
		class="w-64"
		placeholder=""
		aria-label={w.whatIsThere}
		value={now ?? (box.device?.kind === 'twoSlot' ? 'twoSlot' : '')}
		disabled={editor.saving}
		onchange={(event) => pick(event.currentTarget)}
	>
		{#if !now && box.device?.kind !== 'twoSlot'}<option value="">{w.asRecorded}</option>{/if}
		{#each soldIn(house.region) as { id } (id)}<option value={id}>{partWords[id].name}</option>{/each}
		{#if house.region === 'us'}<option value="twoSlot">{w.twoSlot}</option>{/if}
	</Select>
	<Label
		>{w.depth}<Input
			class="w-28!"
			inputmode="decimal"
			bind:value={depth}
			onchange={setDepth}
			aria-describedby={complaint ? 'depth' : undefined}
		/></Label
	>
</div>
{#if complaint}<Verdict kind="bad" id="depth">{complaint}</Verdict>{/if}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
