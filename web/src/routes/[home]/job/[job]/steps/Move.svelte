<script lang="ts">
	import { words as w } from '$words/job/steps/move';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { isJoint, wayNow, type Step } from '@wary/core/job';
	import { getJob } from '../context';

	/** One move of the work: done, or for a joint, whether it held its tug. */
	let { step }: { step: Extract<Step, { kind: 'move' }> } = $props();
	const { session } = getJob();
	const move = $derived(
		wayNow(session.plan.work!, session.jobState).moves.find(({ id }) => id === step.move)
	);
	const tugged = $derived(step.again || (move !== undefined && isJoint(move)));
	const answer = (held: boolean) => session.submit({ kind: 'move', move: step.move, held });
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (target?.closest('input, textarea, select')) return;
		if (tugged && event.key === 'y') answer(true);
		else if (tugged && event.key === 'n') answer(false);
		else if (!tugged && event.key === 'Enter' && !target?.closest('button, a, summary')) answer(true);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<p class="row mt-4">
	{#if tugged}
		<Button size="lg" onclick={() => answer(true)}>{w.held}<Kbd>y</Kbd></Button>
		<Button size="lg" color="light" onclick={() => answer(false)}>{w.cameOut}<Kbd>n</Kbd></Button>
	{:else}
		<Button size="lg" onclick={() => answer(true)}>{w.done}<Kbd>↵</Kbd></Button>
	{/if}
</p>
