<script lang="ts">
	import type { DrawnWire } from '$lib/ui/box/layout';
	import Band from './Band.svelte';
	import { tapByKey, type Showing } from './shows';

	interface Props extends Omit<Showing, 'live'> {
		wire: DrawnWire;
		picked: boolean;
		/** It can be dragged. */
		grabs: boolean;
		/** What is written beside it. */
		note: string;
	}
	/** Where a conductor is taken hold of, and what is written beside it. */
	let { wire, picked, grabs, note, label, band, ontap }: Props = $props();
	const { x, y } = $derived(wire.handle);
</script>

<g
	data-wire={wire.id}
	class:picked
	class:grabs
	role="button"
	tabindex="0"
	aria-pressed={picked}
	aria-label={label}
	onclick={ontap}
	onkeydown={tapByKey(ontap)}
>
	<circle cx={x} cy={y} r="17" class="hit" />
	<circle cx={x} cy={y} r={picked ? 11 : 6} class="knob" />
	<Band {band} r={13} {x} {y} />
</g>
<text x={wire.label.x + 9} y={wire.label.y + 5}>{note}</text>

<style>
	.hit {
		fill: transparent;
		stroke: none;
	}
	g {
		cursor: pointer;
	}
	g:focus {
		outline: none;
	}
	g:focus-visible .hit {
		stroke: var(--dead);
		stroke-width: 4;
	}
	.knob {
		fill: var(--sheet);
	}
	g:hover .knob,
	.picked .knob {
		fill: var(--ink);
	}
	.grabs {
		cursor: grab;
	}
	text {
		font-size: 17px;
		fill: var(--ink);
		stroke: var(--sheet);
		stroke-width: 4;
		paint-order: stroke;
		pointer-events: none;
	}
</style>
