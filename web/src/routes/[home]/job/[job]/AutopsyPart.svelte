<script lang="ts">
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
	const { plan } = session;
	const t = terms[plan.region];
	const expected = $derived(session.expect.autopsy());
	let looks = $state<Autopsy['looks']>('sound');
	let grip = $state<Autopsy['grip']>('firm');
	let ohm = $state({ hotNeutral: 'OL', hotGround: 'OL', through: '' });
	let complaint = $state<string | null>(null);
	const done = $derived(session.events.findLast(({ body }) => body.kind === 'autopsy'));
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
			text: `${t.hot} terminal to its contact, a blade pushed in`,
			should: `${ohmsWord(expected.throughOhm)}, under ${contactBelowOhm}`
		},
		{
			key: 'hotNeutral' as const,
			text: `${t.hot} to ${t.neutral} contact`,
			should: ohmsWord(expected.hotNeutralOhm)
		},
		...(plan.grounded
			? [
					{
						key: 'hotGround' as const,
						text: `${t.hot} to ${t.ground} contact`,
						should: ohmsWord(expected.hotGroundOhm)
					}
				]
			: [])
	]);
	function keep(event: SubmitEvent) {
		event.preventDefault();
		const unread = fields.map(({ key }) => typedOhms(ohm[key], 1, false).complaint).find(Boolean);
		complaint = autopsy ? null : (unread ?? 'Each in ohms, or OL for open.');
		if (autopsy) session.submit({ kind: 'autopsy', autopsy });
	}
</script>

<More title={`What the old one tells${done ? ': kept' : ''}`}>
	<form onsubmit={keep}>
		<div class="two">
			<Label
				>looks<Select placeholder="" bind:value={looks}
					><option value="sound">sound</option><option value="discoloured">discoloured</option><option
						value="scorched">scorched</option
					><option value="cracked">cracked</option></Select
				></Label
			>
			<Label
				>grip on a plug<Select placeholder="" bind:value={grip}
					><option value="firm">firm</option><option value="weak">weak</option><option value="none"
						>none</option
					></Select
				></Label
			>
		</div>
		{#each fields as field (field.key)}
			<Label class="grid grid-cols-[1fr_7rem] items-center gap-3 py-1"
				><span>{capital(field.text)} <span class="soft">should be {field.should}</span></span><Input
					bind:value={ohm[field.key]}
					aria-label={`${field.text}, in ohms`}
					placeholder="Ω or OL"
				/></Label
			>
		{/each}
		{#each faults as fault (fault)}<Verdict kind="open">{autopsyWords[fault]}</Verdict>{/each}
		{#if autopsy && faults.length === 0}<Verdict>
				Nothing wrong with it: the trouble, if there was one, is elsewhere.
			</Verdict>{/if}
		{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{/if}
		<Button type="submit" color="alternative">Save it with the record</Button>
	</form>
</More>

<style>
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.8rem;
	}
</style>
