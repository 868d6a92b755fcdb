<script lang="ts">
	import { words as w } from '$words/job/tag/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import { onMount } from 'svelte';
	import Verdict from '$lib/ui/Verdict.svelte';

	let { data } = $props();
	const at = $derived(`/${data.home.slug}/job/${data.job}`);
	let zone = $state('UTC');
	onMount(() => {
		zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
	});
	const asked = $derived(`?zone=${encodeURIComponent(zone)}`);
</script>

<svelte:head><title>{w.tagWaryHand}</title></svelte:head>
<main>
	<div class="no-print">
		<h1>{w.theTag}</h1>
		<p>
			{w.cutItOutHangIt}
		</p>
		{#if data.unwanted}<Verdict kind="open" alert={false}>{w.unwanted[data.unwanted]}</Verdict>{/if}
		<p class="row">
			<Button size="lg" onclick={() => window.print()}>{w.print}</Button>
			<Button size="lg" color="light" href={`${at}/tag.pdf${asked}`}>PDF</Button>
			<Button size="lg" color="light" href={`${at}/tag.svg${asked}`} download="tag.svg">SVG</Button>
			<a href={at} class="flex min-h-11 items-center">{w.backToTheJob}</a>
		</p>
	</div>
	<img src={`${at}/tag.svg${asked}`} alt={data.title} width="280" />
</main>

<style>
	main {
		max-width: 40rem;
		margin: 0 auto;
		padding: 1.4rem;
	}
	img {
		width: 74mm;
		margin: 1rem 0;
		border: 1px solid var(--hair);
	}
	@media print {
		img {
			border: 0;
		}
	}
</style>
