<script lang="ts">
	import { words as w } from '$words/job/steps/lookOver';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { countsOn } from '@wary/core/job';
	import { getJob } from '../context';

	/** How many cables and ends there are: counted, and not begun from the record. `counts`: both are said. `differs`: and not as they are on record. */
	let {
		counts = $bindable(),
		differs = $bindable()
	}: { counts: { readonly cables: number; readonly ends: number } | null; differs: boolean } = $props();
	const { session } = getJob();
	const onRecord = countsOn(session.plan);
	const asked = [
		['cables', w.cablesIn, 13],
		['ends', session.plan.newWork ? w.endsUnder : w.endsOn, 21]
	] as const;
	let said = $state<{ cables: number | null; ends: number | null }>({ cables: null, ends: null });
	$effect(() => {
		const { cables, ends } = said;
		const both = cables === null || ends === null ? null : { cables, ends };
		counts = both;
		// One that came to light beside the record has pairs of its own.
		const more = session.jobState.found.length > 0;
		differs = both !== null && (both.ends !== onRecord.ends || (!more && both.cables !== onRecord.cables));
	});
</script>

<fieldset>
	<legend class="label">{w.countFirst}</legend>
	<div class="flex flex-wrap gap-4">
		{#each asked as [key, text, to] (key)}
			<Label
				>{text}<Select placeholder="" class="min-w-24" bind:value={said[key]}
					>{#each { length: to } as _, n (n)}<option value={n}>{n}</option>{/each}</Select
				></Label
			>
		{/each}
	</div>
</fieldset>
{#if differs}<Verdict kind="open">{w.onRecord(onRecord.cables, onRecord.ends)}</Verdict>{/if}
