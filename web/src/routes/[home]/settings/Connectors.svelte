<script lang="ts">
	import { newId } from '$lib/newId';
	import { words as w } from '$words/settings/connectors';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import type { Region } from '@wary/core/rules';
	import { connectorKinds, readChart, type Connector } from '@wary/core/sums';
	import { typedNumber, within } from '$lib/typed';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { capital, howWords, sizeWords } from '$words/terms';

	interface Props {
		region: Region;
		connectors: readonly Connector[];
		onchange: (connectors: Connector[]) => void;
	}
	/** What one has to join wires with: each by its own printed chart, typed in once. */
	let { region, connectors, onchange }: Props = $props();
	let name = $state('');
	let how = $state<Connector['how']>('lever');
	let strip = $state('');
	let chart = $state('');
	let complaint = $state<string | null>(null);
	const read = $derived(readChart(chart, region));
	holdsUnsaved(() => name.trim() !== '' || chart.trim() !== '');

	function add(event: SubmitEvent) {
		event.preventDefault();
		const stripMm = typedNumber(strip);
		complaint =
			name.trim() === ''
				? w.nameNeeded
				: connectors.some((each) => each.name === name.trim())
					? w.nameTaken
					: strip.trim() !== '' && !within(stripMm, 4, 30)
						? (stripMm.complaint ?? w.stripRange)
						: read.problems.length > 0
							? w.lineUnread
							: read.rows.length === 0
								? w.chartNeeded
								: null;
		if (complaint) return;
		onchange([
			...connectors,
			{ id: newId(), name: name.trim(), how, stripMm: stripMm.value, chart: read.rows }
		]);
		name = strip = chart = '';
	}
</script>

<section class="mt-6 border-t-2 border-ink pt-2">
	<h2>{w.title}</h2>
	<p class="soft m-0 max-w-[70ch]">{w.lead}</p>
	<ul class="m-0 list-none p-0">
		{#each connectors as each (each.id)}
			<li class="flex flex-wrap items-center gap-x-4 border-b border-hair py-2">
				<span class="flex-1"
					><b>{each.name}</b>, {howWords[each.how]}{each.stripMm === null ? '' : w.strips(each.stripMm)}<br
					/><span class="soft"
						>{each.chart.map(({ size, least, most }) => w.row(sizeWords(size), least, most)).join('; ')}</span
					></span
				>
				<Button
					color="alternative"
					aria-label={w.removeOf(each.name)}
					onclick={() => onchange(connectors.filter(({ id }) => id !== each.id))}>{w.remove}</Button
				>
			</li>
		{:else}<li class="soft py-2">{w.none}</li>{/each}
	</ul>
	<form class="grid gap-3 py-2 md:grid-cols-[1fr_12rem_10rem]" onsubmit={add}>
		<Label>{w.name}<Input bind:value={name} maxlength={40} autocomplete="off" /></Label>
		<Label
			>{w.kind}<Select placeholder="" bind:value={how}
				>{#each connectorKinds as kind (kind)}<option value={kind}>{capital(howWords[kind])}</option
					>{/each}</Select
			></Label
		>
		<Label>{w.strip}<Input inputmode="decimal" bind:value={strip} /></Label>
		<Label class="md:col-span-3"
			>{w.chart}<Textarea
				rows={3}
				spellcheck="false"
				placeholder={w.example[region]}
				bind:value={chart}
				aria-describedby="chart-problems"
			/></Label
		>
		<ul id="chart-problems" class="m-0 list-none p-0 font-semibold text-live md:col-span-3">
			{#each read.problems as problem, k (k)}<li>
					{w.problem(problem.line, problem.text.slice(0, 40), w.problems[problem.code])}
				</li>{/each}
		</ul>
		<p class="m-0"><Button type="submit" color="alternative">{w.add}</Button></p>
	</form>
	{#if complaint}<Verdict kind="bad" alert>{complaint}</Verdict>{/if}
</section>
