<script lang="ts">
	import { words as w } from '$words/job/steps/ground';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { deadBand, type VoltReading } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import { terms } from '$words/terms';
	import { getJob } from '../context';
	import Lit from './Lit.svelte';
	import Marks from './Marks.svelte';

	/** Whether the ground here is one, while power is on. */
	let { step }: { step: Extract<Step, { kind: 'readLiveGround' }> } = $props();
	const { session, standIn, settings } = getJob();
	const { plan } = session;
	const t = terms[plan.region];
	const instrument = $derived(
		session.jobState.tester === 'indicator' ? ('indicator' as const) : ('plugTester' as const)
	);
	let reading = $state<VoltReading | null>(null);
	let touchless = $state<'silent' | 'alarms' | 'none' | null>(
		settings.instruments.includes('contactless') ? null : 'none'
	);
	let complaint = $state<string | null>(null);
	const good = $derived(reading === null ? null : deadBand(reading) === 'live');
	const verdict = $derived(
		good === null || touchless === null
			? null
			: good && touchless === 'alarms'
				? { kind: 'bad', text: w.litAndAlarms(t.ground) }
				: good && touchless === 'none'
					? { kind: 'open', text: w.litIsNotEnoughA(t.ground, t.ground) }
					: good
						? { kind: 'good', text: w.theHereIsOneWires(t.ground) }
						: { kind: 'open', text: w.thisDoesntShowThatIt(t.ground, t.ground) }
	);

	async function take() {
		if (!standIn) return;
		const shown = await standIn({ what: 'liveGround', half: step.half, instrument });
		if (settings.instruments.includes('contactless')) {
			const near = await standIn({ what: 'touchless', half: step.half });
			if (near?.kind === 'alarm') touchless = near.alarms ? 'alarms' : 'silent';
		}
		if (shown?.kind === 'volts') reading = shown.reading;
		else complaint = w.theSimulatedInstrumentCantRead;
		if (verdict?.kind === 'good') keep();
	}
	function keep() {
		if (reading === null) {
			complaint = w.sayWhatItShowed;
			return;
		}
		if (touchless === null) {
			complaint = w.sayWhatTheContactlessTester;
			return;
		}
		session.submit({ kind: 'readLiveGround', half: step.half, reading, touchless });
		reading = null;
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (
			event.ctrlKey ||
			event.metaKey ||
			document.querySelector('dialog[open]') ||
			target?.closest('select, textarea')
		)
			return;
		if (event.key === 't' && standIn) void take();
		else if (event.key === 'Enter' && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<div class="measure">
	<div class="expected">
		<span class="label">{w.expect}</span>
		<div>{w.lit}</div>
	</div>
	{#if instrument === 'indicator'}<Marks bind:litV={reading} />{:else}<Lit
			bind:reading
			instrument="plugTester"
			what={w.plugInTesterLampBetween(t.hot, t.ground)}
		/>{/if}
</div>
<fieldset class="touchless row">
	<legend class="label">{w.contactlessTesterAtThe(t.ground)}</legend>
	{#each [['silent', w.silent(t.ground, t.hot)], ['alarms', w.itAlarms], ['none', w.iHaveNone(t.hot)]] as const as [value, text] (value)}
		<Radio inline name="touchless" {value} bind:group={touchless}>{text}</Radio>
	{/each}
</fieldset>
{#if complaint && (reading === null || touchless === null)}<Verdict kind="bad">
		{complaint}
	</Verdict>{:else if verdict}<p class="verdict {verdict.kind}" role="status">
		{verdict.text}
	</p>{/if}
<p class="row actions">
	{#if standIn}<Button size="lg" color="light" onclick={take}>{w.takeTheReading}<Kbd>t</Kbd></Button>{/if}
	<Button size="lg" onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft"
			>{w.simulated(instrument === 'indicator' ? 'indicator' : 'plug-in tester')}</span
		>{/if}
</p>

<style>
	.touchless {
		border: 0;
		margin: 0.4rem 0 0;
		padding: 0;
		gap: 0.2rem 1.4rem;
	}
	.actions {
		margin: 0.9rem 0 1.1rem;
	}
</style>
