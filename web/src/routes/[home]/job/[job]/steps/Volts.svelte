<script lang="ts">
	import { words as w } from '$words/job/steps/volts';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import FigureField from '$lib/ui/FigureField.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { liveAboveV, type MeterMode, type VoltReading } from '@wary/core/isolation';
	import { ownLead } from '@wary/core/job';
	import Lit from './Lit.svelte';
	import Marks, { indicatorMarks } from './Marks.svelte';
	import StaysDead from './StaysDead.svelte';
	import { provingSources, sourceAtFirst } from '$lib/job/provingSources';
	import { askedOf, expectedWords, saidWith, voltsVerdict, type VoltsStep } from '$lib/job/voltsVerdict';
	import { typedNumber } from '$lib/typed';
	import { getJob } from '../context';

	let { step }: { step: VoltsStep } = $props();
	const { session, standIn } = getJob();
	const { plan, house } = session;
	const tester = $derived(
		session.jobState.tester === 'none' ? 'lamp' : (session.jobState.tester ?? 'multimeter')
	);
	/** Read once more, drained; or to metal that may float: an indicator draws enough for that. */
	const lowImpedance = $derived(
		step.kind === 'readPlateScrew'
			? tester === 'multimeter'
			: (step.kind === 'readPair' || step.kind === 'readGroundEarth') && step.lowImpedance
	);
	// Only a meter has a low-impedance mode; an indicator hands over to it here.
	const instrument = $derived(lowImpedance ? 'multimeter' : tester);
	/** What drains a voltage that has nothing behind it. */
	let drain = $state<'lowImpedance' | 'lampAcross'>('lowImpedance');
	const mode = $derived<MeterMode>(lowImpedance ? drain : 'highImpedance');

	const leadIsLive = untrack(() => (session.expect.sourceV(ownLead) ?? 0) > liveAboveV);
	const sources = untrack(() =>
		step.kind === 'proveTester'
			? provingSources(house, plan.boxId, leadIsLive, (ids) => session.expect.liveSources(ids))
			: []
	);
	let source = $state(untrack(() => sourceAtFirst(session, leadIsLive, sources)));

	const expected = $derived(expectedWords(step, session.expect, instrument, source));

	let text = $state('');
	let litV = $state<VoltReading | null>(null);
	let asking = $state(false);
	let complaint = $state<string | null>(null);
	let field = $state<HTMLInputElement>();

	const typed = $derived(typedNumber(text, 'volts'));
	const reading = $derived<VoltReading | null>(
		instrument !== 'multimeter'
			? litV
			: typed.value === null
				? null
				: { instrument: 'multimeter', volts: typed.value, mode }
	);
	const verdict = $derived(reading === null ? null : voltsVerdict(step, plan, reading));

	// What was complained of goes as soon as something else is typed.
	$effect(() => {
		void [text, litV];
		complaint = null;
	});
	async function take() {
		if (!standIn) return;
		asking = true;
		complaint = null;
		const shown = await standIn(askedOf(step, instrument, mode, source));
		asking = false;
		if (shown?.kind !== 'volts') {
			complaint = w.theSimulatedInstrumentCantRead;
			return;
		}
		if (shown.reading.instrument === 'multimeter') text = String(shown.reading.volts);
		else litV = shown.reading;
		keepIfGood();
	}
	/** What is as it should be is saved as it is taken; anything else is looked at first. */
	function keepIfGood() {
		if (verdict?.kind === 'good') keep();
	}
	function keep() {
		complaint = null;
		if (reading === null) {
			complaint =
				instrument !== 'multimeter'
					? instrument === 'lamp'
						? w.sayWhetherItIsLit
						: w.sayHowFarItLit
					: (typed.complaint ?? w.typeWhatTheMeterShows);
			field?.focus();
			return;
		}
		session.submit(saidWith(step, reading, source));
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		const free = !target?.closest('button, a, input, select, textarea, summary');
		const mark = instrument === 'indicator' && free ? '012345'.indexOf(event.key) : -1;
		if (event.key === 't' && standIn && !target?.closest('select, textarea')) {
			event.preventDefault();
			void take();
		} else if (mark >= 0) {
			event.preventDefault();
			litV = { instrument: 'indicator', litV: indicatorMarks[mark]! };
			keepIfGood();
		} else if (free && field && /^[\d.,]$/.test(event.key)) {
			// The first figure of a reading needs no tap into its field.
			field.focus();
		} else if (
			event.key === 'Enter' &&
			(target === field || !target?.closest('button, a, input, select, summary'))
		) {
			event.preventDefault();
			keep();
		}
	}
</script>

<svelte:window onkeydown={key} />
{#if step.kind === 'proveTester'}
	<Label class="mb-3 max-w-96"
		>{step.when === 'after' ? w.theSameSource : w.provedOn}
		<Select placeholder="" bind:value={source}
			>{#each sources as each (each.id)}<option value={each.id}>{each.text}</option>{/each}</Select
		></Label
	>
{/if}
{#if lowImpedance}
	<fieldset class="drain row">
		<legend class="label">{w.drainedBy}</legend>
		<Radio inline name="drain" value="lowImpedance" bind:group={drain}>{w.theMetersLowImpedanceMode}</Radio>
		<Radio inline name="drain" value="lampAcross" bind:group={drain}>{w.aLampHeldAcrossThe}</Radio>
	</fieldset>
{/if}
<div class="measure">
	<div class="expected">
		<span class="label">{w.expect}</span>
		<div>{expected}</div>
	</div>
	{#if instrument === 'lamp'}
		<Lit bind:reading={litV} instrument="lamp" what="the lamp, plugged in" onpick={keepIfGood} />
	{:else if instrument === 'indicator'}
		<Marks bind:litV onpick={keepIfGood} />
	{:else}
		<Label
			>{w.yourReading(
				lowImpedance ? (drain === 'lampAcross' ? w.lampAcross : w.lowImpedance) : ''
			)}<FigureField
				bind:text
				bind:field
				label={w.yourReadingInVolts}
				unit="V"
				invalid={complaint !== null}
			/></Label
		>
	{/if}
</div>
{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{:else if verdict}<Verdict kind={verdict.kind}
		>{verdict.text}</Verdict
	>{/if}
<p class="row actions">
	{#if standIn}<Button size="lg" color="light" disabled={asking} onclick={take}
			>{asking ? w.reading : w.takeTheReading}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{w.simulated(instrument === 'multimeter' ? 'meter' : instrument)}</span
		>{/if}
</p>

{#if step.kind === 'readLive' && plan.deadFromStart && session.jobState.live[step.half] === 'failed'}<StaysDead
		half={step.half}
	/>{/if}

<style>
	.drain {
		border: 0;
		padding: 0;
		margin: 0 0 0.5rem;
		gap: 0 1.6rem;
	}
	.actions {
		margin: 0.9rem 0 1.1rem;
	}
</style>
