<script lang="ts">
	import { words as w } from '$words/bench/devicePart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { newDevices, residualDevice, type BenchEvent, type BenchView } from '@wary/core/bench';
	import { isSwitchedOff, ownSwitches, tabsOf, type House } from '@wary/core/house';
	import { deviceWords, kindWords } from '$words/devices';
	import { capital, halfWords, terms } from '$words/terms';

	let {
		house,
		boxId,
		view,
		ondo
	}: { house: House; boxId: string; view: BenchView | null; ondo: (event: BenchEvent) => void } = $props();
	const device = $derived(house.boxes.find(({ id }) => id === boxId)!.device);
	const residual = $derived(residualDevice(device));
	const t = $derived(terms[house.region]);
	let wanted = $state('');
	const choices = $derived(Object.entries(newDevices[house.region]));
	const tabs = $derived(tabsOf(device));
	const switches = $derived(
		(device ? ownSwitches(device) : []).map((which) => ({
			half: which === 'whole' ? null : which,
			text: which === 'whole' ? w.ownSwitch : capital(halfWords[which]),
			isOn: !isSwitchedOff(device!, which)
		}))
	);
</script>

<section aria-label={w.device}>
	<h2>{w.device}</h2>
	{#if device}
		<p>{deviceWords(device, house.region)}</p>
		{#if residual}
			<p class="row">
				<Button color="alternative" onclick={() => ondo({ kind: 'pressTest' })}>{w.pressTest}</Button>
				<Button color="alternative" onclick={() => ondo({ kind: 'reset' })}>{w.reset}</Button>
				<span
					><b>{residual.tripped ? w.tripped : w.pushedIn}</b>{view?.indicator
						? w.light(view.indicator === 'lit')
						: ''}</span
				>
			</p>
		{/if}
		{#if tabs}
			<p class="row">
				{#each ['hot', 'neutral'] as const as which (which)}
					<Button
						color="alternative"
						disabled={!tabs[which]}
						onclick={() => ondo({ kind: 'breakTab', which })}
						>{tabs[which] ? w.breakTheSideTab(t[which]) : w.sideTabIsBroken(capital(t[which]))}</Button
					>
				{/each}
			</p>
		{/if}
		{#if switches.length > 0}
			<p class="row">
				{#each switches as { half, text, isOn } (half)}<Button
						color="alternative"
						aria-pressed={isOn}
						onclick={() => ondo({ kind: 'turnSwitch', half, on: !isOn })}>{w.switchIs(text, isOn)}</Button
					>{/each}
				{#if 'fuseBlown' in device && device.fuseBlown}<b>{w.fuseBlown}</b>{/if}
			</p>
		{/if}
	{:else}<p class="soft">{w.noneInTheBox}</p>{/if}
	<div class="fit">
		<Select placeholder="" bind:value={wanted} aria-label={w.aDeviceToFit}>
			<option value="">{w.fitAnother}</option>
			{#each choices as [name, each] (name)}<option value={name}
					>{kindWords(each)}{'switched' in each && each.switched === false ? w.noSwitches : ''}</option
				>{/each}
		</Select>
		<Button
			color="alternative"
			disabled={!wanted}
			onclick={() => ondo({ kind: 'fit', device: newDevices[house.region][wanted]! })}>{w.fit}</Button
		>
		{#if device}<Button color="alternative" onclick={() => ondo({ kind: 'takeOut' })}>{w.takeOut}</Button
			>{/if}
	</div>
</section>

<style>
	p {
		margin: 0 0 0.5rem;
	}
	.row {
		gap: 0.4rem;
	}
	.fit {
		display: grid;
		grid-template-columns: 1fr auto auto;
		gap: 0.4rem;
	}
</style>
