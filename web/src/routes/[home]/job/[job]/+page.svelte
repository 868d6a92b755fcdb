<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack } from 'svelte';
	import { placeName, findBox } from '@wary/core/house';
	import { meaning } from '$lib/job/meant';
	import { JobSession } from '$lib/job/session.svelte';
	import { standInAt } from '$lib/job/stand-in';
	import { warmUp } from '$lib/search/planner.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import EnergyStrip from '$lib/ui/EnergyStrip.svelte';
	import Trail from '$lib/ui/Trail.svelte';
	import { believedHouse, mustStop, type Step } from '@wary/core/job';
	import { stopWords } from '$lib/words/conditions';
	import { stripWords } from '$lib/words/energy';
	import { refusalWords } from '$lib/words/refusals';
	import { rowsOf, stepWords } from '$lib/words/steps';
	import { eventWords } from '$lib/words/events';
	import { notify } from '$lib/ui/toasts.svelte';
	import { allSent, sendTrouble } from '$lib/words/failures';
	import { terms } from '$lib/words/terms';
	import AutopsyPart from './AutopsyPart.svelte';
	import Done from './Done.svelte';
	import EventList from './EventList.svelte';
	import RowsTable from './RowsTable.svelte';
	import StepDrawing from './StepDrawing.svelte';
	import StepInput from './StepInput.svelte';
	import { setJob } from './context';
	import { besideDialog, boxEntry, searchView } from './later';

	let { data } = $props();
	const address = untrack(() => `/api/${data.home.slug}/jobs/${data.job.id}`);
	const session = untrack(
		() =>
			new JobSession({
				house: data.recorded,
				plan: data.plan,
				events: data.events,
				address,
				now: data.now
			})
	);
	const ask = standInAt(address);
	setJob({
		session,
		settings: untrack(() => data.settings),
		home: untrack(() => data.home.slug),
		jobId: untrack(() => data.job.id),
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
	let dialog = $state<'changed' | 'stop' | null>(null);
	let heading = $state<HTMLElement>();
	let rowHeading = $state<HTMLElement>();
	onMount(() => {
		session.resume();
		warmUp();
		ready = true;
		// What isn't needed at once comes after, and is there before anybody switches the router off.
		void boxEntry().catch(() => null);
		void searchView().catch(() => null);
		void loadDialog();
	});
	let BesideDialog = $state.raw<Awaited<ReturnType<typeof besideDialog>>['default'] | null>(null);
	/** Asked for and not to be had: the server was away before it was fetched. */
	let withoutDialog = $state(false);
	const loadDialog = () =>
		besideDialog().then(
			(loaded) => {
				BesideDialog = loaded.default;
				withoutDialog = false;
			},
			() => (withoutDialog = dialog !== null)
		);
	/** A module that failed once isn’t fetched again; the page is, but only when there is somebody to fetch it from. */
	async function loadAnew() {
		const answer = await fetch('/health').catch(() => null);
		if (answer?.ok) location.reload();
	}
	function beside(which: 'changed' | 'stop') {
		dialog = which;
		if (!BesideDialog) void loadDialog();
	}

	const lookingBack = $derived(revisited !== null && revisited.version === session.events.length);
	const step = $derived(revisited !== null && lookingBack ? revisited.step : session.step);
	const words = $derived(
		step ? stepWords(step, { house: session.house, plan: session.plan, state: session.jobState }) : null
	);
	const strip = $derived(stripWords(session.house, session.plan, session.jobState));
	const t = $derived(terms[session.plan.region]);
	const box = $derived(findBox(session.house, session.plan.boxId)!);
	const stepKey = $derived(JSON.stringify(step) + session.events.length);
	/** Why only making safe is left, until the step that says so itself. */
	const ending = $derived(session.step?.kind === 'stop' ? null : mustStop(session.jobState));
	const over = $derived(session.jobState.status !== 'underWay');

	/** Like steps are rows of one screen. */
	const rows = $derived(step && !lookingBack ? rowsOf(step, session.plan, session.jobState) : null);
	/** Whether a figure was being typed when the step changed: then the next one is typed as well. */
	let typing = false;
	$effect.pre(() => {
		void stepKey;
		typing = document.activeElement?.matches('main input[inputmode=decimal]') ?? false;
	});
	// A new step is announced, and the keyboard starts at it; a new row of the same screen moves nothing.
	let lastStep = untrack(() => JSON.stringify(step));
	let lastRows = untrack(() => rows?.key);
	$effect(() => {
		const now = JSON.stringify(step);
		if (now === lastStep) return;
		const sameScreen = rows !== null && rows.key === lastRows;
		lastStep = now;
		lastRows = rows?.key;
		whyOpen = false;
		const field = typing ? document.querySelector<HTMLInputElement>('main input[inputmode=decimal]') : null;
		if (sameScreen) (field ?? rowHeading)?.focus({ preventScroll: true });
		else {
			heading?.focus({ preventScroll: true });
			window.scrollTo({ top: 0 });
		}
	});

	// Said once when the server is back after a while: what was entered meanwhile has arrived.
	let wasAway = false;
	$effect(() => {
		if (!session.reachable) wasAway = true;
		else if (wasAway && session.unsent === 0) {
			wasAway = false;
			notify('good', allSent);
		}
	});

	const meant = meaning();
	/** A tap that was meant for the row before does nothing. A click by key has no place of its own. */
	function tapped(event: MouseEvent) {
		const { clientX: x, clientY: y, timeStamp: at } = event;
		if (event.detail === 0 || (x === 0 && y === 0)) return;
		if (meant({ at, x, y, version: session.events.length })) return;
		event.preventDefault();
		event.stopPropagation();
	}
	/** A key held down answers once; in a field it writes. */
	function held(event: KeyboardEvent) {
		const writes =
			event.target instanceof HTMLElement &&
			event.target.matches('input:not([type=checkbox], [type=radio]), textarea, select');
		if (!event.repeat || (writes && event.key !== 'Enter') || /^(Tab|Arrow|Page|Home|End)/.test(event.key))
			return;
		event.preventDefault();
		event.stopPropagation();
	}

	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || dialog) return;
		const typing =
			event.target instanceof HTMLElement &&
			event.target.matches('input:not([type=checkbox], [type=radio]), textarea, select');
		if (typing) return;
		if (event.key === 'w') whyOpen = !whyOpen;
		else if (event.key === 'b') listShown = !listShown;
		else if (event.key === 'o' && !over) beside('changed');
		else if (event.key === 's' && !over) beside('stop');
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<svelte:document onkeydowncapture={held} onclickcapture={tapped} />
<svelte:head><title>{words?.title ?? 'Job'} · {placeName(session.house, box)} · Wary Hand</title></svelte:head
>

<EnergyStrip
	energy={strip.energy}
	word={strip.word}
	because={strip.because}
	caution={strip.caution}
	lapses={strip.lapses}
	unsent={session.unsent}
	reachable={session.reachable}
/>
<div class="job" class:wide={step?.kind === 'switchOff'} data-ready={ready}>
	<nav aria-label="Visits">
		<p class="crumb"><a href={`/${data.home.slug}`}>{data.home.name}</a></p>
		<h2>{placeName(session.house, box)}</h2>
		<Trail
			plan={session.plan}
			house={session.house}
			jobState={session.jobState}
			visit={session.visit}
			{over}
		/>
	</nav>
	<main
		data-step={step?.kind ?? session.jobState.status}
		data-version={session.events.length}
		data-unsent={session.unsent}
	>
		{#if session.overtaken}
			<Verdict kind="open" alert>
				<b>This job went on elsewhere.</b> Another tab or device added:
				<ul>
					{#each session.overtaken.theirs as event (event.id)}{@const line = eventWords(
							event,
							session.house,
							session.plan,
							session.jobState.earth
						)}
						<li>{line.text} {line.value}</li>{/each}
				</ul>
				{#if session.overtaken.dropped.length > 0}What you had entered here no longer fits and was not taken.
					Go on from what is shown now.{/if}
			</Verdict>
		{/if}
		{#if session.refusal}<Verdict kind="bad">
				{refusalWords(session.refusal, session.house, session.plan, session.jobState)}
			</Verdict>{/if}
		{#if session.trouble}<Verdict kind="bad">
				<p>{sendTrouble(session.trouble)}</p>
				<p class="row">
					<Button size="lg" color="light" onclick={() => session.sendAgain()}>Send it again</Button>
					<Button color="alternative" onclick={() => session.leaveOut()}>Leave that entry out</Button>
				</p>
			</Verdict>{/if}
		{#if !session.keeps}<Verdict kind="open" alert>
				This browser doesn’t keep what isn’t sent yet: its storage is full or forbidden. Don’t close or reload
				this page while the strip says that something is still to be sent.
			</Verdict>{/if}

		{#if withoutDialog && !BesideDialog}<Verdict kind="bad">
				The server can’t be reached, and this was never fetched. Touch nothing more; what is off and held
				stays so. When it is back, load the page anew: nothing entered is lost.
				<Button color="alternative" onclick={loadAnew}>Load the page anew</Button>
			</Verdict>{/if}
		{#if lookingBack}<Verdict kind="open" class="row">
				Looking back: answered anew, it counts from now; what was recorded stays.<Button
					color="alternative"
					onclick={() => (revisited = null)}>Back to now</Button
				>
			</Verdict>{/if}
		{#if step && words}
			{#if ending}<Verdict kind="open">
					<b>The job ends here.</b>
					{stopWords(session.plan.region)[ending].why}.
				</Verdict>{/if}
			<h1 tabindex="-1" bind:this={heading}>{rows?.title ?? words.title}</h1>
			{#if rows}<h2 class="text-xl" tabindex="-1" bind:this={rowHeading}>{words.title}</h2>{/if}
			<p class="lead">{words.lead}</p>
			{#key stepKey}<StepInput {step} />{/key}
			{#if rows && rows.steps.length > 1}<RowsTable {rows} {step} />{/if}
			{#if (session.jobState.device === 'none' || session.jobState.device === 'newOut') && session.step?.kind !== 'readSupplyVolts'}<AutopsyPart
				/>{/if}
			<div class="aside-actions row">
				<Button color="alternative" aria-expanded={whyOpen} onclick={() => (whyOpen = !whyOpen)}
					>Why?<Kbd>w</Kbd></Button
				>
				<Button color="alternative" onclick={() => beside('changed')}
					>It moved, or it’s odd<Kbd>o</Kbd></Button
				>
				<Button color="alternative" onclick={() => beside('stop')}>Stop<Kbd>s</Kbd></Button>
			</div>
			{#if whyOpen}<div class="why">
					<p>{words.why}</p>
					{#if words.rule}<p class="soft">
							{words.rule}. Information only: your local code and whoever enforces it come first.
						</p>{/if}
				</div>{/if}
		{:else}
			<Done home={data.home.slug} job={data.job.id} />
		{/if}
		<EventList bind:shown={listShown} />
	</main>
	<aside>
		<StepDrawing {step} />
		<div class="where">
			<ChainDrawing
				house={believedHouse(session.house, session.plan, session.jobState)}
				boxId={session.plan.boxId}
			/>
		</div>
		<p class="soft small">
			{t.outlet === 'outlet' ? 'Outlet' : 'Socket-outlet'} as recorded; what you see in front of you comes first.
		</p>
	</aside>
</div>
{#if BesideDialog}<BesideDialog bind:open={dialog} />{/if}

<style>
	.job {
		display: grid;
		grid-template-columns: 264px minmax(0, 1fr) minmax(0, 420px);
		min-height: calc(100vh - 52px);
	}
	nav {
		padding: 1.1rem 1.1rem;
		border-right: 1px solid var(--hair);
	}
	.wide aside {
		display: none;
	}
	.wide main {
		grid-column: 2 / -1;
	}
	.crumb {
		margin: 0 0 0.2rem;
		font-size: 0.93rem;
		color: var(--soft);
	}
	main {
		padding: 1.5rem 2rem 3rem;
	}
	h1:focus {
		outline: none;
	}
	.lead {
		color: var(--soft);
		margin: 0 0 1rem;
		max-width: 52ch;
	}
	aside {
		background: var(--sheet);
		border-left: 1px solid var(--hair);
		padding: 1rem 1.2rem;
	}
	.aside-actions {
		margin-top: 1.3rem;
		padding-top: 0.9rem;
		border-top: 1px solid var(--hair);
	}
	.why {
		margin: 0.9rem 0;
		padding: 0.2rem 0 0.2rem 1rem;
		border-left: 2px solid var(--ink);
		max-width: 58ch;
	}
	.why p {
		margin: 0.3rem 0;
	}
	.where {
		margin-top: 1rem;
	}
	.small {
		font-size: 0.9rem;
	}
	ul {
		margin: 0.3rem 0;
		padding-left: 1.1rem;
		list-style: disc;
	}
	@media (max-width: 1100px) {
		.job {
			grid-template-columns: 240px minmax(0, 1fr);
		}
		aside {
			grid-column: 1 / -1;
			border-left: 0;
			border-top: 1px solid var(--hair);
		}
	}
	@media (max-width: 700px) {
		.job {
			display: block;
		}
		nav {
			border-right: 0;
			border-bottom: 1px solid var(--hair);
			padding: 0.5rem 0.8rem 0.4rem;
			overflow: hidden;
		}
		nav h2,
		.wide aside {
			display: none;
		}
		.wide main {
			grid-column: 2 / -1;
		}
		.crumb {
			display: inline;
			font-size: 0.93rem;
			margin-right: 0.5rem;
		}
		main {
			padding: 1rem 1rem 2rem;
		}
	}
</style>
