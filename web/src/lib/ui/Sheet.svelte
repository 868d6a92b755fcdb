<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		/** What kind of sheet it is, over its title. */
		over: string;
		title: string;
		print: string;
		/** Said at its end. */
		foot: string;
		/** What stands under the title. */
		under: Snippet;
		children: Snippet;
	}
	/** A page to be printed and handed on. */
	let { over, title, print, foot, under, children }: Props = $props();
</script>

<main>
	<header>
		<p class="soft">{over}</p>
		<h1>{title}</h1>
		{@render under()}
		<Button
			size="lg"
			color="light"
			class="no-print col-start-2 row-span-3 row-start-1 self-center"
			onclick={() => window.print()}>{print}</Button
		>
	</header>
	{@render children()}
	<p class="soft foot">{foot}</p>
</main>

<style>
	main {
		max-width: 72rem;
		margin: 0 auto;
		padding: 1.2rem 1.6rem 3rem;
	}
	header {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 1rem;
		border-bottom: 2px solid var(--ink);
		padding-bottom: 0.7rem;
	}
	header :global(p) {
		margin: 0;
		grid-column: 1;
	}
	.foot {
		font-size: 0.92rem;
		border-top: 1px solid var(--hair);
		padding-top: 0.7rem;
	}
	main :global(ul) {
		margin: 0 0 0.6rem;
		padding-left: 1.1rem;
		list-style: square;
	}
	@media (max-width: 800px) {
		main {
			padding: 1rem;
		}
	}
	@media print {
		main {
			max-width: none;
			padding: 0;
		}
		h1 {
			font-size: 14pt;
		}
		main :global(h2) {
			font-size: 9pt;
			margin: 0.15rem 0;
		}
		header {
			display: block;
		}
		header,
		.foot {
			font-size: 8.4pt;
			padding: 0.15rem 0;
		}
	}
</style>
