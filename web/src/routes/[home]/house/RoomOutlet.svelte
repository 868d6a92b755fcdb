<script lang="ts">
	import { words as copy } from '$words/house/rooms';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import { circuitsInBox, type Box, type House } from '@wary/core/house';
	import { breakerName, namedBreakers } from '$words/terms';

	interface Props {
		house: House;
		home: string;
		room: string;
		box: Box;
		/** How a name is shown that is written where it stands. */
		written: string;
		onbreaker: (id: string) => void;
		onrename: (name: string) => void;
		onremove: () => void;
	}
	/** An outlet in the list of its room. */
	let { house, home, room, box, written, onbreaker, onrename, onremove }: Props = $props();
	const fedBy = $derived(circuitsInBox(house, box.id).map(({ breaker }) => breaker));
</script>

<li>
	<Input
		class={written}
		aria-label={`${room}, ${box.name}`}
		value={box.name}
		maxlength={80}
		onchange={(event) => onrename(event.currentTarget.value)}
	/>
	{#each fedBy as id (id)}<Button
			size="xs"
			color="light"
			class="min-w-9 px-1.5"
			title={`${namedBreakers(house, id)}`}
			onclick={() => onbreaker(id)}>{breakerName(house, id)}</Button
		>{:else}<span class="none" title={copy.notPlaced}>?</span>{/each}
	<a class="tap justify-center" href={`/${home}/outlet/${box.id}`} aria-label={copy.open(room, box.name)}>→</a
	>
	<Button
		size="xs"
		color="alternative"
		class="border-transparent px-3 text-soft"
		aria-label={copy.remove2(room, box.name)}
		title={copy.remove}
		onclick={onremove}>×</Button
	>
</li>

<style>
	li {
		display: flex;
		align-items: center;
		gap: 0.3rem;
	}
	.none {
		min-width: 2.1rem;
		min-height: 1.8rem;
		border: 1.5px dotted var(--ink);
		font-weight: 600;
		font-size: 0.9rem;
		text-align: center;
		cursor: pointer;
		padding: 0 0.3rem;
	}
	li a {
		padding: 0.2rem 0.4rem;
	}
</style>
