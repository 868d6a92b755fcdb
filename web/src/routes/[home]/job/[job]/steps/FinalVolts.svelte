<script lang="ts">
	import { deadBand, type VoltReading } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import { voltsWord } from '$lib/words/terms';
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
	const fields = ['hot to neutral', 'neutral to the known ground'] as const;
	const expected = $derived([
		`about ${voltsWord(session.expect.liveV(step.half))}`,
		`${voltsWord(session.expect.neutralEarthV(step.half))}, under 3`
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
	}
	function keep() {
		const [hotNeutral, neutralEarth] = taken;
		if (!hotNeutral || !neutralEarth)
			return void (complaint =
				texts.map((text) => typedNumber(text, 'volts').complaint).find(Boolean) ??
				'Both readings are needed.');
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
			<span class="label">expect</span>
			<div>{expected[k]}</div>
		</div>
		{#if instrument === 'indicator'}
			<Marks
				bind:litV={
					() => marks[k] ?? null, (value) => (marks = marks.map((mark, at) => (at === k ? value : mark)))
				}
			/>
		{:else}
			<label
				><span class="label">your reading</span><span class="big"
					><input
						bind:value={texts[k]}
						inputmode="decimal"
						autocomplete="off"
						size="5"
						aria-label={`${field}, in volts`}
					/> V</span
				></label
			>
		{/if}
	</div>
{/each}
{#if complaint && passes === null}<p class="verdict bad" role="alert">{complaint}</p>
{:else if passes !== null}<p class="verdict" class:bad={!passes} role="status">
		{passes
			? 'Power, and the slots are the right way round.'
			: 'Not as it should be: no power, or hot and neutral are swapped. The box is opened again.'}
	</p>{/if}
<p class="row">
	{#if standIn}<button type="button" class="btn second" onclick={take}>Take the readings<kbd>t</kbd></button
		>{/if}
	<button type="button" class="btn" onclick={keep}>Save both<kbd>↵</kbd></button>
</p>

<style>
	.what {
		margin: 0.6rem 0 0;
		font-weight: 600;
		color: var(--ink);
	}
</style>
