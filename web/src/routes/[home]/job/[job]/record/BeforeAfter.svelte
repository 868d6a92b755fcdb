<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import { findBox, type House } from '@wary/core/house';
	import { asFoundIn, wayNow, type JobPlan, type JobState } from '@wary/core/job';
	import { wiredAs } from '@wary/core/wiring';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';

	interface Props {
		house: House;
		plan: JobPlan;
		state: JobState;
		/** Whether the work was done to its end. */
		done: boolean;
	}
	/** The box before, and as the work left it or was to leave it. */
	let { house, plan, state: jobState, done }: Props = $props();
	const before = $derived(plan.foundAs ? asFoundIn(house, plan.boxId, plan.foundAs) : house);
	const after = $derived(wiredAs(house, plan.boxId, wayNow(plan.work!, jobState).wanted));
	let back = $state(true);
</script>

<div class="pair">
	<section>
		<h2>{w.before}</h2>
		<BoxDrawing house={before} box={findBox(before, plan.boxId)!} bind:back />
	</section>
	<section>
		<h2>{done ? w.after : w.asPlanned}</h2>
		<BoxDrawing house={after} box={findBox(after, plan.boxId)!} bind:back planned={!done} />
	</section>
</div>

<style>
	.pair {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 24rem));
		gap: 2rem;
		break-inside: avoid;
	}
	@media (max-width: 700px) {
		.pair {
			grid-template-columns: minmax(0, 1fr);
			gap: 0.6rem;
		}
	}
	@media print {
		.pair {
			grid-template-columns: repeat(2, 7cm);
		}
	}
</style>
