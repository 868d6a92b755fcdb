<script lang="ts">
	import { words as w } from '$words/house/breakerPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { breakerTypes, evidenceOf, panelOf, type Breaker } from '@wary/core/house';
	import { readSpace, spaceText } from '@wary/core/files';
	import { goingOffWith } from '@wary/core/isolation';
	import { regions } from '@wary/core/rules';
	import { typedNumber } from '$lib/typed';
	import { breakerTypeWords } from '$words/breakers';
	import { evidenceWords } from '$words/evidence';
	import { mayBeOff } from '$words/goingOff';
	import { breakerName, capital, terms, namedBreakers } from '$words/terms';
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
	/** Only where two legs can meet over one neutral. */
	const ties = $derived(regions[house.region].supply.legs.length > 1);
	const others = $derived(
		(panelOf(house, breaker.id)?.breakers ?? []).filter(
			({ id, spaces }) => id !== breaker.id && spaces.length === 1
		)
	);
	const tiedTo = untrack(
		() =>
			breaker.tiedWith ??
			panelOf(house, breaker.id)?.breakers.find(({ tiedWith }) => tiedWith === breaker.id)?.id ??
			''
	);
	let tied = $state(tiedTo);
	let complaint = $state<{ at: 'space' | 'rating' | 'label'; text: string } | null>(null);

	async function keep(event: Event) {
		event.preventDefault();
		complaint = null;
		const place = readSpace(space);
		const { value: ratingA, complaint: unread } = typedNumber(rating);
		if (!place)
			return (complaint = {
				at: 'space',
				text: w.write1457For
			});
		if (ratingA === null || ratingA < 1 || ratingA > 200)
			return (complaint = { at: 'rating', text: unread ?? w.aRatingFrom1To });
		const same =
			label.trim() === breaker.label &&
			ratingA === breaker.ratingA &&
			space.trim() === spaceText(breaker) &&
			type === (breaker.type ?? 'plain') &&
			tied === tiedTo;
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
					type,
					...(tied === tiedTo ? {} : { tiedWith: tied || null })
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
				w.removed(namedBreakers(house, breaker.id))
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
					name: breaker.label || w.circuit(breakerName(house, breaker.id))
				}
			],
			w.circuitAdded
		);
</script>

<form onsubmit={keep} data-saves="each" onchange={keep}>
	<h2>
		{capital(t.breaker)}
		{spaceText(breaker).replace('+', '/')}
		<span class="soft">{w.inText(panelOf(house, breaker.id)?.name ?? '')}</span>
	</h2>
	<div class="fields">
		<Label class="col-span-full"
			>{w.directorySays}<Input bind:value={label} maxlength={80} placeholder={w.nothingYet} /></Label
		>
		<Label
			>{w.ratingA}<Input
				bind:value={rating}
				inputmode="decimal"
				aria-invalid={complaint?.at === 'rating'}
			/></Label
		>
		<Label>{capital(t.space)}<Input bind:value={space} aria-invalid={complaint?.at === 'space'} /></Label>
		<Label
			>{w.type}<Select placeholder="" bind:value={type}
				>{#each breakerTypes as each (each)}<option value={each}
						>{breakerTypeWords(each, house.region)}</option
					>{/each}</Select
			></Label
		>
		{#if ties && breaker.spaces.length === 1}
			<Label class="col-span-full"
				>{w.tied}<Select placeholder="" bind:value={tied}>
					<option value="">{w.notTied}</option>
					{#each others as each (each.id)}<option value={each.id}
							>{breakerName(house, each.id)}{each.label ? `, ${each.label}` : ''}</option
						>{/each}
				</Select></Label
			>
		{/if}
	</div>
	{#if complaint?.text}<Verdict kind="bad">{complaint.text}</Verdict>{/if}
	<p class="evidence">{evidence.long}</p>
</form>

{#each circuits as circuit (circuit.id)}<CircuitChain {circuit} {home} {onselect} />{/each}
{#if circuits.length === 0 && feeds.length === 0}
	<p class="soft">
		{w.noCircuitIsOnRecord}
		<Button color="alternative" onclick={addCircuit}>{w.addACircuit}</Button>
	</p>
{/if}
{#each feeds as panel (panel.id)}<p>{w.feeds} <b>{panel.name}</b>, {panel.place}.</p>{/each}

{#if things.length > 0}
	<p class="goes">
		<span class="label">{w.losesPowerWithIt}</span>
		{#each things as thing, k (thing.id)}{k > 0 ? '; ' : ''}<b>{thing.name}</b> ({mayBeOff(thing)}){/each}
	</p>
{/if}
{#if editor.trouble && !complaint}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
<p class="row foot">
	{#if circuits.length > 0}<Button color="alternative" onclick={addCircuit}>{w.anotherCircuitOnIt}</Button
		>{/if}
	<Button color="alternative" onclick={remove}>{w.removeThis(t.breaker)}</Button>
</p>

<style>
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr 2fr;
		gap: 0.5rem 0.8rem;
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
	.foot {
		margin-top: 1rem;
	}
</style>
