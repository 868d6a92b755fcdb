<script lang="ts">
	/** One tip of the meter where it is held. */
	let { tip, x, y }: { tip: 'red' | 'black'; x: number; y: number } = $props();
</script>

<g transform={`translate(${x} ${y})`} pointer-events="none">
	<path d="M0 0L16 -34L30 -26L8 2z" fill={tip === 'red' ? 'var(--sheet)' : 'var(--ink)'} stroke-width="2.5" />
	<text x="36" y="-24">{tip}</text>
</g>

<style>
	text {
		font-size: 17px;
		fill: var(--ink);
		stroke: var(--sheet);
		stroke-width: 4;
		paint-order: stroke;
	}
</style>
