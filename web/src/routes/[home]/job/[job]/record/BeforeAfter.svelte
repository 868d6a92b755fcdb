<script lang="ts">
	import { words as w } from '$words/job/record/page';
	import { findBox, type House } from '@wary/core/house';
	import { asFoundIn, type Found } from '@wary/core/job';
	import { wiredAs, type Wiring } from '@wary/core/wiring';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';

	interface Props {
		house: House;
		boxId: string;
		/** As it was found, where that isn’t what was on record. */
		foundAs: Found | null;
		wanted: Wiring;
		/** Whether the work was done to its end. */
		done: boolean;
	}
	/** The box before, and as the work left it or was to leave it. */
	let { house, boxId, foundAs, wanted, done }: Props = $props();
	const before = $derived(foundAs ? asFoundIn(house, boxId, foundAs) : house);
	const after = $derived(wiredAs(house, boxId, wanted));
	let back = $state(true);
</script>

<div class="pair">
	<section>
		<h2>{w.before}</h2>
		<BoxDrawing house={before} box={findBox(before, boxId)!} bind:back />
	</section>
	<section>
		<h2>{done ? w.after : w.asPlanned}</h2>
		<BoxDrawing house={after} box={findBox(after, boxId)!} bind:back planned={!done} />
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
