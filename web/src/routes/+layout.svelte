<script lang="ts">
	import '../app.css';
	import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
	import type from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2?url';
	import { setButtonGroupContext } from '$flowbite/context';
	import { onMount } from 'svelte';
	import { doneEarly } from '$lib/ui/early';
	import Leaving from '$lib/ui/Leaving.svelte';
	import Mishap from '$lib/ui/Mishap.svelte';
	import { theme } from '$lib/ui/theme';
	let { children } = $props();
	onMount(doneEarly);
	// Each button and field asks whether it stands in a group, by an exception where nobody has said: with hundreds on a page that was a third of its time.
	setButtonGroupContext(undefined as never);
</script>

<svelte:head
	><link rel="preload" as="font" type="font/woff2" href={type} crossorigin="anonymous" /></svelte:head
>
<ThemeProvider {theme}>{@render children()}<Leaving /><Mishap /></ThemeProvider>
