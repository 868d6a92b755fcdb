<script lang="ts">
	import { words as w } from '$words/job/steps/decide';
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
	{#if complaint}<Verdict kind="bad">{w.chooseOneOrEndHere}</Verdict>{/if}
	<p class="row mt-4"><Button type="submit" size="lg">{w.thatIsMyDecision}<Kbd>↵</Kbd></Button></p>
</form>
