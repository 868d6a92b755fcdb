<script lang="ts">
	import { notify } from '$lib/ui/toasts.svelte';
	import { allSent } from '$words/failures';
	import { getJob } from './context';

	const { session } = getJob();
	// Said once when the server is back after a while: what was entered meanwhile has arrived.
	let wasAway = false;
	$effect(() => {
		if (session.away) wasAway = true;
		else if (wasAway && session.unsent === 0) {
			wasAway = false;
			notify('good', allSent);
		}
	});
</script>
