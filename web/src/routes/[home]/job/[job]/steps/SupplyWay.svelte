<script lang="ts">
	import { words as copy } from '$words/job/steps/supply';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { tellsSupply, type Step, type SupplyWay } from '@wary/core/job';
	import { capital, ohmsWord, terms } from '$words/terms';
	import { getJob } from '../context';

	/** How the supply cable is to be found. */
	let { step }: { step: Extract<Step, { kind: 'supplyWay' }> } = $props();
	const { session } = getJob();
	const t = terms[session.plan.region];
	/** What told nothing isn’t offered again; with another device hanging out of the same box no power comes on. */
	const silent = $derived(step.silent ? session.jobState.supply.way : null);
	const alone = session.plan.beside.length === 0;
	const mayLeave = session.plan.work === null || session.plan.work.candidates.length === 0;
	const choose = (way: SupplyWay) => session.submit({ kind: 'supplyWay', way });
	/** A way to find it: its name over what it takes. */
	const way =
		'grid w-full justify-items-start gap-0.5 px-4 py-3 text-start first:border-4 [&>span]:font-normal [&>span]:text-soft';
</script>

<div class="ways">
	{#if silent !== 'dead'}
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
	{#if alone}
		<Button color="light" class={way} onclick={() => choose('live')}
			><b>{copy.aliveByVoltage}</b><span>{copy.everyEndCappedAndSpread}</span></Button
		>
	{/if}
	{#if alone && silent !== 'device' && tellsSupply(session.plan)}
		<Button color="light" class={way} onclick={() => choose('device')}
			><b>{copy.byTheNewPart}</b><span>{copy.oneCableOnLine}</span></Button
		>
	{/if}
	{#if mayLeave}
		<Button color="light" class={way} onclick={() => choose('skip')}
			><b>{copy.leaveIt}</b><span>{copy.theSwapGoesOnWithout}</span></Button
		>
	{/if}
	{#if !alone && silent === 'dead' && !mayLeave}<Verdict kind="bad">{copy.handOver}</Verdict>{/if}
</div>

<style>
	.ways {
		display: grid;
		gap: 0.7rem;
		max-width: 40rem;
	}
</style>
