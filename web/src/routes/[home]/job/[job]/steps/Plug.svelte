<script lang="ts">
	import { words as w } from '$words/job/steps/plug';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { sameLamps, soundLamps, type Step } from '@wary/core/job';
	import { lampsWords } from '$words/lamps';
	import PlugLamps from './PlugLamps.svelte';
	import Later from '$lib/ui/Later.svelte';
	import { suspects } from '../later';
	import { getJob } from '../context';

	let { step }: { step: Extract<Step, { kind: 'readPlug' }> } = $props();
	const { session, standIn } = getJob();
	const { region } = session.plan;
	const expected = $derived(session.expect.lamps(step.half));
	let lamps = $state({ hotNeutral: false, hotGround: false, neutralGround: false });
	let touched = $state(false);
	let asking = $state(false);
	let failed = $state(false);
	const right = $derived(sameLamps(lamps, expected) && sameLamps(lamps, soundLamps));
	async function take() {
		if (!standIn) return;
		asking = true;
		const shown = await standIn({ what: 'plug', half: step.half });
		asking = false;
		failed = shown?.kind !== 'lamps';
		if (shown?.kind === 'lamps') {
			lamps = { ...shown.lamps };
			touched = true;
			if (right) keep();
		}
	}
	/** Wrong just as it was before anything was done here. */
	const inherited = $derived.by(() => {
		const was = session.jobState.asFound[step.half]?.lamps;
		return was !== undefined && !right && sameLamps(was, lamps);
	});
	const keep = () => session.submit({ kind: 'readPlug', half: step.half, lamps: { ...lamps } });
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.key === 't' && standIn) void take();
		else if (event.key === 'Enter' && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<p class="soft">{w.expect(lampsWords(expected, region))}</p>
<PlugLamps {region} bind:lamps bind:touched />
{#if failed}<Verdict kind="bad">{w.theSimulatedTesterCantBe}</Verdict>
{:else if touched}<Verdict kind={!right ? 'bad' : 'good'}>
		{right ? w.asItShouldBe : inherited ? w.asBefore : w.notAsItShouldBe(lampsWords(expected, region))}
	</Verdict>{/if}
<p class="row mt-4">
	{#if standIn}<Button size="lg" color="light" disabled={asking} onclick={take}
			>{asking ? w.pluggingIn : w.plugTheTesterIn}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" disabled={!touched} onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{w.simulatedTester}</span>{/if}
</p>
{#if touched && !right}{#key JSON.stringify(lamps)}<Later
			load={suspects}
			props={{ half: step.half, lamps: { ...lamps }, after: true }}
		/>{/key}{/if}
