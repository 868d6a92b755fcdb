<script lang="ts">
	import { currencySign, moneyWord } from '$words/money';
	import { words as w } from '$words/shopping';
	import Button from 'flowbite-svelte/Button.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { bill, entered, isUsedUp, takingBack, type CostEntry } from '@wary/core/shopping';
	import { Sending } from '$lib/sending.svelte';
	import HouseViews from '$lib/ui/HouseViews.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { partWords } from '$words/parts';
	import { inSentence } from '$words/terms';
	import Figure from '$lib/ui/Figure.svelte';
	import Item from './Item.svelte';

	/** What the kept plans need together, what of it one has, and what the rest costs. */
	let { data } = $props();
	let costs = $state.raw(untrack(() => data.costs));
	const list = $derived(bill(data.needs, costs));
	const groups = $derived(
		[
			{ title: w.toBuy, lines: list.lines.filter(({ need }) => isUsedUp(need)) },
			{ title: w.tools, lines: list.lines.filter(({ need }) => !isUsedUp(need)) }
		].filter(({ lines }) => lines.length > 0)
	);
	const sending = new Sending();
	/** Counts at once, and is sent. What isn’t taken is said, and it alone is put back. */
	async function enter(entry: CostEntry) {
		const back = takingBack(costs, entry);
		costs = entered(costs, entry);
		const taken = await sending.send(`/api/${data.home.slug}/costs`, 'done', { method: 'POST', body: entry });
		if (!taken) costs = entered(costs, back);
	}
	async function drop(id: string) {
		const taken = await sending.send(`/api/${data.home.slug}/plans/${id}`, 'done', { method: 'DELETE' });
		if (!taken) return;
		notify('good', w.dropped);
		await invalidateAll();
	}
	const what = (wish: (typeof data.kept)[number]['boxes'][number]['wish']) =>
		wish === null ? w.again : wish === 'putBack' ? w.putBack : inSentence(partWords[wish.part].name);
</script>

<svelte:head><title>{w.title(data.home.name)}</title></svelte:head>
<main class="mx-auto max-w-4xl px-4 pt-2 pb-12 md:px-6">
	<HouseViews slug={data.home.slug} />
	<h1>{w.list}</h1>
	<p class="m-0 max-w-[60ch]">{w.lead}</p>
	<Trouble failure={sending.failure} />
	{#if data.kept.length === 0}
		<Verdict kind="open">{w.none}</Verdict>
	{:else}
		<section class="mt-5">
			<h2>{w.plans}</h2>
			<ul class="m-0 list-none p-0">
				{#each data.kept as plan (plan.id)}
					<li class="grid gap-x-4 gap-y-1 border-t border-hair py-2 md:grid-cols-[1fr_auto] md:items-center">
						<span>
							{#each plan.boxes as box (box.boxId)}<span class="block"
									>{w.becomes(box.place, what(box.wish))}</span
								>{/each}
							{#if plan.failure}<Verdict kind="bad">{plan.failure}</Verdict>{/if}
						</span>
						<span class="no-print flex flex-wrap gap-2">
							{#if plan.boxes[0]?.there}<Button
									color="light"
									href={`/${data.home.slug}/plan/${plan.boxes[0].boxId}?kept=${plan.id}`}>{w.open}</Button
								>{/if}
							<Button
								color="light"
								disabled={sending.pending}
								aria-label={w.dropOf(plan.boxes[0]?.place ?? '')}
								onclick={() => drop(plan.id)}>{w.drop}</Button
							>
						</span>
					</li>
				{/each}
			</ul>
		</section>
		{#each groups as group (group.title)}
			<section class="mt-6">
				<h2>{group.title}</h2>
				<ul class="m-0 list-none p-0">
					{#each group.lines as line (line.id)}<Item
							{line}
							region={data.region}
							places={line.at.flatMap((id) => data.places[id] ?? [])}
							connectors={data.connectors}
							onenter={enter}
						/>{/each}
				</ul>
			</section>
		{/each}
		<section class="mt-6 grid max-w-[34rem] gap-3 border-t-2 border-ink pt-3">
			<p class="m-0 flex justify-between gap-4">
				<b>{w.parts}</b>
				<span class="text-right tabular-nums"
					>{moneyWord(list.parts, data.region)}{#if list.unpriced > 0}<span class="block text-soft"
							>{w.unpriced(list.unpriced)}</span
						>{/if}</span
				>
			</p>
			<Figure
				label={w.ownTime}
				value={costs.minutes === null ? null : costs.minutes / 60}
				most={720}
				wrong={w.hoursRange}
				onset={(hours) => enter({ set: 'minutes', minutes: hours === null ? null : Math.round(hours * 60) })}
			/>
			<Figure
				label={w.hour}
				sign={currencySign[data.region]}
				value={costs.hour === null ? null : costs.hour / 100}
				wrong={w.priceRange}
				onset={(sum) => enter({ set: 'hour', minor: sum === null ? null : Math.round(sum * 100) })}
			/>
			{#if list.time !== null}<p class="m-0 flex justify-between gap-4">
					<b>{w.time}</b><span class="tabular-nums">{moneyWord(list.time, data.region)}</span>
				</p>{/if}
			<Figure
				label={w.callOut}
				sign={currencySign[data.region]}
				value={costs.callOut === null ? null : costs.callOut / 100}
				wrong={w.priceRange}
				onset={(sum) => enter({ set: 'callOut', minor: sum === null ? null : Math.round(sum * 100) })}
			/>
			{#if list.saved === null}<p class="m-0 text-soft">{w.notYet}</p>{:else}<p
					class="m-0 flex justify-between gap-4"
				>
					<b>{list.saved < 0 ? w.costsMore : w.saved}</b><span class="tabular-nums"
						>{moneyWord(Math.abs(list.saved), data.region)}</span
					>
				</p>{/if}
		</section>
		<p class="no-print mt-5 flex flex-wrap items-center gap-4">
			<Button color="light" onclick={() => window.print()}>{w.print}</Button>
			<a class="tap" data-sveltekit-reload href={`/${data.home.slug}/shopping.csv`}>{w.csv}</a>
		</p>
	{/if}
</main>
