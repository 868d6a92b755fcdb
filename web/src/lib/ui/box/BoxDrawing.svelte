<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/ui/box/boxDrawing';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { beside, type Box, type House } from '@wary/core/house';
	import { boxPlace, colourWords, roleWord, terminalWord, terms } from '$words/terms';
	import Cable from './Cable.svelte';
	import FreeEnd from './FreeEnd.svelte';
	import DeviceBody from './DeviceBody.svelte';
	import Insulation from './Insulation.svelte';
	import Slot from './Slot.svelte';
	import Terminal from './Terminal.svelte';
	import { layOut } from './layout';

	let {
		house,
		box,
		back = $bindable(true),
		numbers,
		planned = false
	}: {
		house: House;
		box: Box;
		back?: boolean;
		/** By wire (`CABLE/CONDUCTOR`, `tail/ID`): the number of the move that it is part of. */
		numbers?: ReadonlyMap<string, number>;
		/** As it shall be, not as it is. */
		planned?: boolean;
	} = $props();
	const layout = $derived(layOut(house, box.id, back, { narrow: true }));
	const used = $derived(
		new Set(layout.wires.flatMap(({ at }) => (at.startsWith('terminal:') ? [at.slice(9)] : [])))
	);
	const placeText = (at: string): string =>
		at.startsWith('terminal:')
			? terminalWord(house.region, at.slice('terminal:'.length))
			: at.replace(/^joint:/, w.joint);
	const goesTo = (to: string) => (to === 'panel' ? w.the(terms[house.region].panel) : boxPlace(house, to));
</script>

{#snippet deviceBody()}
	{#if layout.device && box.device}
		<g transform={`translate(${layout.device.x} ${layout.device.y})`}>
			<DeviceBody device={box.device} shape={layout.device.shape} {back} {used} />
		</g>
		{#each layout.slots as slot (slot.id)}<Slot opening={slot} />{/each}
	{/if}
{/snippet}

<figure class="m-0">
	<figcaption class="row justify-between">
		<span class="soft"
			>{w.boxDeviceSeenFromThe(box.material, back ? 'back' : 'front', beside(house, box.id).length > 0)}</span
		>
		<Button size="xs" color="alternative" onclick={() => (back = !back)}>{w.turnOver}</Button>
	</figcaption>
	<svg
		class="block max-h-144 w-full"
		viewBox={`0 0 ${layout.width} ${layout.height}`}
		role="img"
		aria-label={(planned ? w.theBoxAsPlanned : w.theBoxAtAsRecorded)(boxPlace(house, box.id))}
		fill="none"
		stroke="var(--ink)"
		stroke-width="2"
	>
		<rect {...layout.frame} rx="5" fill="var(--sheet)" stroke-width={box.material === 'metal' ? 5 : 2} />
		{#each layout.cables as cable (cable.id)}<Cable {cable} />{/each}
		{#if back}{@render deviceBody()}{/if}
		{#each layout.wires as wire (wire.id)}
			<Insulation {wire} />
			<FreeEnd {wire} />
		{/each}
		{#if !back}{@render deviceBody()}{/if}
		{#each layout.places.filter(({ kind }) => back || kind !== 'terminal' || regions[house.region].custom.plateApart) as place (place.at)}
			<g transform={`translate(${place.x} ${place.y})`}>
				{#if place.kind === 'terminal'}<Terminal
						ways={place.ways}
						mark={place.mark}
						side={place.side}
						{back}
					/>
				{:else if place.kind === 'joint'}<path d="M-13 15l5 -34h16l5 34z" fill="var(--sheet)" />
				{:else}<circle r="9" fill="var(--sheet)" /><path d="M-5 -5l10 10m0 -10l-10 10" />{/if}
				{#if place.kind === 'terminal' && back}
					<text x={place.label.x} y={place.label.y} text-anchor={place.label.anchor} class="soft"
						>{place.mark}</text
					>
				{/if}
			</g>
		{/each}
		{#each layout.wires.filter(({ id }) => numbers?.has(id)) as wire (wire.id)}
			<g transform={`translate(${wire.handle.x} ${wire.handle.y})`}>
				<circle r="13" fill="var(--ink)" stroke="none" />
				<text y="6" text-anchor="middle" class="number">{numbers!.get(wire.id)}</text>
			</g>
		{/each}
		{#each layout.wires.filter(({ cable }) => cable !== null) as wire (wire.id)}
			<text x={wire.label.x + 9} y={wire.label.y + 5} class="label"
				>{wire.mark ? `“${wire.mark}”` : colourWords[wire.colour]}</text
			>
		{/each}
	</svg>
	<More title={w.theSameInWords}>
		<Table>
			<TableHead
				><TableHeadCell>{w.conductor}</TableHeadCell><TableHeadCell>{w.role}</TableHeadCell><TableHeadCell
					>{w.endsAt}</TableHeadCell
				></TableHead
			>
			<TableBody>
				{#each layout.wires as wire (wire.id)}
					<TableBodyRow
						><TableBodyCell
							>{colourWords[wire.colour]}{wire.cable
								? w.cable(
										goesTo(layout.cables.find(({ id }) => id === wire.cable)?.to ?? '')
											? 'to ' + goesTo(layout.cables.find(({ id }) => id === wire.cable)!.to)
											: ''
									)
								: w.inTheBox}</TableBodyCell
						><TableBodyCell>{roleWord(house.region, wire.role)}</TableBodyCell><TableBodyCell
							>{placeText(wire.at)}</TableBodyCell
						></TableBodyRow
					>
				{/each}
			</TableBody>
		</Table>
	</More>
</figure>

<style>
	.soft {
		font-size: 16px;
		fill: var(--soft);
		stroke: none;
	}
	.number {
		font-size: 17px;
		font-weight: 700;
		fill: var(--paper);
		stroke: none;
	}
	.label {
		font-size: 17px;
		fill: var(--ink);
		stroke: var(--sheet);
		stroke-width: 4;
		paint-order: stroke;
	}
</style>
