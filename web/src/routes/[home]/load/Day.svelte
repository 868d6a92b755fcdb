<script lang="ts">
	import { ampsWord, dayWords as w } from '$words/load';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import type { House, Load } from '@wary/core/house';
	import { throughDay, type CircuitLoad, type Stretch } from '@wary/core/sums';
	import Chart from '$lib/ui/Chart.svelte';
	import type { Ink } from '$lib/ui/charts';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { clockWord } from '$words/dates';

	/** A circuit through a day against its breaker, where anything on it has hours. */
	let { house, load, thought }: { house: House; load: CircuitLoad; thought: readonly Load[] } = $props();
	const day = $derived(throughDay(house, load.circuit, thought)!);
	const usualA = $derived(load.usualW / load.voltageV);
	const span = ({ fromMin, toMin }: Stretch) =>
		`${clockWord(fromMin, house.region)}–${clockWord(toMin, house.region)}`;
	const when = $derived(span(day.peak));
	const nameOf = (id: string) => load.lines.find((line) => line.load === id)?.name ?? w.thought;
	/** Steps: each holds to the end of its stretch. */
	const points = (of: 'byHoursA' | 'mostA') => [
		...day.stretches.map((each): [number, number] => [each.fromMin / 60, each[of]]),
		[24, day.stretches.at(-1)![of]] as [number, number]
	];
	const limit = (amps: number) => [
		[0, amps],
		[24, amps]
	];
	const option = (ink: Ink) => {
		const line = (data: unknown, width: number, type: 'solid' | 'dashed' | 'dotted', name: string) => ({
			type: 'line',
			name,
			data,
			step: 'end',
			symbol: 'none',
			silent: true,
			lineStyle: { color: ink.ink, width, type },
			...(name && {
				endLabel: { show: true, formatter: name, color: ink.soft, fontFamily: ink.font, fontSize: 13 }
			})
		});
		const axis = {
			axisLabel: { color: ink.soft, fontFamily: ink.font, fontSize: 13 },
			axisLine: { lineStyle: { color: ink.ink } },
			splitLine: { lineStyle: { color: ink.hair } }
		};
		return {
			grid: { left: 44, right: 52, top: 14, bottom: 28 },
			xAxis: { type: 'value', min: 0, max: 24, interval: 6, ...axis },
			yAxis: {
				type: 'value',
				min: 0,
				max: Math.ceil(Math.max(load.breakerA, day.peakA) * 1.15),
				...axis
			},
			series: [
				line(points('mostA'), 3, 'solid', ''),
				line(points('byHoursA'), 1.5, 'dotted', ''),
				line(limit(load.breakerA), 2, 'dashed', ampsWord(load.breakerA)),
				line(limit(usualA), 1, 'dashed', ampsWord(usualA))
			]
		};
	};
</script>

{#if day.told}
	<h3 class="mt-3 mb-1">{w.title}</h3>
	<Verdict kind={day.peakA > load.breakerA ? 'bad' : day.peakA > usualA ? 'open' : 'good'} alert={false}
		>{w.peak(ampsWord(day.peakA), when, ampsWord(load.totalA), day.peakA < load.totalA - 0.05)}</Verdict
	>
	<Chart label={w.label(ampsWord(day.peakA), when, ampsWord(load.breakerA))} {option} />
	<p class="soft m-0">{w.key}</p>
	<Table>
		<TableHead>
			<TableHeadCell>{w.hours}</TableHeadCell>
			<TableHeadCell>{w.running}</TableHeadCell>
			<TableHeadCell>{w.byHours}</TableHeadCell>
			<TableHeadCell>{w.atMost}</TableHeadCell>
		</TableHead>
		<TableBody>
			{#each day.stretches as each (each.fromMin)}<TableBodyRow
					><TableBodyCell class="whitespace-normal">{span(each)}</TableBodyCell><TableBodyCell
						class="whitespace-normal">{each.loads.map(nameOf).join(', ') || w.nothing}</TableBodyCell
					><TableBodyCell>{ampsWord(each.byHoursA)}</TableBodyCell><TableBodyCell
						class={each.mostA > load.breakerA ? 'font-bold' : ''}>{ampsWord(each.mostA)}</TableBodyCell
					></TableBodyRow
				>{/each}
		</TableBody>
	</Table>
	{#if day.anyTimeA > 0}<p class="soft m-0">{w.anyTime(ampsWord(day.anyTimeA))}</p>{/if}
{/if}
