<script lang="ts">
	import { words as w } from '$words/bench/benchDrawing';
	import type { BenchView } from '@wary/core/bench';
	import { own, type House } from '@wary/core/house';
	import DeviceBody from '$lib/ui/box/DeviceBody.svelte';
	import type { BoxLayout } from '$lib/ui/box/layout';

	interface Props {
		house: House;
		boxId: string;
		layout: BoxLayout;
		shown: BenchView | null;
		back: boolean;
	}
	/** The device on the bench, with what is plugged into it. */
	let { house, boxId, layout, shown, back }: Props = $props();
	const device = $derived(house.boxes.find(({ id }) => id === boxId)!.device);
	const used = $derived(
		new Set(layout.wires.flatMap(({ at }) => (at.startsWith('terminal:') ? [at.slice(9)] : [])))
	);
	const plugged = $derived(
		back
			? []
			: (layout.device?.shape.faces ?? []).flatMap((face) => {
					const load = house.loads.find((each) => each.box === boxId && each.half === face.half);
					return load ? [{ ...load, face, lit: ((shown && own(shown.loads, load.id)) ?? 0) > 0.5 }] : [];
				})
	);
</script>

{#if layout.device && device}
	<g transform={`translate(${layout.device.x} ${layout.device.y})`}>
		<DeviceBody {device} shape={layout.device.shape} {back} {used} lampLit={shown?.indicator === 'lit'} />
		{#each plugged as load (load.id)}
			<g transform={`translate(${load.face.x + load.face.width / 2} ${load.face.y + load.face.height / 2})`}>
				<circle r="26" fill={load.lit ? 'var(--ink)' : 'var(--sheet)'} />
				{#if load.lit}{#each [0, 45, 90, 135, 180, 225, 270, 315] as turn (turn)}<path
							d="M0 -32V-42"
							transform={`rotate(${turn})`}
						/>{/each}{/if}
				<text y="5" text-anchor="middle" style:fill={load.lit ? 'var(--sheet)' : 'var(--ink)'}
					>{load.name}</text
				>
			</g>
		{/each}
	</g>
{:else}
	<text x={layout.width / 2} y={layout.height / 2} text-anchor="middle" class="soft">{w.noDevice}</text>
{/if}

<style>
	text {
		font-size: 17px;
		fill: var(--ink);
		stroke: none;
	}
	.soft {
		fill: var(--soft);
		font-size: 15px;
	}
</style>
