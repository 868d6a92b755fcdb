<script lang="ts">
	import { words as w } from '$words/job/steps/stop';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { mustStop } from '@wary/core/job';
	import { stopWords } from '$words/conditions';
	import { isForStep } from '$lib/job/meant';
	import { getJob } from '../context';

	/** The end before the work is done: why, what to tell, and a note of one’s own. */
	const { session } = getJob();
	const reason = $derived(mustStop(session.jobState));
	const words = $derived(reason ? stopWords(session.plan.region)[reason] : null);
	let note = $state('');
	const stop = () => session.submit({ kind: 'stop', reason: reason ?? 'ownChoice', note });
	function key(event: KeyboardEvent) {
		if (event.key !== 'Enter' || !isForStep(event)) return;
		event.preventDefault();
		stop();
	}
</script>

<svelte:window onkeydown={key} />
{#if words}
	<Verdict kind="bad"><p>{words.why}.</p></Verdict>
	<p><b>{w.tellTheElectrician}</b> {words.tell}</p>
{/if}
<Label>{w.inYourOwnWordsFor}<Textarea rows={3} maxlength={500} bind:value={note} /></Label>
<p class="row mt-4">
	<Button size="lg" onclick={stop}>{w.stopHereAndKeepThe}<Kbd>↵</Kbd></Button>
</p>
