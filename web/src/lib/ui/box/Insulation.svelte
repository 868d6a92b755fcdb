<script lang="ts">
	import { insulation } from '../colours';
	import type { DrawnWire } from './layout';

	let { wire, thick = false }: { wire: DrawnWire; thick?: boolean } = $props();
	const look = $derived(insulation[wire.tape ?? wire.colour]);
</script>

<path
	d={wire.path}
	stroke={look.stroke}
	stroke-width={thick ? 9 : 6}
	stroke-linecap="round"
	stroke-dasharray={look.core ? undefined : look.dash}
/>
{#if look.core}<path
		d={wire.path}
		stroke={look.core}
		stroke-width="3"
		stroke-linecap="round"
		stroke-dasharray={look.dash}
	/>{/if}
