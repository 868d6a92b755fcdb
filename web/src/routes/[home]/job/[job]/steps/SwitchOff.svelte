<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/job/steps/switchOff';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { evidenceOf, findBreaker, mainSwitch, own, placeName, walkChain } from '@wary/core/house';
	import { thingsBehind } from '@wary/core/isolation';
	import type { Step } from '@wary/core/job';
	import BeforeOff from '$lib/ui/BeforeOff.svelte';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import { evidenceWords } from '$words/evidence';
	import { breakerName, capital, isFuse, terms } from '$words/terms';
	import { isForStep } from '$lib/job/meant';
	import { getJob } from '../context';
	import SearchWithin from './SearchWithin.svelte';

	/** At the panel: which breaker, what goes with it, and that it is off; `also` has to be off as well. */
	let { step }: { step: Extract<Step, { kind: 'switchOff' }> } = $props();
	const also = $derived(step.also);
	const { session } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	const isolation = $derived(session.jobState.isolation);
	const wrong = $derived(isolation.off.filter((id) => isolation.notFeeding.includes(id)));
	const again = $derived(isolation.power === 'unknown' || isolation.power === 'tripped');
	const search = $derived(session.jobState.search);
	const mayRest = $derived(
		isolation.power !== 'restored' && !again && also === null && session.jobState.device === 'oldSeated'
	);
	const main = mainSwitch(house.panels[0]!.id);
	let mode = $state<'pick' | 'search'>(
		untrack(() => (search.events.length > 0 || isolation.notFeeding.length > 0 ? 'search' : 'pick'))
	);
	let picked = $state<string | null>(
		untrack(() =>
			again
				? (isolation.off.at(-1) ?? null)
				: isolation.notFeeding.length > 0
					? null
					: isolation.power === 'restored'
						? session.jobState.feeder
						: plan.recordedBreaker
		)
	);
	const chosen = $derived(also ?? picked);
	const hardOf = (ids: readonly string[]) =>
		ids.flatMap((id) => own(plan.hard, id) ?? []).filter(({ id }) => !session.jobState.arranged.includes(id));
	const unlikely = $derived(
		chosen !== null &&
			findBreaker(house, chosen)?.ratingA !== findBreaker(house, plan.recordedBreaker)?.ratingA &&
			chosen !== main
	);
	const chosenBreaker = $derived(chosen === null ? undefined : findBreaker(house, chosen));
	const dark = $derived(
		house.circuits
			.filter(({ breaker }) => breaker === chosen)
			.flatMap(({ id }) => walkChain(house, id).map(({ box }) => placeName(house, box)))
	);
	/** Whether there is light to work by. */
	const lights = $derived(
		thingsBehind(house, chosen ?? '').some(({ matters }) => matters === 'light')
			? w.aLightYouMayBe
			: w.noLightOnRecordGoes
	);
	const arranged = (thing: { id: string }, how: string) =>
		session.submit({ kind: 'arranged', thing: thing.id, how });
	const offAll = (ids: readonly string[]) =>
		ids.every((id) => session.submit({ kind: 'switchBreaker', breaker: id, on: false }));
	const go = () => chosen && offAll([chosen]);
	function key(event: KeyboardEvent) {
		if (event.key === 'Enter' && mode === 'pick' && isForStep(event)) {
			event.preventDefault();
			go();
		}
	}
</script>

<svelte:window onkeydown={key} />
{#each wrong as id (id)}
	{#if session.jobState.device === 'oldSeated' && isolation.power === 'off'}
		<p class="row mb-3">
			<Button
				size="lg"
				color="light"
				onclick={() => session.submit({ kind: 'switchBreaker', breaker: id, on: true })}
				>{(isFuse(house, id) ? w.isBackIn : w.isBackOn)(breakerName(house, id))}</Button
			>
		</p>
	{/if}
{/each}

{#if mayRest}
	<div class="modes row" role="group" aria-label={w.wayOfFindingIt}>
		<Button color="alternative" aria-pressed={mode === 'search'} onclick={() => (mode = 'search')}
			>{w.searchForIt}</Button
		>
		<Button color="alternative" aria-pressed={mode === 'pick'} onclick={() => (mode = 'pick')}
			>{w.iKnowWhichItIs}</Button
		>
		{#if isolation.notFeeding.length > 0 || search.events.length > 2}<Button
				color="alternative"
				aria-pressed={mode === 'pick' && picked === main}
				onclick={() => {
					mode = 'pick';
					picked = main;
				}}>{w.mainSwitchAsALast}</Button
			>{/if}
	</div>
{/if}

{#if mode === 'search' && mayRest}
	<SearchWithin {hardOf} {arranged} {offAll} onpick={(id) => ((mode = 'pick'), (picked = id))} {main} />
{:else}
	<div class="pick">
		<div class="panels">
			{#each house.panels as panel (panel.id)}
				<PanelDrawing
					{house}
					{panel}
					off={isolation.off}
					tried={isolation.notFeeding}
					marked={plan.recordedBreaker}
					{chosen}
					onpick={also === null ? (id) => (picked = id) : undefined}
				/>
			{/each}
		</div>
		<div class="below">
			{#if chosen === main}
				<Verdict kind="open">
					{w.everythingLosesPowerEveryLight(
						t.outlet,
						regions[plan.region].supply.mainSwitchOpensNeutral ? w.thisMainSwitchOpensThe : '',
						t.breaker
					)}
				</Verdict>
			{/if}
			{#if chosen}
				{#if isolation.notFeeding.includes(chosen)}<Verdict kind="bad">
						{w.withOffTheStayedLive(breakerName(house, chosen), t.outlet)}
					</Verdict>
				{:else if unlikely && also === null}<p class="soft">
						{w.itsRatingDiffersFromWhat}
					</p>{/if}
				<BeforeOff {house} breakers={[chosen]} hard={hardOf([chosen])} onarranged={arranged} />
			{:else}<p class="soft">{w.tapTheYouHaveSwitched(t.breaker)}</p>{/if}
			{#if chosenBreaker}
				<p class="evidence">{evidenceWords(evidenceOf(house, chosenBreaker), house).long}</p>
				{#if dark.length > 0}<p>
						<span class="label">{w.goesDarkWithItBy}</span>{dark.join('; ')}
					</p>{/if}
				<p class="soft">{lights}</p>
			{/if}
			<p class="row">
				<Button size="lg" disabled={!chosen || hardOf([chosen]).length > 0} onclick={go}
					>{chosen
						? (isFuse(house, chosen) ? w.isOut : w.isOff)(capital(breakerName(house, chosen)))
						: w.chooseOne}<Kbd>↵</Kbd></Button
				>
			</p>
		</div>
	</div>
{/if}

<style>
	.modes {
		margin: 0 0 1rem;
		gap: 0;
	}
	.pick {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 1.6rem;
		align-items: start;
	}
	.panels {
		display: grid;
		gap: 0.8rem;
	}
	.below p {
		margin: 0.4rem 0;
		max-width: 52ch;
	}
	.below p.evidence {
		padding-left: 0.8rem;
		border-left: 3px solid var(--ink);
		margin-top: 0.9rem;
	}
	@media (max-width: 900px) {
		.pick {
			grid-template-columns: minmax(0, 1fr);
			gap: 0.6rem;
		}
	}
</style>
