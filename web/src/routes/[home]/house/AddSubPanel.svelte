<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/house/panelPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import type { Panel } from '@wary/core/house';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { breakerName, capital, terms } from '$words/terms';
	import { getEditor } from './context';

	/** Another panel, fed from this one. */
	let { panel }: { panel: Panel } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	let subFrom = $state('');
	let subName = $state('');
	let complaint = $state<string | null>(null);

	async function addSub(event: SubmitEvent) {
		event.preventDefault();
		if (!subFrom || !subName.trim()) return (complaint = w.sayWhatItIsCalled);
		complaint = await editor.wrongWith(
			[
				{
					do: 'addSubPanel',
					name: subName.trim(),
					place: subName.trim(),
					spaces: 6 * regions[house.region].supply.spaceStep,
					breaker: subFrom,
					lengthM: 10
				}
			],
			w.subPanelAdded
		);
		if (complaint === null) subName = '';
	}
</script>

<form onsubmit={addSub}>
	<h3>{w.aSubPanelFedFrom}</h3>
	<div class="row">
		<Label>{w.called}<Input bind:value={subName} maxlength={80} placeholder={w.shed} /></Label>
		<Label
			>{w.fedBy(t.breaker)}<Select placeholder="" bind:value={subFrom}
				><option value="">{w.choose}</option>{#each panel.breakers as each (each.id)}<option value={each.id}
						>{breakerName(house, each.id)} {each.label}</option
					>{/each}</Select
			></Label
		>
		<Button type="submit" color="alternative">{w.addIt}</Button>
	</div>
</form>
{#if complaint}<Verdict kind="bad">{capital(complaint)}</Verdict>{/if}

<style>
	h3 {
		font-weight: 600;
		margin: 1.1rem 0 0.4rem;
	}
	form .row {
		align-items: flex-end;
	}
</style>
