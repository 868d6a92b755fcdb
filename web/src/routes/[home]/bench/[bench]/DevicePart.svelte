<script lang="ts">
	import { words as w } from '$words/bench/devicePart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { newDevices, residualDevice, type BenchEvent, type BenchView } from '@wary/core/bench';
	import type { House } from '@wary/core/house';
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
	const sockets = $derived(
		device && 'switched' in device && device.switched
			? device.kind === 'socketSingle'
				? (['only'] as const)
				: (['left', 'right'] as const)
			: []
	);
	const isOff = (half: string) =>
		device !== undefined && 'off' in device && (device.off ?? []).some((each) => each === half);
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
					><b>{residual.tripped ? 'tripped' : 'in'}</b>{view?.indicator
						? w.light(view.indicator === 'lit' ? 'on' : 'off')
						: ''}</span
				>
			</p>
		{/if}
		{#if device.kind === 'duplex'}
			<p class="row">
				{#each ['hot', 'neutral'] as const as which (which)}
					<Button
						color="alternative"
						disabled={!device.tabs[which]}
						onclick={() => ondo({ kind: 'breakTab', which })}
						>{device.tabs[which] ? w.breakTheSideTab(t[which]) : w.sideTabIsBroken(capital(t[which]))}</Button
					>
				{/each}
			</p>
		{/if}
		{#if device.kind === 'switch' || device.kind === 'fusedSpur'}
			<p class="row">
				<Button
					color="alternative"
					aria-pressed={device.on}
					onclick={() => ondo({ kind: 'turnSwitch', half: null, on: !device.on })}
					>{w.switchText(device.on ? 'off' : 'on')}</Button
				>{#if device.kind === 'fusedSpur' && device.fuseBlown}<b>{w.fuseBlown}</b>{/if}
			</p>
		{/if}
		{#if sockets.length > 0}
			<p class="row">
				{#each sockets as half (half)}<Button
						color="alternative"
						onclick={() => ondo({ kind: 'turnSwitch', half, on: isOff(half) })}
						>{capital(halfWords[half])}: {isOff(half) ? 'off' : 'on'}</Button
					>{/each}
			</p>
		{/if}
	{:else}<p class="soft">{w.noneInTheBox}</p>{/if}
	<div class="fit">
		<Select placeholder="" bind:value={wanted} aria-label={w.aDeviceToFit}>
			<option value="">{w.fitAnother}</option>
			{#each choices as [name, each] (name)}<option value={name}
					>{kindWords(each)}{each.kind === 'socketTwin' && !each.switched ? w.noSwitches : ''}</option
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
