<script lang="ts">
	import { page } from '$app/state';
	import HomeSwitcher from './HomeSwitcher.svelte';

	interface Home {
		slug: string;
		name: string;
		isDemo: boolean;
	}
	let { home, theme }: { home: Home | null; theme: 'light' | 'dark' | 'auto' } = $props();
	const views = [
		{ path: '', text: 'Today' },
		{ path: '/house', text: 'House' },
		{ path: '/bench', text: 'Bench' },
		{ path: '/settings', text: 'Settings' }
	];
	const isAt = (path: string) => {
		const here = page.url.pathname.slice(1 + (home?.slug.length ?? 0));
		return path === ''
			? here === '' || here === '/'
			: here === path || (path === '/bench' && here.startsWith('/bench/'));
	};
	const next = { auto: 'dark', dark: 'light', light: 'auto' } as const;
	const words = { auto: 'as the device', dark: 'dark', light: 'light' } as const;
</script>

<header class="bar no-print">
	<a class="mark" href={home ? `/${home.slug}` : '/'}>
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
		Wary Hand
	</a>
	{#if home}
		<nav class="views" aria-label="Views">
			{#each views as view (view.path)}
				<a href={`/${home.slug}${view.path}`} aria-current={isAt(view.path) ? 'page' : undefined}
					>{view.text}</a
				>
			{/each}
		</nav>
	{/if}
	<nav class="homes" aria-label="Homes"><HomeSwitcher current={home} /></nav>
	<form method="POST" action="/theme">
		<input type="hidden" name="back" value={page.url.pathname} />
		<button
			class="theme"
			name="theme"
			value={next[theme]}
			title={`Theme: ${words[theme]}; switch to ${words[next[theme]]}`}
		>
			<span aria-hidden="true">◐</span><span class="words">theme: {words[theme]}</span>
		</button>
	</form>
</header>

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 1.4rem;
		padding: 0.55rem 1.4rem;
		border-bottom: 2px solid var(--ink);
		background: var(--sheet);
	}
	.mark {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		font-weight: 700;
		text-decoration: none;
		white-space: nowrap;
	}
	nav {
		display: flex;
		gap: 0.2rem;
		overflow-x: auto;
	}
	.homes {
		overflow: visible;
		flex: 1;
		justify-content: flex-end;
		font-size: 0.95rem;
		color: var(--soft);
	}
	nav a {
		padding: 0.55rem 0.7rem;
		text-decoration: none;
		white-space: nowrap;
	}
	nav a[aria-current='page'] {
		font-weight: 700;
		text-decoration: underline;
		text-decoration-thickness: 3px;
		text-underline-offset: 5px;
	}
	.theme {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		min-height: 2.75rem;
		min-width: 2.75rem;
		justify-content: center;
		color: var(--soft);
		cursor: pointer;
		white-space: nowrap;
		font-size: 0.95rem;
	}
	@media (max-width: 700px) {
		.bar {
			gap: 0.6rem;
			padding: 0.4rem 0.8rem;
			flex-wrap: wrap;
		}
		nav {
			order: 3;
			flex-basis: 100%;
		}
		.homes {
			order: 4;
			flex-basis: 100%;
			justify-content: flex-start;
		}
		nav a {
			padding: 0.3rem 0.6rem;
		}
		.mark {
			flex: 1;
		}
		.theme .words {
			display: none;
		}
	}
</style>
