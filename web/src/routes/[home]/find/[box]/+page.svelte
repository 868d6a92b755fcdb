<script lang="ts">
	import { words as w } from '$words/find/page';
	import { ask } from '$lib/client';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { circuitsInBox, findBreaker, placeName, walkChain, type Edit } from '@wary/core/house';
	import { hardThings, type Thing } from '@wary/core/isolation';
	import type { SearchEnd, SearchEvent, SearchSettings } from '@wary/core/search';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import Search from '$lib/search/Search.svelte';
	import BeforeOff from '$lib/ui/BeforeOff.svelte';
	import { meansWords } from '$words/search';
	import { breakerName, breakerNames, terms } from '$words/terms';

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
	onMount(() => {
		try {
			const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as {
				events: SearchEvent[];
				settings: SearchSettings;
				arranged: string[];
			} | null;
			if (kept) {
				({ events, arranged } = kept);
				settings = { ...settings, ...kept.settings };
			}
		} catch {
			localStorage.removeItem(key);
		}
		ready = true;
	});
	const keep = () => localStorage.setItem(key, JSON.stringify({ events, settings, arranged }));
	const look = untrack(() => data.simulated)
		? async (off: readonly string[] | null) => {
				const seen = await ask(`/api/${data.home.slug}/look`, 'look', {
					method: 'POST',
					body: { box: data.box.id, off }
				});
				return seen.ok ? (seen.answer.answer ?? { strongest: seen.answer.strongest ?? null }) : null;
			}
		: null;

	/** What the search showed, as changes to the record: who feeds it and who doesn't, and where the outlet hangs. */
	function findings(end: SearchEnd): Edit[] {
		const on = new Date().toISOString().slice(0, 10);
		const how = `search: ${meansWords[settings.means].short}`;
		const feeding = end.kind === 'found' ? [end.breaker] : end.kind === 'several' ? end.breakers : [];
		const against = new Set(
			events.flatMap((event) =>
				event.kind === 'answer' && event.answer === 'on' && event.by !== 'radio' && event.off.length === 1
					? [event.off[0]!]
					: []
			)
		);
		const edits: Edit[] = [...against]
			.filter((id) => !feeding.includes(id))
			.map((breaker) => ({ do: 'addFinding', breaker, box: data.box.id, finding: 'doesNotFeed', on, how }));
		for (const breaker of feeding)
			edits.push({ do: 'addFinding', breaker, box: data.box.id, finding: 'feeds', on, how });
		return end.kind === 'found' ? [...edits, ...placing(end.breaker)] : edits;
	}
	function placing(breaker: string): Edit[] {
		const own = circuitsInBox(editor.house, data.box.id);
		if (own.some((circuit) => circuit.breaker === breaker)) return [];
		const there = editor.house.circuits.find((circuit) => circuit.breaker === breaker);
		// On record elsewhere: it was wrong about the whole of it, or about this one only. That is for the user to say, on the House page.
		if (own.length > 0)
			return own.length === 1 && !there ? [{ do: 'setCircuit', circuit: own[0]!.id, breaker }] : [];
		if (there) {
			const last = walkChain(editor.house, there.id).at(-1);
			return [
				{
					do: 'placeBox',
					box: data.box.id,
					spot: { circuit: there.id, after: last ? { box: last.box.id } : 'panel' }
				}
			];
		}
		const label = findBreaker(editor.house, breaker)?.label || w.circuit(breakerName(editor.house, breaker));
		const name = editor.house.circuits.some((circuit) => circuit.name === label)
			? `${label} (${breakerName(editor.house, breaker)})`.slice(0, 80)
			: label;
		return [{ do: 'addCircuit', breaker, name }];
	}
	async function write(end: SearchEnd) {
		const edits = findings(end);
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
		localStorage.removeItem(key);
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
			keep();
		}}
		onevent={(event) => {
			events = [...events, event];
			keep();
		}}
		onrestart={() => {
			events = [];
			keep();
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
						keep();
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
