<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import { protectionDecisions, type ProtectionDecision } from '@wary/core/job';
	import { protectionChoices } from '$lib/words/steps';
	import { getJob } from '../context';

	/** A rule asks for more than the same again: decided before anything begins. */
	const { session } = getJob();
	const words = protectionChoices(session.plan.region);
	let decision = $state<ProtectionDecision | undefined>();
	let complaint = $state(false);
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		complaint = decision === undefined;
		if (decision) session.submit({ kind: 'decideProtection', decision });
	};
</script>

<form onsubmit={submit} class="grid gap-3">
	{#each protectionDecisions as each (each)}
		<Radio name="decision" value={each} bind:group={decision} classes={{ label: 'min-h-11 items-center' }}
			>{words[each]}</Radio
		>
	{/each}
	{#if complaint}<p class="verdict bad" role="alert">
			Choose one, or stop the job with the Stop button.
		</p>{/if}
	<p><Button type="submit">That is my decision</Button></p>
</form>
