<script lang="ts">
	import { notDecided, words as w } from '$words/rules/page';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { untrack } from 'svelte';
	import {
		arcFaultAsked,
		editionFacts,
		editionOf,
		editionsIn,
		groundFaultAsked,
		metresFromBath,
		replacingRules,
		type Edition
	} from '@wary/core/rules';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import HouseViews from '$lib/ui/HouseViews.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { placeNames } from '$words/rules/place';
	import { ruleWords } from '$words/rules/rules';
	import { capital } from '$words/terms';

	/** Every rule that is applied, with its clause in the edition in force here, and what isn’t decided. */
	let { data } = $props();
	const editor = untrack(
		() => new HouseEditor({ house: data.house, version: data.version, slug: data.home.slug })
	);
	const region = $derived(editor.house.region);
	const edition = $derived(editionOf(editor.house));
	const facts = $derived(editionFacts[edition]);
	const effects = ['stops', 'forbids', 'needs', 'asks', 'against', 'note'] as const;
	/** Clauses that hang on the place stand in the table of places. */
	const byPlace: Readonly<Record<string, string>> = {
		groundFaultPlace: '406.4(D)(3), 210.8(A)',
		arcFaultPlace: '406.4(D)(4), 210.12'
	};
	const rules = $derived(
		effects.map((effect) => ({
			effect,
			rules: replacingRules[region]
				.filter((rule) => rule.effect === effect)
				.map(({ id, clause }) => ({
					id,
					clause:
						clause === 'own'
							? w.ownRule
							: typeof clause === 'function'
								? (byPlace[id] ?? '')
								: (clause[edition] ?? w.notInThis),
					words: ruleWords(id, region, edition)
				}))
		}))
	);
	const names = { ...placeNames, nearWater: w.nearWater, dampIndoors: w.dampIndoors };
	const places = $derived(
		Object.entries({ ...groundFaultAsked[edition], ...arcFaultAsked[edition] }).map(([place]) => {
			const key = place as keyof typeof names;
			return { key, leak: groundFaultAsked[edition][key], arc: arcFaultAsked[edition][key] };
		})
	);
	const metres = $derived(metresFromBath[edition]);
	const said = (asked: { clause: string; only?: 'counter' | 'unfinished' } | undefined): string =>
		asked ? [asked.clause, asked.only && w.only[asked.only]].filter(Boolean).join(', ') : '';
	async function set(to: Edition) {
		await editor.apply([{ do: 'setEdition', edition: to }], w.editionSet(editionFacts[to].cited));
	}
</script>

<svelte:head><title>{w.title} · {data.home.name} · Wary Hand</title></svelte:head>
<main class="mx-auto max-w-5xl px-4 pt-2 pb-12 md:px-6" data-edition={edition} data-saving={editor.saving}>
	<HouseViews slug={data.home.slug} />
	<h1>{w.heading}</h1>
	<p class="m-0 max-w-[70ch]">{w.lead(facts.code, facts.cited)}</p>
	<Label class="mt-3"
		>{w.edition}<Select
			class="mt-1 w-64!"
			placeholder=""
			value={edition}
			disabled={editor.saving}
			onchange={({ currentTarget: { value } }) => {
				const to = editionsIn[region].find((each) => each === value);
				if (to) void set(to);
			}}
		>
			{#each editionsIn[region] as each (each)}<option value={each}
					>{editionFacts[each].code} {editionFacts[each].cited}</option
				>{/each}
		</Select></Label
	>
	{#if editor.trouble}<Verdict kind="bad" alert>{editor.trouble}</Verdict>{/if}
	{#each rules as { effect, rules: of } (effect)}
		{#if of.length > 0}
			<h2 class="mt-6">{w.effects[effect]}</h2>
			<Table>
				<TableBody>
					{#each of as { id, clause, words } (id)}
						<TableBodyRow>
							<TableBodyCell class="w-44 align-top whitespace-normal text-soft max-md:w-28"
								>{clause}</TableBodyCell
							>
							<TableBodyCell class="align-top whitespace-normal"
								><b>{words.says}</b> {words.then}</TableBodyCell
							>
						</TableBodyRow>
					{/each}
				</TableBody>
			</Table>
		{/if}
	{/each}
	{#if places.length > 0}
		<h2 class="mt-6">{w.placesTitle}</h2>
		<Table>
			<TableHead>
				<TableHeadCell>{w.place}</TableHeadCell>
				<TableHeadCell>{w.leak}</TableHeadCell>
				<TableHeadCell>{w.arc}</TableHeadCell>
			</TableHead>
			<TableBody>
				{#each places as { key, leak, arc } (key)}
					<TableBodyRow>
						<TableHeadCell scope="row" class="whitespace-normal">{capital(names[key])}</TableHeadCell>
						<TableBodyCell class="whitespace-normal">{said(leak)}</TableBodyCell>
						<TableBodyCell class="whitespace-normal">{said(arc)}</TableBodyCell>
					</TableBodyRow>
				{/each}
			</TableBody>
		</Table>
	{/if}
	{#if metres !== null}<p class="mt-4">{w.everywhere} {w.distance(metres)}</p>{/if}
	<h2 class="mt-6">{w.decidesNot}</h2>
	<ul class="list-disc ps-5">
		{#each notDecided(region) as each (each)}<li class="py-0.5">{each}</li>{/each}
	</ul>
</main>
