<script lang="ts">
	import { words as w } from '$words/search/searchCourse';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import type { House } from '@wary/core/house';
	import type { CourseLine } from '@wary/core/search';
	import Chart from '$lib/ui/Chart.svelte';
	import type { Ink } from '$lib/ui/charts';
	import { breakerName } from '$words/terms';

	/** How likely each breaker was, before the first answer and after each. */
	let { house, course }: { house: House; course: readonly CourseLine[] } = $props();
	const named = $derived(
		course.map(({ breaker, shares }) => ({
			name: breaker === null ? w.noneOfThese : breakerName(house, breaker),
			shares
		}))
	);
	const percent = (share: number) => Math.round(share * 100);
	/** Told apart by the line as well as by its name at the end. */
	const lines = ['solid', 'dashed', 'dotted'] as const;
	const option = $derived((ink: Ink) => ({
		grid: { left: 44, right: 112, top: 12, bottom: 36 },
		textStyle: { fontFamily: ink.font, fontSize: 14 },
		xAxis: {
			type: 'category',
			boundaryGap: false,
			name: w.answers,
			nameLocation: 'middle',
			nameGap: 22,
			nameTextStyle: { color: ink.soft, fontSize: 14 },
			data: (course[0]?.shares ?? []).map((_, k) => String(k)),
			axisLine: { lineStyle: { color: ink.ink } },
			axisLabel: { color: ink.soft, fontSize: 14 }
		},
		yAxis: {
			type: 'value',
			min: 0,
			max: 100,
			interval: 50,
			axisLabel: { color: ink.soft, fontSize: 14, formatter: '{value} %' },
			splitLine: { lineStyle: { color: ink.hair } }
		},
		series: named.map(({ name, shares }, k) => ({
			type: 'line',
			name,
			data: shares.map(percent),
			color: k === 0 ? ink.ink : ink.soft,
			symbolSize: k === 0 ? 8 : 5,
			lineStyle: { width: k === 0 ? 3 : 1.6, type: lines[k % lines.length] },
			endLabel: { show: true, formatter: '{a}', color: k === 0 ? ink.ink : ink.soft, fontSize: 14 },
			labelLayout: { moveOverlap: 'shiftY' }
		}))
	}));
</script>

<Chart label={w.howLikely(named[0]?.name ?? '', percent(named[0]?.shares.at(-1) ?? 0))} {option} />
<Table>
	<TableHead>
		<TableHeadCell>{w.breaker}</TableHeadCell>
		{#each course[0]?.shares ?? [] as _, k (k)}<TableHeadCell class="text-end">{k}</TableHeadCell>{/each}
	</TableHead>
	<TableBody>
		{#each named as line (line.name)}<TableBodyRow
				><TableBodyCell>{line.name}</TableBodyCell>{#each line.shares as share, k (k)}<TableBodyCell
						class="text-end">{percent(share)} %</TableBodyCell
					>{/each}</TableBodyRow
			>{/each}
	</TableBody>
</Table>
