<script lang="ts">
	import { insulation } from '../colours';
	import type { DrawnWire } from './layout';

	/** A conductor: its insulation, and the bare metal that is left of it, in proportion; round its screw where it is hooked. */
	let { wire, thick = false }: { wire: DrawnWire; thick?: boolean } = $props();
	const look = $derived(insulation[wire.tape ?? wire.colour]);
	const width = $derived(wire.width + (thick ? 3 : 0));
</script>

{#if wire.bare}
	<path d={wire.bare} stroke="var(--ink)" stroke-width={wire.bareWidth + 1.6} stroke-linecap="round" />
	<path d={wire.bare} stroke="var(--copper)" stroke-width={wire.bareWidth} stroke-linecap="round" />
{/if}
{#if wire.hooked}<path
		d="M-14 3a14 14 0 1 1 8 10"
		transform={`translate(${wire.end.x} ${wire.end.y})`}
		stroke="var(--copper)"
		stroke-width={wire.bareWidth}
		stroke-linecap="round"
	/>{/if}
<path
	d={wire.insulated}
	stroke={look.stroke}
	stroke-width={width}
	stroke-linecap={wire.bare ? 'butt' : 'round'}
	stroke-dasharray={look.core ? undefined : look.dash}
/>
{#if look.core}<path
		d={wire.insulated}
		stroke={look.core}
		stroke-width={width - (wire.colour === 'bare' ? 1.6 : 3)}
		stroke-linecap="butt"
		stroke-dasharray={look.dash}
	/>{/if}
