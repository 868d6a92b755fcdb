<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { beside, findBox, placeName, type House } from '@wary/core/house';

	interface Props {
		house: House;
		boxes: readonly { readonly boxId: string }[];
		/** The one that is looked at. */
		boxId: string;
		/** Outlets on the same breaker that aren’t in the job. */
		left: readonly { readonly boxId: string }[];
		onlook: (boxId: string) => void;
		onadd: (boxId: string) => void;
		onleave: (boxId: string) => void;
	}
	/** The outlets that are done in one job: off once, each proven dead by itself. */
	let { house, boxes, boxId, left, onlook, onadd, onleave }: Props = $props();
	/** What sits in one box with it comes out with it. */
	const near = $derived(beside(house, boxId).filter((id) => boxes.some((each) => each.boxId === id)));
	const place = (id: string) => placeName(house, findBox(house, id)!);
	let added = $state('');
	function add() {
		if (added) onadd(added);
		added = '';
	}
</script>

<div class="row items-end! my-2">
	{#if boxes.length > 1}
		<div class="row" role="group" aria-label={w.inThisJob}>
			{#each boxes as each (each.boxId)}<Button
					color={each.boxId === boxId ? 'primary' : 'light'}
					aria-pressed={each.boxId === boxId}
					onclick={() => onlook(each.boxId)}>{place(each.boxId)}</Button
				>{/each}
			{#if boxId !== boxes[0]!.boxId && near.length === 0}<Button
					color="alternative"
					aria-label={w.leaveOut(place(boxId))}
					onclick={() => onleave(boxId)}>{w.leaveThisOut}</Button
				>{/if}
		</div>
	{/if}
	{#if left.length > 0}
		<Label class="w-full max-w-[24rem]"
			>{w.addOutlet}<Select placeholder="" bind:value={added} onchange={add}>
				<option value="">{w.noOther}</option>
				{#each left as each (each.boxId)}<option value={each.boxId}>{place(each.boxId)}</option>{/each}
			</Select></Label
		>
	{/if}
</div>
{#if boxes.length > 1}<p class="soft m-0 mt-1">
		{near.length > 0 ? w.oneBox(near.map(place).join(', ')) : ''}
		{w.oneIsolation}
	</p>{/if}
