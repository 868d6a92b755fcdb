<script lang="ts">
	import { judgeOhms, type OhmValue, type Step } from '@wary/core/job';
	import { ohmsWord } from '$lib/words/terms';
	import { getJob } from '../context';
	import OhmField from './OhmField.svelte';

	let { step }: { step: Extract<Step, { kind: 'readOhms' }> } = $props();
	const { session, standIn } = getJob();
	const expectedOhm = $derived(session.expect.resistanceOhm(step.check));
	let text = $state('');
	let unit = $state(1);
	let open = $state(false);
	let asking = $state(false);
	let complaint = $state<string | null>(null);
	let field = $state<HTMLInputElement>();
	const typed = $derived(text.trim() === '' ? null : Number(text.trim().replace(',', '.')) * unit);
	const value = $derived<OhmValue | null>(
		open
			? { kind: 'overload' }
			: typed === null || !Number.isFinite(typed)
				? null
				: { kind: 'ohms', resistanceOhm: typed }
	);
	const verdict = $derived(value && judgeOhms(step.check, value, expectedOhm));
	const words = {
		open: 'Open, as it should be.',
		continuous: 'Continuous.',
		knownLoad: 'Fits what is plugged in on this circuit. Better unplug it and read open.',
		short: 'A short. Power stays off: the box is opened again and every joint looked at.',
		tooLow:
			'Too low for open, and nothing on record explains it. Unplug what is plugged in on this circuit, or look for a wire that touches.',
		notContinuous: 'Not continuous: the metal of the box hangs on nothing. The joint has to be found.'
	};
	async function take() {
		if (!standIn) return;
		asking = true;
		const shown = await standIn({ what: 'ohms', check: step.check });
		asking = false;
		complaint = null;
		if (shown?.kind !== 'ohms') complaint = 'The simulated meter can’t be reached. Try again.';
		else if (shown.reading.kind === 'refused')
			complaint = `The meter refuses: ${shown.reading.liveV.toFixed(0)} V between the tips. This isn’t dead.`;
		else if (shown.reading.kind === 'overload') open = true;
		else {
			open = false;
			unit = shown.reading.resistanceOhm >= 1000 ? 1000 : 1;
			text = (shown.reading.resistanceOhm / unit).toFixed(1);
		}
	}
	function keep() {
		complaint = null;
		if (!value) {
			complaint =
				text.trim() === '' ? 'Type what the meter shows, or tick open.' : `“${text}” isn’t a resistance.`;
			field?.focus();
			return;
		}
		session.submit({ kind: 'readOhms', check: step.check, value });
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
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
		<span class="label">expect</span>
		<div>{step.check === 'groundBox' ? 'under 2 Ω' : ohmsWord(expectedOhm)}</div>
	</div>
	<OhmField bind:text bind:unit bind:open bind:field />
</div>
{#if complaint}<p class="verdict bad" role="alert">{complaint}</p>{:else if verdict}<p
		class="verdict"
		class:bad={!verdict.passes}
		role="status"
	>
		{words[verdict.verdict]}
	</p>{/if}
<p class="row">
	{#if standIn}<button type="button" class="btn second" disabled={asking} onclick={take}
			>{asking ? 'Reading …' : 'Take the reading'}<kbd>t</kbd></button
		>{/if}
	<button type="button" class="btn" onclick={keep}>Keep reading<kbd>↵</kbd></button>
	{#if standIn}<span class="soft">simulated meter</span>{/if}
</p>
