<script lang="ts">
	import type { Step } from '@wary/core/job';
	import StandsForIt from './StandsForIt.svelte';

	/** A new part that stays dark: what stands for it before the box is opened again. */
	let { step }: { step: Extract<Step, { kind: 'deadFromStart' }> } = $props();
</script>

<StandsForIt half={step.half} again />
