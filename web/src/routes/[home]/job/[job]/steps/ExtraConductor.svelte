<script lang="ts">
	import { words as w } from '$words/job/steps/lookOver';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import type { Colour } from '@wary/core/house';
	import More from '$lib/ui/More.svelte';
	import { colourWords, terms } from '$words/terms';
	import { getJob } from '../context';

	/** A conductor that nobody knew of: it is read to ground and neutral before any hand goes in. */
	const { session } = getJob();
	const t = terms[session.plan.region];
	const colours = Object.keys(colourWords) as Colour[];
	let extra = $state<{ colour: Colour; where: 'passing' | 'onDevice' }>({ colour: 'red', where: 'passing' });
	const found = () =>
		session.submit({ kind: 'foundConductor', id: `extra-${session.jobState.found.length + 1}`, ...extra });
</script>

<More title={w.thereIsAConductorThat}>
	<div class="row items-end">
		<Label
			>{w.colour}<Select placeholder="" bind:value={extra.colour}
				>{#each colours as colour (colour)}<option value={colour}>{colourWords[colour]}</option
					>{/each}</Select
			></Label
		>
		<Label
			>{w.where}<Select placeholder="" bind:value={extra.where}
				><option value="passing">{w.inTheBoxNotOn}</option><option value="onDevice">{w.onTheDevice}</option
				></Select
			></Label
		>
		<Button size="lg" color="light" onclick={found}>{w.noteIt}</Button>
	</div>
	<p class="soft">{w.itIsReadToBefore(t.ground, t.neutral)}</p>
</More>
