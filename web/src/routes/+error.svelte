<script lang="ts">
	import { words as w } from '$words/error';
	import { failureWords } from '$words/failures';
	import Button from 'flowbite-svelte/Button.svelte';
	import { onMount } from 'svelte';
	import { page } from '$app/state';

	const passingCodes = ['databaseAway', 'busy', 'diskFull'] as const;
	const codes = [...passingCodes, 'damaged'] as const;
	const trouble = $derived(codes.find((code) => code === page.error?.code));
	/** It passes by itself. */
	const passing = $derived(trouble !== undefined && trouble !== 'damaged');
	// Asks again by itself: the page that was wanted comes when the records are back.
	onMount(() => {
		if (!passing) return;
		const timer = setInterval(async () => {
			// Damage elsewhere stays, and keeps nobody from a page that is whole.
			const back = await fetch('/health').then(
				async (answer) => {
					const { code } = (await answer.json()) as { code?: string };
					return !passingCodes.some((each) => each === code);
				},
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
	<h1>{trouble ? failureWords[trouble].title : (page.error?.message ?? w.somethingWentWrong)}</h1>
	{#if trouble}<p class="mt-3" role="status">{page.error?.message}</p>{/if}
	{#if passing}<p class="soft">{w.askingAgainEveryTwoSeconds}</p>
	{:else}<p><Button size="lg" color="light" class="mt-4" href="/">{w.toToday}</Button></p>{/if}
</main>
