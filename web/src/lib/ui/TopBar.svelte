<script lang="ts">
	import { words as w } from '$words/ui/topBar';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import SearchOutline from 'flowbite-svelte-icons/SearchOutline.svelte';
	import { page } from '$app/state';
	import { themeWords, views } from '$words/views';
	import HomeSwitcher from './HomeSwitcher.svelte';
	import { isAt } from './navigation';

	let {
		home,
		theme,
		onsearch
	}: {
		home: { slug: string; name: string } | null;
		theme: 'light' | 'dark' | 'auto';
		/** Opens the palette, where there is a home to search. */
		onsearch?: () => void;
	} = $props();
	const next = { auto: 'dark', dark: 'light', light: 'auto' } as const;
</script>

<header
	class="no-print flex items-center gap-x-2 md:flex-wrap border-b-2 border-ink bg-sheet px-3 py-1 md:gap-x-5 md:px-6 md:py-1.5"
>
	<a
		class="me-auto flex min-h-11 min-w-11 items-center gap-2.5 font-bold whitespace-nowrap no-underline md:me-0"
		href={home ? `/${home.slug}` : '/'}
	>
		<svg
			viewBox="0 0 24 28"
			width="22"
			height="26"
			fill="none"
			stroke="currentColor"
			stroke-width="2"
			aria-hidden="true"
			><rect x="2" y="2" width="20" height="24" rx="3" /><path d="M8 8v6M16 8v5" /><path
				d="M12 17a3 3 0 0 1 3 3v2H9v-2a3 3 0 0 1 3-3z"
				fill="currentColor"
				stroke="none"
			/></svg
		>
		<span class="max-[25rem]:sr-only">Wary Hand</span>
	</a>
	{#if home}
		<nav class="me-auto hidden gap-1 md:flex" aria-label={w.views}>
			{#each views as view (view.path)}
				<a
					href={`/${home.slug}${view.path}`}
					class="px-3 py-2.5 no-underline decoration-3 underline-offset-[5px] aria-[current=page]:font-bold aria-[current=page]:underline"
					aria-current={isAt(page.url.pathname, home.slug, view.path) ? 'page' : undefined}>{view.text}</a
				>
			{/each}
		</nav>
	{/if}
	{#if onsearch}<Button color="alternative" class="px-3 text-soft" aria-label={w.search} onclick={onsearch}
			><SearchOutline size="sm" /><Kbd class="ms-0 max-md:hidden">/</Kbd></Button
		>{/if}
	<HomeSwitcher current={home} />
	<form method="POST" action="/theme">
		<Input type="hidden" name="back" value={page.url.pathname} />
		<Button
			type="submit"
			color="alternative"
			class="border-transparent px-2.5 font-normal whitespace-nowrap text-soft"
			name="theme"
			value={next[theme]}
			title={w.themeSwitchTo(themeWords[theme], themeWords[next[theme]])}
			><span aria-hidden="true">◐</span><span class="max-lg:sr-only">{w.theme(themeWords[theme])}</span
			></Button
		>
	</form>
</header>
