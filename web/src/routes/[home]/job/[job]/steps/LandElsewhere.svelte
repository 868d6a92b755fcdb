<script lang="ts">
	import { words as w } from '$words/job/steps/move';
	import { anewWords } from '$words/steps/asFound';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { capital, terminalWord } from '$words/terms';
	import { getJob } from '../context';

	/** Other terminals that a landing could go to instead: whether it may, the model says. */
	let { move, others, lead }: { move: string; others: readonly string[]; lead: string } = $props();
	const { session } = getJob();
	let stage = $state<'still' | 'asking' | 'unreachable'>('still');
	async function land(terminal: string) {
		stage = 'asking';
		try {
			await session.canPlan();
			session.submit({ kind: 'landAt', move, terminal });
			stage = 'still';
		} catch {
			stage = 'unreachable';
		}
	}
</script>

<p class="mt-3">{lead}</p>
<p class="row mt-2">
	{#each others as terminal (terminal)}
		<Button color="light" disabled={stage === 'asking'} onclick={() => land(terminal)}
			>{w.onThat(capital(terminalWord(session.plan.region, terminal)))}</Button
		>
	{/each}
</p>
{#if stage === 'unreachable'}<Verdict kind="open" alert>{anewWords.unreachable}</Verdict>{/if}
