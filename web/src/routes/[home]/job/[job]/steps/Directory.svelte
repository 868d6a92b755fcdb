<script lang="ts">
	import { words as w } from '$words/job/steps/directory';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { findBox, findBreaker } from '@wary/core/house';
	import { labelOf } from '$words/steps';
	import { breakerName, terms } from '$words/terms';
	import { getJob } from '../context';

	const { session } = getJob();
	const { plan, house } = session;
	/** A main switch says nothing about which breaker it was. */
	const switched = session.jobState.feeder ?? plan.recordedBreaker;
	const feeder = findBreaker(house, switched) ? switched : plan.recordedBreaker;
	const was = labelOf(house, feeder);
	const room = house.rooms.find(({ id }) => id === findBox(house, plan.boxId)?.room)?.name ?? '';
	const moved = feeder !== plan.recordedBreaker && !plan.together.some(({ breaker }) => breaker === feeder);
	let label = $state(moved ? room.toLowerCase() : was || room.toLowerCase());
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		if (label.trim() !== '') session.submit({ kind: 'tidyDirectory', label: label.trim() });
	};
</script>

<form onsubmit={submit}>
	<Label
		>{w.aWas(
			terms[plan.region].breaker,
			breakerName(house, feeder),
			findBreaker(house, feeder)?.ratingA ?? '',
			was
		)}<Input bind:value={label} maxlength={80} required /></Label
	>
	{#if moved}<p class="soft">
			{w.theLineOfSaidWhat(breakerName(house, plan.recordedBreaker), labelOf(house, plan.recordedBreaker))}
		</p>{/if}
	<p class="row mt-4"><Button type="submit" size="lg">{w.writeIt}<Kbd>↵</Kbd></Button></p>
</form>
