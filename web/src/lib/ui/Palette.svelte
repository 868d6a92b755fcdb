<script lang="ts">
	import CommandPalette from 'flowbite-svelte/CommandPalette.svelte';
	import { goto } from '$app/navigation';
	import type { Region } from '@wary/core/rules';
	import { type PlacesAnswer } from '$lib/answers';
	import { ask } from '$lib/client';
	import { houseViews, paletteWords, views } from '$words/views';
	import { typedAs } from './typedAs';

	/** Everything in a home that can be gone to, by typing a part of its name. */
	let { home, open = $bindable() }: { home: { slug: string; region: Region }; open: boolean } = $props();

	let places = $state.raw<PlacesAnswer | null>(null);
	let failed = $state(false);
	$effect(() => {
		if (!open) return;
		void ask(`/api/${home.slug}/places`, 'places').then((reply) => {
			failed = !reply.ok;
			if (reply.ok) places = reply.answer;
		});
	});
	const words = $derived(paletteWords(home.region));
	const to = (path: string) => () => void goto(`/${home.slug}${path}`);
	const items = $derived([
		...[...views, ...houseViews.filter(({ path }) => path !== '/house')].map(({ path, text }) => ({
			id: `view${path}`,
			label: text,
			description: words.view,
			onselect: to(path)
		})),
		...(places?.jobs ?? []).map(({ id, place }) => ({
			id: `job-${id}`,
			label: place,
			keywords: typedAs(place),
			description: words.job,
			onselect: to(`/job/${id}`)
		})),
		...(places?.outlets ?? []).map(({ id, name }) => ({
			id: `outlet-${id}`,
			label: name,
			keywords: typedAs(name),
			description: words.outlet,
			onselect: to(`/outlet/${id}`)
		})),
		...(places?.breakers ?? []).map(({ id, name, label }) => ({
			id: `breaker-${id}`,
			label: name,
			description: words.breaker(label),
			onselect: to(`/house?breaker=${encodeURIComponent(id)}`)
		})),
		...(places?.outlets ?? []).map(({ id, name }) => ({
			id: `find-${id}`,
			label: words.find(name),
			keywords: typedAs(name),
			onselect: to(`/find/${id}`)
		})),
		{ id: 'directory', label: words.directory, onselect: to('/directory') },
		{ id: 'house-file', label: words.houseFile, onselect: () => location.assign(`/${home.slug}/house.json`) },
		{ id: 'add-home', label: words.addHome, onselect: () => void goto('/new') }
	]);
</script>

<!-- A search field keeps the first Escape to empty itself; here it closes. -->
<svelte:window onkeydowncapture={(event) => event.key === 'Escape' && (open = false)} />
<CommandPalette
	bind:open
	{items}
	placeholder={words.placeholder}
	emptyMessage={failed ? words.away : words.none}
	shortcutKey="no key of its own"
/>
