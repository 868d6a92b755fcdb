<script lang="ts">
	import { words as w } from '$words/job/steps/ohms';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { ownReadingFromOhm } from '@wary/core/house';
	import { judgeEnds, judgeOhms, lowestOf, notShorted, type OhmValue, type Step } from '@wary/core/job';
	import { typedOhms } from '$lib/typed';
	import { baselineVerdictWords, ohmVerdictWords } from '$words/steps';
	import { endsVerdictWords } from '$words/steps/asFound';
	import { ohmsWord } from '$words/terms';
	import { getJob } from '../context';
	import OhmField from './OhmField.svelte';
	import ShowsVolts from './ShowsVolts.svelte';

	let { step }: { step: Extract<Step, { kind: 'readOhms' | 'readBaseline' | 'readEnds' }> } = $props();
	const { session, standIn } = getJob();
	const expectedOhm = $derived(
		step.kind === 'readOhms'
			? session.expect.resistanceOhm(step.check)
			: step.kind === 'readEnds'
				? session.expect.endsOhm(step.role)
				: session.expect.baselineOhm(step.group)
	);
	const beforeOhm = $derived(lowestOf(session.jobState.baseline));
	const expectedText = $derived(
		step.kind === 'readOhms' && (step.check === 'groundBox' || step.check === 'pinPlate')
			? 'under 2 Ω'
			: step.kind === 'readOhms' && step.check === 'hotNeutral' && beforeOhm !== null
				? w.notUnderGiveOrTake(ohmsWord(beforeOhm))
				: ohmsWord(expectedOhm)
	);
	let text = $state('');
	let unit = $state(1);
	let open = $state(false);
	let asking = $state(false);
	let complaint = $state<string | null>(null);
	let field = $state<HTMLInputElement>();
	const typed = $derived(typedOhms(text, unit, open));
	const value = $derived<OhmValue | null>(typed.value);
	const verdict = $derived(
		value === null
			? null
			: step.kind === 'readOhms'
				? ohmVerdictWords(
						session.plan.region,
						judgeOhms(step.check, value, expectedOhm, beforeOhm, ownReadingFromOhm(session.plan.newDevice))
					)
				: step.kind === 'readEnds'
					? endsVerdictWords(judgeEnds(value, expectedOhm), session.plan.onRing)
					: baselineVerdictWords(notShorted(value))
	);
	// What was complained of goes as soon as something else is typed.
	$effect(() => {
		void [text, unit, open];
		complaint = null;
	});
	async function take() {
		if (!standIn) return;
		asking = true;
		const shown = await standIn(
			step.kind === 'readOhms'
				? { what: 'ohms', check: step.check }
				: step.kind === 'readEnds'
					? { what: 'ends', role: step.role }
					: { what: 'baseline', group: step.group }
		);
		asking = false;
		complaint = null;
		if (shown?.kind !== 'ohms') complaint = w.theSimulatedMeterCantBe;
		else if (shown.reading.kind === 'refused')
			complaint = w.theMeterRefusesVBetween(shown.reading.liveV.toFixed(0));
		else if (shown.reading.kind === 'overload') open = true;
		else {
			open = false;
			unit = shown.reading.resistanceOhm >= 1000 ? 1000 : 1;
			text = (shown.reading.resistanceOhm / unit).toFixed(1);
		}
		// What is as it should be is saved as it is taken; anything else is looked at first.
		if (!complaint && verdict?.passes) keep();
	}
	function keep() {
		complaint = null;
		if (!value) {
			complaint = typed.complaint ?? w.typeWhatTheMeterShows;
			field?.focus();
			return;
		}
		session.submit(
			step.kind === 'readOhms'
				? { kind: 'readOhms', check: step.check, value }
				: step.kind === 'readEnds'
					? { kind: 'readEnds', role: step.role, value }
					: { kind: 'readBaseline', group: step.group, value }
		);
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		// The first figure of a reading needs no tap into its field.
		if (/^[\d.,]$/.test(event.key) && !target?.closest('input, select, textarea')) return field?.focus();
		if (event.key === 't' && standIn && !target?.closest('select')) void take();
		else if (
			event.key === 'Enter' &&
			(target === field || !target?.closest('button, a, input, select, summary'))
		)
			keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<div class="measure">
	<div class="expected">
		<span class="label">{w.expect}</span>
		<div>{expectedText}</div>
	</div>
	<OhmField bind:text bind:unit bind:open bind:field />
</div>
{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{:else if verdict}<Verdict
		kind={!verdict.passes ? 'bad' : 'good'}
	>
		{verdict.text}
	</Verdict>{/if}
<p class="row">
	{#if standIn}<Button size="lg" color="light" disabled={asking} onclick={take}
			>{asking ? w.reading : w.takeTheReading}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{w.simulatedMeter}</span>{/if}
</p>
<ShowsVolts />
