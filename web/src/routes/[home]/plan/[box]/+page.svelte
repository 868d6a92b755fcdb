<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import { onMount, untrack } from 'svelte';
	import { replaceState } from '$app/navigation';
	import { beside, cablesInBox, findBox, placeName } from '@wary/core/house';
	import type { Wished, WishChoice } from '@wary/core/job';
	import type { PartId } from '@wary/core/devices';
	import type { Feed, OrderSchool } from '@wary/core/wiring';
	import { feedFor } from '$lib/plan/offers';
	import { Planner } from '$lib/plan/planner.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { kindWords } from '$words/devices';
	import { partWords } from '$words/parts';
	import { planFailureWords } from '$words/refusals';
	import { ruleWords } from '$words/rules/rules';
	import { inSentence } from '$words/terms';
	import StartJob from '../../outlet/[box]/StartJob.svelte';
	import Choose from './Choose.svelte';
	import Drawn from './Drawn.svelte';
	import Groundless from './Groundless.svelte';
	import Judged from './Judged.svelte';
	import PutBack from './PutBack.svelte';
	import Keep from './Keep.svelte';
	import ByRules from './ByRules.svelte';
	import Compare from './Compare.svelte';
	import Schools from './Schools.svelte';
	import Together from './Together.svelte';
	import { choose as judgeAll, waysWithoutGround } from '@wary/core/replacement';
	import { editionOf } from '@wary/core/rules';
	import More from '$lib/ui/More.svelte';
	import { groundlessWords } from '$words/rules/groundless';
	import { byRules } from '$words/rules/page';

	/** What goes in instead: what is there and what shall be, side by side, judged by the model before a screw is turned. */
	let { data } = $props();
	const first = (part: PartId, feed: Feed): WishChoice => ({
		part,
		feed,
		switched: 'keep',
		connector: 'lever',
		wireEnd: 'clampPlate'
	});
	const wishedFor = ({ boxId: id, part }: { boxId: string; part: PartId | null }) => ({
		boxId: id,
		wish: part === null ? ('putBack' as const) : first(part, 'asFound')
	});
	/** Those of a kept plan, with what sits beside them. */
	const keptBoxes = () => {
		const kept = data.kept?.boxes.flatMap(({ boxId: id, wish: kept }) =>
			kept ? [{ boxId: id, wish: kept }] : []
		);
		const more = data.near.filter(
			({ boxId: id }) =>
				beside(data.house, data.box.id).includes(id) && !kept?.some((each) => each.boxId === id)
		);
		return kept && kept.length > 0 ? [...kept, ...more.map(wishedFor)] : null;
	};
	/** Every outlet of the job with what goes in there, and the one that is looked at. */
	let boxes = $state.raw<readonly { readonly boxId: string; readonly wish: NonNullable<Wished> }[]>(
		untrack(
			() =>
				keptBoxes() ?? [
					{ boxId: data.box.id, wish: first(data.part, data.feed) },
					...data.near.filter((near) => data.together.includes(near.boxId)).map(wishedFor)
				]
		)
	);
	let boxId = $state(untrack(() => data.box.id));
	const wished = $derived(boxes.find((each) => each.boxId === boxId)!.wish);
	/** What goes in at the one that is looked at; `null`: it is only taken out and put back. */
	const wish = $derived(wished === 'putBack' ? null : wished);
	const box = $derived(findBox(data.house, boxId)!);
	let school = $state<OrderSchool>('groundFirst');
	const planner = new Planner();
	onMount(() => () => planner.stop());
	$effect(() => planner.ask({ house: data.house, boxes, boxId, school }));
	const chosen = $derived(planner.planned?.chosen ?? null);
	const plan = $derived(chosen?.ok ? chosen.plan : null);
	const switched = $derived(
		cablesInBox(data.house, boxId).some(({ cable }) =>
			cable.conductors.some(({ role }) => role === 'switchedHot')
		)
	);
	/** What the rules make of every part here, and whether one is in the way of what is wished for. */
	const known = $derived(planner.planned?.known ?? null);
	let usb = $state(false);
	let decorator = $state(false);
	const choice = $derived(known ? judgeAll(known.facts, { usb, decorator }) : null);
	const ways = $derived(known ? waysWithoutGround(known.facts) : []);
	/** A rule that is in the way of the job, at this outlet or at another of it. */
	const by = $derived(planner.planned?.by ?? null);
	const take = (part: PartId) =>
		wish && choose({ ...wish, part, feed: feedFor(planner.planned?.offers ?? [], part, wish.feed) });
	function choose(next: NonNullable<Wished>) {
		boxes = boxes.map((each) => (each.boxId === boxId ? { boxId, wish: next } : each));
		if (boxId !== data.box.id || next === 'putBack') return;
		const query = new URLSearchParams({ part: next.part, feed: next.feed });
		replaceState(`?${query}`, {});
	}
	const left = $derived(data.near.filter((near) => boxes.every((each) => each.boxId !== near.boxId)));
	function add(added: string) {
		const near = left.find((each) => each.boxId === added);
		if (!near) return;
		boxes = [...boxes, wishedFor(near)];
		boxId = added;
	}
	function leaveOut(out: string) {
		boxes = boxes.filter((each) => each.boxId !== out);
		if (boxId === out) boxId = data.box.id;
	}
	/** What is begun: the outlet of this page, and those beside it. */
	const planned = $derived({
		wish: boxes[0]!.wish,
		version: data.version,
		more: boxes.slice(1)
	});
	const allNeeds = $derived(planner.planned?.needs ?? []);
	const elsewhere = $derived(planner.planned?.elsewhere ?? null);
	/** An outlet beside the one of this page may also just be put back. */
	const part = $derived(data.near.find((near) => near.boxId === boxId)?.part ?? null);
	const mayPutBack = $derived(
		boxId !== data.box.id && part !== null && beside(data.house, data.box.id).includes(boxId)
	);
	const onlyPutBack = (only: boolean) => choose(only ? 'putBack' : first(part!, 'asFound'));
</script>

<svelte:head><title>{w.title(placeName(data.house, data.box))} · Wary Hand</title></svelte:head>
<main data-planned={wish && planner.planned?.offers.length ? wish.part : null}>
	<header>
		<div>
			<h1>{placeName(data.house, box)}</h1>
			<p class="mb-2">
				{wish
					? w.becomes(kindWords(box.device!), inSentence(partWords[wish.part].name))
					: w.putBack(kindWords(box.device!))}
			</p>
		</div>
		<Together
			house={data.house}
			{boxes}
			{boxId}
			{left}
			onlook={(to) => (boxId = to)}
			onadd={add}
			onleave={leaveOut}
		/>
	</header>
	{#if wish || mayPutBack}<div class="choose">
			{#if mayPutBack}<Checkbox class="mb-3" bind:checked={() => wish === null, onlyPutBack}
					>{w.onlyPutBack}</Checkbox
				>{/if}
			{#if wish}<Choose
					house={data.house}
					{wish}
					offers={planner.planned?.offers ?? []}
					{choice}
					bind:usb
					bind:decorator
					{switched}
					onwish={choose}
				/>{/if}
			{#if wish && ways.length > 0}<More title={groundlessWords.title}
					><Groundless
						region={data.house.region}
						edition={editionOf(data.house)}
						{ways}
						part={wish.part}
						onpick={take}
					/></More
				>{/if}
		</div>{/if}
	<section class="rules" aria-live="polite">
		{#if wish && known && choice}{#key `${boxId} ${data.version}`}<ByRules
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					{box}
					{known}
					{choice}
					{wish}
					onpick={take}
				/>{/key}{/if}
	</section>
	<section class="drawn">
		<Drawn house={data.house} {box} {chosen} failed={planner.failed} />
	</section>
	<section class="judged" aria-live="polite">
		{#if plan && chosen?.ok}
			{#if wish}<Judged house={data.house} {plan} />{:else}<PutBack house={data.house} {plan} />{/if}
			{#if data.underWay}
				<Verdict kind="open">{w.underWay}</Verdict>
				<Button size="lg" href={`/${data.home.slug}/job/${data.underWay}`}>{w.goOn}</Button>
			{:else if elsewhere}
				<Verdict kind="bad" alert>
					<b>{placeName(data.house, findBox(data.house, elsewhere.box)!)}.</b>
					{planFailureWords(elsewhere, data.house.region)}
				</Verdict>
			{:else if by}
				<Verdict kind="bad">
					{#if by.box !== boxId}<b>{placeName(data.house, findBox(data.house, by.box)!)}.</b>
						{ruleWords(by.rule, data.house.region, editionOf(data.house)).says}
						{by.clause}{/if}
					{byRules.refused}
				</Verdict>
			{:else}
				<StartJob
					slug={data.home.slug}
					boxId={data.box.id}
					region={data.house.region}
					asked={null}
					noResidual={plan.noResidual}
					{planned}
					bind:school
				/>
				<Keep slug={data.home.slug} region={data.house.region} {boxes} needs={allNeeds} costs={data.costs} />
			{/if}
		{/if}
		<p class="mt-4"><a class="tap" href={`/${data.home.slug}/outlet/${data.box.id}`}>{w.back}</a></p>
	</section>
	<section class="further">
		{#if wish}<Schools region={data.house.region} {wish} onwish={choose} />{/if}
		{#if wish && choice}<More title={byRules.compare}
				><Compare
					region={data.house.region}
					edition={editionOf(data.house)}
					{choice}
					part={wish.part}
					onpick={take}
				/></More
			>{/if}
	</section>
</main>

<style>
	main {
		display: grid;
		grid-template-rows: auto auto auto 1fr;
		grid-template-columns: minmax(0, 1fr) minmax(19rem, 25rem);
		gap: 0 1.8rem;
		padding: 1rem 1.5rem 3rem;
	}
	header,
	.choose,
	.further {
		grid-column: 1 / -1;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0 2rem;
		margin-bottom: 0.6rem;
	}
	.rules,
	.judged {
		grid-column: 2;
	}
	.judged {
		margin-top: 1rem;
	}
	.choose {
		border-bottom: 2px solid var(--ink);
		margin-bottom: 1rem;
		padding-bottom: 0.7rem;
	}
	/* The rules beside the drawings; on a phone before them. */
	.drawn {
		grid-column: 1;
		grid-row: 3 / span 2;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 1.2rem 1.6rem;
		align-content: start;
	}
	@media (max-width: 1000px) {
		main {
			display: block;
		}
	}
	@media (max-width: 700px) {
		main {
			padding: 0.8rem 1rem 3rem;
		}
		.drawn {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
