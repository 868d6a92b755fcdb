<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { words } from '$words/ui/neverFetched';

	/** With hands at a box there is more to say. */
	const inJob = typeof location !== 'undefined' && /^\/[^/]+\/job\//.test(location.pathname);

	/** A module that failed once isn’t fetched again; the page is, but only when there is somebody to fetch it from. */
	async function loadAnew() {
		const answer = await fetch('/health').catch(() => null);
		if (answer?.ok) location.reload();
	}
</script>

<Verdict kind="bad">
	{inJob ? words.neverFetched : words.elsewhere}
	<Button color="alternative" onclick={loadAnew}>{words.loadAnew}</Button>
</Verdict>
