<script lang="ts">
	import { circuitName, words as w } from '$words/find/page';
	import { ask } from '$lib/client';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { circuitsInBox, placeName } from '@wary/core/house';
	import { hardThings, type Thing } from '@wary/core/isolation';
	import { findingsOf, type SearchEnd, type SearchEvent, type SearchSettings } from '@wary/core/search';
	import { drop, keep, readKept } from '$lib/kept';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import Search from '$lib/search/Search.svelte';
	import BeforeOff from '$lib/ui/BeforeOff.svelte';
	import SetAside from '$lib/ui/SetAside.svelte';
	import { meansWords } from '$words/search';
	import { breakerNames, terms } from '$words/terms';

	/** Which breaker feeds an outlet, found before any job: what is found goes into the directory. Answers are kept on this device until then. */
	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const editor = untrack(
		() => new HouseEditor({ house: data.house, version: data.version, slug: data.home.slug })
	);
	const key = untrack(() => `wary-hand search ${data.home.slug} ${data.box.id}`);
	let events = $state.raw<readonly SearchEvent[]>([]);
	let settings = $state.raw<SearchSettings>(untrack(() => data.settings.search));
	let arranged = $state.raw<readonly string[]>([]);
	let ready = $state(false);
	const hardOf = (ids: readonly string[]) =>
		ids.flatMap((id) => hardThings(data.house, id)).filter(({ id }) => !arranged.includes(id));
	const released = $derived(
		data.house.panels
			.flatMap(({ breakers }) => breakers.map(({ id }) => id))
			.filter((id) => hardThings(data.house, id).length > 0 && hardOf([id]).length === 0)
	);
	onMount(async () => {
		const kept = await readKept(key, () => import('$lib/kept/forms').then(({ searchForm }) => searchForm));
		if (kept) ({ events, arranged, settings } = kept);
		ready = true;
	});
	const keepSearch = () => keep(key, { events, settings, arranged });
	const look = untrack(() => data.simulated)
		? async (off: readonly string[] | null) => {
				const seen = await ask(`/api/${data.home.slug}/look`, 'look', {
					method: 'POST',
					body: { box: data.box.id, off }
				});
				return seen.ok ? (seen.answer.answer ?? { strongest: seen.answer.strongest ?? null }) : null;
			}
		: null;

	async function write(end: SearchEnd) {
		const on = new Date().toISOString().slice(0, 10);
		const edits = findingsOf(editor.house, data.box.id, end, events, {
			on,
			how: w.how(meansWords[settings.means].short),
			circuitName: (breaker) => circuitName(editor.house, breaker)
		});
		if (edits.length > 0 && !(await editor.apply(edits, w.searchAt(placeName(data.house, data.box))))) return;
		// A new circuit has its id only now.
		if (end.kind === 'found' && circuitsInBox(editor.house, data.box.id).length === 0) {
			const circuit = editor.house.circuits.findLast(({ breaker }) => breaker === end.breaker);
			if (
				circuit &&
				!(await editor.apply(
					[{ do: 'placeBox', box: data.box.id, spot: { circuit: circuit.id, after: 'panel' } }],
					w.placedOnItsCircuit
				))
			)
				return;
		}
		drop(key);
		await goto(`/${data.home.slug}/outlet/${data.box.id}`, { invalidateAll: true });
	}
</script>

<svelte:head><title>{w.findTheWaryHand(t.breaker, placeName(data.house, data.box))}</title></svelte:head>
<main data-ready={ready}>
	<p class="soft crumb">
		<a href={`/${data.home.slug}/outlet/${data.box.id}`}>{placeName(data.house, data.box)}</a>
	</p>
	<h1>{w.whichFeedsIt(t.breaker)}</h1>
	<p class="soft lead">
		{w.nothingHereMakesItDead(t.breaker)}
	</p>
	{#if ready}<SetAside begins={key} />{/if}
	<Search
		house={data.house}
		boxId={data.box.id}
		{settings}
		{events}
		{released}
		{look}
		first={data.first}
		onsettings={(next) => {
			settings = next;
			keepSearch();
		}}
		onevent={(event) => {
			events = [...events, event];
			keepSearch();
		}}
		onrestart={() => {
			events = [];
			keepSearch();
		}}
	>
		{#snippet ended(end)}
			{#if end.kind === 'onlyForbiddenLeft'}
				<BeforeOff
					house={data.house}
					breakers={end.breakers}
					hard={hardOf(end.breakers)}
					onarranged={(thing: Thing) => {
						arranged = [...arranged, thing.id];
						keepSearch();
					}}
				/>
			{:else}
				<p class="row">
					<Button size="lg" disabled={editor.saving} onclick={() => write(end)}
						>{end.kind === 'found' || end.kind === 'several'
							? w.writeItIntoTheDirectory
							: w.saveWhatWasFound}</Button
					>
				</p>
				<p class="soft">
					{end.kind === 'found' || end.kind === 'several'
						? w.foundByTestWithTodays(
								breakerNames(data.house, end.kind === 'found' ? [end.breaker] : end.breakers)
							)
						: w.thoseThatLeftItOn}
				</p>
			{/if}
			{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
		{/snippet}
	</Search>
</main>

<style>
	main {
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.1rem 1.5rem 3rem;
	}
	.crumb,
	.lead {
		margin: 0 0 0.2rem;
	}
	.lead {
		margin-bottom: 1.2rem;
	}
	@media (max-width: 900px) {
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
