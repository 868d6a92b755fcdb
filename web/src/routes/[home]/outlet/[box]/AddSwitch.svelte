<script lang="ts">
	import { words as w } from '$words/outlet/addSwitch';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { circuitsInBox, findBreaker, type Box, type House } from '@wary/core/house';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { breakerName } from '$words/terms';

	/** A wall switch that sits in one box with the outlet: what it is called, what it works, what feeds it. */
	let { editor, house, box }: { editor: HouseEditor; house: House; box: Box } = $props();
	const own = $derived(circuitsInBox(house, box.id)[0]);
	let name = $state(untrack(() => w.usualName(box.name)));
	let works = $state('');
	let circuit = $state(untrack(() => own?.id ?? ''));
	let empty = $state(false);
	const id = $props.id();
	async function add(event: SubmitEvent) {
		event.preventDefault();
		empty = name.trim() === '' || works.trim() === '';
		if (empty) return;
		const made = await editor.apply(
			[{ do: 'addSwitch', beside: box.id, name: name.trim(), works: works.trim(), circuit }],
			w.line(name.trim(), box.name)
		);
		if (made) await invalidateAll();
	}
</script>

<form onsubmit={add} class="grid gap-3 max-w-[28rem]">
	<p class="m-0">{w.why}</p>
	<Label>{w.name}<Input bind:value={name} maxlength={60} aria-describedby={empty ? id : undefined} /></Label>
	<Label
		>{w.works}<Input
			bind:value={works}
			maxlength={60}
			placeholder={w.forInstance}
			aria-describedby={empty ? id : undefined}
		/></Label
	>
	<Label
		>{w.fedBy}<Select placeholder="" bind:value={circuit}>
			{#each house.circuits as each (each.id)}<option value={each.id}
					>{each.id === own?.id
						? w.asTheOutlet(each.name)
						: w.onBreaker(
								each.name,
								findBreaker(house, each.breaker) ? breakerName(house, each.breaker) : each.breaker
							)}</option
				>{/each}
		</Select></Label
	>
	{#if empty}<Verdict kind="bad" {id}>{w.bothNames}</Verdict>{/if}
	<p class="m-0"><Button type="submit" color="light" disabled={editor.saving}>{w.add}</Button></p>
</form>
