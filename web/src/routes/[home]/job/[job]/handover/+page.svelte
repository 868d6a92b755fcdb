<script lang="ts">
	import { words as w } from '$words/job/handover/page';
	import { findBox, placeName } from '@wary/core/house';
	import { mustStop } from '@wary/core/job';
	import BoxHandover from './BoxHandover.svelte';

	/** A sheet a box, the one that ended the job first. */
	let { data } = $props();
	const place = (boxId: string) => placeName(data.recorded, findBox(data.recorded, boxId)!);
	const ended = $derived(data.boxes.find(({ state }) => mustStop(state) !== null));
	const boxes = $derived(ended ? [ended, ...data.boxes.filter((one) => one !== ended)] : data.boxes);
</script>

<svelte:head
	><title>{w.handOverWaryHand(boxes.map(({ plan }) => place(plan.boxId)).join(', '))}</title></svelte:head
>
{#each boxes as one, k (one.plan.boxId)}
	<div class={k > 0 ? 'break-before-page' : ''}>
		<BoxHandover
			home={data.home.slug}
			job={data.job}
			house={data.recorded}
			{one}
			elsewhere={ended && one !== ended ? place(ended.plan.boxId) : null}
			photos={k === 0 ? data.photos : []}
		/>
	</div>
{/each}
