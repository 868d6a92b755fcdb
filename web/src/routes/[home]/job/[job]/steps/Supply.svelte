<script lang="ts">
	import { words as copy } from '$words/job/steps/supply';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import FigureField from '$lib/ui/FigureField.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { judgeAlone, judgeSupplyVolts, type OhmValue, type Step } from '@wary/core/job';
	import type { VoltReading } from '@wary/core/isolation';
	import { cableVerdictWords } from '$words/events';
	import { cableLetter, ohmsWord, terms, voltsWord } from '$words/terms';
	import { typedNumber, typedOhms } from '$lib/typed';
	import { getJob } from '../context';
	import OhmField from './OhmField.svelte';
	import ShowsVolts from './ShowsVolts.svelte';
	import Marks from './Marks.svelte';

	/** Which cable is the supply: the readings of either school. */
	let { step }: { step: Extract<Step, { kind: 'readSupplyOhms' | 'readSupplyVolts' }> } = $props();
	const { session, standIn } = getJob();
	const { plan } = session;
	const t = terms[plan.region];
	const instrument = $derived(
		session.jobState.tester === 'indicator' ? ('indicator' as const) : ('multimeter' as const)
	);
	const earlier = $derived(Object.entries(session.jobState.supply.verdicts));
	let text = $state('');
	let unit = $state(1);
	let open = $state(false);
	let volts = $state(['', '']);
	let marks = $state.raw<(VoltReading | null)[]>([null, null]);
	let complaint = $state<string | null>(null);
	let asking = $state(false);

	const typed = $derived(typedOhms(text, unit, open));
	const ohms = $derived<OhmValue | null>(typed.value);
	const reading = (k: 0 | 1): VoltReading | null => {
		if (instrument === 'indicator') return marks[k] ?? null;
		const { value } = typedNumber(volts[k]!, 'volts');
		return value === null ? null : { instrument: 'multimeter', volts: value, mode: 'highImpedance' };
	};
	const taken = $derived([reading(0), reading(1)] as const);
	const verdict = $derived(
		step.kind === 'readSupplyOhms' && ohms
			? judgeAlone(ohms, session.expect.supplyOhm('supply'))
			: step.kind === 'readSupplyVolts' && taken[0] && taken[1]
				? judgeSupplyVolts(taken[0], taken[1])
				: null
	);
	// What was complained of goes as soon as something else is typed.
	$effect(() => {
		void [text, unit, open, volts[0], volts[1], marks];
		complaint = null;
	});
	async function take() {
		if (!standIn) return;
		asking = true;
		complaint = null;
		if (step.kind === 'readSupplyOhms') {
			const shown = await standIn({ what: 'supplyOhms', cable: step.cable });
			if (shown?.kind !== 'ohms') complaint = copy.theSimulatedMeterCantBe;
			else if (shown.reading.kind === 'refused')
				complaint = copy.theMeterRefusesVBetween(shown.reading.liveV.toFixed(0));
			else {
				open = shown.reading.kind === 'overload';
				const ohm = shown.reading.kind === 'ohms' ? shown.reading.resistanceOhm : 0;
				unit = ohm >= 1000 ? 1000 : 1;
				text = open ? '' : (ohm / unit).toFixed(1);
			}
		} else {
			for (const [k, to] of (['neutral', 'ground'] as const).entries()) {
				const shown = await standIn({ what: 'supplyVolts', cable: step.cable, to, instrument });
				if (shown?.kind !== 'volts') complaint = copy.theSimulatedTesterCantBe;
				else if (shown.reading.instrument === 'multimeter') volts[k] = String(shown.reading.volts);
				else marks = marks.map((mark, at) => (at === k ? shown.reading : mark));
			}
		}
		asking = false;
		if (verdict === 'supply' || verdict === 'outgoing') keep();
	}
	function keep() {
		complaint = null;
		if (step.kind === 'readSupplyOhms') {
			if (!ohms) return void (complaint = typed.complaint ?? copy.typeWhatTheMeterShows);
			session.submit({ kind: 'readSupplyOhms', cable: step.cable, value: ohms });
		} else if (step.kind === 'readSupplyVolts') {
			const [hotNeutral, hotGround] = taken;
			if (!hotNeutral || !hotGround)
				return void (complaint =
					volts.map((each) => typedNumber(each, 'volts').complaint).find(Boolean) ??
					copy.bothReadingsAreNeeded);
			session.submit({ kind: 'readSupplyVolts', cable: step.cable, hotNeutral, hotGround });
		}
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.key === 't' && standIn && !target?.closest('select')) void take();
		else if (event.key === 'Enter' && !target?.closest('button, a, select, summary')) keep();
		else return;
		event.preventDefault();
	}
	const saying = {
		supply: copy.thisIsTheSupply,
		outgoing: copy.thisOneGoesOnTo,
		between: copy.neitherLowNorOpenBy,
		odd: copy.neitherOneNorTheOther
	};
</script>

<svelte:window onkeydown={key} />
{#if earlier.length > 0}<p class="soft">
		{copy.soFar(
			earlier
				.map(([cable, each]) =>
					copy.cable2(
						cableLetter(plan, cable),
						each === 'supply' ? copy.isTheSupply : cableVerdictWords(each)
					)
				)
				.join(', ')
		)}
	</p>{/if}
{#if step.kind === 'readSupplyOhms'}
	<div class="measure">
		<div class="expected">
			<span class="label">{copy.ifItIsTheSupply}</span>
			<div>{ohmsWord(session.expect.supplyOhm('supply'))}</div>
		</div>
		<div class="expected">
			<span class="label">{copy.ifItGoesOn}</span>
			<div>{ohmsWord(session.expect.supplyOhm('outgoing'))}</div>
		</div>
		<OhmField bind:text bind:unit bind:open />
	</div>
	<ShowsVolts />
{:else}
	{#each [copy.to(t.hot, t.neutral), copy.to2(t.hot, t.ground)] as field, k (field)}
		<div class="measure">
			<div class="expected">
				<span class="label">{copy.theSupply(field)}</span>
				<div>{copy.about(voltsWord(session.expect.supplyV('supply')))}</div>
			</div>
			<div class="expected">
				<span class="label">{copy.oneThatGoesOn}</span>
				<div>{voltsWord(session.expect.supplyV('outgoing'))}</div>
			</div>
			{#if instrument === 'indicator'}
				<Marks
					name={field}
					bind:litV={
						() => marks[k] ?? null, (value) => (marks = marks.map((mark, at) => (at === k ? value : mark)))
					}
				/>
			{:else}
				<Label
					>{copy.yourReading}<FigureField bind:text={volts[k]!} label={copy.inVolts(field)} unit="V" /></Label
				>
			{/if}
		</div>
	{/each}
{/if}
{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{:else if verdict}<Verdict
		kind={verdict === 'odd' ? 'bad' : 'good'}
	>
		{saying[verdict]}
	</Verdict>{/if}
<p class="row">
	{#if standIn}<Button size="lg" color="light" disabled={asking} onclick={take}
			>{asking ? copy.reading : copy.takeTheReading}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" onclick={keep}>{copy.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{copy.simulatedMeter}</span>{/if}
</p>
