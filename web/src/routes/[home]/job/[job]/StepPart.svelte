<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Spinner from 'flowbite-svelte/Spinner.svelte';
	import { untrack } from 'svelte';
	import { mustStop, type Step, type VisitId } from '@wary/core/job';
	import { fetchStepWords, stepTeller } from '$lib/job/telling.svelte';
	import { jobPageWords as words } from '$words/job';
	import { rowsOf, type StepWords } from '$words/steps';
	import type RowsTableComponent from './RowsTable.svelte';
	import Shocked from './Shocked.svelte';
	import Spoken from './Spoken.svelte';
	import StepInput from './StepInput.svelte';
	import { getJob, type BesideStep } from './context';
	import { energyOf } from '@wary/core/isolation';
	import { autopsy, endsHere, rowsTable as fetchRowsTable, sitsOtherwise } from './later';
	import Later from '$lib/ui/Later.svelte';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';

	interface Props {
		step: Step;
		lookingBack: boolean;
		place: string;
		rowsTable: typeof RowsTableComponent | null;
		/** What the step says that the page came with. */
		first: { readonly stepKey: string; readonly told: StepWords } | null;
		whyOpen: boolean;
		onbeside: (which: BesideStep) => void;
	}
	/** What is to be done now: its words, its input, its rows, and what may happen beside it. */
	let { step, lookingBack, place, rowsTable, first, whyOpen = $bindable(), onbeside }: Props = $props();
	const { session } = getJob();
	let heading = $state<HTMLElement>();
	let rowHeading = $state<HTMLElement>();
	const stepKey = $derived(JSON.stringify(step) + session.events.length);
	/** Never another step’s words: where its own aren’t here yet, the step waits for them. */
	const told = $derived(
		stepTeller()?.(step, { house: session.house, plan: session.plan, state: session.jobState }) ??
			(first?.stepKey === stepKey ? first.told : null)
	);
	let wordless = $state(false);
	$effect(() => {
		if (!told)
			fetchStepWords().then(
				() => (wordless = false),
				() => (wordless = true)
			);
	});
	/** Why only making safe is left, until the step that says so itself. */
	const ending = $derived(session.step?.kind === 'stop' ? null : mustStop(session.jobState));
	/** Like steps are rows of one screen. */
	const rows = $derived(lookingBack ? null : rowsOf(step, session.plan, session.jobState, session.alone));
	const oldInHand = $derived(
		(session.jobState.device === 'none' || session.jobState.device === 'newOut') &&
			session.step?.kind !== 'readSupplyVolts' &&
			!session.plan.newWork
	);

	/** Wires off: what turns out to sit otherwise is said here, and the work is planned anew. */
	const mayPlanAnew = $derived(
		session.jobState.device === 'none' && energyOf(session.jobState.isolation) === 'provenDead'
	);

	/** Whether a figure was being typed when the step changed: then the next one is typed as well. */
	let typing = false;
	$effect.pre(() => {
		void stepKey;
		typing = document.activeElement?.matches('main input[inputmode=decimal]') ?? false;
	});
	// A new step is announced, and the keyboard starts at it; a new row of the same screen moves nothing.
	// Two boxes ask the same: the next box is another screen.
	const asked = () => `${session.at} ${JSON.stringify(step)}`;
	const screen = () => rows && `${session.at} ${rows.key}`;
	let lastStep = untrack(asked);
	let lastRows = untrack(screen);
	$effect(() => {
		const now = asked();
		if (now === lastStep) return;
		const sameScreen = rows !== null && screen() === lastRows;
		lastStep = now;
		lastRows = screen();
		whyOpen = false;
		const field = typing ? document.querySelector<HTMLInputElement>('main input[inputmode=decimal]') : null;
		if (sameScreen) (field ?? rowHeading)?.focus({ preventScroll: true });
		else {
			heading?.focus({ preventScroll: true });
			window.scrollTo({ top: 0 });
		}
	});
	/** Elsewhere one stands at one of several outlets, and it is named. */
	const atPanel: readonly VisitId[] = ['panelOff', 'panelOn', 'supplyOn'];
</script>

<svelte:head><title>{told?.title ?? words.coming} · {place} · Wary Hand</title></svelte:head>
{#if ending}{#key ending}<Later load={endsHere} props={{ reason: ending }} />{/key}{/if}
{#if session.whole.plans.length > 1 && !atPanel.includes(session.visit)}<p class="m-0 font-semibold">
		{place}
	</p>{/if}
<h1 tabindex="-1" bind:this={heading}>{rows?.title ?? told?.title ?? words.coming}</h1>
{#if told}
	{#if rows}<h2 class="text-xl" tabindex="-1" bind:this={rowHeading}>{told.title}</h2>{/if}
	<p class="lead">{told.lead}</p>
	<StepInput {step} {stepKey} row={rows !== null} />
{:else if wordless}<NeverFetched />{:else}<span data-coming><Spinner size="6" /></span>{/if}
{#if rows && rows.steps.length > 1}<Later load={fetchRowsTable} now={rowsTable} props={{ rows, step }} />{/if}
{#if oldInHand}<Later load={autopsy} props={{}} />{/if}
{#if mayPlanAnew}<Later load={sitsOtherwise} props={{}} />{/if}
<div class="aside-actions row">
	<Button color="alternative" aria-expanded={whyOpen} onclick={() => (whyOpen = !whyOpen)}
		>{words.why}<Kbd>w</Kbd></Button
	>
	<Button color="alternative" onclick={() => onbeside('changed')}>{words.odd}<Kbd>o</Kbd></Button>
	<Button color="alternative" onclick={() => onbeside('stop')}>{words.stop}<Kbd>s</Kbd></Button>
	{#if session.takesIn}<Button color="alternative" onclick={() => onbeside('another')}
			>{words.another[session.plan.region]}<Kbd>m</Kbd></Button
		>{/if}
	{#if told}<Spoken {step} {told} />{/if}
	<Shocked />
</div>
{#if whyOpen && told}<div class="why">
		<p>{told.why}</p>
		{#if told.rule}<p class="soft">{words.ruleOf(told.rule)}</p>{/if}
	</div>{/if}

<style>
	h1:focus {
		outline: none;
	}
	.lead {
		color: var(--soft);
		margin: 0 0 1rem;
		max-width: 52ch;
	}
	.aside-actions {
		margin-top: 1.3rem;
		padding-top: 0.9rem;
		border-top: 1px solid var(--hair);
	}
	@media (max-width: 700px) {
		.aside-actions {
			display: grid;
			grid-template-columns: 1fr 1fr;
		}
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
</style>
