<script lang="ts">
	import { mustStop } from '@wary/core/job';
	import { stopWords } from '$lib/words/conditions';
	import { getJob } from './context';

	let { home, job }: { home: string; job: string } = $props();
	const { session } = getJob();
	const state = $derived(session.jobState);
	const reason = $derived(state.stopReason ?? mustStop(state));
	const looked = $derived(session.events.findLast(({ body }) => body.kind === 'lookOver')?.body);
	const seenOtherwise = $derived(
		state.status === 'stopped' && looked?.kind === 'lookOver' && looked.seen !== undefined
	);
	const words = $derived(reason ? stopWords(session.plan.region)[reason] : null);
</script>

{#if state.status === 'finished'}
	<h1>Finished, tested, recorded</h1>
	<p class="soft">The directory and the outlet’s entry say what was found today.</p>
{:else}
	<h1>Stopped</h1>
	{#if words}<p>{words.why}.</p>
		<p><b>Tell the electrician:</b> {words.tell}</p>{/if}
	{#if state.isolation.power === 'off'}<p class="verdict open">
			The breaker is off, held and tagged. It stays so until {seenOtherwise
				? 'the box is on record as it is, or '
				: ''}somebody competent has seen to the box.
		</p>{/if}
{/if}
<p class="row mt-5">
	{#if session.unsent === 0}{#if state.status === 'stopped'}<a
				class="btn"
				href={`/${home}/job/${job}/handover`}>Sheet for the electrician</a
			>{/if}
		<a class="btn" class:second={state.status === 'stopped'} href={`/${home}/job/${job}/record`}
			>See the record</a
		>{:else}<span class="soft">Saving the last entries …</span>{/if}
	{#if session.unsent === 0 && seenOtherwise}<a
			class="btn second"
			href={`/${home}/outlet/${session.plan.boxId}`}>Put on record what you saw</a
		>{/if}
	<a class="btn second" href={`/${home}`}>To Today</a>
</p>
