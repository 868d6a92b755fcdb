<script lang="ts">
	import { words as w } from '$words/job/steps/plug';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { noGroundLamps, soundLamps, wrongAsFound, type Step } from '@wary/core/job';
	import { lampsWords } from '$words/lamps';
	import PlugLamps from './PlugLamps.svelte';
	import Later from '$lib/ui/Later.svelte';
	import { suspects } from '../later';
	import { getJob } from '../context';

	/** Before anything is switched off: what the plug-in tester shows, or at two slots a lamp, and whether a plug holds. Nothing here is right or wrong yet; it is kept. */
	let { step }: { step: Extract<Step, { kind: 'readAsFound' }> } = $props();
	const { session, standIn } = getJob();
	const { plan } = session;
	const { region } = plan;
	const twoBlades = plan.asFound === 'twoBlades';
	let lamps = $state({ hotNeutral: false, hotGround: false, neutralGround: false });
	let touched = $state(false);
	let failed = $state(false);
	/** The simulated plug slipped. */
	let slips = $state(false);
	const sound = $derived(!wrongAsFound(plan, { lamps, holds: true }));
	const right = plan.grounded && !twoBlades ? soundLamps : noGroundLamps;
	async function take() {
		if (!standIn) return;
		const shown = await standIn({ what: 'plug', half: step.half });
		failed = shown?.kind !== 'lamps';
		if (shown?.kind === 'lamps') {
			lamps = { ...shown.lamps };
			touched = true;
			// What is as it should be is saved as it is taken; anything else is looked at first.
			if (sound && shown.holds) keep(true);
			slips = !shown.holds;
		}
	}
	const keep = (holds: boolean) =>
		session.submit({ kind: 'readAsFound', half: step.half, lamps: { ...lamps }, holds });
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.key === 't' && standIn) void take();
		else if (event.key === 'Enter' && touched && !target?.closest('button, a, summary')) keep(!slips);
		else if (event.key === 'l' && touched) keep(false);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<PlugLamps {region} {twoBlades} bind:lamps bind:touched />
{#if failed}<Verdict kind="bad">{w.theSimulatedTesterCantBe}</Verdict>
{:else if touched && !sound}<Verdict kind="open"
		>{w.wrongBefore(twoBlades ? w.theLampLit : lampsWords(right, region))}</Verdict
	>{:else if touched && slips}<Verdict kind="open">{w.slipsBefore}</Verdict>{/if}
<p class="row mt-4">
	{#if standIn}<Button size="lg" color="light" onclick={take}
			>{twoBlades ? w.plugALampIn : w.plugTheTesterIn}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" disabled={!touched} color={slips ? 'light' : 'primary'} onclick={() => keep(true)}
		>{w.saveHolds}<Kbd>↵</Kbd></Button
	>
	<Button size="lg" color={slips ? 'primary' : 'light'} disabled={!touched} onclick={() => keep(false)}
		>{w.saveLoose}<Kbd>l</Kbd></Button
	>
	{#if standIn}<span class="soft">{w.simulatedTester}</span>{/if}
</p>
{#if touched && !sound}{#key JSON.stringify(lamps)}<Later
			load={suspects}
			props={{ half: step.half, lamps: { ...lamps }, after: false }}
		/>{/key}{/if}
