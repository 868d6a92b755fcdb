<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { mountingWords, words as w } from '$words/job/steps/mounting';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { findBox } from '@wary/core/house';
	import { mountingOf } from '@wary/core/sums';
	import { typedNumber } from '$lib/typed';
	import More from '$lib/ui/More.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { inEdition } from '$words/cited';
	import { getJob } from '../context';

	/** A box that lies deep, or in too large a hole: which screw, which spacer, what to fill. */
	const { session } = getJob();
	const region = session.plan.region;
	let sunk = $state('0');
	let gap = $state('0');
	let burns = $state(false);
	const within = (text: string, to: number) => {
		const { value } = typedNumber(text);
		return value !== null && value >= 0 && value <= to ? value : null;
	};
	const [sunkMm, gapMm] = $derived([within(sunk, 100), within(gap, 50)]);
	const lines = $derived(
		sunkMm === null || gapMm === null
			? []
			: mountingWords(
					region,
					mountingOf(region, {
						sunkMm,
						burns,
						gapMm,
						depthMm: findBox(session.house, session.plan.boxId)?.depthMm
					})
				).map((line) => inEdition(line, session.house))
	);
	function keep() {
		if (session.submit({ kind: 'note', text: lines.join(' ') })) notify('good', w.kept);
	}
</script>

<More title={w.title} class="mt-4">
	<div class="flex flex-wrap items-end gap-4">
		<Label>{w.sunk}<Input class="w-28!" inputmode="decimal" bind:value={sunk} /></Label>
		<Label>{w.gap}<Input class="w-28!" inputmode="decimal" bind:value={gap} /></Label>
		{#if regions[region].custom.mounting.deepestMm}<Checkbox bind:checked={burns}>{w.burns}</Checkbox>{/if}
	</div>
	{#if sunkMm === null}<Verdict kind="bad">{w.range.sunk}</Verdict>
	{:else if gapMm === null}<Verdict kind="bad">{w.range.gap}</Verdict>
	{:else}
		<ul class="my-3 list-disc ps-5">
			{#each lines as line, k (k)}<li>{line}</li>{/each}
		</ul>
		<Button color="light" onclick={keep}>{w.keep}</Button>
	{/if}
</More>
