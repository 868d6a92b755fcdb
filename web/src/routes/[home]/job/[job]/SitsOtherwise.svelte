<script lang="ts">
	import More from '$lib/ui/More.svelte';
	import { jobPageWords as words } from '$words/job';
	import { getJob } from './context';
	import { foundEnds } from './later';
	import Later from '$lib/ui/Later.svelte';

	/** Wires off: what turns out to sit otherwise is said here, and the work is planned anew. */
	const { session } = getJob();
	let open = $state(false);
	const events = $derived(session.events.length);
	// Whatever is entered closes it.
	$effect(() => {
		void events;
		open = false;
	});
</script>

<More title={words.sitsOtherwise} bind:open class="mt-4"
	>{#if open}<Later load={foundEnds} props={{}} />{/if}</More
>
