<script lang="ts">
	import { words as copy } from '$words/job/steps/supply';
	import Button from 'flowbite-svelte/Button.svelte';
	import { tellsSupply, type Step, type SupplyWay } from '@wary/core/job';
	import { capital, ohmsWord, terms } from '$words/terms';
	import { getJob } from '../context';

	/** How the supply cable is to be found. */
	let { step }: { step: Extract<Step, { kind: 'supplyWay' }> } = $props();
	const { session } = getJob();
	const t = terms[session.plan.region];
	const choose = (way: SupplyWay) => session.submit({ kind: 'supplyWay', way });
	/** A way to find it: its name over what it takes. */
	const way =
		'grid w-full justify-items-start gap-0.5 px-4 py-3 text-start first:border-4 [&>span]:font-normal [&>span]:text-soft';
</script>

<div class="ways">
	{#if !step.silent}
		<Button color="light" class={way} onclick={() => choose('dead')}
			><b>{copy.deadByResistance}</b><span
				>{copy.everythingStaysOffAndProven(
					capital(t.neutral),
					t.ground,
					ohmsWord(session.expect.supplyOhm('supply')),
					ohmsWord(session.expect.supplyOhm('outgoing'))
				)}</span
			></Button
		>
	{/if}
	<Button color="light" class={way} onclick={() => choose('live')}
		><b>{copy.aliveByVoltage}</b><span>{copy.everyEndCappedAndSpread}</span></Button
	>
	{#if tellsSupply(session.plan)}
		<Button color="light" class={way} onclick={() => choose('device')}
			><b>{copy.byTheNewPart}</b><span>{copy.oneCableOnLine}</span></Button
		>
	{/if}
	{#if !session.plan.work?.candidates.length}
		<Button color="light" class={way} onclick={() => choose('skip')}
			><b>{copy.leaveIt}</b><span>{copy.theSwapGoesOnWithout}</span></Button
		>
	{/if}
</div>

<style>
	.ways {
		display: grid;
		gap: 0.7rem;
		max-width: 40rem;
	}
</style>
