<script lang="ts">
	import { page } from '$app/state';
	import { houseViews, houseViewsName } from '$words/views';
	import { isAt } from './navigation';

	/** The views about the house as a whole, side by side over each of them. */
	let { slug }: { slug: string } = $props();
</script>

<nav class="no-print -ms-1.5 flex flex-wrap sm:-ms-3 sm:gap-x-1" aria-label={houseViewsName}>
	{#each houseViews as { path, text } (path)}
		<a
			href={`/${slug}${path}`}
			class="flex min-h-11 min-w-11 items-center px-1.5 sm:px-3 no-underline decoration-3 underline-offset-[5px] aria-[current=page]:font-bold aria-[current=page]:underline"
			aria-current={isAt(page.url.pathname, slug, path) ? 'page' : undefined}>{text}</a
		>
	{/each}
</nav>
