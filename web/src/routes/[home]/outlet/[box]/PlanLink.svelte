<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';

	/** The way to putting something else in. */
	let { home, box }: { home: string; box: string } = $props();
</script>

<p class="mt-4">
	<Button size="lg" color="light" href={`/${home}/plan/${box}`}>{w.planSomethingElse}</Button>
	<span class="soft mt-1 block">{w.orSomethingElse}</span>
</p>
