<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import { findBox, placeName } from '@wary/core/house';
	import BoxRecord from './BoxRecord.svelte';

	/** A sheet a box. */
	let { data } = $props();
	const places = $derived(
		data.boxes.map(({ plan }) => placeName(data.recorded, findBox(data.recorded, plan.boxId)!))
	);
</script>

<svelte:head><title>{w.recordWaryHand(places.join(', '))}</title></svelte:head>
{#each data.boxes as one, k (one.plan.boxId)}
	<div class={k > 0 ? 'break-before-page' : ''}>
		<BoxRecord
			home={data.home.slug}
			job={data.job}
			house={data.recorded}
			{one}
			photos={k === 0 ? data.photos : []}
		/>
	</div>
{/each}
