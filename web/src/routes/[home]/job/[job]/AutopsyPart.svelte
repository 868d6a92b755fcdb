<script lang="ts">
	import { autopsyFaults, contactBelowOhm, type Autopsy } from '@wary/core/job';
	import { autopsyWords } from '$lib/words/conditions';
	import { typedOhms } from '$lib/typed';
	import { capital, ohmsWord, terms } from '$lib/words/terms';
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

<details>
	<summary>What the old one tells{done ? ': kept' : ''}</summary>
	<form onsubmit={keep}>
		<div class="two">
			<label
				><span class="label">looks</span><select class="field" bind:value={looks}
					><option value="sound">sound</option><option value="discoloured">discoloured</option><option
						value="scorched">scorched</option
					><option value="cracked">cracked</option></select
				></label
			>
			<label
				><span class="label">grip on a plug</span><select class="field" bind:value={grip}
					><option value="firm">firm</option><option value="weak">weak</option><option value="none"
						>none</option
					></select
				></label
			>
		</div>
		{#each fields as field (field.key)}
			<label class="ohm"
				><span>{capital(field.text)} <span class="soft">should be {field.should}</span></span><input
					class="field"
					bind:value={ohm[field.key]}
					aria-label={`${field.text}, in ohms`}
					placeholder="Ω or OL"
				/></label
			>
		{/each}
		{#each faults as fault (fault)}<p class="verdict open">{autopsyWords[fault]}</p>{/each}
		{#if autopsy && faults.length === 0}<p class="verdict">
				Nothing wrong with it: the trouble, if there was one, is elsewhere.
			</p>{/if}
		{#if complaint}<p class="verdict bad" role="alert">{complaint}</p>{/if}
		<button class="btn quiet">Save it with the record</button>
	</form>
</details>

<style>
	summary {
		min-height: 2.75rem;
		padding-top: 0.6rem;
		cursor: pointer;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.8rem;
	}
	.ohm {
		display: grid;
		grid-template-columns: 1fr 7rem;
		gap: 0.8rem;
		align-items: center;
		padding: 0.3rem 0;
	}
	.field {
		min-height: 2.75rem;
	}
</style>
