<script lang="ts">
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
		const made = await editor.apply(
			[{ do: 'setBox', box: box.id, material }],
			`box of ${box.name}: ${material}`
		);
		if (made) await invalidateAll();
		else select.value = box.material;
	}
</script>

<Select
	class="w-48"
	placeholder=""
	aria-label="What the box is made of"
	value={box.material}
	disabled={editor.saving}
	onchange={(event) => set(event.currentTarget)}
	><option value="metal">metal</option><option value="plastic">plastic</option></Select
>
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
