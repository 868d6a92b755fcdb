<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/bench/benchDrawing';
	import { onMount } from 'svelte';
	import type { BenchView, Instruments } from '@wary/core/bench';
	import type { House } from '@wary/core/house';
	import { roleWord } from '$words/terms';
	import { placeWords } from '$words/bench';
	import Cable from '$lib/ui/box/Cable.svelte';
	import { layOut, type DrawnWire } from '$lib/ui/box/layout';
	import BenchDevice from './BenchDevice.svelte';
	import BenchEnd from './BenchEnd.svelte';
	import BenchPlace from './BenchPlace.svelte';
	import BenchSlot from './BenchSlot.svelte';
	import { shownLiveFromV } from './shows';
	import { noteOf, saidOf, spotOf, wireName } from './notes';
	import Tip from './Tip.svelte';
	import WireLayers from './WireLayers.svelte';
	import { view as viewing, wiring, type View } from './interact';

	let {
		house,
		boxId,
		shown,
		instruments,
		tool,
		picked = null,
		back,
		ontap,
		onland
	}: {
		house: House;
		boxId: string;
		shown: BenchView | null;
		instruments: Instruments;
		tool: 'wire' | 'probe';
		picked?: string | null;
		back: boolean;
		ontap: (id: string) => void;
		onland: (wire: string, at: string) => void;
	} = $props();

	let svg = $state<SVGSVGElement>();
	let transform = $state('');
	let dragged = $state<{ wire: string; x: number; y: number } | null>(null);
	let over = $state<string | null>(null);
	let moving: View | undefined;
	let narrow = $state(false);
	const layout = $derived(layOut(house, boxId, back, { narrow, ids: true }));
	const seen = $derived(new Map((shown?.seen ?? []).map((each) => [each.id, each])));
	const layer = $derived(instruments.layer);
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const tips = $derived(
		(['red', 'black'] as const).flatMap((tip) => {
			const point = instruments[tip];
			const thing = (shown?.seen ?? []).find((each) => each.point === point);
			const at = thing && spotOf(layout, thing.id);
			return at ? [{ tip, ...at }] : [];
		})
	);

	onMount(() => {
		narrow = matchMedia('(max-width: 700px)').matches;
		const dragging = wiring(svg!, {
			drag: (wire, x, y) => (dragged = { wire, x, y }),
			over: (at) => (over = at),
			drop: (wire, at) => {
				dragged = null;
				over = null;
				if (at) onland(wire, at);
			}
		});
		moving = viewing(svg!, (next) => (transform = next));
		return () => {
			dragging.destroy();
			moving?.destroy();
		};
	});
	export const zoomIn = () => moving?.zoomIn();
	export const zoomOut = () => moving?.zoomOut();
	export const whole = () => moving?.whole();

	const note = (wire: DrawnWire) => noteOf(wire, seen.get(wire.id), layer);
	const say = (id: string, what: string) => saidOf(seen.get(id), what);
	const armed = $derived(picked !== null || dragged !== null);
	const isLive = (id: string) => layer === 'potential' && (seen.get(id)?.toEarthV ?? 0) >= shownLiveFromV;
	const band = (id: string) => (layer === 'touch' ? seen.get(id)?.touch?.band : undefined);
</script>

<svg
	bind:this={svg}
	viewBox={`0 0 ${layout.width} ${layout.height}`}
	fill="none"
	stroke="var(--ink)"
	stroke-width="2"
	role="group"
	aria-label={w.theBoxOnTheBench(back ? 'back' : 'front')}
>
	<defs>
		<pattern id="live-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
			<rect width="8" height="8" fill="var(--sheet)" /><path
				d="M0 0V8"
				stroke="var(--live)"
				stroke-width="7"
			/>
		</pattern>
	</defs>
	<g {transform} data-drawing>
		<rect {...layout.frame} rx="5" fill="var(--sheet)" stroke-width={box.material === 'metal' ? 5 : 2} />
		{#if box.material === 'plastic'}<rect
				x={layout.frame.x + 6}
				y={layout.frame.y + 6}
				width={layout.frame.width - 12}
				height={layout.frame.height - 12}
				rx="3"
				stroke="var(--hair)"
			/>{/if}
		{#each layout.cables as cable (cable.id)}<Cable {cable} />{/each}
		{#if back}<BenchDevice {house} {boxId} {layout} {shown} {back} />{/if}
		{#each layout.wires as wire (wire.id)}
			<WireLayers {wire} seen={seen.get(wire.id)} {layer} picked={picked === wire.id} />
			{#if wire.state !== 'good' || wire.touches}<text x={wire.end.x + 12} y={wire.end.y - 12} class="flag"
					>{wire.touches ? '⚡ box' : wire.state === 'open' ? 'open' : 'loose'}</text
				>{/if}
		{/each}

		{#if !back}<BenchDevice {house} {boxId} {layout} {shown} {back} />{/if}

		{#each layout.places.filter(({ kind }) => back || kind !== 'terminal' || regions[house.region].custom.plateApart) as place (place.at)}
			<BenchPlace
				{place}
				{back}
				{armed}
				over={over === place.at}
				label={say(place.at, placeWords(place.at, house))}
				live={isLive(place.at)}
				band={band(place.at)}
				ontap={() => ontap(place.at)}
			/>
		{/each}
		{#each layout.slots as slot (slot.id)}
			<BenchSlot
				{slot}
				{armed}
				label={say(slot.id, w.halfSlot(slot.half, roleWord(house.region, slot.role)))}
				live={isLive(slot.id)}
				ontap={() => ontap(slot.id)}
			/>
		{/each}
		{#each layout.wires as wire (wire.id)}
			<BenchEnd
				{wire}
				picked={picked === wire.id}
				grabs={tool === 'wire'}
				note={note(wire)}
				label={say(wire.id, wireName(wire, house))}
				band={band(wire.id)}
				ontap={() => ontap(wire.id)}
			/>
		{/each}
		{#if dragged}
			{@const from = layout.wires.find(({ id }) => id === dragged!.wire)!.handle}
			<path
				d={`M${from.x} ${from.y}L${dragged.x} ${dragged.y}`}
				stroke-width="4"
				stroke-dasharray="9 6"
				pointer-events="none"
			/>
		{/if}
		{#each tips as each (each.tip)}<Tip {...each} />{/each}
	</g>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
		user-select: none;
	}
	text {
		font-size: 17px;
		fill: var(--ink);
		stroke: none;
	}
	.flag {
		font-size: 15px;
		font-weight: 700;
		stroke: var(--sheet);
		stroke-width: 4;
		paint-order: stroke;
	}
</style>
