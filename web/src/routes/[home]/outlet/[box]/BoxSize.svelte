<script lang="ts">
	import { words as w } from '$words/outlet/material';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { Box } from '@wary/core/house';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import { typedNumber } from '$lib/typed';
	import Verdict from '$lib/ui/Verdict.svelte';

	type Size = 'depthMm' | 'volumeIn3';
	/** How much goes into a box, as it is measured or stamped. */
	let { editor, box, sizes }: { editor: HouseEditor; box: Box; sizes: readonly Size[] } = $props();
	const about = {
		depthMm: { name: w.depth, from: 5, wrong: w.depthRange, line: w.depthOf },
		volumeIn3: { name: w.volume, from: 1, wrong: w.volumeRange, line: w.volumeOf }
	};
	const typed = $state(
		untrack(() => ({ depthMm: String(box.depthMm ?? ''), volumeIn3: String(box.volumeIn3 ?? '') }))
	);
	let complaint = $state<{ readonly size: Size; readonly text: string } | null>(null);
	async function set(size: Size) {
		const { from, wrong, line } = about[size];
		const { value, complaint: unread } = typedNumber(typed[size]);
		if (value === null || value < from || value > 200) {
			complaint = { size, text: unread ?? wrong };
			return;
		}
		complaint = null;
		if (value === box[size]) return;
		const made = await editor.apply([{ do: 'setBox', box: box.id, [size]: value }], line(box.name, value));
		if (made) await invalidateAll();
	}
	const id = $props.id();
</script>

{#each sizes as size (size)}
	<Label
		>{about[size].name}<Input
			class="w-28!"
			inputmode="decimal"
			bind:value={typed[size]}
			onchange={() => set(size)}
			aria-describedby={complaint?.size === size ? id : undefined}
		/></Label
	>
{/each}
{#if complaint}<Verdict kind="bad" {id} class="basis-full">{complaint.text}</Verdict>{/if}
