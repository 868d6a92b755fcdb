<script lang="ts">
	import { byRules as w } from '$words/rules/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import { judgePart, type Choice, type Known, type Reason } from '@wary/core/replacement';
	import type { PartId } from '@wary/core/devices';
	import type { Box, House } from '@wary/core/house';
	import type { WishChoice } from '@wary/core/job';
	import { editionFacts, editionOf } from '@wary/core/rules';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { partWords } from '$words/parts';
	import { factWords } from '$words/rules/place';
	import { ruleWords } from '$words/rules/rules';
	import ThePlace from '../../outlet/[box]/ThePlace.svelte';

	interface Props {
		house: House;
		version: number;
		slug: string;
		box: Box;
		known: Known;
		choice: Choice;
		wish: WishChoice;
		onpick: (part: PartId) => void;
	}
	/** What the rules make of the part that is wished for, line by line with their clauses; what to say first; what is right instead. */
	let { house, version, slug, box, known, choice, wish, onpick }: Props = $props();
	const edition = $derived(editionOf(house));
	const judged = $derived(
		judgePart(known.facts, wish.part, wish.ratingA === undefined ? {} : { ratingA: wish.ratingA })
	);
	const level = $derived(choice.stops.length > 0 ? ('notAllowed' as const) : judged.level);
	const shown = $derived(
		[...choice.stops, ...judged.reasons.filter(({ effect }) => effect !== 'stops')]
			.map((reason) => ({
				...reason,
				...signOf(reason),
				words: ruleWords(reason.rule, house.region, edition)
			}))
			.toSorted((a, b) => a.rank - b.rank)
	);
	function signOf({ effect, state }: Reason): { sign: string; rank: number; inTheWay: boolean } {
		if (effect === 'stops' || effect === 'forbids')
			return state === 'open'
				? { sign: '?', rank: 2, inTheWay: true }
				: { sign: '✗', rank: 0, inTheWay: true };
		if (effect === 'needs')
			return state === 'met'
				? { sign: '✓', rank: 4, inTheWay: false }
				: { sign: state === 'open' ? '?' : '!', rank: 1, inTheWay: true };
		if (effect === 'against') return { sign: '!', rank: 3, inTheWay: state === 'holds' };
		return { sign: '§', rank: 5, inTheWay: false };
	}
	const right = $derived(
		choice.parts.filter((each) => each.level === 'right' && each.part !== wish.part).map(({ part }) => part)
	);
	const kinds = { right: 'good', allowed: 'good', allowedIf: 'open', notAllowed: 'bad' } as const;
	const first = $derived(choice.ask[0]);
</script>

<section data-level={level} aria-labelledby="by-rules">
	<h2 id="by-rules">{w.title(editionFacts[edition].code, editionFacts[edition].cited)}</h2>
	<Verdict kind={kinds[level]}>{choice.stops.length > 0 ? w.stopped(house.region) : w.level[level]}</Verdict>
	<ul class="rules">
		{#each shown as { rule, effect, clause, sign, inTheWay, words } (rule + effect)}
			<li class:stop={sign === '✗'} data-rule={rule}>
				<b aria-hidden="true">{sign}</b>
				<span
					><span class:font-bold={inTheWay}>{words.says}</span>
					{words.then}{#if clause}<span class="soft">{clause}</span>{/if}</span
				>
			</li>
		{/each}
	</ul>
	{#if first}
		<h3 class="mt-3">{w.askFirst}</h3>
		<ThePlace {house} {version} {slug} {box} {known} only={first} />
	{/if}
	{#if level !== 'right' && right.length > 0}
		<h3 class="mt-3">{w.instead}</h3>
		<p class="row m-0">
			{#each right as part (part)}<Button color="light" onclick={() => onpick(part)}
					>{partWords[part].name}</Button
				>{/each}
		</p>
	{/if}
	{#if known.assumed.length > 0}<p class="soft mt-3 mb-0">
			{w.assumed(known.assumed.map((fact) => factWords(fact, house.region, edition).short).join(', '))}
			<a class="tap" href={`/${slug}/outlet/${box.id}#place`}>{w.setIt}</a>
		</p>{/if}
	<p class="m-0"><a class="tap" href={`/${slug}/rules`}>{w.all}</a></p>
</section>

<style>
	.rules {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.rules li {
		display: grid;
		grid-template-columns: 1.6rem minmax(0, 1fr);
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--hair);
	}
	/* The alarm colour is for what stops it. */
	.stop b {
		color: var(--live);
	}
	.rules .soft {
		display: block;
		font-size: 0.85rem;
	}
</style>
