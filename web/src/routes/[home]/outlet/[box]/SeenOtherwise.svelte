<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { BoxSeen } from '@wary/core/arrangements';
	import type { Edit, House } from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import { seenWords } from '$words/arrangements';
	import { day } from '$words/dates';
	import { terms } from '$words/terms';

	/** What a stopped job saw in the box, to be put on record. */
	let {
		house,
		version,
		slug,
		otherwise
	}: {
		house: House;
		version: number;
		slug: string;
		otherwise: { seen: BoxSeen; edits: readonly Edit[]; on: string } | null;
	} = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	let recorded = $state(false);
	async function record() {
		recorded = await editor.apply(otherwise!.edits, `box as seen on ${otherwise!.on.slice(0, 10)}`);
		if (recorded) await invalidateAll();
	}
	async function takeBack() {
		await editor.undo();
		recorded = editor.trouble !== null;
		await invalidateAll();
	}
</script>

{#if recorded}
	<Verdict class="row">
		The box is on record as it was seen.<Button
			color="alternative"
			disabled={editor.saving}
			onclick={takeBack}>Take that back</Button
		>
	</Verdict>
{:else if otherwise}
	{@const newOutlets = otherwise.edits.filter((edit) => edit.do === 'addOutlet').length}
	<Verdict kind="open">
		<p>
			<b>Seen otherwise {day(otherwise.on, terms[house.region].locale)}:</b>
			{seenWords(otherwise.seen)}. Once that is on record, the swap begins again at its first step: tag and
			lock off, power on, live first.
			{#if newOutlets > 0}{newOutlets === 1 ? 'One cable goes' : `${newOutlets} cables go`} where nobody has looked
				yet: on record as “not found yet”.{/if}
		</p>
		<Button size="lg" color="light" disabled={editor.saving} onclick={record}
			>{editor.saving ? 'Putting it on record …' : 'Put it on record'}</Button
		>
	</Verdict>
{/if}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}

<style>
	p {
		margin: 0 0 0.5rem;
	}
</style>
