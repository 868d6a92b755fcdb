<script lang="ts">
	import type { DrawnPlace } from '$lib/ui/box/layout';
	import Terminal from '$lib/ui/box/Terminal.svelte';
	import Band from './Band.svelte';
	import { hatched, type Showing } from './shows';
	import Tapped from './Tapped.svelte';

	interface Props extends Showing {
		place: DrawnPlace;
		back: boolean;
		/** A wire is held over it. */
		over: boolean;
		/** A wire is in hand, and this would take it. */
		armed: boolean;
	}
	/** A terminal, a joint or the metal of the box: somewhere to bring a conductor. */
	let { place, back, over, armed, label, live, band, ontap }: Props = $props();
</script>

<Tapped transform={`translate(${place.x} ${place.y})`} data-at={place.at} {label} {armed} {over} {ontap}>
	<circle r="24" class="hit" />
	{#if place.kind === 'terminal'}
		<Terminal ways={place.ways} mark={place.mark} side={place.side} {back} fill={hatched(live)} />
	{:else if place.kind === 'joint'}
		<path d="M-15 18l6 -40h18l6 40z" fill={hatched(live)} />
	{:else}
		<circle r="10" fill={hatched(live)} /><path d="M-5 -5l10 10m0 -10l-10 10" />
	{/if}
	{#if place.kind !== 'terminal' || back}
		<text x={place.label.x} y={place.label.y} text-anchor={place.label.anchor}>{place.mark}</text>
	{/if}
	<Band {band} r={17} />
</Tapped>

<style>
	text {
		font-size: 15px;
		fill: var(--soft);
		stroke: none;
	}
</style>
