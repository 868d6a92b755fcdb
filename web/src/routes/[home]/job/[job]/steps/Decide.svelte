<script lang="ts">
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

<form onsubmit={submit}>
	{#each protectionDecisions as each (each)}
		<label class="choice"
			><input type="radio" name="decision" value={each} bind:group={decision} /> {words[each]}</label
		>
	{/each}
	{#if complaint}<p class="verdict bad" role="alert">Choose one, or end here with the Stop button.</p>{/if}
	<p class="row mt-4"><button class="btn">That is my decision<kbd>↵</kbd></button></p>
</form>
