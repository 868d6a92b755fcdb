<script lang="ts">
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { StopReason } from '@wary/core/job';
	import { stopWords } from '$words/conditions';
	import { jobPageWords as words } from '$words/job';
	import { getJob } from './context';

	/** Why only making safe is left. */
	let { reason }: { reason: StopReason } = $props();
	const { session } = getJob();
</script>

<Verdict kind="open">
	<b>{words.endsHere}</b>
	{stopWords(session.plan.region)[reason].why}.
</Verdict>
