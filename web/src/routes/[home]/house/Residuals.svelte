<script lang="ts">
	import { words as w } from '$words/house/panelPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import type { Panel } from '@wary/core/house';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { typedNumber } from '$lib/typed';
	import { breakerName, capital } from '$words/terms';
	import { getEditor } from './context';

	/** What opens at a leak, for a group of ways. */
	let { panel }: { panel: Panel } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	let tripMa = $state('30');
	let covers = $state<string[]>([]);
	let complaint = $state<string | null>(null);

	async function addResidual(event: SubmitEvent) {
		event.preventDefault();
		if (covers.length === 0) return (complaint = w.tickTheWaysThatIt);
		const trips = typedNumber(tripMa);
		if (trips.value === null || trips.value < 5 || trips.value > 500)
			return (complaint = trips.complaint ?? w.itTripsAt5To);
		complaint = await editor.wrongWith(
			[{ do: 'setResidual', panel: panel.id, residual: null, tripMa: trips.value, ratingA: 63, covers }],
			w.rcdAdded
		);
		if (complaint === null) covers = [];
	}
	async function remove({ id, tripMa, ratingA }: Panel['residualDevices'][number]) {
		complaint = await editor.wrongWith(
			[{ do: 'setResidual', panel: panel.id, residual: id, tripMa, ratingA, covers: [] }],
			w.rcdRemoved
		);
	}
</script>

<form onsubmit={addResidual}>
	<h3>{w.residualCurrentDevices}</h3>
	<ul class="m-0 list-none p-0">
		{#each panel.residualDevices as device, k (device.id)}
			<li class="flex items-center justify-between gap-3 border-b border-hair py-1.5">
				<span
					><b>{w.residualNumber(k + 1)}</b>
					{w.maWays(device.tripMa, device.covers.map((id) => breakerName(house, id)).join(', '))}</span
				>
				<Button
					size="xs"
					color="alternative"
					aria-label={w.remove2(w.residualNumber(k + 1))}
					onclick={() => remove(device)}>{w.remove}</Button
				>
			</li>
		{/each}
	</ul>
	<fieldset class="row">
		<legend class="label">{w.anotherOneCovers}</legend>
		{#each panel.breakers as each (each.id)}<Checkbox inline value={each.id} bind:group={covers}>
				{breakerName(house, each.id)}</Checkbox
			>{/each}
		<Label class="flex items-center gap-1.5"
			>{w.tripsAt} <Input class="w-20!" inputmode="numeric" bind:value={tripMa} /> {w.ma}</Label
		>
		<Button type="submit" color="alternative">{w.addIt}</Button>
	</fieldset>
</form>
{#if complaint}<Verdict kind="bad">{capital(complaint)}</Verdict>{/if}

<style>
	h3 {
		font-weight: 600;
		margin: 1.1rem 0 0.4rem;
	}
	fieldset {
		border: 0;
		margin: 0;
		padding: 0;
		gap: 0.2rem 1rem;
	}
	form .row {
		align-items: flex-end;
	}
</style>
