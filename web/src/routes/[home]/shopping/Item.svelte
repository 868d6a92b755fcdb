<script lang="ts">
	import { currencySign, moneyWord } from '$words/money';
	import { words as w } from '$words/shopping';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import type { Region } from '@wary/core/rules';
	import { isUsedUp, type CostEntry, type Line } from '@wary/core/shopping';
	import type { Connector } from '@wary/core/sums';
	import { neededWords, needWords } from '$words/needs';
	import { ownWords } from '$words/own';
	import { capital } from '$words/terms';
	import Figure from '$lib/ui/Figure.svelte';

	/** A line of the list: what it is, whether one has it, what one of it costs. */
	interface Props {
		line: Line;
		region: Region;
		/** The outlets it is for. */
		places: readonly string[];
		/** One’s own, by their charts. */
		connectors: readonly Connector[];
		onenter: (entry: CostEntry) => void;
	}
	let { line, region, places, connectors, onenter }: Props = $props();
	const own = $derived(ownWords(line.need, connectors));
	const name = $derived(needWords(line.need, region));
</script>

<li
	class="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-1 border-t border-hair py-2 md:grid-cols-[1fr_12rem_6rem]"
>
	<Checkbox
		classes={{ div: 'border-0!' }}
		aria-label={w.haveOf(name)}
		checked={line.owned}
		onchange={({ currentTarget }) => onenter({ set: 'owned', need: line.id, is: currentTarget.checked })}
		><span
			><span class:line-through={line.owned}>{neededWords(line, region)}</span>
			{#if isUsedUp(line.need)}<span class="block text-sm font-normal text-soft"
					>{w.isFor(places.join('; '))}</span
				>{/if}{#if own}<span class="block text-sm font-normal text-soft">{capital(own)}</span>{/if}</span
		></Checkbox
	>
	<Figure
		label={w.priceOf(name)}
		hint={w.each}
		sign={currencySign[region]}
		value={line.each === null ? null : line.each / 100}
		wrong={w.priceRange}
		onset={(sum) =>
			onenter({ set: 'price', need: line.id, minor: sum === null ? null : Math.round(sum * 100) })}
	/>
	<span class="col-start-2 text-right tabular-nums md:col-start-3"
		>{line.sum === null || line.owned ? '' : moneyWord(line.sum, region)}</span
	>
</li>
