<script lang="ts">
	import { words as w } from '$words/job/besideDialog';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { circuitsInBox, findBox, hasOutlet, placeName } from '@wary/core/house';
	import { mayDrop, type WishChoice } from '@wary/core/job';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { partWords } from '$words/parts';
	import { inSentence, terms } from '$words/terms';
	import { getJob } from './context';

	/** A further outlet of the same breaker is taken into the job, or the last one left out again. */
	let { ondone }: { ondone: () => void } = $props();
	const { session, home, kept } = getJob();
	const { house } = session;
	const t = $derived(terms[house.region]);
	const near = $derived(
		house.boxes.filter(
			(each) =>
				// Where nothing is fitted yet it has to be planned first.
				(hasOutlet(each) || kept.some(({ boxId }) => boxId === each.id)) &&
				session.whole.plans.every(({ boxId }) => boxId !== each.id) &&
				circuitsInBox(house, each.id)[0]?.breaker === session.whole.plans[0]!.recordedBreaker
		)
	);
	const place = (id: string) => placeName(house, findBox(house, id)!);
	const [last] = $derived(mayDrop(session.whole));
	let box = $state('');
	/** What was planned for it and kept. */
	const asPlanned = $derived(kept.find(({ boxId }) => boxId === box)?.wish);
	let planless = $state(false);
	async function takeIn(wish: WishChoice | null) {
		planless = await session.canPlan().then(
			() => false,
			() => true
		);
		if (planless) return;
		session.submit({ kind: 'addBox', box, wish });
		ondone();
	}
	function leaveOut(dropped: string) {
		session.submit({ kind: 'dropBox', box: dropped });
		ondone();
	}
</script>

<div>
	{#if near.length === 0}<p class="soft">{w.noneNear(t.outlet, t.breaker)}</p>
	{:else}
		<p class="soft mb-2">{w.anotherLead(t.outlet)}</p>
		<Label
			>{w.which}<Select placeholder="" bind:value={box}>
				<option value="">{w.whichOne}</option>
				{#each near as { id } (id)}<option value={id}>{place(id)}</option>{/each}
			</Select></Label
		>
		<p class="row mt-3">
			{#if asPlanned}<Button onclick={() => takeIn(asPlanned)}
					>{w.asPlanned(inSentence(partWords[asPlanned.part].name))}</Button
				>{/if}
			<Button color="alternative" disabled={box === ''} onclick={() => takeIn(null)}>{w.sameAgain}</Button>
			{#if box !== ''}<a class="tap" href={`/${home}/plan/${box}`}>{w.planIt}</a>{/if}
		</p>
	{/if}
	{#if planless}<Verdict kind="bad" alert>{w.cantPlanNow}</Verdict>{/if}
	{#if last !== undefined}<p class="mt-3">
			<Button color="alternative" onclick={() => leaveOut(last)}>{w.leaveOut(place(last))}</Button>
		</p>{/if}
</div>
