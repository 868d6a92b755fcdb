<script lang="ts">
	import Modal from 'flowbite-svelte/Modal.svelte';
	import type { Change } from '@wary/core/isolation';
	import { namedReasons, safeStopStep, type StopReason } from '@wary/core/job';
	import { stopWords } from '$lib/words/conditions';
	import { stepWords } from '$lib/words/steps';
	import { getJob } from './context';

	/** Things that happen beside the steps: something changed, a note, a stop. */
	let { open = $bindable() }: { open: 'changed' | 'stop' | null } = $props();
	const { session } = getJob();
	const changes: { what: Change; text: string }[] = [
		{ what: 'powerSeen', text: 'I saw power: a lamp came on, something hummed' },
		{ what: 'foundUnlocked', text: 'The breaker wasn’t as I left it' },
		{ what: 'wasAway', text: 'I went away and nobody watched the panel' },
		{ what: 'otherBoxOpened', text: 'I opened another box' }
	];
	const reasons: StopReason[] = [
		'ownChoice',
		'unsure',
		'deadBefore',
		'noTester',
		'scorchIntoWall',
		'crumblingInsulation',
		'aluminium',
		'tooShort',
		// No RCD is written down and ends nothing.
		...namedReasons[session.plan.region].filter((each) => each !== 'noResidual')
	];
	let note = $state('');
	let reason = $state<StopReason>('ownChoice');
	const shown = $derived(open !== null);
	const way = $derived(safeStopStep(session.jobState));
	const words = stopWords(session.plan.region);
	function changed(what: Change) {
		session.submit({ kind: 'changed', what });
		open = null;
	}
	function keepNote(event: SubmitEvent) {
		event.preventDefault();
		if (note.trim() !== '' && session.submit({ kind: 'note', text: note.trim() })) {
			note = '';
			open = null;
		}
	}
	function stop(event: SubmitEvent) {
		event.preventDefault();
		session.submit({ kind: 'stop', reason, note: note.trim() });
		open = null;
	}
</script>

<Modal
	title={open === 'stop' ? 'Stop the job' : 'Something changed, or is odd'}
	bind:open={() => shown, (value) => value || (open = null)}
	size="md"
	class="wary-modal"
>
	{#if open === 'changed'}
		<div class="grid gap-2">
			{#each changes as each (each.what)}<button
					type="button"
					class="btn second"
					onclick={() => changed(each.what)}>{each.text}</button
				>{/each}
		</div>
		<form onsubmit={keepNote}>
			<label
				><span class="label">Or just note it</span><input
					class="field"
					bind:value={note}
					maxlength="500"
				/></label
			>
			<p class="mt-3"><button class="btn quiet" disabled={note.trim() === ''}>Save the note</button></p>
		</form>
	{:else if open === 'stop'}
		{#if way.kind === 'stop'}
			<form onsubmit={stop}>
				<label
					><span class="label">Why</span><select class="field" bind:value={reason}
						>{#each reasons as each (each)}<option value={each}>{words[each].why}</option>{/each}</select
					></label
				>
				<label class="mt-3 block"
					><span class="label">In your own words, for whoever goes on</span><textarea
						class="field"
						rows="3"
						maxlength="500"
						bind:value={note}
					></textarea></label
				>
				<p class="mt-4"><button class="btn">Stop and keep the record</button></p>
			</form>
		{:else}
			{@const first = stepWords(way, { house: session.house, plan: session.plan, state: session.jobState })}
			<p>It can’t be left as it is now. First: <b>{first.title}</b>.</p>
			{#if way.kind === 'confirm'}<p class="mt-3">{first.lead}</p>{/if}
			{#if way.kind === 'confirm'}
				<p class="mt-4">
					<button type="button" class="btn" onclick={() => session.submit(way)}
						>{way.step === 'tag' ? 'The tag hangs' : 'It is closed'}</button
					>
				</p>
			{:else if session.step && session.step.kind !== way.kind}
				{#if way.kind === 'cap'}<p class="mt-4">
						<button type="button" class="btn" onclick={() => session.submit({ kind: 'cap' })}
							>Every bare end is capped</button
						>
					</p>{/if}
				{#if way.kind === 'switchOff'}<p class="mt-4">
						<button
							type="button"
							class="btn"
							onclick={() =>
								session.submit({
									kind: 'switchBreaker',
									breaker: session.jobState.feeder ?? session.plan.recordedBreaker,
									on: false
								})}>It is off</button
						>
					</p>{/if}
			{/if}
		{/if}
	{/if}
</Modal>
