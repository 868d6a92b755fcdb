<script lang="ts">
	import { words as w } from '$words/house/circuitChain';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import {
		allBreakers,
		findBreaker,
		placeName,
		sensesResidual,
		walkChain,
		type ChainPlace,
		type Circuit
	} from '@wary/core/house';
	import { breakerName, capital, sizeWords, terms } from '$words/terms';
	import { getEditor } from './context';

	/** A circuit as a chain: its outlets in feed order, to be put in order, moved and split in place. */
	let { circuit, home, onselect }: { circuit: Circuit; home: string; onselect: (breaker: string) => void } =
		$props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const places = $derived(walkChain(house, circuit.id));
	const first = $derived(places[0]?.cable);
	const breaker = $derived(findBreaker(house, circuit.breaker));
	const residual = $derived(
		house.panels
			.flatMap(({ residualDevices }) => residualDevices)
			.find(({ covers }) => covers.includes(circuit.breaker))
	);
	const protection = $derived(
		residual
			? w.behindAMa(residual.tripMa, house.region === 'uk' ? 'RCD' : 'GFCI')
			: breaker && sensesResidual(breaker)
				? w.residualCurrentProtectedAtThe
				: w.noAtTheOnRecord(house.region === 'uk' ? 'RCD' : 'GFCI', t.panel)
	);
	let name = $state(untrack(() => circuit.name));
	const rename = () =>
		name.trim() &&
		name.trim() !== circuit.name &&
		editor.apply([{ do: 'setCircuit', circuit: circuit.id, name: name.trim() }], `circuit renamed`);
	const what = (place: ChainPlace) => placeName(house, place.box);

	/** One place nearer the panel: after what the one before it comes after. */
	function earlier(place: ChainPlace) {
		const before = places.find(({ box }) => place.after !== 'panel' && box.id === place.after.box);
		if (before) void move(place, before.after);
	}
	function later(place: ChainPlace) {
		const next = places.find(
			({ after, depth }) => after !== 'panel' && after.box === place.box.id && depth === place.depth
		);
		if (next) void move(place, { box: next.box.id });
	}
	const move = (place: ChainPlace, after: ChainPlace['after']) =>
		editor.apply(
			[{ do: 'placeBox', box: place.box.id, spot: { circuit: circuit.id, after } }],
			w.movedInItsChain(what(place))
		);
	function act(place: ChainPlace, chosen: string) {
		const [kind, id = ''] = chosen.split(':');
		if (kind === 'off')
			return editor.apply([{ do: 'unplaceBox', box: place.box.id }], w.takenOff(what(place), circuit.name));
		if (kind === 'branch') {
			const before = places[places.indexOf(place) - 1];
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
				'circuit split'
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
	function key(event: KeyboardEvent, place: ChainPlace) {
		if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
		event.preventDefault();
		if (event.key === 'ArrowUp') earlier(place);
		else later(place);
	}
	const otherCircuits = $derived(house.circuits.filter(({ id }) => id !== circuit.id));
	const otherBreakers = $derived(allBreakers(house).filter(({ id }) => id !== circuit.breaker));
</script>

<section>
	<div class="head">
		<Label>{w.circuit}<Input bind:value={name} onchange={rename} maxlength={80} /></Label>
		<Label
			>{w.startsFrom}<Select
				placeholder=""
				value={circuit.breaker}
				onchange={async (event) => {
					const to = event.currentTarget.value;
					if (
						await editor.apply(
							[{ do: 'setCircuit', circuit: circuit.id, breaker: to }],
							w.movedTo(circuit.name, breakerName(house, to))
						)
					)
						onselect(to);
				}}
				>{#each allBreakers(house) as each (each.id)}<option value={each.id}
						>{breakerName(house, each.id)} {each.label}</option
					>{/each}</Select
			></Label
		>
	</div>
	<div class="soft facts">
		{#if house.region === 'uk'}<Label class="me-1.5 inline-block w-32"
				><span class="sr-only">{w.kindOfCircuit}</span><Select
					placeholder=""
					value={circuit.arrangement}
					onchange={async (event) => {
						const select = event.currentTarget;
						const arrangement = select.value === 'ring' ? ('ring' as const) : ('radial' as const);
						if (
							!(await editor.apply(
								[{ do: 'setCircuit', circuit: circuit.id, arrangement }],
								w.recordedAsA(circuit.name, arrangement)
							))
						)
							select.value = circuit.arrangement;
					}}><option value="radial">{w.radial}</option><option value="ring">{w.ring}</option></Select
				></Label
			>{:else}{circuit.arrangement}{/if}{first ? ` · ${sizeWords(first.size)} ${first.material}` : ''} · {protection}
	</div>
	{#if places.length === 0}<p class="soft">
			{w.nothingIsPlacedOnIt}
		</p>{/if}
	<ol>
		{#each places as place, k (place.box.id)}
			<li style:--depth={place.depth} class:branch={place.depth > 0}>
				<i aria-hidden="true"></i>
				<a href={`/${home}/outlet/${place.box.id}`}>{what(place)}</a>
				{#if place.cable.assumed}<span class="soft assumed" title={w.lengthAndSizeOfIts}
						>{w.cableAssumed}</span
					>{/if}
				<span class="acts">
					<Button
						size="xs"
						color="alternative"
						class="px-2.5"
						aria-label={w.nearerThe(what(place), t.panel)}
						title={w.nearerTheAlt(t.panel)}
						disabled={k === 0 || editor.saving}
						onkeydown={(event: KeyboardEvent) => key(event, place)}
						onclick={() => earlier(place)}>↑</Button
					>
					<Button
						size="xs"
						color="alternative"
						class="px-2.5"
						aria-label={w.furtherDown(what(place))}
						title={w.furtherDownAlt}
						disabled={k === places.length - 1 || editor.saving}
						onkeydown={(event: KeyboardEvent) => key(event, place)}
						onclick={() => later(place)}>↓</Button
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
							if (chosen) void act(place, chosen);
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
		{/each}
	</ol>
	{#if places.length === 0}<p class="row">
			<Button
				color="alternative"
				onclick={() =>
					editor.apply([{ do: 'removeCircuit', circuit: circuit.id }], `${circuit.name} removed`)}
				>{w.removeThisCircuit}</Button
			>
		</p>{/if}
	<p class="sr-only">{w.sInFeedOrderAlt(capital(t.outlet))}</p>
</section>

<style>
	section {
		border-top: 2px solid var(--ink);
		margin-top: 0.9rem;
		padding-top: 0.6rem;
	}
	.head {
		display: grid;
		grid-template-columns: 1.3fr 1fr;
		gap: 0.8rem;
	}
	.facts {
		margin: 0.4rem 0 0.3rem;
		font-size: 0.95rem;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
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
