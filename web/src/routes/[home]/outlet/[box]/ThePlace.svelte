<script lang="ts">
	import { byRules } from '$words/rules/page';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { findBox, type Box, type House, type Standing } from '@wary/core/house';
	import type { Known } from '@wary/core/replacement';
	import { editionOf, places, replacingRules, type FactName } from '@wary/core/rules';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import BoxSize from './BoxSize.svelte';
	import { dampNames, factWords, placeNames, yesNo } from '$words/rules/place';
	import { capital } from '$words/terms';

	interface Props {
		house: House;
		version: number;
		slug: string;
		box: Box;
		known: Pick<Known, 'facts' | 'assumed'>;
		/** One thing alone is asked. */
		only?: FactName;
	}
	/** What a rule has to know of the place an outlet is at; what isn’t said is taken from its name, or to be as usual. */
	let { house, version, slug, box, known, only }: Props = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const edition = $derived(editionOf(house));
	// With what was said a moment ago, whether or not the page has it yet.
	const said = $derived(findBox(editor.house, box.id)?.place ?? {});
	const asked = $derived(
		new Set(replacingRules[house.region].flatMap(({ reads }) => reads as readonly FactName[]))
	);
	const yesOrNo = [
		'nearWater',
		'counter',
		'finished',
		'high',
		'reachable',
		'applianceSpace',
		'groundCanBeBrought',
		'arcBreakerSold',
		'arcReceptacleSold'
	] as const;
	/** Asked only where no ground comes to the box. */
	const groundless: readonly FactName[] = ['groundCanBeBrought', 'arcBreakerSold', 'arcReceptacleSold'];
	/** What has no bearing where the place is another. */
	const where = { counter: 'kitchen', finished: 'basement' } as const;
	const matters = (fact: FactName): boolean =>
		asked.has(fact) &&
		(!groundless.includes(fact) || known.facts.ground === false) &&
		(!(fact in where) || known.facts.place === where[fact as keyof typeof where]);
	const shown = (fact: FactName): boolean => (only ? only === fact : matters(fact));
	async function save(change: Partial<Standing>, fact: FactName, what: string) {
		const place = Object.fromEntries(
			Object.entries({ ...said, ...change }).filter(([, value]) => value !== undefined)
		) as Standing;
		const made = await editor.apply(
			[{ do: 'setBox', box: box.id, place }],
			byRules.saidOfPlace(box.name, `${factWords(fact, house.region, edition).short}: ${what}`)
		);
		if (made) await invalidateAll();
	}
	const asText = (is: boolean | undefined): string => (is === undefined ? '' : is ? 'yes' : 'no');
	/** What is taken where nobody has said. */
	const taken = (fact: (typeof yesOrNo)[number]): string => {
		const value = known.facts[fact];
		return value === null ? yesNo.unsaid : `${yesNo.unsaid}: ${value ? yesNo.yes : yesNo.no}`;
	};
	const ask = (fact: FactName) => factWords(fact, house.region, edition).ask;
</script>

<div class="grid gap-2">
	{#if shown('place')}
		<Label
			>{ask('place')}<Select
				class="mt-1"
				placeholder=""
				value={said.kind ?? ''}
				disabled={editor.saving}
				onchange={({ currentTarget }) => {
					const kind = places.find((each) => each === currentTarget.value);
					void save({ kind }, 'place', kind ? placeNames[kind] : yesNo.unsaid);
				}}
			>
				<option value=""
					>{yesNo.unsaid}{known.facts.place && !said.kind ? `: ${placeNames[known.facts.place]}` : ''}</option
				>
				{#each places as place (place)}<option value={place}>{capital(placeNames[place])}</option>{/each}
			</Select></Label
		>
	{/if}
	{#if shown('damp')}
		<Label
			>{ask('damp')}<Select
				class="mt-1"
				placeholder=""
				value={said.damp ?? ''}
				disabled={editor.saving}
				onchange={({ currentTarget }) => {
					const damp = (['dry', 'damp', 'wet'] as const).find((each) => each === currentTarget.value);
					void save({ damp }, 'damp', damp ?? yesNo.unsaid);
				}}
			>
				<option value=""
					>{yesNo.unsaid}{known.facts.damp && !said.damp ? `: ${dampNames[known.facts.damp]}` : ''}</option
				>
				{#each Object.entries(dampNames) as [damp, name] (damp)}<option value={damp}>{capital(name)}</option
					>{/each}
			</Select></Label
		>
	{/if}
	{#each yesOrNo.filter(shown) as fact (fact)}
		<Label
			>{ask(fact)}<Select
				class="mt-1"
				placeholder=""
				value={asText(said[fact])}
				disabled={editor.saving}
				onchange={({ currentTarget: { value } }) =>
					void save(
						{ [fact]: value === '' ? undefined : value === 'yes' },
						fact,
						value === '' ? yesNo.unsaid : value === 'yes' ? yesNo.yes : yesNo.no
					)}
			>
				<option value="">{taken(fact)}</option>
				<option value="yes">{yesNo.yes}</option>
				<option value="no">{yesNo.no}</option>
			</Select></Label
		>
	{/each}
	{#if only === 'roomInBox' && box.volumeIn3 !== undefined}
		<!-- Its size is known: what isn’t is whether clamps take up room in it. -->
		<p class="m-0">{byRules.clamps}</p>
	{:else if only === 'depthMm' || only === 'roomInBox'}
		<p class="m-0">{ask(only)}</p>
		<BoxSize {editor} {box} sizes={[only === 'depthMm' ? 'depthMm' : 'volumeIn3']} />
	{/if}
</div>
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
