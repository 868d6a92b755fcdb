<script lang="ts">
	import { words as w } from '$words/job/steps/ground';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { sameLamps, soundLamps } from '@wary/core/job';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { outletsElsewhere } from '$lib/job/provingSources';
	import { terms } from '$words/terms';
	import { getJob } from '../context';
	import PlugLamps from './PlugLamps.svelte';

	/** A known ground brought by a lead: from where, and what the three lamps show at its end. */
	const { session, standIn } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	/** More to choose from than that is a list to get lost in; chosen. */
	const offeredAtMost = 20;
	const sources = outletsElsewhere(house, plan.boxId, offeredAtMost).map(({ id, text }) => ({
		value: id,
		name: text
	}));
	let source = $state(sources[0]?.value ?? '');
	let lamps = $state({ hotNeutral: false, hotGround: false, neutralGround: false });
	let touched = $state(false);
	let failed = $state(false);
	const good = $derived(sameLamps(lamps, soundLamps));

	async function take() {
		if (!standIn) return;
		const shown = await standIn({ what: 'earth', source });
		failed = shown?.kind !== 'lamps';
		if (shown?.kind !== 'lamps') return;
		lamps = { ...shown.lamps };
		touched = true;
		if (good) keep();
	}
	function keep() {
		session.submit({ kind: 'proveEarth', source, lamps: { ...lamps } });
		touched = false;
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]') || target?.closest('select'))
			return;
		if (event.key === 't' && standIn) void take();
		else if (event.key === 'Enter' && touched && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
{#if sources.length === 0}<Verdict kind="bad">{w.noOnAnotherCircuitIs(t.outlet)}</Verdict>{:else}
	<Label class="mb-3 block max-w-96"
		>{w.broughtFrom}
		<Select placeholder="" bind:value={source} items={sources} onchange={() => (touched = false)} /></Label
	>{/if}
<p class="label">{w.lampsAtTheEnd}</p>
<PlugLamps region={plan.region} bind:lamps bind:touched />
{#if failed}<Verdict kind="bad">{w.theSimulatedInstrumentCantRead}</Verdict>{:else if touched}<Verdict
		kind={good ? 'good' : 'bad'}>{good ? w.aKnownLeaveTheLead(t.ground) : w.notAToRelyOn(t.ground)}</Verdict
	>{/if}
<p class="row mt-4">
	{#if standIn}<Button size="lg" color="light" onclick={take}>{w.takeTheReading}<Kbd>t</Kbd></Button>{/if}
	<Button size="lg" disabled={!touched} onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{w.simulated('plug-in tester')}</span>{/if}
</p>
