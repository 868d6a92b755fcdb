<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { familyFor, familyOf, soldIn, type PartId } from '@wary/core/devices';
	import { cablesInBox, isBlank, type Box, type House } from '@wary/core/house';
	import { regions } from '@wary/core/rules';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { kindWords } from '$words/devices';
	import { partWords } from '$words/parts';

	/** Which outlet is there and how it is marked, put on record as it is seen. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const nothingYet = 'blank' as const;
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const now = $derived(box.device && (isBlank(box.device) ? nothingYet : familyFor(box.device)?.id));
	const cables = $derived(cablesInBox(house, box.id).length);
	async function save(device: NonNullable<Box['device']>, line: string): Promise<boolean> {
		const made = await editor.apply([{ do: 'setBox', box: box.id, device }], line);
		if (made) await invalidateAll();
		return made;
	}
	async function pick(select: HTMLSelectElement) {
		const ratingA = box.device && 'ratingA' in box.device ? box.device.ratingA : 15;
		// One that was found in use isn’t tripped, whatever it comes like.
		const part: NonNullable<Box['device']> =
			select.value === nothingYet ? { kind: nothingYet } : familyOf(select.value as PartId).made(ratingA);
		const device = 'tripped' in part ? { ...part, tripped: false } : part;
		if (!(await save(device, w.outletOf(box.name, kindWords(device))))) select.value = now ?? '';
	}
	const { custom } = $derived(regions[house.region]);
	const rated = $derived(box.device && 'tamperResistant' in box.device ? box.device : null);
	const marks = $derived(
		(['tamperResistant', 'weatherResistant'] as const).filter((mark) => rated && mark in rated)
	);
	const isMarked = (mark: (typeof marks)[number]): boolean =>
		rated !== null && mark in rated && (rated as Record<string, unknown>)[mark] === true;
</script>

<div class="flex flex-wrap items-end gap-x-5 gap-y-2">
	<Select
		class="w-64"
		placeholder=""
		aria-label={w.whatIsThere}
		value={now ?? ''}
		disabled={editor.saving}
		onchange={(event) => pick(event.currentTarget)}
	>
		{#if !now}<option value="">{w.asRecorded}</option>{/if}
		{#each soldIn(house.region) as { id } (id)}<option value={id}>{partWords[id].name}</option>{/each}
		{#if cables === 1 || now === nothingYet}<option value={nothingYet}
				>{kindWords({ kind: nothingYet })}</option
			>{/if}
	</Select>
	{#if rated}
		<Label
			>{w.rating}<Select
				class="mt-1 w-28!"
				placeholder=""
				value={rated.ratingA}
				disabled={editor.saving}
				onchange={({ currentTarget }) => {
					const ratingA = Number(currentTarget.value);
					void save({ ...rated, ratingA }, w.ratingOf(box.name, ratingA));
				}}
			>
				{#each [...new Set([rated.ratingA, ...custom.outletsMarkedA])] as amps (amps)}<option value={amps}
						>{amps} A</option
					>{/each}
			</Select></Label
		>
		{#each marks as mark (mark)}
			<Checkbox
				checked={isMarked(mark)}
				disabled={editor.saving}
				onchange={({ currentTarget }) => {
					const is = currentTarget.checked;
					const name = w.marks[house.region][mark];
					void save({ ...rated, [mark]: is }, w.markOf(box.name, name, is));
				}}>{w.marks[house.region][mark]}</Checkbox
			>
		{/each}
	{/if}
</div>
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
