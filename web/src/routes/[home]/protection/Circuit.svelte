<script lang="ts">
	import { words as w } from '$words/protection';
	import { findBox, findCircuit, placeName, type House } from '@wary/core/house';
	import type { CircuitProtection, ProtectionAt } from '@wary/core/replacement';
	import { regions } from '@wary/core/rules';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { breakerName, capital, terms } from '$words/terms';

	let { house, slug, circuit }: { house: House; slug: string; circuit: CircuitProtection } = $props();
	const t = $derived(terms[house.region]);
	const named = $derived(findCircuit(house, circuit.circuit)!);
	const place = (id: string) => placeName(house, findBox(house, id)!);
	const places = (ids: readonly string[]) => ids.map(place).join('; ');
	const open = $derived(
		circuit.outlets.filter(({ asked, guardedBy }) => asked === true && guardedBy === null)
	);
	const everywhere = $derived(regions[house.region].code.residualEverywhere);
	const outlets = $derived(new Set(circuit.outlets.map(({ box }) => box)));
	/** Boxes without an outlet aren’t spoken of. */
	const only = (ids: readonly string[]) => ids.filter((id) => outlets.has(id));
	function has({ box, guardedBy }: ProtectionAt): string {
		if (guardedBy === null) return w.open;
		if (guardedBy === box) return w.guardedHere;
		return findBox(house, guardedBy) ? w.guardedBy(place(guardedBy)) : w.byPanel(house.region);
	}
	const asks = ({ asked, clauses }: ProtectionAt): string =>
		asked === null ? w.maybe : asked ? w.asked(clauses.join(', ')) : w.notAsked;
	const sign = ({ asked, guardedBy }: ProtectionAt): string =>
		guardedBy !== null ? '◼' : asked === true ? '!' : asked === null ? '?' : '·';
	const planned = $derived(new Set(circuit.plan?.devices.flatMap(({ guards }) => guards) ?? []));
	const at = $derived(new Set(circuit.plan?.devices.map(({ id }) => id) ?? []));
</script>

<section class="mt-6" aria-labelledby={`circuit-${circuit.circuit}`} data-circuit={circuit.circuit}>
	<h2 id={`circuit-${circuit.circuit}`} class="mb-1">
		{capital(t.breaker)}
		{breakerName(house, circuit.breaker)}: {named.name}
		<small class="soft">{open.length > 0 ? w.missing(open.length) : w.complete}</small>
	</h2>
	<ol aria-label={w.tree(named.name)}>
		{#each circuit.outlets as outlet (outlet.box)}
			<li
				style:--depth={outlet.depth}
				class:guarded={outlet.guardedBy !== null}
				class:planned={planned.has(outlet.box)}
				class:device={at.has(outlet.box) || outlet.guards}
				class:open={outlet.asked === true && outlet.guardedBy === null}
			>
				<i aria-hidden="true">{sign(outlet)}</i>
				<span>
					<a class="tap" href={`/${slug}/outlet/${outlet.box}`}>{place(outlet.box)}</a>
					<span class="soft"
						>{asks(outlet)} · {has(outlet)}{outlet.spared ? ` · ${w.spared}` : ''}{outlet.asked === true &&
						outlet.guardedBy === null &&
						!outlet.canTake
							? ` · ${w.cannot}`
							: ''}</span
					>
				</span>
			</li>
		{/each}
	</ol>
	{#if circuit.plan}
		<div class="plan">
			<h3>{w.plan}</h3>
			{#each circuit.plan.devices as { id, guards, onLoad, onSupply } (id)}
				<p class="my-1">
					<b>{w.put(place(id))}</b>:
					{only(guards).length > 1 ? w.covers(places(only(guards))) : w.itself}{onLoad.length > 0
						? `; ${w.onLoad(places(onLoad), places(onSupply))}`
						: ''}.
					<a
						class="tap"
						href={`/${slug}/plan/${id}?part=gfci&feed=${onLoad.length > 0 ? 'protected' : 'asFound'}`}
						>{w.planIt(place(id))}</a
					>
					{#if circuit.instead.get(id)?.length}<span class="block text-soft"
							>{w.instead(places(circuit.instead.get(id)!))}</span
						>{/if}
				</p>
			{/each}
			{#if circuit.plan.uncovered.length > 0}<Verdict kind="open"
					>{w.uncovered(places(circuit.plan.uncovered))}</Verdict
				>{:else}<p class="soft my-1">{w.orBreaker}</p>{/if}
		</div>
	{:else if everywhere && open.length > 0}<Verdict kind="open">{w.ukAdvice(house.region)}</Verdict>{/if}
	{#if circuit.twice.length > 0}<Verdict kind="open">{w.twice(places(circuit.twice))}</Verdict>{/if}
</section>

<style>
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 2rem minmax(0, 1fr);
		align-items: start;
		padding-left: calc(var(--depth) * 1.6rem);
		position: relative;
	}
	/* The cable from one box to the next, down the left; heavy where something guards it. */
	li::before {
		content: '';
		position: absolute;
		left: calc(var(--depth) * 1.6rem + 0.68rem);
		top: 0;
		bottom: 0;
		border-left: 2px solid var(--hair);
	}
	li.guarded::before {
		border-left: 4px solid var(--ink);
		margin-left: -1px;
	}
	li.planned::before {
		border-left: 4px dashed var(--ink);
		margin-left: -1px;
	}
	i {
		position: relative;
		display: grid;
		place-items: center;
		width: 1.5rem;
		height: 1.5rem;
		margin-top: 0.6rem;
		background: var(--paper);
		border: 2px solid var(--ink);
		border-radius: 50%;
		font-style: normal;
		font-weight: bold;
		font-size: 0.85rem;
	}
	.device i {
		border-radius: 0;
		box-shadow: 0 0 0 2px var(--paper);
	}
	.open i {
		background: var(--ink);
		color: var(--paper);
	}
	li .soft {
		display: block;
		padding-bottom: 0.4rem;
	}
	.plan {
		border-left: 6px solid var(--ink);
		padding: 0.1rem 0.9rem;
		margin: 0.8rem 0;
	}
</style>
