<script lang="ts">
	import { words as copy } from '$words/house/rooms';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import type { Box } from '@wary/core/house';
	import { terms } from '$words/terms';
	import { getEditor } from './context';

	/** Outlets that nobody has said the circuit of. */
	let {
		home,
		boxes,
		onput
	}: { home: string; boxes: readonly Box[]; onput: (box: Box, circuit: string) => void } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	/** Chosen: a screen of a desk. */
	const shownAtFirst = 20;
	let whole = $state(false);
	const shown = $derived(whole ? boxes : boxes.slice(0, shownAtFirst));
</script>

<div class="unplaced">
	<p>
		<b>{copy.notPlacedYet}</b>
		<span class="soft">{copy.findTheOfEachOr(t.breaker)}</span>
	</p>
	<ul>
		{#each shown as box (box.id)}
			<li>
				<a href={`/${home}/outlet/${box.id}`}
					>{house.rooms.find(({ id }) => id === box.room)?.name}, {box.name}</a
				>
				<Button color="alternative" href={`/${home}/find/${box.id}`}>{copy.findIts(t.breaker)}</Button>
				{#if house.circuits.length > 0}<Select
						placeholder=""
						class="w-auto"
						aria-label={copy.putOnACircuit(box.name)}
						value=""
						onchange={(event) => onput(box, event.currentTarget.value)}
						><option value="">{copy.putItOn}</option>{#each house.circuits as circuit (circuit.id)}<option
								value={circuit.id}>{circuit.name}</option
							>{/each}</Select
					>{/if}
			</li>
		{/each}
	</ul>
	{#if boxes.length > shown.length}<Button size="sm" color="light" class="my-1" onclick={() => (whole = true)}
			>{copy.showMore(boxes.length - shown.length, false, t.outlet)}</Button
		>{/if}
</div>

<style>
	.unplaced {
		border-left: 6px dashed var(--ink);
		padding: 0.2rem 0 0.2rem 0.9rem;
		margin-bottom: 1rem;
	}
	.unplaced p {
		margin: 0;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.4rem 0.8rem;
		flex-wrap: wrap;
		padding: 0.4rem 0;
	}
	li a {
		padding: 0.2rem 0.4rem;
	}
</style>
