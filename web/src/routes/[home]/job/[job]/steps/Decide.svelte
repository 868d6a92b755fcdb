<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { protectionDecisions, type ProtectionDecision } from '@wary/core/job';
	import { protectionChoices } from '$words/steps';
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
		<Radio name="decision" value={each} bind:group={decision}>{words[each]}</Radio>
	{/each}
	{#if complaint}<Verdict kind="bad">Choose one, or end here with the Stop button.</Verdict>{/if}
	<p class="row mt-4"><Button type="submit" size="lg">That is my decision<Kbd>↵</Kbd></Button></p>
</form>
