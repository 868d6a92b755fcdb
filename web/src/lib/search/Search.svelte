<script lang="ts">
	import { words as w } from '$words/search/search';
	import { words as courseWords } from '$words/search/searchCourse';
	import SearchCourse from './SearchCourse.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, type Snippet } from 'svelte';
	import { allBreakers, type House } from '@wary/core/house';
	import {
		means,
		type Means,
		type SearchEnd,
		type SearchEvent,
		type SearchSettings
	} from '@wary/core/search';
	import PanelDrawing from '$lib/ui/PanelDrawing.svelte';
	import { answerWords, endWords, meansWords, methodWords, moveWhy, reasonWords } from '$words/search';
	import { typedNumber } from '$lib/typed';
	import { breakerName, breakerNames, terms } from '$words/terms';
	import { Planner } from './planner.svelte';

	/** The search for the breaker that feeds an outlet: the next move, why, and what it showed. Where events are kept is for whoever uses it. */
	let {
		house,
		boxId,
		settings,
		events,
		released,
		onsettings,
		onevent,
		look = null,
		ended,
		onrestart = null
	}: {
		house: House;
		boxId: string;
		settings: SearchSettings;
		events: readonly SearchEvent[];
		/** Breakers that may be switched although something hard hangs on them. */
		released: readonly string[];
		onsettings: (settings: SearchSettings) => void;
		onevent: (event: SearchEvent) => void;
		/** In a demo home: what would be seen. */
		look?:
			| ((off: readonly string[] | null) => Promise<'dark' | 'on' | { strongest: string | null } | null>)
			| null;
		ended: Snippet<[SearchEnd]>;
		onrestart?: (() => void) | null;
	} = $props();
	const planner = new Planner();
	const t = $derived(terms[house.region]);
	let looking = $state(false);
	let courseShown = $state(false);
	let walkComplaint = $state<string | null>(null);
	/** One walk, of 10 s to a quarter of an hour; anything else is refused where it stands. */
	function setWalk(text: string) {
		const { value, complaint } = typedNumber(text);
		const fits = value !== null && value >= 10 && value <= 900;
		walkComplaint = fits ? null : (complaint ?? w.aWalkOf10To);
		if (fits) onsettings({ ...settings, walkS: value });
	}
	onMount(() => () => planner.stop());
	$effect(() => {
		planner.ask({
			house: $state.snapshot(house) as House,
			boxId,
			released: [...released],
			settings: { ...settings },
			events: [...events]
		});
	});
	const planned = $derived(planner.planned);
	const move = $derived(planned?.stand.next ?? null);
	const end = $derived(planned?.stand.end ?? null);
	const off = $derived(
		move?.kind === 'switch'
			? move.off
			: end?.kind === 'found'
				? [end.breaker]
				: end?.kind === 'several'
					? end.breakers
					: []
	);
	const main = $derived(house.panels[0]!);
	const panels = $derived(house.panels.filter((panel) => panel === main || panel.breakers.length > 0));
	const first = $derived(
		move?.kind === 'switch' ? planned?.candidates.find(({ id }) => id === move.off[0]) : undefined
	);
	const disturbed = $derived(
		move?.kind === 'switch'
			? [
					...new Set(
						planned?.candidates
							.filter(({ id }) => move.off.includes(id))
							.flatMap(({ things }) => things.map(({ name }) => name))
					)
				]
			: []
	);
	const elsewhere = $derived(
		planned?.stand.believed.find(({ hypothesis }) => hypothesis.kind === 'elsewhere')?.probability ?? 0
	);
	const hearings = [
		{ value: 0.99, text: 'clearly' },
		{ value: 0.95, text: 'well enough' },
		{ value: 0.8, text: 'barely' }
	];
	const answer = (what: 'dark' | 'on' | 'unsure') =>
		move?.kind === 'switch' &&
		!planner.working &&
		onevent({ kind: 'answer', off: [...move.off], answer: what, by: move.by });
	/** As one meets them on the wall. */
	const inPanelOrder = (ids: readonly string[]) =>
		allBreakers(house)
			.map(({ id }) => id)
			.filter((id) => ids.includes(id));
	const toggleKept = (id: string) =>
		onsettings({
			...settings,
			keepOn: settings.keepOn.includes(id)
				? settings.keepOn.filter((other) => other !== id)
				: [...settings.keepOn, id]
		});
	async function ask() {
		if (!look || !move || planner.working) return;
		looking = true;
		const seen = await look(move.kind === 'switch' ? move.off : null);
		looking = false;
		if (seen === 'dark' || seen === 'on') answer(seen);
		else if (seen !== null) onevent({ kind: 'signal', strongest: seen.strongest });
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (event.ctrlKey || event.metaKey || event.altKey || !move || document.querySelector('dialog[open]'))
			return;
		if (target?.closest('input:not([type=radio], [type=checkbox]), select, textarea')) return;
		if (event.key === 'd') answer('dark');
		else if (event.key === 'n') answer('on');
		else if (event.key === 'u') answer('unsure');
		else if (event.key === 't' && look) void ask();
		else return;
		event.preventDefault();
		event.stopImmediatePropagation();
	}
</script>

<svelte:window onkeydowncapture={key} />
<div class="search" data-planning={planner.working} data-moves={events.length}>
	<div class="say" aria-live="polite">
		{#if !planned}<p class="soft">{w.planning}</p>
		{:else if end}
			{@const words = endWords(end, house)}
			<h2 class="end">{words.title}</h2>
			<p>{words.text}</p>
			{@render ended(end)}
		{:else if move?.kind === 'sweep'}
			<h2>{w.transmitterIntoTheReceiverOver(t.outlet, t.panel)}</h2>
			<p>
				{w.sweepItSlowlyOverEvery(t.breaker)}
			</p>
			<p class="row">
				<Button size="lg" color="light" onclick={() => onevent({ kind: 'signal', strongest: null })}
					>{w.noSignalAnywhere}</Button
				>
				{#if look}<Button size="lg" color="light" disabled={looking} onclick={ask}
						>{w.sweepSimulated}<Kbd>t</Kbd></Button
					>{/if}
			</p>
		{:else if move}
			<p class="label">{w.haveOffAllOthersOn}</p>
			<p class="which">
				{inPanelOrder(move.off)
					.map((id) => breakerName(house, id))
					.join(' · ')}
			</p>
			<p>{meansWords[move.by].look} <b>{w.dark}</b>?</p>
			<p class="row answers">
				<Button size="lg" class="min-w-30" disabled={planner.working} onclick={() => answer('dark')}
					>{w.dark2}<Kbd>d</Kbd></Button
				>
				<Button size="lg" class="min-w-30" disabled={planner.working} onclick={() => answer('on')}
					>{w.stillOn}<Kbd>n</Kbd></Button
				>
				<Button
					size="lg"
					class="min-w-30"
					color="light"
					disabled={planner.working}
					onclick={() => answer('unsure')}>{w.notSure}<Kbd>u</Kbd></Button
				>
				{#if look}<Button size="lg" color="light" disabled={looking || planner.working} onclick={ask}
						>{looking ? w.looking : w.lookSimulated}<Kbd>t</Kbd></Button
					>{/if}
			</p>
			<p class="figures">
				<span><b>{Math.round(move.chance * 100)} %</b> {w.itGoesDark}</span>
				{#if move.expected}
					<span><b>{move.expected.walks.toFixed(1)}</b> {w.walksLeftExpected}</span>
					<span><b>{w.min(Math.max(1, Math.round(move.expected.seconds / 60)))}</b></span>
				{/if}
			</p>
			{#if disturbed.length > 0}<p>{w.byTheRecordThisInterrupts} <b>{disturbed.join(', ')}</b>.</p>{/if}
			<More title={w.whyThis}
				><div class="why">
					<p>{moveWhy(move, house)}</p>
					{#if first && first.reasons.length > 0}<p>
							{breakerName(house, first.id)}: {first.reasons
								.map((reason) => reasonWords(reason, house))
								.join('; ')}.
						</p>{/if}
					<p class="soft">
						{w.byNoneOfTheseFeeds(methodWords[move.method], Math.round(elsewhere * 100))}
					</p>
				</div></More
			>
		{/if}
		{#if planned?.stand.contradicted}<Verdict kind="open">
				{w.twoAnswersContradictEachOther}
			</Verdict>{/if}

		{#if events.length > 0}
			<ol class="log">
				{#each events as event, k (k)}
					<li>
						{#if event.kind === 'answer'}<b>{breakerNames(house, inPanelOrder(event.off))}</b>
							{answerWords[event.answer]}
							<span class="soft">{meansWords[event.by].short}</span>{:else}{w.signalStrongestAt}
							<b>{event.strongest === null ? 'none' : breakerName(house, event.strongest)}</b>{/if}
					</li>
				{/each}
			</ol>
			{#if planned}<More class="mt-3.5" title={courseWords.title} bind:open={courseShown}>
					{#if courseShown}<SearchCourse {house} course={planned.course} />{/if}
				</More>{/if}
			{#if onrestart}<Button color="alternative" onclick={onrestart}>{w.forgetTheseAndBeginAgain}</Button
				>{/if}
		{/if}

		<More class="mt-3.5" title={w.howItIsLookedFor(meansWords[settings.means].short)}>
			<Choices
				legend={w.meansAtHand}
				hidden
				name="means"
				options={means.map((each) => ({ value: each as Means, text: meansWords[each].text }))}
				value={settings.means}
				onpick={(picked) => onsettings({ ...settings, means: picked })}
			/>
			{#if settings.means === 'radio'}
				<Label
					>{w.iHearItFromHere}<Select
						placeholder=""
						value={settings.hearing}
						onchange={(event) => onsettings({ ...settings, hearing: Number(event.currentTarget.value) })}
						>{#each hearings as each (each.value)}<option value={each.value}>{each.text}</option
							>{/each}</Select
					></Label
				>
			{/if}
			<Checkbox checked={settings.sets} onchange={() => onsettings({ ...settings, sets: !settings.sets })}>
				{w.severalMayBeOffAt}</Checkbox
			>
			<Label
				>{w.oneWalkThereAndBack}<Input
					inputmode="numeric"
					value={settings.walkS}
					onchange={(event) => setWalk(event.currentTarget.value)}
				/></Label
			>
			{#if walkComplaint}<Verdict kind="bad">{walkComplaint}</Verdict>{/if}
			<fieldset class="keep">
				<legend class="label">{w.mustStayOnWhateverIt}</legend>
				{#each allBreakers(house) as each (each.id)}<Checkbox
						inline
						checked={settings.keepOn.includes(each.id)}
						onchange={() => toggleKept(each.id)}
					>
						{breakerName(house, each.id)}</Checkbox
					>{/each}
			</fieldset>
		</More>
	</div>
	<div class="panels">
		{#each panels as panel (panel.id)}
			<PanelDrawing
				{house}
				{panel}
				chosen={off}
				{off}
				chance={planned?.stand.probability ?? null}
				onpick={move?.kind === 'sweep' ? (id) => onevent({ kind: 'signal', strongest: id }) : undefined}
			/>
		{/each}
		{#if allBreakers(house).length === 0}<p class="soft">{w.noIsOnRecordYet(t.breaker)}</p>{/if}
	</div>
</div>

<style>
	.search {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
		gap: 1.6rem;
		align-items: start;
	}
	.say p {
		margin: 0 0 0.6rem;
		max-width: 46ch;
	}
	h2 {
		font-size: 1.35rem;
	}
	.which {
		font-size: 2.3rem;
		line-height: 1.1;
		font-weight: 650;
		letter-spacing: 0.01em;
		border-bottom: 3px solid var(--ink);
		padding-bottom: 0.3rem;
		overflow-wrap: anywhere;
	}
	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 1.6rem;
		color: var(--soft);
	}
	.figures b {
		color: var(--ink);
		font-size: 1.15rem;
	}
	.why {
		border-left: 2px solid var(--ink);
		padding-left: 0.9rem;
		margin: 0.2rem 0 0.8rem;
	}
	.log {
		list-style: decimal;
		margin: 0.9rem 0 0.4rem;
		padding: 0.5rem 0 0 1.6rem;
		border-top: 1px solid var(--hair);
		font-size: 0.97rem;
	}
	fieldset {
		border: 0;
		margin: 0;
		padding: 0;
	}
	.keep {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1rem;
	}
	.panels {
		display: grid;
		gap: 0.8rem;
	}
	@media (max-width: 900px) {
		.search {
			grid-template-columns: minmax(0, 1fr);
			gap: 0.9rem;
		}
		.which {
			font-size: 1.9rem;
		}
	}
</style>
