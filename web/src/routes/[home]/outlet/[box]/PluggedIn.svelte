<script lang="ts">
	import { words as w } from '$words/outlet/pluggedIn';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import {
		circuitsInBox,
		deviceModel,
		matters,
		type Box,
		type Half,
		type House,
		type Matters
	} from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import { matterWords } from '$words/goingOff';
	import { halfWords } from '$words/terms';

	/** What is plugged in here and matters when it goes off: it is asked about before its breaker is switched. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const circuit = $derived(circuitsInBox(house, box.id)[0]?.id);
	const loads = $derived(editor.house.loads.filter((load) => load.box === box.id));
	const halves = $derived(box.device ? deviceModel(box.device).halves : []);
	let name = $state('');
	let what = $state<Matters | ''>('');
	let half = $state<Half>(untrack(() => (box.device ? deviceModel(box.device).halves[0]! : 'only')));
	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (!name.trim()) return;
		const added = await editor.apply(
			[{ do: 'addLoad', box: box.id, half, name: name.trim(), ...(what ? { matters: what } : {}) }],
			w.pluggedIn(name.trim())
		);
		if (added) name = '';
	}
</script>

<section>
	<h2>{w.pluggedInHere}</h2>
	{#if loads.length === 0}<p class="soft">
			{w.nothingIsOnRecordA}
		</p>{/if}
	<ul>
		{#each loads as load (load.id)}<li>
				{load.name}{#if load.matters}<span class="soft">{matterWords[load.matters]}</span>{/if}
				<Button
					color="alternative"
					class="ms-auto border-transparent text-soft"
					aria-label={w.isNotPluggedInAny(load.name)}
					onclick={() => editor.apply([{ do: 'removeLoad', load: load.id }], w.gone(load.name))}>×</Button
				>
			</li>{/each}
	</ul>
	<form class="row" onsubmit={add}>
		<Label class="flex-[1_1_8rem]">{w.what}<Input bind:value={name} maxlength={80} /></Label>
		<Label class="flex-[1_1_8rem]"
			>{w.mattersAs}<Select placeholder="" bind:value={what}
				><option value="">{w.nothingMuch}</option>{#each matters as each (each)}<option value={each}
						>{matterWords[each]}</option
					>{/each}</Select
			></Label
		>
		{#if halves.length > 1}<Label class="flex-[1_1_8rem]"
				>{w.inText}<Select placeholder="" bind:value={half}
					>{#each halves as each (each)}<option value={each}>{halfWords[each]}</option>{/each}</Select
				></Label
			>{/if}
		<Button type="submit" color="alternative" disabled={editor.saving}>{w.add}</Button>
	</form>
	{#if circuit}<p class="m-0 mt-2">
			<a class="tap" href={`/${slug}/load?at=${circuit}`}>{w.loadOnCircuit}</a>
		</p>{/if}
	{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
</section>

<style>
	section {
		margin-top: 1.4rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		gap: 0.7rem;
		align-items: center;
		border-bottom: 1px solid var(--hair);
	}
	form {
		align-items: flex-end;
		margin-top: 0.5rem;
	}
</style>
