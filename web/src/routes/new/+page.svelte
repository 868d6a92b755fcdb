<script lang="ts">
	import { words as w } from '$words/new/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';
	import FromFile from './FromFile.svelte';
	import FromNothing from './FromNothing.svelte';

	let { data } = $props();
	let fromFile = $state(false);
</script>

<svelte:head><title>{w.addAHomeWaryHand}</title></svelte:head>
<TopBar home={null} theme={data.theme} />
<main>
	<div class="row head">
		<h1>{w.addYourOwnHome}</h1>
		<Button color="alternative" onclick={() => (fromFile = !fromFile)}
			>{fromFile ? w.beginFromNothingInstead : w.iHaveAHouseFile}</Button
		>
	</div>
	{#if fromFile}<FromFile />{:else}<FromNothing />{/if}
</main>

<style>
	main {
		max-width: 80rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem 3rem;
	}
	.head {
		align-items: baseline;
		gap: 1.5rem;
	}
	@media (max-width: 900px) {
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
