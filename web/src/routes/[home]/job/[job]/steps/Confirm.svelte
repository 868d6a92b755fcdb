<script lang="ts">
	import { words as w } from '$words/job/steps/confirm';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import type { Command, Step } from '@wary/core/job';
	import { cautions, inOneGo } from '$words/steps';
	import { isForStep } from '$lib/job/meant';
	import { getJob } from '../context';
	import Later from '$lib/ui/Later.svelte';
	import { mounting } from '../later';

	let { step }: { step: Extract<Step, { kind: 'confirm' | 'takeOff' | 'reopen' | 'finish' | 'cap' }> } =
		$props();
	const { session } = getJob();

	const buttons = {
		takeOff: w.theyAreOff,
		reopen: w.itIsOutAgain,
		finish: w.finishAndKeepTheRecord,
		cap: w.everyEndIsCapped
	};
	const label = $derived(
		step.kind !== 'confirm'
			? buttons[step.kind]
			: step.step === 'cautions'
				? w.iHaveReadThem
				: step.step === 'closeUp'
					? w.itIsClosed
					: w.done
	);
	const commandOf = (each: Step): Command | null =>
		each.kind === 'confirm'
			? { kind: 'confirm', step: each.step }
			: each.kind === 'takeOff'
				? { kind: 'takeOff', terminal: each.terminal }
				: each.kind === 'reopen' || each.kind === 'finish' || each.kind === 'cap'
					? { kind: each.kind }
					: null;
	const together = $derived(inOneGo(step, session.plan, session.jobState, session.alone));
	/** One after the other, each entry its own; what is refused ends it. */
	function go(steps: readonly Step[]) {
		for (const each of steps) {
			const command = commandOf(each);
			if (!command || !session.submit(command)) return;
		}
	}
	function key(event: KeyboardEvent) {
		if (!isForStep(event)) return;
		if (event.key === 'Enter') go([step]);
		else if (event.key === 'a' && together.length > 1) go(together);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
{#if step.kind === 'confirm' && step.step === 'cautions'}
	<ol class="cautions">
		{#each cautions(session.plan.region) as caution (caution)}<li>{caution}</li>{/each}
	</ol>
{/if}
<p class="row mt-4">
	<Button size="lg" onclick={() => go([step])}>{label}<Kbd>↵</Kbd></Button>
	{#if together.length > 1}<Button size="lg" color="light" onclick={() => go(together)}
			>{step.kind === 'takeOff' ? w.allAreOffAndBent(together.length) : w.allAreDone(together.length)}<Kbd
				>a</Kbd
			></Button
		>{/if}
</p>
{#if step.kind === 'confirm' && step.step === 'seat'}<Later load={mounting} props={{}} />{/if}

<style>
	.cautions {
		margin: 0 0 1rem;
		padding: 0;
		list-style: none;
		counter-reset: caution;
		max-width: 60ch;
	}
	.cautions li {
		counter-increment: caution;
		display: grid;
		grid-template-columns: 2rem 1fr;
		padding: 0.55rem 0;
		border-bottom: 1px solid var(--hair);
	}
	.cautions li::before {
		content: counter(caution);
		font-weight: 700;
	}
</style>
