<script lang="ts">
	import { words as w } from '$words/job/handover/page';
	import BoxHandover from './BoxHandover.svelte';

	/** A sheet a box, the one that ended the job first. */
	let { data } = $props();
</script>

<svelte:head
	><title>{w.handOverWaryHand(data.sheets.map(({ place }) => place).join(', '))}</title></svelte:head
>
{#each data.sheets as sheet, k (sheet.boxId)}
	<div class={k > 0 ? 'break-before-page' : ''}>
		<BoxHandover home={data.home.slug} house={data.recorded} {sheet} photos={k === 0 ? data.photos : []} />
	</div>
{/each}
