<script lang="ts">
	import type { DrawnWire } from '$lib/ui/box/layout';
	import Band from './Band.svelte';
	import type { Showing } from './shows';
	import Tapped from './Tapped.svelte';

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

<Tapped
	data-wire={wire.id}
	class={[picked && 'picked', grabs && 'grabs']}
	aria-pressed={picked}
	{label}
	{ontap}
>
	<circle cx={x} cy={y} r="17" class="hit" />
	<circle cx={x} cy={y} r={picked ? 11 : 6} class="knob" />
	<Band {band} r={13} {x} {y} />
</Tapped>
<text x={wire.label.x + 9} y={wire.label.y + 5}>{note}</text>

<style>
	.knob {
		fill: var(--sheet);
	}
	:global(g:hover) > .knob,
	:global(.picked) > .knob {
		fill: var(--ink);
	}
	:global(.grabs) {
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
