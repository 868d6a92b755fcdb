<script lang="ts">
	import { words as w } from '$words/error';
	import { failureWords } from '$words/failures';
	import Button from 'flowbite-svelte/Button.svelte';
	import { onMount } from 'svelte';
	import { page } from '$app/state';

	/** It passes by itself. */
	const passing = $derived(
		['databaseAway', 'busy', 'diskFull'].find((code): code is 'busy' => code === page.error?.code)
	);
	// Asks again by itself: the page that was wanted comes when the records are back.
	onMount(() => {
		if (!passing) return;
		const timer = setInterval(async () => {
			const back = await fetch('/health').then(
				({ ok }) => ok,
				() => false
			);
			if (back) location.reload();
		}, 2000);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>{page.status} · Wary Hand</title></svelte:head>
<main class="mx-auto max-w-2xl p-8">
	{#if !passing}<p class="soft">{page.status}</p>{/if}
	<h1>{passing ? failureWords[passing].title : (page.error?.message ?? w.somethingWentWrong)}</h1>
	{#if passing}<p class="mt-3" role="status">{page.error?.message}</p>
		<p class="soft">{w.askingAgainEveryTwoSeconds}</p>
	{:else}<p><Button size="lg" color="light" class="mt-4" href="/">{w.toToday}</Button></p>{/if}
</main>
