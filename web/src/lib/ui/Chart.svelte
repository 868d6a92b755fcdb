<script lang="ts">
	import { onMount } from 'svelte';
	import type * as Charts from './charts';
	import type { ECharts, EChartsCoreOption, Ink } from './charts';

	interface Props {
		/** What it shows, in a sentence: for whoever doesn’t see it. The figures stand beside it as a table. */
		label: string;
		option: (ink: Ink) => EChartsCoreOption;
		heightPx?: number;
	}
	/** A chart, fetched when there is one to show, in the ink of the page. */
	let { label, option, heightPx = 220 }: Props = $props();
	let element = $state<HTMLElement>();
	let charts = $state.raw<typeof Charts | null>(null);
	let chart: ECharts | null = null;
	let turned = $state(0);

	onMount(() => {
		void import('./charts').then((loaded) => (charts = loaded)).catch(() => null);
		const sized = new ResizeObserver(() => chart?.resize());
		sized.observe(element!);
		// The theme may turn by the device or by hand.
		const again = () => turned++;
		const dark = matchMedia('(prefers-color-scheme: dark)');
		dark.addEventListener('change', again);
		const themed = new MutationObserver(again);
		themed.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
		return () => {
			sized.disconnect();
			themed.disconnect();
			dark.removeEventListener('change', again);
			chart?.dispose();
		};
	});
	$effect(() => {
		void turned;
		if (!charts || !element) return;
		chart ??= charts.chartIn(element);
		const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
		chart.setOption({ animation: !still, animationDuration: 250, ...option(charts.inkOf(element)) }, true);
	});
</script>

<div bind:this={element} role="img" aria-label={label} style:height={`${heightPx}px`}></div>
