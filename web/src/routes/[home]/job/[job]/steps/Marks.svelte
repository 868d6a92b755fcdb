<script lang="ts" module>
	import { words as w } from '$words/job/steps/marks';
	/** How far a two-probe indicator can light, V; their places are their keys. */
	export const indicatorMarks = [0, 12, 24, 50, 120, 230] as const;
</script>

<script lang="ts">
	import type { VoltReading } from '@wary/core/isolation';
	import Segments from '$lib/ui/Segments.svelte';

	/** How far a two-probe indicator lights. */
	let {
		litV = $bindable(),
		name = 'mark',
		onpick
	}: { litV: VoltReading | null; name?: string; onpick?: () => void } = $props();
</script>

<Segments
	legend={w.yourIndicatorLightsTo}
	{name}
	options={indicatorMarks.map((mark) => [mark, mark === 0 ? 'dark' : String(mark)] as const)}
	value={litV?.instrument === 'indicator' ? litV.litV : null}
	onpick={(mark) => {
		litV = { instrument: 'indicator', litV: mark };
		onpick?.();
	}}
	large
/>
