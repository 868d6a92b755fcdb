<script lang="ts">
	import { words as w } from '$words/job/autopsyPart';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { autopsyFaults, contactBelowOhm, type Autopsy } from '@wary/core/job';
	import { autopsyWords } from '$words/conditions';
	import { typedOhms } from '$lib/typed';
	import { capital, ohmsWord, terms } from '$words/terms';
	import { getJob } from './context';

	/** The old device in the hand: looks, grip and three resistances; what they should be and what they tell. */
	const { session } = getJob();
	const plan = $derived(session.plan);
	const t = $derived(terms[plan.region]);
	const expected = $derived(session.expect.autopsy());
	let looks = $state<Autopsy['looks']>('sound');
	let grip = $state<Autopsy['grip']>('firm');
	let ohm = $state({ hotNeutral: 'OL', hotGround: 'OL', through: '' });
	let complaint = $state<string | null>(null);
	const done = $derived(session.eventsHere.findLast(({ body }) => body.kind === 'autopsy'));
	const value = (text: string) => typedOhms(text, 1, false).value;
	const autopsy = $derived.by((): Autopsy | null => {
		const [hotNeutral, hotGround, through] = [
			value(ohm.hotNeutral),
			value(ohm.hotGround),
			value(ohm.through)
		];
		return hotNeutral && through && (hotGround || !plan.grounded)
			? { looks, grip, hotNeutral, hotGround: plan.grounded ? hotGround : null, through }
			: null;
	});
	const faults = $derived(autopsy ? autopsyFaults(autopsy) : []);
	const fields = $derived([
		{
			key: 'through' as const,
			text: w.terminalToItsContactA(t.hot),
			should: w.under(ohmsWord(expected.throughOhm), contactBelowOhm)
		},
		{
			key: 'hotNeutral' as const,
			text: w.toContact(t.hot, t.neutral),
			should: ohmsWord(expected.hotNeutralOhm)
		},
		...(plan.grounded
			? [
					{
						key: 'hotGround' as const,
						text: w.toContact2(t.hot, t.ground),
						should: ohmsWord(expected.hotGroundOhm)
					}
				]
			: [])
	]);
	function keep(event: SubmitEvent) {
		event.preventDefault();
		const unread = fields.map(({ key }) => typedOhms(ohm[key], 1, false).complaint).find(Boolean);
		complaint = autopsy ? null : (unread ?? w.eachInOhmsOrOl);
		if (autopsy) session.submit({ kind: 'autopsy', autopsy });
	}
</script>

<More title={w.whatTheOldOneTells(done ? ': kept' : '')}>
	<form onsubmit={keep}>
		<div class="two">
			<Label
				>{w.looks}<Select placeholder="" bind:value={looks}
					><option value="sound">{w.sound}</option><option value="discoloured">{w.discoloured}</option><option
						value="scorched">{w.scorched}</option
					><option value="cracked">{w.cracked}</option></Select
				></Label
			>
			<Label
				>{w.gripOnAPlug}<Select placeholder="" bind:value={grip}
					><option value="firm">{w.firm}</option><option value="weak">{w.weak}</option><option value="none"
						>{w.none}</option
					></Select
				></Label
			>
		</div>
		{#each fields as field (field.key)}
			<Label class="grid grid-cols-[1fr_7rem] items-center gap-3 py-1"
				><span>{capital(field.text)} <span class="soft">{w.shouldBe(field.should)}</span></span><Input
					bind:value={ohm[field.key]}
					aria-label={w.inOhms(field.text)}
					placeholder={w.ωOrOl}
				/></Label
			>
		{/each}
		{#each faults as fault (fault)}<Verdict kind="open">{autopsyWords[fault]}</Verdict>{/each}
		{#if autopsy && faults.length === 0}<Verdict>
				{w.nothingWrongWithItThe}
			</Verdict>{/if}
		{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{/if}
		<Button type="submit" color="alternative">{w.saveItWithTheRecord}</Button>
	</form>
</More>

<style>
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.8rem;
	}
</style>
