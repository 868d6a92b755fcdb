<script lang="ts">
	import { untrack } from 'svelte';
	import type { JobSession } from '$lib/job/session.svelte';
	import type { StandIn } from '$lib/job/stand-in';
	import { defaultsFor } from '$lib/settings';
	import { setJob } from '../routes/[home]/job/[job]/context';
	import StepInput from '../routes/[home]/job/[job]/StepInput.svelte';

	/** The input of a job's next step by itself, as the job page shows it. */
	let { session, standIn = null }: { session: JobSession; standIn?: StandIn | null } = $props();
	setJob({
		session: untrack(() => session),
		settings: defaultsFor(untrack(() => session.plan.region)),
		home: 'home',
		jobId: 'job',
		kept: [],
		standIn: untrack(() => standIn),
		revisit: () => undefined
	});
</script>

{#if session.step}<StepInput step={session.step} stepKey={String(session.events.length)} />{/if}
