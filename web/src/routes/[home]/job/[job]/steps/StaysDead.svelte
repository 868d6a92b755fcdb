<script lang="ts">
	import type { Half } from '@wary/core/house';
	import { staysDeadWords as w } from '$words/steps/asFound';
	import { halfWords, terms } from '$words/terms';
	import { getJob } from '../context';
	import StandsForIt from './StandsForIt.svelte';

	/** Read and nothing there, before anything was switched off: what to try, and what stands for an outlet that is dead from the start. */
	let { half }: { half: Half } = $props();
	const { region } = getJob().session.plan;
</script>

<section class="mt-5 max-w-[60ch]" aria-labelledby="stays-dead">
	<h3 id="stays-dead" class="m-0 mb-2 text-lg font-semibold">{w.title(halfWords[half])}</h3>
	<p class="m-0 mb-2">{w.first[region]}</p>
	<p class="m-0 mb-3">{w.then(terms[region].ground)}</p>
	<StandsForIt {half} />
</section>
