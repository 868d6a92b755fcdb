<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';

	/** The way to putting something else in, or something at all. */
	let { home, box, first = false }: { home: string; box: string; first?: boolean } = $props();
</script>

<p class="mt-4">
	<Button size="lg" color="light" href={`/${home}/plan/${box}`}
		>{first ? w.planWhatGoesIn : w.planSomethingElse}</Button
	>
	{#if !first}<span class="soft mt-1 block">{w.orSomethingElse}</span>{/if}
</p>
