<script lang="ts">
	import Spinner from 'flowbite-svelte/Spinner.svelte';
	import { untrack } from 'svelte';
	import type { Step } from '@wary/core/job';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';
	import { isForStep, repeats } from '$lib/job/meant';
	import { fetchView, viewNow, type StepView } from './steps/views';

	/** The input that a step asks for, made anew for each. But for the next row of a screen it follows a frame later: what is to be done now is read first. */
	let { step, stepKey, row = false }: { step: Step; stepKey: string; row?: boolean } = $props();
	let late = $state.raw<{ kind: Step['kind']; view: StepView } | null>(null);
	let failed = $state(false);
	const View = $derived(viewNow(step.kind) ?? (late?.kind === step.kind ? late.view : null));
	let arrived = $state.raw(untrack(() => ({ stepKey, View })));
	const here = $derived(arrived.stepKey === stepKey || (row && arrived.View === View));
	$effect(() => {
		const now = { stepKey, View };
		if (here) return void (arrived = now);
		const frame = requestAnimationFrame(() => setTimeout(() => (arrived = now)));
		return () => cancelAnimationFrame(frame);
	});
	/** A key for this step pressed while its input is on its way: done once that is here. Those of the page itself answer at once. */
	let held: { key: string; stepKey: string } | null = null;
	function hold(event: KeyboardEvent) {
		const comes = !(View && here) && isForStep(event) && !repeats(event);
		if (!comes || event.defaultPrevented || !/^([a-z0-9]|Enter| )$/.test(event.key)) return;
		held = { key: event.key, stepKey };
		event.preventDefault();
	}
	$effect(() => {
		if (!View || !here || held === null) return;
		const { key, stepKey: pressedAt } = held;
		held = null;
		if (pressedAt === stepKey)
			(document.activeElement ?? document.body).dispatchEvent(
				new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })
			);
	});
	$effect(() => {
		const { kind } = step;
		failed = false;
		if (viewNow(kind)) return;
		fetchView(kind).then(
			(view) => (late = { kind, view }),
			() => (failed = true)
		);
	});
</script>

<svelte:window onkeydown={hold} />
{#if View && here}{#key stepKey}<View {step} />{/key}{:else if failed}<NeverFetched />{:else}<span data-coming
		>{#if !View}<Spinner size="6" />{/if}</span
	>{/if}
