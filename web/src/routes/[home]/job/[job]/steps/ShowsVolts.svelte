<script lang="ts">
	import { words as w } from '$words/job/besideDialog';
	import Button from 'flowbite-svelte/Button.svelte';
	import { getJob } from '../context';

	/** What an ohmmeter does on something that is alive is a reading too. */
	const { session } = getJob();
</script>

<p>
	<Button color="light" onclick={() => session.submit({ kind: 'changed', what: 'ohmmeterLive' })}
		>{w.theOhmmeterShowedVolts}</Button
	>
</p>
