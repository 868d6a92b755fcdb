<script lang="ts">
	import { untrack } from 'svelte';
	import { breakerTypes, evidenceOf, panelOf, type Breaker } from '@wary/core/house';
	import { readSpace, spaceText } from '@wary/core/files';
	import { goingOffWith } from '@wary/core/isolation';
	import { typedNumber } from '$lib/typed';
	import { breakerTypeWords } from '$lib/words/breakers';
	import { evidenceWords } from '$lib/words/evidence';
	import { mayBeOff } from '$lib/words/goingOff';
	import { breakerName, capital, terms, namedBreakers } from '$lib/words/terms';
	import CircuitChain from './CircuitChain.svelte';
	import { getEditor } from './context';

	/** One breaker: what is written on it, how sure that is, and what hangs on it. */
	let {
		breaker,
		home,
		onselect,
		ongone
	}: { breaker: Breaker; home: string; onselect: (id: string) => void; ongone: () => void } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const evidence = $derived(evidenceWords(evidenceOf(house, breaker), house));
	const circuits = $derived(house.circuits.filter((circuit) => circuit.breaker === breaker.id));
	const things = $derived(goingOffWith(house, [breaker.id]));
	const feeds = $derived(house.panels.filter(({ fedFrom }) => fedFrom?.breaker === breaker.id));
	let label = $state(untrack(() => breaker.label));
	let rating = $state(untrack(() => String(breaker.ratingA)));
	let space = $state(untrack(() => spaceText(breaker)));
	let type = $state(untrack(() => breaker.type ?? 'plain'));
	let complaint = $state<{ at: 'space' | 'rating' | 'label'; text: string } | null>(null);

	async function keep(event: Event) {
		event.preventDefault();
		complaint = null;
		const place = readSpace(space);
		const { value: ratingA, complaint: unread } = typedNumber(rating);
		if (!place)
			return (complaint = {
				at: 'space',
				text: 'Write 14, 5+7 for two poles, 14a for one of two thin ones.'
			});
		if (ratingA === null || ratingA < 1 || ratingA > 200)
			return (complaint = { at: 'rating', text: unread ?? 'A rating from 1 to 200 A.' });
		const same =
			label.trim() === breaker.label &&
			ratingA === breaker.ratingA &&
			space.trim() === spaceText(breaker) &&
			type === (breaker.type ?? 'plain');
		if (same) return;
		const kept = await editor.apply(
			[
				{
					do: 'setBreaker',
					breaker: breaker.id,
					spaces: place.spaces,
					tandem: place.tandem ?? null,
					ratingA,
					label: label.trim(),
					type
				}
			],
			`${namedBreakers(house, breaker.id)}`
		);
		if (!kept) complaint = { at: 'space', text: editor.trouble ?? '' };
	}
	async function remove() {
		if (
			await editor.apply(
				[{ do: 'removeBreaker', breaker: breaker.id }],
				`${namedBreakers(house, breaker.id)} removed`
			)
		)
			ongone();
	}
	const addCircuit = () =>
		editor.apply(
			[
				{
					do: 'addCircuit',
					breaker: breaker.id,
					name: breaker.label || `Circuit ${breakerName(house, breaker.id)}`
				}
			],
			'circuit added'
		);
</script>

<form onsubmit={keep} onchange={keep}>
	<h2>
		{capital(t.breaker)}
		{spaceText(breaker).replace('+', '/')} <span class="soft">in {panelOf(house, breaker.id)?.name}</span>
	</h2>
	<div class="fields">
		<label class="wide"
			><span class="label">Directory says</span><input
				class="field"
				bind:value={label}
				maxlength="80"
				placeholder="nothing yet"
			/></label
		>
		<label
			><span class="label">Rating, A</span><input
				class="field"
				bind:value={rating}
				inputmode="decimal"
				aria-invalid={complaint?.at === 'rating'}
			/></label
		>
		<label
			><span class="label">{house.region === 'uk' ? 'Way' : 'Space'}</span><input
				class="field"
				bind:value={space}
				aria-invalid={complaint?.at === 'space'}
			/></label
		>
		<label
			><span class="label">Type</span><select class="field" bind:value={type}
				>{#each breakerTypes as each (each)}<option value={each}
						>{breakerTypeWords(each, house.region)}</option
					>{/each}</select
			></label
		>
	</div>
	{#if complaint?.text}<p class="verdict bad" role="alert">{complaint.text}</p>{/if}
	<p class="evidence">{evidence.long}</p>
</form>

{#each circuits as circuit (circuit.id)}<CircuitChain {circuit} {home} {onselect} />{/each}
{#if circuits.length === 0 && feeds.length === 0}
	<p class="soft">
		No circuit is on record here. <button type="button" class="linkish" onclick={addCircuit}
			>Add a circuit</button
		>
	</p>
{/if}
{#each feeds as panel (panel.id)}<p>Feeds <b>{panel.name}</b>, {panel.place}.</p>{/each}

{#if things.length > 0}
	<p class="goes">
		<span class="label">Goes off with it</span>
		{#each things as thing, k (thing.id)}{k > 0 ? '; ' : ''}<b>{thing.name}</b> ({mayBeOff(thing)}){/each}
	</p>
{/if}
{#if editor.trouble && !complaint}<p class="verdict bad" role="alert">{editor.trouble}</p>{/if}
<p class="row foot">
	{#if circuits.length > 0}<button type="button" class="btn quiet" onclick={addCircuit}
			>Another circuit on it</button
		>{/if}
	<button type="button" class="btn quiet" onclick={remove}>Remove this {t.breaker}</button>
</p>

<style>
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr 2fr;
		gap: 0.5rem 0.8rem;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.evidence {
		margin: 0.7rem 0;
		padding-left: 0.8rem;
		border-left: 3px solid var(--ink);
		max-width: 60ch;
	}
	.goes {
		margin: 0.9rem 0 0;
	}
	.linkish {
		text-decoration: underline;
		text-underline-offset: 3px;
		min-height: 2.4rem;
		cursor: pointer;
		color: var(--ink);
	}
	.foot {
		margin-top: 1rem;
	}
</style>
