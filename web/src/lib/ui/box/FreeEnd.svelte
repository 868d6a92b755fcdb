<script lang="ts">
	import type { DrawnWire } from './layout';

	let { wire }: { wire: DrawnWire } = $props();
</script>

{#if wire.at === 'capped'}<path
		d="M-9 12l3 -24h12l3 24z"
		fill="var(--sheet)"
		transform={`translate(${wire.end.x} ${wire.end.y}) rotate(${wire.down ? 180 : 0})`}
	/>
{:else if wire.at === 'bare'}<circle
		cx={wire.end.x}
		cy={wire.end.y}
		r="5"
		fill="var(--copper)"
		stroke="var(--copper)"
	/>{/if}
