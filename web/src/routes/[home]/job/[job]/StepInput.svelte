<script lang="ts">
	import Spinner from 'flowbite-svelte/Spinner.svelte';
	import type { Step } from '@wary/core/job';
	import NeverFetched from './NeverFetched.svelte';
	import { fetchView, viewNow, type StepView } from './steps/views';

	/** The input that a step asks for. */
	let { step }: { step: Step } = $props();
	let late = $state.raw<StepView | null>(null);
	let failed = $state(false);
	const View = $derived(viewNow(step.kind) ?? late);
	$effect(() => {
		if (viewNow(step.kind)) return;
		fetchView(step.kind).then(
			(view) => (late = view),
			() => (failed = true)
		);
	});
</script>

{#if View}<View {step} />{:else if failed}<NeverFetched />{:else}<span data-coming><Spinner size="6" /></span
	>{/if}
