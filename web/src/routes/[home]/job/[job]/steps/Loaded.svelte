<script lang="ts">
	import { words as w } from '$words/job/steps/loaded';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import FigureField from '$lib/ui/FigureField.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { judgeLoaded, loadFromW, loadToW, type LoadedReading, type Step } from '@wary/core/job';
	import { loadedFound } from '$words/steps/loaded';
	import { voltsWord } from '$words/terms';
	import { typedNumber } from '$lib/typed';
	import { getJob } from '../context';

	/** What a load does to the volts: three readings that belong together. */
	let { step }: { step: Extract<Step, { kind: 'readLoaded' }> } = $props();
	const { session, standIn } = getJob();
	const plan = $derived(session.plan);
	let watts = $state('1500');
	let off = $state('');
	let on = $state('');
	let neutralGround = $state('');
	let complaint = $state<string | null>(null);
	const wattsRead = $derived(typedNumber(watts).value);
	const inRange = $derived(wattsRead !== null && wattsRead >= loadFromW && wattsRead <= loadToW);
	const model = $derived(inRange ? session.expect.loaded(step.half, wattsRead!) : null);
	const read = $derived.by((): LoadedReading | null => {
		const [offV, onV] = [typedNumber(off, 'volts').value, typedNumber(on, 'volts').value];
		if (!inRange || offV === null || onV === null || onV <= 0 || offV < onV) return null;
		return { watts: wattsRead!, offV, onV, neutralGroundV: typedNumber(neutralGround, 'volts').value };
	});
	const verdict = $derived(read && model ? judgeLoaded(plan.region, read, model) : null);
	const found = $derived(verdict ? loadedFound(verdict, plan.region) : '');
	async function take() {
		if (!standIn || !inRange) return;
		const shown = await standIn({ what: 'loaded', half: step.half, watts: wattsRead! });
		if (shown?.kind !== 'loaded') return;
		const figure = (value: number) => String(Math.round(value * 10) / 10);
		off = figure(shown.offV);
		on = figure(shown.onV);
		neutralGround = shown.neutralGroundV === null ? '' : figure(shown.neutralGroundV);
		if (verdict && found === '') keep();
	}
	function keep() {
		const [offV, onV] = [typedNumber(off, 'volts').value, typedNumber(on, 'volts').value];
		if (!inRange) return void (complaint = w.wattsRange(loadFromW, loadToW));
		if (offV === null || onV === null)
			return void (complaint =
				[off, on].map((text) => typedNumber(text, 'volts').complaint).find(Boolean) ?? w.allNeeded);
		const toGround = typedNumber(neutralGround, 'volts');
		if (neutralGround.trim() !== '' && toGround.value === null)
			return void (complaint = toGround.complaint ?? w.allNeeded);
		complaint = null;
		session.submit({
			kind: 'readLoaded',
			half: step.half,
			read: {
				kind: 'volts',
				watts: wattsRead!,
				offV,
				onV,
				neutralGroundV: toGround.value
			}
		});
	}
	const leave = (because: 'noLoad' | 'notNow') =>
		session.submit({ kind: 'readLoaded', half: step.half, read: { kind: 'left', because } });
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		if (event.key === 't' && standIn && !target?.closest('input')) void take();
		else if (event.key === 'Enter' && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<div class="mt-3 grid max-w-xl gap-x-5 gap-y-3 sm:grid-cols-2">
	<Label>{w.watts}<FigureField bind:text={watts} label={w.watts} unit="W" /></Label>
	<Label
		>{w.without}<FigureField bind:text={off} label={w.without} unit="V" />
		{#if model}<span class="text-soft">{w.expect(voltsWord(model.offV))}</span>{/if}</Label
	>
	<Label
		>{w.running}<FigureField bind:text={on} label={w.running} unit="V" />
		{#if model}<span class="text-soft">{w.expect(voltsWord(model.onV))}</span>{/if}</Label
	>
	{#if model && model.neutralGroundV !== null}
		<Label
			>{w.neutralGround[plan.region]}<FigureField
				bind:text={neutralGround}
				label={w.neutralGround[plan.region]}
				unit="V"
			/>
			<span class="text-soft">{w.expect(voltsWord(model.neutralGroundV))}</span></Label
		>
	{/if}
</div>
{#if complaint}<Verdict kind="bad">{complaint}</Verdict>
{:else if verdict}<Verdict kind={found ? 'bad' : 'good'}>
		{found ? `${found}.` : w.sound(verdict.ohm.toFixed(2))}
	</Verdict>{/if}
<p class="row mt-4">
	{#if standIn}<Button size="lg" color="light" onclick={take}>{w.take}<Kbd>t</Kbd></Button>{/if}
	<Button size="lg" onclick={keep}>{w.save}<Kbd>↵</Kbd></Button>
	<Button size="lg" color="light" onclick={() => leave('noLoad')}>{w.noLoad}</Button>
	<Button size="lg" color="light" onclick={() => leave('notNow')}>{w.notNow}</Button>
</p>
