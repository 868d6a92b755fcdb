<script lang="ts">
	import { words as w } from '$words/outlet/seenOtherwise';
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
		recorded = await editor.apply(otherwise!.edits, w.boxAsSeenOn(otherwise!.on.slice(0, 10)));
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
		{w.theBoxIsOnRecord}<Button color="alternative" disabled={editor.saving} onclick={takeBack}
			>{w.takeThatBack}</Button
		>
	</Verdict>
{:else if otherwise}
	{@const newOutlets = otherwise.edits.filter((edit) => edit.do === 'addOutlet').length}
	<Verdict kind="open">
		<p>
			<b>{w.seenOtherwise(day(otherwise.on, terms[house.region].locale))}</b>
			{w.onceThatIsOnRecord(seenWords(otherwise.seen))}
			{#if newOutlets > 0}{w.whereNobodyHasLookedYet(
					newOutlets === 1 ? w.oneCableGoes : w.cablesGo(newOutlets)
				)}{/if}
		</p>
		<Button size="lg" color="light" disabled={editor.saving} onclick={record}
			>{editor.saving ? w.puttingItOnRecord : w.putItOnRecord}</Button
		>
	</Verdict>
{/if}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}

<style>
	p {
		margin: 0 0 0.5rem;
	}
</style>
