<script lang="ts">
	import { words as w } from '$words/load';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { mostStretches } from '@wary/core/house';
	import type { LoadLine } from '@wary/core/sums';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import { clocksOf, stretchesIn, type Clocks } from './hours';

	/** When something runs: as often a day as it does, each by its beginning and its end. Both taken away: not then. */
	let { line, editor }: { line: LoadLine; editor: HouseEditor } = $props();
	const ends = [
		{ end: 'from', label: w.from, named: w.fromOf },
		{ end: 'to', label: w.to, named: w.toOf }
	] as const;
	const recorded = $derived(JSON.stringify(line.hours));
	/** As recorded, until something else is typed. */
	let rows = $derived(clocksOf(JSON.parse(recorded) as LoadLine['hours']));
	let complaint = $state<string | null>(null);
	async function save() {
		const read = stretchesIn(rows);
		complaint = read.code === 'sameMinute' ? w.hoursSame : null;
		if (read.code !== 'read' || JSON.stringify(read.hours) === JSON.stringify(line.hours)) return;
		await editor.apply(
			[{ do: 'setLoad', load: line.load, hours: read.hours ? [...read.hours] : null }],
			w.setHours(line.name)
		);
	}
	function type(k: number, end: keyof Clocks, clock: string) {
		rows = rows.map((row, at) => (at === k ? { ...row, [end]: clock } : row));
		void save();
	}
</script>

<div class="flex w-full flex-wrap items-end gap-x-5 gap-y-2">
	{#each rows as row, k (k)}
		<span class="flex items-end gap-3"
			>{#each ends as { end, label, named } (end)}<Label
					>{label}<Input
						type="time"
						class="w-38! pe-2!"
						aria-label={named(line.name, k)}
						value={row[end]}
						onchange={(event) => type(k, end, event.currentTarget.value)}
					/></Label
				>{/each}</span
		>
	{/each}
	{#if rows.length === line.hours?.length && rows.length < mostStretches}<Button
			color="alternative"
			aria-label={w.andAgainOf(line.name)}
			onclick={() => (rows = [...rows, { from: '', to: '' }])}>{w.andAgain}</Button
		>{/if}
</div>
{#if complaint}<p class="m-0 w-full text-live" role="alert">{complaint}</p>{/if}
