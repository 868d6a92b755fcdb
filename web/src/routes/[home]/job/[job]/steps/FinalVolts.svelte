<script lang="ts">
	import { words as w } from '$words/job/steps/finalVolts';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import FigureField from '$lib/ui/FigureField.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { deadBand, type VoltReading } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import { voltsWord } from '$words/terms';
	import { typedNumber } from '$lib/typed';
	import { getJob } from '../context';
	import Marks from './Marks.svelte';

	/** The final test where there is no ground: two readings of one half. */
	let { step }: { step: Extract<Step, { kind: 'readOutlet' }> } = $props();
	const { session, standIn } = getJob();
	const instrument = $derived(
		session.jobState.tester === 'indicator' ? ('indicator' as const) : ('multimeter' as const)
	);
	let texts = $state(['', '']);
	let marks = $state.raw<(VoltReading | null)[]>([null, null]);
	let complaint = $state<string | null>(null);
	const fields = [w.hotToNeutral, w.neutralToTheKnownGround] as const;
	const expected = $derived([
		w.about(voltsWord(session.expect.liveV(step.half))),
		w.under3(voltsWord(session.expect.neutralEarthV(step.half)))
	]);
	const reading = (k: 0 | 1): VoltReading | null => {
		if (instrument === 'indicator') return marks[k] ?? null;
		const { value } = typedNumber(texts[k]!, 'volts');
		return value === null ? null : { instrument: 'multimeter', volts: value, mode: 'highImpedance' };
	};
	const taken = $derived([reading(0), reading(1)] as const);
	const passes = $derived(
		taken[0] && taken[1] ? deadBand(taken[0]) === 'live' && deadBand(taken[1]) === 'dead' : null
	);
	async function take() {
		if (!standIn) return;
		const [first, second] = [
			await standIn({ what: 'live', half: step.half, instrument }),
			await standIn({ what: 'neutralEarth', half: step.half, instrument })
		];
		[first, second].forEach((shown, k) => {
			if (shown?.kind !== 'volts') return;
			if (shown.reading.instrument === 'multimeter') texts[k] = String(shown.reading.volts);
			else marks = marks.map((mark, at) => (at === k ? shown.reading : mark));
		});
		if (passes) keep();
	}
	function keep() {
		const [hotNeutral, neutralEarth] = taken;
		if (!hotNeutral || !neutralEarth)
			return void (complaint =
				texts.map((text) => typedNumber(text, 'volts').complaint).find(Boolean) ?? w.bothReadingsAreNeeded);
		session.submit({ kind: 'readOutlet', half: step.half, hotNeutral, neutralEarth });
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		if (event.key === 't' && standIn) void take();
		else if (event.key === 'Enter' && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
{#each fields as field, k (field)}
	<p class="label what">{field}</p>
	<div class="measure">
		<div class="expected">
			<span class="label">{w.expect}</span>
			<div>{expected[k]}</div>
		</div>
		{#if instrument === 'indicator'}
			<Marks
				name={field}
				bind:litV={
					() => marks[k] ?? null, (value) => (marks = marks.map((mark, at) => (at === k ? value : mark)))
				}
			/>
		{:else}
			<Label>{w.yourReading}<FigureField bind:text={texts[k]!} label={w.inVolts(field)} unit="V" /></Label>
		{/if}
	</div>
{/each}
{#if complaint && passes === null}<Verdict kind="bad">{complaint}</Verdict>
{:else if passes !== null}<Verdict kind={!passes ? 'bad' : 'good'}>
		{passes ? w.powerAndTheSlotsAre : w.notAsItShouldBe}
	</Verdict>{/if}
<p class="row">
	{#if standIn}<Button size="lg" color="light" onclick={take}>{w.takeTheReadings}<Kbd>t</Kbd></Button>{/if}
	<Button size="lg" onclick={keep}>{w.saveBoth}<Kbd>↵</Kbd></Button>
</p>

<style>
	.what {
		margin: 0.6rem 0 0;
		font-weight: 600;
		color: var(--ink);
	}
</style>
