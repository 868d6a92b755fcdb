<script lang="ts">
	import { words as w } from '$words/house/circuitChain';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { allBreakers, placeName, walkChain, type ChainPlace, type Circuit } from '@wary/core/house';
	import { breakerName, terms } from '$words/terms';
	import { getEditor } from './context';

	interface Props {
		circuit: Circuit;
		places: readonly ChainPlace[];
		place: ChainPlace;
		home: string;
	}
	/** One outlet of a chain: moved nearer or further, made a branch, moved to another circuit, or where the chain is split. */
	let { circuit, places, place, home }: Props = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const k = $derived(places.indexOf(place));
	const what = (one: ChainPlace) => placeName(house, one.box);

	/** One place nearer the panel: after what the one before it comes after. */
	function earlier() {
		const before = places.find(({ box }) => place.after !== 'panel' && box.id === place.after.box);
		if (before) void move(before.after);
	}
	function later() {
		const next = places.find(
			({ after, depth }) => after !== 'panel' && after.box === place.box.id && depth === place.depth
		);
		if (next) void move({ box: next.box.id });
	}
	const move = (after: ChainPlace['after']) =>
		editor.apply(
			[{ do: 'placeBox', box: place.box.id, spot: { circuit: circuit.id, after } }],
			w.movedInItsChain(what(place))
		);
	function act(chosen: string) {
		const [kind, id = ''] = chosen.split(':');
		if (kind === 'off')
			return editor.apply([{ do: 'unplaceBox', box: place.box.id }], w.takenOff(what(place), circuit.name));
		if (kind === 'branch') {
			const before = places[k - 1];
			if (before)
				return editor.apply(
					[
						{
							do: 'placeBox',
							box: place.box.id,
							spot: { circuit: circuit.id, after: { box: before.box.id }, branch: true }
						}
					],
					w.madeABranch(what(place))
				);
		}
		if (kind === 'split')
			return editor.apply(
				[
					{
						do: 'splitCircuit',
						box: place.box.id,
						breaker: id,
						name: w.from(circuit.name, place.box.name).slice(0, 80)
					}
				],
				w.circuitSplit
			);
		const last = walkChain(house, id).at(-1);
		return editor.apply(
			[
				{
					do: 'placeBox',
					box: place.box.id,
					spot: { circuit: id, after: last ? { box: last.box.id } : 'panel' }
				}
			],
			w.movedToAnotherCircuit(what(place))
		);
	}
	function key(event: KeyboardEvent) {
		if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
		event.preventDefault();
		if (event.key === 'ArrowUp') earlier();
		else later();
	}
	const otherCircuits = $derived(house.circuits.filter(({ id }) => id !== circuit.id));
	const otherBreakers = $derived(allBreakers(house).filter(({ id }) => id !== circuit.breaker));
</script>

<li style:--depth={place.depth} class:branch={place.depth > 0}>
	<i aria-hidden="true"></i>
	<a href={`/${home}/outlet/${place.box.id}`}>{what(place)}</a>
	{#if place.cable.assumed}<span class="soft assumed" title={w.lengthAndSizeOfIts}>{w.cableAssumed}</span
		>{/if}
	<span class="acts">
		<Button
			size="xs"
			color="alternative"
			class="px-2.5"
			aria-label={w.nearerThe(what(place), t.panel)}
			title={w.nearerTheAlt(t.panel)}
			disabled={k === 0 || editor.saving}
			onkeydown={key}
			onclick={earlier}>↑</Button
		>
		<Button
			size="xs"
			color="alternative"
			class="px-2.5"
			aria-label={w.furtherDown(what(place))}
			title={w.furtherDownAlt}
			disabled={k === places.length - 1 || editor.saving}
			onkeydown={key}
			onclick={later}>↓</Button
		>
		<Select
			placeholder=""
			class="w-16"
			aria-label={w.moveSplitOrTakeOff(what(place))}
			value=""
			disabled={editor.saving}
			onchange={(event) => {
				const chosen = event.currentTarget.value;
				event.currentTarget.value = '';
				if (chosen) void act(chosen);
			}}
		>
			<option value="">…</option>
			{#if k > 0}<option value="branch">{w.makeItABranch}</option>{/if}
			<option value="off">{w.takeItOffThisCircuit}</option>
			<optgroup label={w.moveItTo}
				>{#each otherCircuits as each (each.id)}<option value={`to:${each.id}`}>{each.name}</option
					>{/each}</optgroup
			>
			{#if k > 0}<optgroup label={w.fromHereOnItIs}
					>{#each otherBreakers as each (each.id)}<option value={`split:${each.id}`}
							>{breakerName(house, each.id)} {each.label}</option
						>{/each}</optgroup
				>{/if}
		</Select>
	</span>
</li>

<style>
	li {
		position: relative;
		display: flex;
		align-items: center;
		gap: 0.6rem;
		min-height: 2.5rem;
		padding-left: calc(1.9rem + var(--depth) * 1.6rem);
	}
	li::before {
		content: '';
		position: absolute;
		left: calc(9px + var(--depth) * 1.6rem);
		top: 0;
		bottom: 0;
		width: 2px;
		background: var(--ink);
	}
	li:last-child::before {
		bottom: 50%;
	}
	li.branch::after {
		content: '';
		position: absolute;
		left: 9px;
		top: 50%;
		width: 1.6rem;
		height: 2px;
		background: var(--ink);
	}
	i {
		position: absolute;
		left: calc(2px + var(--depth) * 1.6rem);
		width: 16px;
		height: 14px;
		border: 2px solid var(--ink);
		background: var(--sheet);
		z-index: 1;
	}
	.assumed {
		font-size: 0.84rem;
	}
	.acts {
		margin-left: auto;
		display: flex;
		gap: 0.2rem;
	}
</style>
