<script lang="ts">
	import { words as w } from '$words/layout';
	import BottomNav from 'flowbite-svelte/BottomNav.svelte';
	import BottomNavItem from 'flowbite-svelte/BottomNavItem.svelte';
	import BookOpenOutline from 'flowbite-svelte-icons/BookOpenOutline.svelte';
	import CogOutline from 'flowbite-svelte-icons/CogOutline.svelte';
	import ClipboardCheckOutline from 'flowbite-svelte-icons/ClipboardCheckOutline.svelte';
	import DrawSquareOutline from 'flowbite-svelte-icons/DrawSquareOutline.svelte';
	import HomeOutline from 'flowbite-svelte-icons/HomeOutline.svelte';
	import { page } from '$app/state';
	import { isAt } from '$lib/ui/navigation';
	import Toasts from '$lib/ui/Toasts.svelte';
	import type PaletteComponent from '$lib/ui/Palette.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';
	import { views } from '$words/views';

	let { data, children } = $props();

	/** Pages that bring their own frame: the job with its energy strip, and what is only printed. */
	const ownFrame = ['/[home]/job/[job]', '/[home]/job/[job]/tag', '/[home]/directory'];
	const framed = $derived(!ownFrame.includes(page.route.id ?? ''));
	const icons = {
		'': ClipboardCheckOutline,
		'/house': HomeOutline,
		'/bench': DrawSquareOutline,
		'/log': BookOpenOutline,
		'/settings': CogOutline
	};

	/** Fetched the first time it is asked for. */
	let Palette = $state.raw<typeof PaletteComponent | null>(null);
	let searching = $state(false);
	async function search() {
		Palette ??= (await import('$lib/ui/Palette.svelte')).default;
		searching = true;
	}
	function key(event: KeyboardEvent) {
		const typing = event.target instanceof HTMLElement && event.target.closest('input, select, textarea');
		const asked =
			(event.key === 'k' && (event.ctrlKey || event.metaKey)) || (event.key === '/' && !typing && framed);
		if (!asked || event.altKey) return;
		event.preventDefault();
		void search();
	}
</script>

<svelte:window onkeydown={key} />
{#if framed}<TopBar home={data.home} theme={data.theme} onsearch={search} />{/if}
{#if data.spaceLow}<div class="no-print mx-auto max-w-[76rem] px-4 pt-2 md:px-6">
		<Verdict kind="open" alert>{w.spaceLow}</Verdict>
	</div>{/if}
{@render children()}
{#if framed}
	<div class="no-print h-16 md:hidden"></div>
	<nav class="no-print contents md:hidden" aria-label={w.views}>
		<BottomNav classes={{ inner: 'grid-cols-5' }} class="md:hidden">
			{#each views as view (view.path)}
				{@const Icon = icons[view.path]}
				{@const here = isAt(page.url.pathname, data.home.slug, view.path)}
				<BottomNavItem
					btnName={view.text}
					href={`/${data.home.slug}${view.path}`}
					active={here}
					class={here ? 'font-bold underline decoration-3 underline-offset-4' : 'no-underline'}
					aria-current={here ? 'page' : undefined}><Icon size="md" /></BottomNavItem
				>
			{/each}
		</BottomNav>
	</nav>
{/if}
<Toasts />
{#if Palette}<Palette home={data.home} bind:open={searching} />{/if}
