<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { Box, House } from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';

	/** What the box is made of: metal has to be grounded, and is read to ground before power. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	async function set(select: HTMLSelectElement) {
		const material = select.value === 'plastic' ? ('plastic' as const) : ('metal' as const);
		const made = await editor.apply([{ do: 'setBox', box: box.id, material }], w.boxOf(box.name, material));
		if (made) await invalidateAll();
		else select.value = box.material;
	}
</script>

<Select
	class="w-48"
	placeholder=""
	aria-label={w.whatTheBoxIsMade}
	value={box.material}
	disabled={editor.saving}
	onchange={(event) => set(event.currentTarget)}
	><option value="metal">{w.metal}</option><option value="plastic">{w.plastic}</option></Select
>
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
