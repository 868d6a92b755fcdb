<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { byRules as w } from '$words/rules/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { untrack } from 'svelte';
	import { familyOf, forRules, type PartId } from '@wary/core/devices';
	import type { Choice, Judged } from '@wary/core/replacement';
	import type { Edition, Region } from '@wary/core/rules';
	import { needId, type Costs } from '@wary/core/shopping';
	import { partWords } from '$words/parts';
	import { yesNo } from '$words/rules/place';
	import { moneyWord } from '$words/money';
	import { levelWords } from '$words/rules/levels';
	import { ruleWords } from '$words/rules/rules';

	interface Props {
		region: Region;
		edition: Edition;
		choice: Choice;
		part: PartId;
		costs: Costs;
		onpick: (part: PartId) => void;
	}
	/** Up to four parts point by point; the one that is wished for among them. */
	let { region, edition, choice, part, costs, onpick }: Props = $props();
	const most = 4;
	let chosen = $state<readonly PartId[]>(
		untrack(() => [part, ...choice.parts.map((each) => each.part).filter((id) => id !== part)].slice(0, 3))
	);
	const shown = $derived(choice.parts.filter((each) => chosen.includes(each.part)));
	const mark = (is: boolean): string => (is ? yesNo.yes : yesNo.no);
	const inTheWay = ({ reasons }: Judged, effects: readonly string[]): string =>
		reasons
			.filter(({ effect, state }) => effects.includes(effect) && state !== 'met')
			.map(({ rule, clause }) => {
				const { says } = ruleWords(rule, region, edition);
				return clause ? `${says} (${clause})` : says;
			})
			.join(' ') || '–';
	const lacks = ({ lacks: missing }: Judged): string => missing.map((each) => w.lacks[each]).join(', ');
	const rows = $derived(
		(
			[
				['level', (each: Judged) => levelWords[each.level]],
				['outlets', (each: Judged) => String(of(each).outlets)],
				['leak', (each: Judged) => mark(of(each).groundFault)],
				...(regions[region].custom.plateApart
					? ([
							['arc', (each: Judged) => mark(of(each).arcFault)],
							['after', (each: Judged) => mark(of(each).feedsOn)],
							['damp', (each: Judged) => mark(of(each).weather)]
						] as const)
					: []),
				['usb', (each: Judged) => mark(of(each).usb)],
				['depth', (each: Judged) => `${of(each).depthMm} mm`],
				...(choice.parts.some((each) => price(each) !== undefined)
					? ([
							[
								'price',
								(each: Judged) => {
									const minor = price(each);
									return minor === undefined ? '–' : moneyWord(minor, region);
								}
							]
						] as const)
					: []),
				['why', (each: Judged) => inTheWay(each, ['forbids', 'needs'])],
				['against', (each: Judged) => [inTheWay(each, ['against']), lacks(each)].filter((s) => s && s !== '–').join('; ') || '–'] // prettier-ignore
			] as const
		).map(([point, say]) => ({ point, cells: shown.map(say) }))
	);
	/** By the prices entered on the shopping list. */
	const price = ({ part: id, ratingA }: Judged): number | undefined =>
		new Map(Object.entries(costs.prices)).get(
			needId({ kind: 'part', part: id, ratingA, weatherResistant: false })
		);
	const of = ({ part: id, ratingA }: Judged) => forRules(familyOf(id), ratingA);
	function toggle(id: PartId, is: boolean) {
		chosen = is ? [...chosen, id].slice(-most) : chosen.filter((each) => each !== id);
	}
</script>

<fieldset class="m-0 flex flex-wrap gap-x-5 gap-y-1 border-0 p-0">
	<legend class="sr-only">{w.comparing}</legend>
	{#each choice.parts as { part: id } (id)}
		<Checkbox
			checked={chosen.includes(id)}
			disabled={(chosen.length >= most && !chosen.includes(id)) || (chosen.length === 1 && chosen[0] === id)}
			onchange={({ currentTarget }) => toggle(id, currentTarget.checked)}>{partWords[id].name}</Checkbox
		>
	{/each}
</fieldset>
<!-- It scrolls where it is wide, so the keyboard must be able to reach it. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" role="region" aria-label={w.comparing} tabindex="0">
	<Table class="compare">
		<TableHead>
			<TableHeadCell>{w.point}</TableHeadCell>
			{#each shown as { part: id } (id)}<TableHeadCell>{partWords[id].name}</TableHeadCell>{/each}
		</TableHead>
		<TableBody>
			{#each rows as { point, cells } (point)}
				<TableBodyRow>
					<TableHeadCell scope="row" class="w-44 whitespace-normal">{w.points[point]}</TableHeadCell>
					{#each cells as cell, k (k)}<TableBodyCell class="min-w-36 align-top whitespace-normal"
							>{cell}</TableBodyCell
						>{/each}
				</TableBodyRow>
			{/each}
			<TableBodyRow>
				<TableBodyCell></TableBodyCell>
				{#each shown as { part: id } (id)}<TableBodyCell
						>{#if id !== part}<Button color="light" onclick={() => onpick(id)}>{w.take}</Button
							>{/if}</TableBodyCell
					>{/each}
			</TableBodyRow>
		</TableBody>
	</Table>
</div>
