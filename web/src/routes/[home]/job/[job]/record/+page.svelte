<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import BoxRecord from './BoxRecord.svelte';
	import Cost from './Cost.svelte';

	/** A sheet a box. */
	let { data } = $props();
	const places = $derived(data.sheets.map(({ place }) => place));
</script>

<svelte:head><title>{w.recordWaryHand(places.join(', '))}</title></svelte:head>
{#each data.sheets as sheet, k (sheet.boxId)}
	<div class={k > 0 ? 'break-before-page' : ''}>
		<BoxRecord
			home={data.home.slug}
			house={data.recorded}
			{sheet}
			photos={k === 0 ? data.photos : []}
			cost={k === 0 ? data.costText : null}
		/>
	</div>
{/each}
{#if data.job.outcome === 'finished'}<div class="no-print mx-auto max-w-[72rem] px-6 pb-8">
		{#key data.cost}<Cost
				home={data.home.slug}
				region={data.recorded.region}
				jobId={data.job.id}
				boxId={data.job.boxId}
				parts={data.cost ? data.cost.parts : data.priced.parts}
				minutes={data.cost?.minutes ?? null}
				callOut={data.cost ? data.cost.callOut : data.priced.callOut}
			/>{/key}
	</div>{/if}
