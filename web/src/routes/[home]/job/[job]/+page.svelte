<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { onMount, untrack } from 'svelte';
	import { findBox, placeName, settle } from '@wary/core/house';
	import { believedHouse, type Step } from '@wary/core/job';
	import { writesIn } from '$lib/job/meant';
	import { JobSession } from '$lib/job/session.svelte';
	import { standInAt } from '$lib/job/stand-in';
	import { fetchStepWords } from '$lib/job/telling.svelte';
	import { warmUp } from '$lib/search/planner.svelte';
	import { aFrameLater } from '$lib/ui/aFrameLater.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import EnergyStrip from '$lib/ui/EnergyStrip.svelte';
	import Trail from '$lib/ui/Trail.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { stripWords } from '$words/energy';
	import { words as stripButton } from '$words/ui/energyStrip';
	import { jobPageWords as words } from '$words/job';
	import Besides from './Besides.svelte';
	import Frame from './Frame.svelte';
	import Later from '$lib/ui/Later.svelte';
	import Notices from './Notices.svelte';
	import Sent from './Sent.svelte';
	import SlipGuard from './SlipGuard.svelte';
	import StepDrawing from './StepDrawing.svelte';
	import StepPart from './StepPart.svelte';
	import { setJob, type BesideStep } from './context';
	import * as later from './later';
	import { fetchViews } from './steps/views';

	let { data } = $props();
	const address = untrack(() => `/api/${data.home.slug}/jobs/${data.job.id}`);
	const session = untrack(
		() =>
			new JobSession({
				house: data.recorded,
				plans: data.plans,
				events: data.events,
				address,
				now: data.now,
				planner: data.planner
			})
	);
	const ask = standInAt(address);
	setJob({
		session,
		settings: untrack(() => data.settings),
		home: untrack(() => data.home.slug),
		jobId: untrack(() => data.job.id),
		kept: untrack(() => data.kept),
		standIn: untrack(() => data.simulated)
			? async (request) => {
					await session.sent();
					return ask(request);
				}
			: null,
		revisit: (earlier) => (revisited = { step: earlier, version: session.events.length })
	});

	/** An earlier step shown again; anything recorded after ends the look back. */
	let revisited = $state.raw<{ step: Step; version: number } | null>(null);
	let ready = $state(false);
	let whyOpen = $state(false);
	let listShown = $state(untrack(() => session.jobState.status !== 'underWay'));
	let dialog = $state<BesideStep | null>(null);
	let besides = $state<Besides>();
	onMount(() => {
		void session.resume().then(() => (ready = true));
		warmUp();
		const timer = setTimeout(fetchRest, restAfterMs);
		return () => clearTimeout(timer);
	});
	/** The page answers first, ms; chosen: a breath, and far sooner than anybody is at the router’s breaker. */
	const restAfterMs = 200;
	/**
	 * What isn't needed at once comes after, one by one so that a tap is answered between, and is there before anybody switches the router off. The house is solved once, so that the
	 * first reading asked for is expected as quickly as the next.
	 */
	async function fetchRest() {
		await fetchStepWords().catch(() => undefined);
		await fetchViews();
		await besides?.fetch();
		for (const fetchLater of later.all) await fetchLater().catch(() => null);
		await session.canPlan().catch(() => undefined);
		settle(session.house);
	}
	const lookingBack = $derived(revisited !== null && revisited.version === session.events.length);
	const step = $derived(revisited !== null && lookingBack ? revisited.step : session.step);
	const strip = $derived(stripWords(session.house, session.plan, session.jobState));
	const place = $derived(placeName(session.house, findBox(session.house, session.plan.boxId)!));
	const over = $derived(session.jobState.status !== 'underWay');

	/** What is drawn beside the step: what to do is there first. */
	const drawn = aFrameLater(() => ({
		step,
		whole: session.whole,
		at: session.at,
		jobState: session.jobState,
		visit: session.visit
	}));

	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || dialog || writesIn(event.target)) return;
		if (event.key === 'w') whyOpen = !whyOpen;
		else if (event.key === 'b') listShown = !listShown;
		else if (event.key === 'o' && !over) dialog = 'changed';
		else if (event.key === 's' && !over) dialog = 'stop';
		else if (event.key === 'm' && !over && session.takesIn) dialog = 'another';
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<SlipGuard />
<Sent />

<EnergyStrip
	energy={strip.energy}
	word={strip.word}
	because={strip.because}
	caution={strip.caution}
	lapses={strip.lapses}
	unsent={session.unsent}
	away={session.away}
	lapsesInMin={session.lapsesInMin}
	onstill={() => session.submit({ kind: 'note', text: stripButton.stillHereNote })}
/>
<Frame wide={step?.kind === 'switchOff'} {ready} label={words.visits}>
	{#snippet walks()}
		<p class="crumb"><a class="tap" href={`/${data.home.slug}`}>{data.home.name}</a></p>
		<h2>{place}</h2>
		<Trail
			whole={drawn.current.whole}
			at={drawn.current.at}
			house={session.house}
			visit={drawn.current.visit}
			{over}
		/>
	{/snippet}
	<main
		data-step={step?.kind ?? session.jobState.status}
		data-version={session.events.length}
		data-unsent={session.unsent}
	>
		<Notices />
		<Besides bind:this={besides} bind:dialog />
		{#if lookingBack}<Verdict kind="open" class="row">
				{words.lookingBack}<Button color="alternative" onclick={() => (revisited = null)}
					>{words.backToNow}</Button
				>
			</Verdict>{/if}
		{#if step}<StepPart
				{step}
				{lookingBack}
				{place}
				rowsTable={data.atOnce.rowsTable}
				first={data.shown.told}
				bind:whyOpen
				onbeside={(which) => (dialog = which)}
			/>
		{:else}<Later
				load={later.done}
				now={data.atOnce.done}
				props={{ home: data.home.slug, job: data.job.id, place }}
			/>{/if}
		{#if session.events.length > 0}<Later
				load={later.eventList}
				now={data.atOnce.eventList}
				props={{ shown: listShown, onshow: (open: boolean) => (listShown = open) }}
			/>{/if}
	</main>
	{#snippet beside()}
		<StepDrawing step={drawn.current.step} state={drawn.current.jobState} first={data.atOnce.drawing} />
		<div class="where">
			<ChainDrawing
				house={believedHouse(session.house, session.plan, drawn.current.jobState)}
				boxId={session.plan.boxId}
			/>
		</div>
		<p class="soft small">{words.asRecorded[session.plan.region]}</p>
	{/snippet}
</Frame>
