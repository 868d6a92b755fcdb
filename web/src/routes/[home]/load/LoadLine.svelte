<script lang="ts">
	import { ampsWord, words as w } from '$words/load';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import type { LoadLine } from '@wary/core/sums';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import Hours from './Hours.svelte';
	import { wattsIn } from './watts';

	interface Props {
		line: LoadLine;
		/** Where it is plugged in now. */
		place: string;
		/** Every outlet it could be plugged in at. */
		everywhere: readonly { readonly id: string; readonly place: string }[];
		editor: HouseEditor;
		onmove: (to: string) => void;
	}
	/** One thing that is plugged in: what it takes, where, for how long. */
	let { line, place, everywhere, editor, onmove }: Props = $props();
	let complaint = $state<string | null>(null);
	async function setWatts(field: HTMLInputElement) {
		const read = wattsIn(field.value);
		complaint = read.complaint;
		if (complaint === null)
			await editor.apply([{ do: 'setLoad', load: line.load, ratedW: read.value }], w.set(line.name));
	}
	const setLong = (continuous: boolean) =>
		editor.apply([{ do: 'setLoad', load: line.load, continuous }], w.set(line.name));
	const remove = () => editor.apply([{ do: 'removeLoad', load: line.load }], w.isGone(line.name));
</script>

<li class="flex flex-wrap items-end gap-3 py-2">
	<span class="min-w-48 flex-1"
		><b>{line.name}</b><br /><span class="soft"
			>{place}{line.amps === null ? '' : `, ${ampsWord(line.amps)}`}</span
		></span
	>
	<Input
		class="w-28!"
		inputmode="decimal"
		aria-label={w.wattsOf(line.name)}
		value={line.watts ?? ''}
		onchange={(event) => setWatts(event.currentTarget)}
	/>
	<Select
		class="w-60!"
		placeholder=""
		aria-label={w.pluggedInAt(line.name)}
		value={line.box}
		onchange={(event) => onmove(event.currentTarget.value)}
		>{#each everywhere as { id, place: named } (id)}<option value={id}>{named}</option>{/each}</Select
	>
	<Checkbox
		checked={line.continuous}
		aria-label={w.longOf(line.name)}
		onchange={(event) => setLong(event.currentTarget.checked)}>{w.long}</Checkbox
	>
	<Button
		color="alternative"
		class="border-transparent text-soft"
		aria-label={w.gone(line.name)}
		onclick={remove}>×</Button
	>
	<Hours {line} {editor} />
	{#if complaint}<p class="m-0 w-full text-live" role="alert">{complaint}</p>{/if}
</li>
