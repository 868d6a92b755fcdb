<script lang="ts">
	import { words as w } from '$words/ui/homeSwitcher';
	import { tick } from 'svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import ChevronDownOutline from 'flowbite-svelte-icons/ChevronDownOutline.svelte';
	import type HomeListComponent from './HomeList.svelte';

	/** Which home one is in, and the way to the others: their list is fetched when it is opened, and so is what shows it. */
	let { current }: { current: { slug: string; name: string } | null } = $props();

	let open = $state(false);
	let HomeList = $state.raw<typeof HomeListComponent | null>(null);
	let bar = $state<HTMLElement>();
	async function first() {
		if (HomeList) return;
		HomeList = (await import('./HomeList.svelte')).default;
		// It takes the button beside it for its own; this press came before it was there.
		await tick();
		open = true;
	}
	function key(event: KeyboardEvent) {
		if (event.key !== 'Escape' || !open) return;
		open = false;
		bar?.querySelector('button')?.focus();
	}
</script>

<svelte:window onkeydowncapture={key} />
<nav aria-label={w.homes} class="min-w-0" bind:this={bar}>
	<Button color="alternative" class="max-w-56 border-transparent" aria-expanded={open} onclick={first}
		><span class="truncate">{current?.name ?? w.homes}</span><ChevronDownOutline
			size="sm"
			class="shrink-0"
		/></Button
	>
	{#if HomeList}<HomeList {current} bind:open />{/if}
</nav>
