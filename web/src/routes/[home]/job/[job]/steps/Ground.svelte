<script lang="ts">
	import { words as w } from '$words/job/steps/ground';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { chainOfCircuit, circuitsInBox, hasOutlet } from '@wary/core/house';
	import { deadBand, type VoltReading } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import { boxPlace, terms } from '$words/terms';
	import { getJob } from '../context';
	import Lit from './Lit.svelte';
	import Marks from './Marks.svelte';

	/** Whether a ground is one: here while power is on, or at another outlet whose ground is to be brought here. */
	let { step }: { step: Extract<Step, { kind: 'readLiveGround' | 'proveEarth' }> } = $props();
	const { session, standIn, settings } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	const instrument = $derived(
		session.jobState.tester === 'indicator' ? ('indicator' as const) : ('plugTester' as const)
	);
	const sources = (() => {
		const own = new Set(circuitsInBox(house, plan.boxId).map(({ id }) => id));
		return house.circuits
			.filter(({ id }) => !own.has(id))
			.flatMap(({ id }) => chainOfCircuit(house, id).filter(({ box }) => hasOutlet(box)))
			.sort((a, b) => a.cablesFromPanel - b.cablesFromPanel)
			.slice(0, 20)
			.map(({ box }) => `outlet:${box.id}`);
	})();
	let source = $state(sources[0] ?? '');
	let reading = $state<VoltReading | null>(null);
	let touchless = $state<'silent' | 'alarms' | 'none' | null>(
		settings.instruments.includes('contactless') ? null : 'none'
	);
	let complaint = $state<string | null>(null);
	const good = $derived(reading === null ? null : deadBand(reading) === 'live');
	const verdict = $derived(
		good === null || (step.kind === 'readLiveGround' && touchless === null)
			? null
			: step.kind === 'readLiveGround'
				? good && touchless === 'alarms'
					? {
							kind: 'bad',
							text: w.theHereIsAliveTouch(t.ground, t.outlet)
						}
					: good && touchless === 'none'
						? {
								kind: 'open',
								text: w.litIsNotEnoughA(t.ground, t.ground)
							}
						: good
							? { kind: 'good', text: w.theHereIsOneWires(t.ground) }
							: {
									kind: 'open',
									text: w.thisDoesntShowThatIt(t.ground, t.ground)
								}
				: good
					? { kind: 'good', text: w.aKnownLeaveTheLead(t.ground) }
					: { kind: 'bad', text: w.notAToRelyOn(t.ground) }
	);

	async function take() {
		if (!standIn) return;
		const shown = await standIn(
			step.kind === 'readLiveGround'
				? { what: 'liveGround', half: step.half, instrument }
				: { what: 'earth', source, instrument }
		);
		if (step.kind === 'readLiveGround' && settings.instruments.includes('contactless')) {
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
		if (step.kind === 'readLiveGround' && touchless === null) {
			complaint = w.sayWhatTheContactlessTester;
			return;
		}
		session.submit(
			step.kind === 'readLiveGround'
				? { kind: 'readLiveGround', half: step.half, reading, touchless: touchless ?? 'none' }
				: { kind: 'proveEarth', source, reading }
		);
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
{#if step.kind === 'proveEarth'}
	{#if sources.length === 0}<Verdict kind="bad">
			{w.noOnAnotherCircuitIs(t.outlet)}
		</Verdict>{:else}
		<Label class="source"
			>{w.broughtFrom}
			<Select placeholder="" bind:value={source} onchange={() => (reading = null)}
				>{#each sources as each (each)}<option value={each}>{boxPlace(house, each.slice(7))}</option
					>{/each}</Select
			></Label
		>{/if}
{/if}
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
{#if step.kind === 'readLiveGround'}
	<fieldset class="touchless row">
		<legend class="label">{w.contactlessTesterAtThe(t.ground)}</legend>
		{#each [['silent', 'silent'], ['alarms', w.itAlarms], ['none', w.iHaveNone]] as const as [value, text] (value)}
			<Radio inline name="touchless" {value} bind:group={touchless}>{text}</Radio>
		{/each}
	</fieldset>
{/if}
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
	.source {
		display: block;
		max-width: 24rem;
		margin-bottom: 0.8rem;
	}
	.touchless {
		border: 0;
		margin: 0.4rem 0 0;
		padding: 0;
		gap: 0.2rem 1.4rem;
	}
	.tick {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		min-height: 2.6rem;
	}
	.actions {
		margin: 0.9rem 0 1.1rem;
	}
</style>
