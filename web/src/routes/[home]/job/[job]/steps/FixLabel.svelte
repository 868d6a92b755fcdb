<script lang="ts">
	import { words as w } from '$words/job/steps/move';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import type { Step } from '@wary/core/job';
	import { labelSheetWords, labelText } from '$words/labels';
	import { isForStep } from '$lib/job/meant';
	import { getJob } from '../context';

	/** A label for the plate, as it reads, and a sheet to print it from. */
	let { step }: { step: Extract<Step, { kind: 'fixLabel' }> } = $props();
	const { session, home, jobId } = getJob();
	const done = () => session.submit({ kind: 'fixLabel', label: step.label });
	function key(event: KeyboardEvent) {
		if (event.key !== 'Enter' || !isForStep(event)) return;
		done();
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<!-- The label itself is drawn: it is a thing, no control. -->
<p class="my-4"><span class="plate-label">{labelText[step.label]}</span></p>
<p class="row mt-4">
	<Button size="lg" onclick={done}>{w.done}<Kbd>↵</Kbd></Button>
	<Button size="lg" color="light" href={`/${home}/job/${jobId}/labels.pdf`} target="_blank"
		>{labelSheetWords.download}</Button
	>
</p>
