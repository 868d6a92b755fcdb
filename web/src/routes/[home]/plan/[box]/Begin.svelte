<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import { findBox, placeName } from '@wary/core/house';
	import type { JobPlan } from '@wary/core/job';
	import { editionOf } from '@wary/core/rules';
	import type { OrderSchool } from '@wary/core/wiring';
	import type { Planned } from '$lib/plan/planner.svelte';
	import type { Placed } from '$lib/plan/wishes.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { planFailureWords } from '$words/planFailures';
	import { byRules } from '$words/rules/page';
	import { ruleWords } from '$words/rules/rules';
	import StartJob from '../../outlet/[box]/StartJob.svelte';
	import type { PageData } from './$types';
	import Keep from './Keep.svelte';
	import TakeIn from './TakeIn.svelte';

	interface Props {
		data: PageData;
		plan: JobPlan;
		/** Every outlet of the job, that of this page first, and the one that is looked at. */
		boxes: readonly Placed[];
		boxId: string;
		planned: Planned | null;
		school: OrderSchool;
	}
	/** Begun, or kept for another day; or what is in the way of it, at whichever outlet of the job. */
	let { data, plan, boxes, boxId, planned, school = $bindable() }: Props = $props();
	const elsewhere = $derived(planned?.elsewhere ?? null);
	/** A rule that is in the way of the job, at this outlet or at another of it. */
	const by = $derived(planned?.by ?? null);
	/** The job under way that it can be taken into; with it goes what sits in the same box, and nothing else that was wished for here. */
	const [joins] = $derived(data.joins);
	const alone = $derived(boxes.slice(1).every((each) => each.wish === null || each.wish === 'putBack'));
	const place = (id: string) => placeName(data.house, findBox(data.house, id)!);
</script>

{#if data.underWay}
	<Verdict kind="open">{w.underWay}</Verdict>
	<Button size="lg" href={`/${data.home.slug}/job/${data.underWay}`}>{w.goOn}</Button>
{:else if elsewhere}
	<Verdict kind="bad" alert>
		<b>{place(elsewhere.box)}.</b>
		{planFailureWords(elsewhere, data.house.region)}
	</Verdict>
{:else if by}
	<Verdict kind="bad">
		{#if by.box !== boxId}<b>{place(by.box)}.</b>
			{ruleWords(by.rule, data.house.region, editionOf(data.house)).says}
			{by.clause}{/if}
		{byRules.refused}
	</Verdict>
{:else}
	{#if plan.newWork}<Verdict kind="open">{w.newWork[data.house.region]}</Verdict>{/if}
	{#if joins && alone}<TakeIn
			slug={data.home.slug}
			house={data.house}
			{joins}
			{boxId}
			wish={boxes[0]!.wish}
		/>{/if}
	<StartJob
		slug={data.home.slug}
		boxId={data.box.id}
		region={data.house.region}
		asked={null}
		noResidual={plan.noResidual}
		planned={{ wish: boxes[0]!.wish, version: data.version, more: boxes.slice(1) }}
		bind:school
	/>
	<Keep
		slug={data.home.slug}
		region={data.house.region}
		{boxes}
		needs={planned?.needs ?? []}
		costs={data.costs}
	/>
{/if}
