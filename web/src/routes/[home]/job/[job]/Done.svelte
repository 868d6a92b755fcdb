<script lang="ts">
	import { words as w } from '$words/job/done';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { mustStop } from '@wary/core/job';
	import { stopWords } from '$words/conditions';
	import { getJob } from './context';

	let { home, job, place }: { home: string; job: string; place: string } = $props();
	const { session } = getJob();
	const state = $derived(session.jobState);
	const reason = $derived(state.stopReason ?? mustStop(state));
	const looked = $derived(session.eventsHere.findLast(({ body }) => body.kind === 'lookOver')?.body);
	const seenOtherwise = $derived(
		state.status === 'stopped' && looked?.kind === 'lookOver' && looked.seen !== undefined
	);
	const words = $derived(reason ? stopWords(session.plan.region)[reason] : null);
</script>

<svelte:head><title>{place} · Wary Hand</title></svelte:head>
{#if state.status === 'finished'}
	<h1>{w.finishedTestedRecorded}</h1>
	<p class="soft">{w.theDirectoryAndTheOutlets}</p>
{:else}
	<h1>{w.stopped}</h1>
	{#if words}<p>{words.why}.</p>
		<p><b>{w.tellTheElectrician}</b> {words.tell}</p>{/if}
	{#if state.isolation.power === 'off'}<Verdict kind="open">
			{w.theBreakerIsOffHeld(seenOtherwise ? w.theBoxIsOnRecord : '')}
		</Verdict>{/if}
{/if}
<p class="row mt-5">
	{#if session.unsent === 0}{#if state.status === 'stopped'}<Button
				size="lg"
				href={`/${home}/job/${job}/handover`}>{w.sheetForTheElectrician}</Button
			>{/if}
		<Button
			size="lg"
			color={state.status === 'stopped' ? 'light' : 'primary'}
			href={`/${home}/job/${job}/record`}>{w.seeTheRecord}</Button
		>{:else}<span class="soft">{w.savingTheLastEntries}</span>{/if}
	{#if session.unsent === 0 && seenOtherwise}<Button
			size="lg"
			color="light"
			href={`/${home}/outlet/${session.plan.boxId}`}>{w.putOnRecordWhatYou}</Button
		>{/if}
	<Button size="lg" color="light" href={`/${home}`}>{w.toToday}</Button>
</p>
