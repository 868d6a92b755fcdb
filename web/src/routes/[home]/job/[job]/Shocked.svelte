<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { jobPageWords as words } from '$words/job';
	import { getJob } from './context';

	/** What to do when somebody is being shocked: here from the page's first moment, and fetched from nowhere. */
	const { region } = getJob().session.plan;
	let shown = $state(false);
</script>

<Button color="alternative" aria-expanded={shown} onclick={() => (shown = !shown)}>{words.shocked}</Button>
{#if shown}<Verdict kind="bad" class="col-span-full basis-full">
		{words.shockedDo[region]}
		<a class="tap font-bold" href={`tel:${words.emergency[region]}`}>{words.call(words.emergency[region])}</a>
	</Verdict>{/if}
