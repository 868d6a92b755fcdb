<script lang="ts">
	import { ampsWord, words as w } from '$words/load';

	interface Props {
		name: string;
		amps: number;
		breakerA: number;
		/** With what is thought of. */
		withA?: number | null;
	}
	/** What a circuit carries, drawn against its breaker: a mark at 80 %, the end at its rating, what goes beyond it beyond. */
	let { name, amps, breakerA, withA = null }: Props = $props();
	const width = 360;
	/** Room beyond the rating, so that too much is seen as too much. */
	const beyond = 1.3;
	const x = (a: number): number => (Math.min(a / breakerA, beyond) / beyond) * width;
</script>

<svg
	class="block w-full max-w-120"
	viewBox={`0 0 ${width} 46`}
	role="img"
	aria-label={w.bar(name, ampsWord(withA ?? amps), ampsWord(breakerA))}
	fill="none"
	stroke="var(--ink)"
	stroke-width="2"
>
	<defs
		><pattern id="thought" width="6" height="6" patternUnits="userSpaceOnUse"
			><path d="M0 6L6 0" stroke="var(--ink)" stroke-width="1" /></pattern
		></defs
	>
	<path d={`M0 40H${width}`} stroke="var(--hair)" />
	{#if withA !== null && withA > amps}<rect
			x={x(amps)}
			y="16"
			width={x(withA) - x(amps)}
			height="24"
			fill="url(#thought)"
			stroke-width="1"
		/>{/if}
	{#if amps > 0}<rect y="16" width={x(amps)} height="24" fill="var(--ink)" stroke="none" />{/if}
	<path d={`M${x(0.8 * breakerA)} 10V44`} stroke-dasharray="4 3" />
	<path d={`M${x(breakerA)} 6V46`} stroke-width="3" />
	<text x={x(0.8 * breakerA) - 5} y="12" text-anchor="end">{w.usual}</text>
	<text x={x(breakerA) + 6} y="14">{ampsWord(breakerA)}</text>
</svg>

<style>
	text {
		font-size: 13px;
		fill: var(--ink);
		stroke: none;
	}
</style>
