<script lang="ts">
	import { groundlessWords as w } from '$words/rules/groundless';
	import Button from 'flowbite-svelte/Button.svelte';
	import type { PartId } from '@wary/core/devices';
	import type { GroundlessWay } from '@wary/core/replacement';
	import type { Edition, Region } from '@wary/core/rules';
	import { labelText } from '$words/labels';
	import { partWords } from '$words/parts';
	import { levelWords } from '$words/rules/levels';
	import { ruleWords } from '$words/rules/rules';

	interface Props {
		region: Region;
		edition: Edition;
		ways: readonly GroundlessWay[];
		part: PartId;
		onpick: (part: PartId) => void;
	}
	/** All lawful ways on from a box without a ground, with what each gives and doesn’t. */
	let { region, edition, ways, part, onpick }: Props = $props();
	const against = ({ judged }: GroundlessWay) =>
		judged.reasons.filter(({ effect, state }) => ['forbids', 'needs'].includes(effect) && state === 'holds');
</script>

<p class="m-0 max-w-[70ch]">{w.lead}</p>
<ol>
	{#each ways as each (each.way)}
		<li data-way={each.way}>
			<h3 class="m-0">
				{w.ways[each.way].name}
				<small class="soft">{levelWords[each.level]}{each.electrician ? `, ${w.electrician}` : ''}</small>
			</h3>
			<p class="m-0">
				{w.ways[each.way].what}
				{each.opensAtLeak ? w.opens : w.opensNot}
				{each.grounded ? w.grounded : w.groundedNot}
				{#if each.labels.length > 0}{w.plate}
					{#each each.labels as label (label)}<span class="plate-label">{labelText[label]}</span>
					{/each}{/if}
			</p>
			{#each against(each) as { rule, clause } (rule)}<p class="m-0">
					<b>{ruleWords(rule, region, edition).says}</b> <span class="soft">{clause}</span>
				</p>{/each}
			{#if each.part !== part && !each.electrician && each.level !== 'notAllowed'}<Button
					color="light"
					class="mt-1"
					onclick={() => onpick(each.part)}>{w.take(partWords[each.part].name)}</Button
				>{/if}
		</li>
	{/each}
</ol>
<p class="m-0"><b>{w.notPlugged}</b> <span class="soft">250.114</span></p>

<style>
	ol {
		list-style: none;
		margin: 0.4rem 0;
		padding: 0;
	}
	li {
		padding: 0.5rem 0;
		border-bottom: 1px solid var(--hair);
	}
</style>
