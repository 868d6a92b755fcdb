<script lang="ts">
	import { words as copy } from '$words/bench/power';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { pluggable, type BenchEvent, type BenchView } from '@wary/core/bench';
	import {
		circuitsInBox,
		deviceModel,
		mainPanel,
		mainSwitch,
		own,
		type Half,
		type House,
		type Trip
	} from '@wary/core/house';
	import { tripWords } from '$words/bench';
	import { boxPlace, breakerName, capital, halfWords, terms } from '$words/terms';

	let {
		house,
		boxId,
		view,
		trips,
		ondo
	}: {
		house: House;
		boxId: string;
		view: BenchView | null;
		trips: readonly Trip[];
		ondo: (event: BenchEvent) => void;
	} = $props();
	const t = $derived(terms[house.region]);
	const main = $derived(mainPanel(house));
	const here = $derived(new Set(circuitsInBox(house, boxId).map(({ breaker }) => breaker)));
	const ours = $derived(main.breakers.filter(({ id }) => here.has(id)));
	const others = $derived(house.panels.flatMap(({ breakers }) => breakers).filter(({ id }) => !here.has(id)));
	const places = $derived(
		house.boxes
			.filter(
				({ id, device }) =>
					device && (id === boxId || circuitsInBox(house, id).some(({ breaker }) => here.has(breaker)))
			)
			.flatMap(({ id, device }) => deviceModel(device!).halves.map((half) => ({ box: id, half })))
			.sort((a, b) => Number(b.box === boxId) - Number(a.box === boxId))
	);
	let where = $state('');
	let what = $state<(typeof pluggable)[number]>('lamp');
	const free = $derived(
		places.find((each) => !house.loads.some(({ box, half }) => box === each.box && half === each.half)) ??
			places[0]
	);
	const chosen = $derived(where || (free ? `${free.box} ${free.half}` : ''));
	const place = (box: string) => (box === boxId ? 'here' : boxPlace(house, box).replace(/^Room, /, ''));
	function plugIn() {
		const [box, half] = chosen.split(' ') as [string, Half];
		let n = house.loads.length + 1;
		while (house.loads.some(({ id }) => id === `${what}${n}`)) n++;
		ondo({ kind: 'plug', box, half, what, id: `${what}${n}` });
		where = '';
	}
	/** A breaker as a thing to throw: its handle beside its name and rating. */
	const handle =
		'grid min-h-12 min-w-21 grid-cols-[1.2rem_auto] gap-x-2 px-2.5 py-1 text-start aria-pressed:bg-sheet aria-pressed:text-ink [&>b]:leading-tight [&>span]:text-xs [&>span]:font-normal [&>span]:whitespace-nowrap [&>span]:text-soft';
</script>

<section aria-label={copy.power}>
	<h2>{copy.power}</h2>
	<div class="rail">
		{#each ours as breaker (breaker.id)}
			<Button
				color="light"
				class={handle}
				aria-pressed={breaker.on}
				onclick={() => ondo({ kind: 'breaker', id: breaker.id, on: !breaker.on })}
				><i class:on={breaker.on}></i><b>{breakerName(house, breaker.id)}</b><span
					>{breaker.ratingA} A {breaker.on ? 'ON' : 'OFF'}</span
				></Button
			>
		{/each}
		<Button
			color="light"
			class={handle}
			aria-pressed={main.mainOn}
			onclick={() => ondo({ kind: 'breaker', id: mainSwitch(main.id), on: !main.mainOn })}
			><i class:on={main.mainOn}></i><b>{copy.main}</b><span>{main.mainOn ? 'ON' : 'OFF'}</span></Button
		>
		{#each main.residualDevices as each (each.id)}
			<Button
				color="light"
				class={handle}
				aria-pressed={each.on}
				onclick={() => ondo({ kind: 'residualDevice', id: each.id, on: !each.on })}
				><i class:on={each.on}></i><b>RCD</b><span>{copy.ma(each.tripMa, each.on ? 'ON' : 'OFF')}</span
				></Button
			>
		{/each}
	</div>
	{#each trips as trip (trip.where + trip.device)}<Verdict kind="open">
			{tripWords(trip, house, 'happened')}
		</Verdict>{/each}
	{#each view?.coming ?? [] as trip (trip.where + trip.device)}<p class="soft">
			{tripWords(trip, house, 'coming')}
		</p>{/each}
	{#if others.length > 0}
		<More title={copy.otherS(t.breaker)}>
			<div class="rail">
				{#each others as breaker (breaker.id)}<Button
						color="light"
						class={handle}
						aria-pressed={breaker.on}
						onclick={() => ondo({ kind: 'breaker', id: breaker.id, on: !breaker.on })}
						><i class:on={breaker.on}></i><b>{breakerName(house, breaker.id)}</b><span
							>{breaker.on ? 'ON' : 'OFF'}</span
						></Button
					>{/each}
			</div>
		</More>
	{/if}
	<h2>{copy.pluggedIn}</h2>
	{#each house.loads.filter( ({ box, half }) => places.some((each) => each.box === box && each.half === half) ) as load (load.id)}
		{@const share = (view && own(view.loads, load.id)) ?? 0}
		<p class="load">
			<span
				><b>{capital(load.name)}</b>
				{place(load.box)}, {halfWords[load.half]}:
				{!load.on
					? copy.switchedOff
					: share > 1.15
						? copy.tooMuch(Math.round(share * 100))
						: share > 0.85
							? 'works'
							: share > 0.5
								? copy.dim(Math.round(share * 100))
								: 'dark'}</span
			>
			<Button color="alternative" onclick={() => ondo({ kind: 'unplug', id: load.id })}>{copy.unplug}</Button>
		</p>
	{:else}<p class="soft">{copy.nothing}</p>{/each}
	{#if places.length > 0}
		<div class="plug">
			<Select placeholder="" bind:value={what} aria-label={copy.whatToPlugIn}
				>{#each pluggable as each (each)}<option value={each}>{each}</option>{/each}</Select
			>
			<Select
				placeholder=""
				value={chosen}
				onchange={(event) => (where = event.currentTarget.value)}
				aria-label={copy.where}
			>
				{#each places as each (each.box + each.half)}<option value={`${each.box} ${each.half}`}
						>{place(each.box)}, {halfWords[each.half]}</option
					>{/each}
			</Select>
			<Button color="alternative" onclick={plugIn}>{copy.plugIn}</Button>
		</div>
	{/if}
</section>

<style>
	.rail {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-bottom: 0.5rem;
	}
	i {
		grid-row: 1 / 3;
		width: 1.1rem;
		height: 2.1rem;
		border: 2px solid var(--ink);
		background: linear-gradient(var(--sheet) 0 50%, var(--ink) 50% 100%);
	}
	i.on {
		background: linear-gradient(var(--ink) 0 50%, var(--sheet) 50% 100%);
	}
	h2 {
		margin-top: 0.8rem;
	}
	.load {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 0.5rem;
		margin: 0;
	}
	.plug {
		display: grid;
		grid-template-columns: 6rem 1fr auto;
		gap: 0.4rem;
	}
</style>
