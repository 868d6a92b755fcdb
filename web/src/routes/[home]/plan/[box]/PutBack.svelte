<script lang="ts">
	import { words as w } from '$words/plan/page';
	import type { House } from '@wary/core/house';
	import type { JobPlan } from '@wary/core/job';
	import { putBackLines } from '$words/plan/putBack';
	import Rows from './Rows.svelte';

	/** What is done with a device that is only taken out and put back. */
	let { house, plan }: { house: House; plan: JobPlan } = $props();
	const rows = $derived(
		putBackLines(house, plan).map((text) => ({ kind: 'sure' as const, sign: '·', text }))
	);
</script>

<Rows title={w.whatIsDone} {rows} />
