<script lang="ts">
	/** What a hand there would feel, as a ring: thin for a tingle, thick for what doesn’t let go, filled for what stops a heart. */
	let { band, r, x = 0, y = 0 }: { band: string | undefined; r: number; x?: number; y?: number } = $props();
</script>

{#if band && band !== 'nothing'}<circle cx={x} cy={y} {r} class={band} />{/if}

<style>
	circle {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
		pointer-events: none;
	}
	.cantLetGo {
		stroke: var(--live);
		stroke-width: 6;
	}
	.heart {
		fill: var(--live);
		stroke: var(--live);
		fill-opacity: 0.65;
	}
</style>
