<script lang="ts">
	import { lineHeight } from './captions';
	import type { DrawnCable } from './layout';

	let { cable }: { cable: DrawnCable } = $props();
	const { caption } = $derived(cable);
</script>

<rect
	x={cable.x - cable.width / 2}
	y={cable.enters === 'top' ? cable.y - 40 : cable.y - 30}
	width={cable.width}
	height="70"
	rx="12"
	fill="var(--paper)"
	stroke-dasharray={cable.jumper ? '5 5' : undefined}
/>
{#each [...caption.where, ...caption.what] as line, k (k)}
	<text x={caption.x} y={caption.y + k * lineHeight} class:soft={k >= caption.where.length}>{line}</text>
{/each}

<style>
	text {
		font-size: 17px;
		fill: var(--ink);
		stroke: none;
	}
	.soft {
		font-size: 16px;
		fill: var(--soft);
	}
</style>
