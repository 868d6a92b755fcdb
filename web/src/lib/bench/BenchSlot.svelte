<script lang="ts">
	import type { DrawnSlot } from '$lib/ui/box/layout';
	import Slot from '$lib/ui/box/Slot.svelte';
	import { hatched, tapByKey, type Showing } from './shows';

	interface Props extends Omit<Showing, 'band'> {
		slot: DrawnSlot;
		armed: boolean;
	}
	/** A contact of the face, where a probe goes. */
	let { slot, armed, label, live, ontap }: Props = $props();
</script>

<g role="button" tabindex="0" aria-label={label} class:armed onclick={ontap} onkeydown={tapByKey(ontap)}>
	<rect x={slot.x - 10} y={slot.y - 8} width={slot.width + 20} height={slot.height + 16} class="hit" />
	<Slot {slot} fill={hatched(live)} />
</g>

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
	.armed .hit {
		fill: color-mix(in srgb, var(--dead) 14%, transparent);
		stroke: var(--dead);
		stroke-dasharray: 4 4;
		stroke-width: 1.6;
	}
</style>
