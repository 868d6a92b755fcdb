<script lang="ts">
	import { words as w } from '$words/job/steps/part';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import { keep } from '$lib/kept';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { familyOf } from '@wary/core/devices';
	import { partFaults, ratingsWanted, type PartAnswers, type PartInHand } from '@wary/core/job';
	import { regions } from '@wary/core/rules';
	import { partQuestions } from '$words/steps';
	import { deviceWords } from '$words/devices';
	import { getJob } from '../context';
	import InHand from './InHand.svelte';

	const { session, home } = getJob();
	const { plan } = session;
	const wanted = $derived(ratingsWanted(plan, session.jobState.feeder));
	let ratingA = $state(0);
	let ticked = $state<string[]>([]);
	/** Of something else than what was there makes differ: asked once, and kept on this device by the kind of part. */
	const family = familyOf(plan.work!.wish.part);
	const keptAs = `wary-hand part ${home} ${family.id}`;
	let hand = $state.raw<PartInHand>({});
	let odd = $state(false);
	function check() {
		session.submit({ kind: 'checkPart', answers, hand });
		// Full, or forbidden: then it is asked again next time.
		if (Object.keys(hand).length > 0) keep(keptAs, hand);
	}
	const answers = $derived<PartAnswers>({
		ratingA,
		tamperResistant: ticked.includes('tamperResistant'),
		sameKind: ticked.includes('sameKind'),
		grounded: ticked.includes('grounded'),
		undamaged: ticked.includes('undamaged')
	});
	const misfit = $derived(session.jobState.part === 'misfit');
	const faultWords = $derived({
		rating: w.itMustBeMarkedThat(wanted.map((amps) => `${amps} A`).join(' or ')),
		notTamperResistant: w.itMustBeTamperResistant,
		otherKind: w.itMustBeOfThe,
		notGrounded: w.itMustBeAGrounding,
		damaged: w.takeItBackADamaged,
		noPlates: w.noPlates
	});
	// What was said of the last part that did not fit.
	const last = $derived(session.eventsHere.findLast(({ body }) => body.kind === 'checkPart')?.body);
	const faults = $derived(
		misfit && last?.kind === 'checkPart'
			? partFaults(plan, last.answers, session.jobState.feeder, last.hand)
			: []
	);
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		check();
	};
	/** Where only one rating is right, it is one of the marks to be found. */
	const only = $derived(wanted.length === 1 ? wanted[0]! : null);
	const everyMark = () => {
		ratingA = ratingA || (only ?? 0);
		ticked = partQuestions(plan.region, plan).map(({ key }) => key);
		check();
	};
</script>

<p class="wanted">
	{w.wanted} <b>{deviceWords(plan.newDevice, plan.region)}</b>{#if wanted.length > 1}<span class="soft"
			>{w.bothFit(wanted.join(' or '))}</span
		>{/if}
</p>
{#if 'ratingA' in plan.oldDevice && 'ratingA' in plan.newDevice && !wanted.includes(plan.oldDevice.ratingA)}
	<Verdict kind="open">
		{w.theOldOneIsMarked(plan.oldDevice.ratingA)}
	</Verdict>
{/if}
{#if faults.length > 0}<Verdict kind="bad">
		{w.thisPartDoesntFitCheck(faults.map((fault) => faultWords[fault]).join(' '))}
	</Verdict>{/if}
<form onsubmit={submit}>
	<fieldset class="row">
		<legend class="label">{w.ratingMarkedOnIt}</legend>
		{#each regions[plan.region].custom.outletsMarkedA as amps (amps)}
			<Radio inline name="rating" value={amps} bind:group={ratingA}>{amps} A</Radio>
		{/each}
	</fieldset>
	{#each partQuestions(plan.region, plan) as question (question.key)}<Checkbox
			value={question.key}
			bind:group={ticked}
		>
			{question.text}</Checkbox
		>{/each}
	<InHand asks={family.asks} region={plan.region} {keptAs} bind:hand bind:odd />
	<p class="row mt-4">
		<Button type="submit" size="lg" disabled={ratingA === 0 || odd}>{w.thisIsThePart}<Kbd>↵</Kbd></Button>
		<Button size="lg" color="light" disabled={(ratingA === 0 && only === null) || odd} onclick={everyMark}
			>{ratingA || only ? w.aAndEveryOneOf(ratingA || only!) : w.itHasEveryOneOf}</Button
		>
	</p>
</form>

<style>
	.wanted {
		margin: 0 0 0.8rem;
	}
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
		gap: 0 1.6rem;
	}
</style>
