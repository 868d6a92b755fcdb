<script lang="ts">
	import { here } from '@wary/core/arrangements';
	import type { House } from '@wary/core/house';
	import { layOut } from '$lib/ui/box/layout';
	import { insulation } from '$lib/ui/colours';

	/** A box in few strokes: its cables, its device, where its wires go. */
	let { house }: { house: House } = $props();
	const layout = $derived(layOut(house, here, true));
</script>

<svg
	viewBox={`0 0 ${layout.width} ${layout.height}`}
	fill="none"
	stroke="var(--ink)"
	stroke-width="5"
	aria-hidden="true"
>
	<rect {...layout.frame} rx="5" fill="var(--sheet)" />
	{#each layout.cables as cable (cable.id)}<rect
			x={cable.x - cable.width / 2}
			y={cable.enters === 'top' ? cable.y - 54 : cable.y - 30}
			width={cable.width}
			height="84"
			rx="12"
			fill="var(--paper)"
		/>{/each}
	{#if layout.device}<rect
			x={layout.device.x}
			y={layout.device.y}
			width={layout.device.shape.width}
			height={layout.device.shape.height}
			rx="9"
			fill="var(--paper)"
		/>{/if}
	{#each layout.wires as wire (wire.id)}{@const look = insulation[wire.colour]}<path
			d={wire.path}
			stroke={look.stroke}
			stroke-width="11"
		/>{#if look.core}<path d={wire.path} stroke={look.core} stroke-width="5" />{/if}{/each}
	{#each layout.places as place (place.at)}{#if place.kind === 'joint'}<path
				d="M-20 24l8 -52h24l8 52z"
				transform={`translate(${place.x} ${place.y})`}
				fill="var(--sheet)"
			/>{:else}<circle cx={place.x} cy={place.y} r="12" fill="var(--sheet)" />{/if}{/each}
</svg>

<style>
	svg {
		width: 100%;
		height: 100%;
	}
</style>
