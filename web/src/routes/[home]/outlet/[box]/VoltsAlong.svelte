<script lang="ts">
	import { words as w } from '$words/outlet/voltsAlong';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import type { House } from '@wary/core/house';
	import type { AlongPoint } from '@wary/core/job';
	import Chart from '$lib/ui/Chart.svelte';
	import type { Ink } from '$lib/ui/charts';
	import More from '$lib/ui/More.svelte';
	import { boxPlace } from '$words/terms';

	/** Volts along this outlet’s circuit: by the record, and as they were read. */
	let { house, points }: { house: House; points: readonly AlongPoint[] } = $props();
	let shown = $state(false);
	const read = $derived(points.filter(({ readV }) => readV !== null));
	const all = $derived(points.flatMap(({ expectedV, readV }) => [expectedV, readV ?? expectedV]));
	const option = $derived((ink: Ink) => ({
		grid: { left: 56, right: 24, top: 16, bottom: 42 },
		textStyle: { fontFamily: ink.font, fontSize: 14 },
		xAxis: {
			type: 'value',
			name: w.cableFromThePanel,
			nameLocation: 'middle',
			nameGap: 26,
			nameTextStyle: { color: ink.soft, fontSize: 14 },
			axisLine: { lineStyle: { color: ink.ink } },
			axisLabel: { color: ink.soft, fontSize: 14 },
			splitLine: { show: false }
		},
		yAxis: {
			type: 'value',
			min: Math.floor(Math.min(...all) - 1),
			max: Math.ceil(Math.max(...all) + 1),
			axisLabel: { color: ink.soft, fontSize: 14, formatter: '{value} V' },
			splitLine: { lineStyle: { color: ink.hair } }
		},
		series: [
			{
				type: 'line',
				data: points.map(({ cableM, expectedV }) => [cableM, expectedV]),
				color: ink.soft,
				symbolSize: 5,
				lineStyle: { width: 1.6, type: 'dashed' }
			},
			{
				type: 'scatter',
				data: read.map(({ cableM, readV }) => [cableM, readV]),
				color: ink.ink,
				symbol: 'diamond',
				symbolSize: 15
			}
		]
	}));
</script>

{#if read.length > 0}
	<More title={w.title} bind:open={shown} class="my-4">
		<p class="soft">{w.legend}</p>
		{#if shown}<Chart label={w.label(read.length, points.length)} {option} />{/if}
		<Table>
			<TableHead>
				<TableHeadCell>{w.outlet}</TableHeadCell>
				<TableHeadCell class="text-end">{w.cable}</TableHeadCell>
				<TableHeadCell class="text-end">{w.byTheRecord}</TableHeadCell>
				<TableHeadCell class="text-end">{w.asRead}</TableHeadCell>
			</TableHead>
			<TableBody>
				{#each points as point (point.box)}<TableBodyRow
						><TableBodyCell>{boxPlace(house, point.box)}</TableBodyCell><TableBodyCell class="text-end"
							>{point.cableM.toFixed(0)} m</TableBodyCell
						><TableBodyCell class="text-end">{point.expectedV.toFixed(1)} V</TableBodyCell><TableBodyCell
							class="text-end">{point.readV === null ? '–' : `${point.readV.toFixed(1)} V`}</TableBodyCell
						></TableBodyRow
					>{/each}
			</TableBody>
		</Table>
	</More>
{/if}
