<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** What is drawn stands in the middle itself. */
		wide: boolean;
		/** The page answers. */
		ready: boolean;
		label: string;
		walks: Snippet;
		/** What is to be done, as `main`. */
		children: Snippet;
		beside: Snippet;
	}
	/** The three parts of a job’s page: the walks, what is to be done, what is drawn; one under the other on a phone. */
	let { wide, ready, label, walks, children, beside }: Props = $props();
</script>

<div class="job" class:wide data-ready={ready}>
	<nav aria-label={label}>{@render walks()}</nav>
	{@render children()}
	<aside>{@render beside()}</aside>
</div>

<style>
	.job {
		display: grid;
		grid-template-columns: 264px minmax(0, 1fr) minmax(0, 420px);
		min-height: calc(100vh - 52px);
	}
	nav {
		padding: 1.1rem 1.1rem;
		border-right: 1px solid var(--hair);
	}
	.wide aside {
		display: none;
	}
	.wide > :global(main) {
		grid-column: 2 / -1;
	}
	nav :global(.crumb) {
		margin: 0 0 0.2rem;
		font-size: 0.93rem;
		color: var(--soft);
	}
	.job > :global(main) {
		padding: 1.5rem 2rem 3rem;
	}
	aside {
		background: var(--sheet);
		border-left: 1px solid var(--hair);
		padding: 1rem 1.2rem;
	}
	aside > :global(.where) {
		margin-top: 1rem;
	}
	aside > :global(.small) {
		font-size: 0.9rem;
	}
	@media (max-width: 1100px) {
		.job {
			grid-template-columns: 240px minmax(0, 1fr);
		}
		aside {
			grid-column: 1 / -1;
			border-left: 0;
			border-top: 1px solid var(--hair);
		}
	}
	@media (max-width: 700px) {
		.job {
			display: block;
		}
		nav {
			border-right: 0;
			border-bottom: 1px solid var(--hair);
			padding: 0.5rem 0.8rem 0.4rem;
			overflow: hidden;
		}
		nav > :global(h2),
		.wide aside {
			display: none;
		}
		.wide > :global(main) {
			grid-column: 2 / -1;
		}
		nav :global(.crumb) {
			display: inline;
			font-size: 0.93rem;
			margin-right: 0.5rem;
		}
		.job > :global(main) {
			padding: 1rem 1rem 2rem;
		}
	}
</style>
