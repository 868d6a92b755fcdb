<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { mustStop } from '@wary/core/job';
	import { stopWords } from '$words/conditions';
	import { getJob } from './context';

	let { home, job, place }: { home: string; job: string; place: string } = $props();
	const { session } = getJob();
	const state = $derived(session.jobState);
	const reason = $derived(state.stopReason ?? mustStop(state));
	const looked = $derived(session.events.findLast(({ body }) => body.kind === 'lookOver')?.body);
	const seenOtherwise = $derived(
		state.status === 'stopped' && looked?.kind === 'lookOver' && looked.seen !== undefined
	);
	const words = $derived(reason ? stopWords(session.plan.region)[reason] : null);
</script>

<svelte:head><title>{place} · Wary Hand</title></svelte:head>
{#if state.status === 'finished'}
	<h1>Finished, tested, recorded</h1>
	<p class="soft">The directory and the outlet’s entry say what was found today.</p>
{:else}
	<h1>Stopped</h1>
	{#if words}<p>{words.why}.</p>
		<p><b>Tell the electrician:</b> {words.tell}</p>{/if}
	{#if state.isolation.power === 'off'}<Verdict kind="open">
			The breaker is off, held and tagged. It stays so until {seenOtherwise
				? 'the box is on record as it is, or '
				: ''}somebody competent has seen to the box.
		</Verdict>{/if}
{/if}
<p class="row mt-5">
	{#if session.unsent === 0}{#if state.status === 'stopped'}<Button
				size="lg"
				href={`/${home}/job/${job}/handover`}>Sheet for the electrician</Button
			>{/if}
		<Button
			size="lg"
			color={state.status === 'stopped' ? 'light' : 'primary'}
			href={`/${home}/job/${job}/record`}>See the record</Button
		>{:else}<span class="soft">Saving the last entries …</span>{/if}
	{#if session.unsent === 0 && seenOtherwise}<Button
			size="lg"
			color="light"
			href={`/${home}/outlet/${session.plan.boxId}`}>Put on record what you saw</Button
		>{/if}
	<Button size="lg" color="light" href={`/${home}`}>To Today</Button>
</p>
