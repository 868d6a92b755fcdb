<script lang="ts">
	import { byRules } from '$words/rules/page';
	import { editionOf } from '@wary/core/rules';
	import type { PartId } from '@wary/core/devices';
	import type { Box } from '@wary/core/house';
	import type { WishChoice } from '@wary/core/job';
	import type { OrderSchool } from '@wary/core/wiring';
	import type { Planner } from '$lib/plan/planner.svelte';
	import type { Wishes } from '$lib/plan/wishes.svelte';
	import More from '$lib/ui/More.svelte';
	import Begin from './Begin.svelte';
	import ByRules from './ByRules.svelte';
	import Compare from './Compare.svelte';
	import Drawn from './Drawn.svelte';
	import Judged from './Judged.svelte';
	import PutBack from './PutBack.svelte';
	import Schools from './Schools.svelte';
	import type { PageData } from './$types';

	interface Props {
		data: PageData;
		box: Box;
		wishes: Wishes;
		planner: Planner;
		school: OrderSchool;
		onwish: (wish: WishChoice) => void;
		onpick: (part: PartId) => void;
	}
	/** What comes of the wish: by the rules, drawn, by the model, and the way into the job. It waits for the plan, so it is fetched while that is worked out. */
	let { data, box, wishes, planner, school = $bindable(), onwish, onpick }: Props = $props();
	const { wish, boxes, boxId } = $derived(wishes);
	const planned = $derived(planner.planned);
	const chosen = $derived(planned?.chosen ?? null);
	const plan = $derived(chosen?.ok ? chosen.plan : null);
	const known = $derived(planned?.known ?? null);
	const choice = $derived(planned?.choice ?? null);
</script>

<section class="rules" aria-live="polite">
	{#if wish && known && choice}{#key `${boxId} ${data.version}`}<ByRules
				house={data.house}
				version={data.version}
				slug={data.home.slug}
				{box}
				{known}
				{choice}
				{wish}
				{onpick}
			/>{/key}{/if}
</section>
<section class="drawn">
	<Drawn house={data.house} {box} {chosen} connectors={data.connectors} failed={planner.failed} />
</section>
<section class="judged" aria-live="polite">
	{#if plan}
		{#if wish}<Judged house={data.house} {plan} />{:else}<PutBack house={data.house} {plan} />{/if}
		<Begin {data} {plan} {boxes} {boxId} {planned} bind:school />
	{/if}
</section>
<section class="further">
	{#if wish}<Schools region={data.house.region} {wish} {onwish} />{/if}
	{#if wish && choice}<More title={byRules.compare}
			><Compare
				region={data.house.region}
				edition={editionOf(data.house)}
				{choice}
				part={wish.part}
				costs={data.costs}
				{onpick}
			/></More
		>{/if}
</section>

<style>
	.further {
		grid-column: 1 / -1;
	}
	.rules,
	.judged {
		grid-column: 2;
	}
	.judged {
		margin-top: 1rem;
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
	@media (max-width: 700px) {
		.drawn {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
