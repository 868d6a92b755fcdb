<script lang="ts">
	import { words as w } from '$words/today';
	import Button from 'flowbite-svelte/Button.svelte';
	import { panelOf } from '@wary/core/house';
	import DeviceDrawing from '$lib/ui/DeviceDrawing.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import { day } from '$words/dates';
	import { dueWords } from '$words/due';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import { terms } from '$words/terms';
	import ByRoom from './ByRoom.svelte';
	import UnderWay from './UnderWay.svelte';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const due = $derived(data.due.map((each) => ({ due: each, words: dueWords(each, data.house) })));
	const first = $derived(due[0]);
	const others = $derived(due.slice(1));
	const firstBox = $derived.by(() => {
		const of = first?.due;
		return of?.kind === 'worry' ? data.house.boxes.find(({ id }) => id === of.boxId) : undefined;
	});
	/** The breaker that the first thing is about, drawn where it hangs. */
	const firstBreaker = $derived.by(() => {
		const of = first?.due;
		return of?.kind === 'contradicted'
			? of.breaker
			: of?.kind === 'unproven'
				? of.breakers[0]!.breaker
				: null;
	});
	const firstPanel = $derived(firstBreaker ? panelOf(data.house, firstBreaker) : undefined);
</script>

{#snippet further(more: readonly { readonly text: string; readonly path: string }[])}
	{#if more.length > 0}<ul class="plain">
			{#each more as each (each.path + each.text)}<li>
					<a href={`/${data.home.slug}${each.path}`}>{each.text}</a>
				</li>{/each}
		</ul>{/if}
{/snippet}

<svelte:head><title>{w.todayWaryHand(data.home.name)}</title></svelte:head>
<main>
	{#if data.underWay.length > 0}<UnderWay jobs={data.underWay} slug={data.home.slug} locale={t.locale} />{/if}

	<div class="columns">
		<section class="next">
			{#if first}
				<p class="soft">{w.nextAt(data.home.name)}</p>
				<h1>{first.words.title}</h1>
				<p class="why">
					{first.words.what}
					{#if first.words.noted}<q>{first.words.noted}</q>{/if}
				</p>
				<p>{first.words.why}</p>
				<p class="row">
					<Button size="lg" href={`/${data.home.slug}${first.words.path}`}>{first.words.act}</Button>
				</p>
				{@render further(first.words.more)}
				{#if firstBox}<div class="where">
						<ChainDrawing house={data.house} boxId={firstBox.id} slug={data.home.slug} />
					</div>{/if}
			{:else if data.house.boxes.length === 0}
				<h1>{w.anEmptyHouseSoFar}</h1>
				<p>
					{w.putInTheItsDirectory(t.panel, t.outlet, t.outlet, t.breaker, t.outlet)}
				</p>
				<p class="row"><Button size="lg" href={`/${data.home.slug}/house`}>{w.putTheHouseIn}</Button></p>
			{:else if data.underWay.length === 0}
				<h1>{w.nothingIsWaiting}</h1>
				<p>
					{w.everyWithAnOnIt(t.breaker, t.outlet, t.outlet)}
				</p>
			{:else}
				<h1>{w.oneThingAtATime}</h1>
				<p>{w.nothingElseIsWaitingAt(data.home.name)}</p>
			{/if}
			{#if others.length > 0}
				<h2 class="mt-6">{w.afterThat}</h2>
				<ul class="after">
					{#each others as { words } (words.key)}<li>
							<b>{words.title}</b>
							<span>{words.what}</span>
							<a class="tap" href={`/${data.home.slug}${words.path}`}>{words.act}</a>
						</li>{/each}
				</ul>
			{/if}
		</section>
		<aside>
			{#if firstBox?.device}<DeviceDrawing device={firstBox.device} region={data.house.region} />
			{:else if firstPanel && firstBreaker}<PanelDrawing
					house={data.house}
					panel={firstPanel}
					marked={firstBreaker}
					sure
				/>{/if}
		</aside>
	</div>

	<ByRoom house={data.house} slug={data.home.slug} />

	{#if data.ended.length > 0}
		<section>
			<h2>{w.records}</h2>
			<ul class="plain">
				{#each data.ended as job (job.id)}<li>
						<a href={`/${data.home.slug}/job/${job.id}/record`}>{job.place}</a>
						<span class="soft">{job.outcome}{job.endedAt ? `, ${day(job.endedAt, t.locale)}` : ''}</span>
					</li>{/each}
			</ul>
		</section>
	{/if}
	<p class="soft foot">
		<a href={`/${data.home.slug}/house.json`}>{w.takeThisHomesHouseFile}</a>{#if data.home.isDemo}
			{w.aMadeUpHomeIts}{/if}
	</p>
</main>

<style>
	main {
		max-width: 76rem;
		margin: 0 auto;
		padding: 1.5rem 1.5rem 3rem;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 22rem;
		gap: 2.5rem;
		align-items: start;
	}
	.why {
		font-size: 1.12rem;
		max-width: 46ch;
	}
	.next p {
		margin: 0 0 0.8rem;
		max-width: 58ch;
	}
	.where {
		margin-top: 1.4rem;
		border-top: 1px solid var(--hair);
		padding-top: 0.8rem;
	}
	.plain {
		list-style: none;
		margin: 0;
		padding: 0;
		line-height: 2;
	}
	.after {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.after li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 0 1.2rem;
		align-items: center;
		padding: 0.5rem 0;
		border-bottom: 1px solid var(--hair);
	}
	.after span {
		grid-row: 2;
		color: var(--soft);
	}
	.after a {
		grid-row: 1 / span 2;
		grid-column: 2;
	}
	.foot {
		margin-top: 2rem;
	}
	@media (max-width: 800px) {
		main {
			padding: 1rem 1rem 3rem;
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		aside {
			max-width: 18rem;
		}
		.after li {
			grid-template-columns: minmax(0, 1fr);
		}
		.after a {
			grid-row: auto;
			grid-column: 1;
		}
	}
</style>
