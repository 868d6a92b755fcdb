<script lang="ts">
	import { words as w } from '$words/job/besideDialog';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import Modal from 'flowbite-svelte/Modal.svelte';
	import type { Change } from '@wary/core/isolation';
	import { namedReasons, safeStopStep, type StopReason } from '@wary/core/job';
	import { stopWords } from '$words/conditions';
	import { stepWords } from '$words/steps';
	import { terms } from '$words/terms';
	import Another from './Another.svelte';
	import { getJob, type BesideStep } from './context';

	/** Things that happen beside the steps: something changed, a note, a stop. */
	let { open = $bindable() }: { open: BesideStep | null } = $props();
	const { session } = getJob();
	const changes: { what: Change; text: string }[] = [
		{ what: 'powerSeen', text: w.iSawPowerALamp },
		{ what: 'ohmmeterLive', text: w.theOhmmeterShowedVolts },
		{ what: 'foundUnlocked', text: w.theBreakerWasntAsI },
		{ what: 'wasAway', text: w.iWentAwayAndNobody },
		{ what: 'otherBoxOpened', text: w.iOpenedAnotherBox }
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
	const title = $derived(
		open === 'stop'
			? w.stopTheJob
			: open === 'another'
				? w.another(terms[session.plan.region].outlet)
				: w.somethingChangedOrIsOdd
	);
	const way = $derived(safeStopStep(session.plan, session.jobState));
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
	{title}
	aria-label={title}
	bind:open={() => shown, (value) => value || (open = null)}
	size="md"
	class="wary-modal"
>
	{#if open === 'changed'}
		<div class="grid gap-2">
			{#each changes as each (each.what)}<Button size="lg" color="light" onclick={() => changed(each.what)}
					>{each.text}</Button
				>{/each}
		</div>
		<form onsubmit={keepNote}>
			<Label>{w.orJustNoteIt}<Input bind:value={note} maxlength={500} /></Label>
			<p class="mt-3">
				<Button type="submit" color="alternative" disabled={note.trim() === ''}>{w.saveTheNote}</Button>
			</p>
		</form>
	{:else if open === 'another'}
		<Another ondone={() => (open = null)} />
	{:else if open === 'stop'}
		{#if way.kind === 'stop'}
			<form onsubmit={stop}>
				<Label
					>{w.why}<Select placeholder="" bind:value={reason}
						>{#each reasons as each (each)}<option value={each}>{words[each].why}</option>{/each}</Select
					></Label
				>
				<Label class="mt-3 block"
					>{w.inYourOwnWordsFor}<Textarea rows={3} maxlength={500} bind:value={note} /></Label
				>
				<p class="mt-4"><Button type="submit" size="lg">{w.stopAndKeepTheRecord}</Button></p>
			</form>
		{:else}
			{@const first = stepWords(way, { house: session.house, plan: session.plan, state: session.jobState })}
			<p>{w.itCantBeLeftAs} <b>{first.title}</b>.</p>
			{#if way.kind === 'confirm'}<p class="mt-3">{first.lead}</p>{/if}
			{#if way.kind === 'confirm'}
				<p class="mt-4">
					<Button size="lg" onclick={() => session.submit(way)}
						>{way.step === 'tag' ? w.theTagHangs : w.itIsClosed}</Button
					>
				</p>
			{:else if session.step && session.step.kind !== way.kind}
				{#if way.kind === 'cap'}<p class="mt-4">
						<Button size="lg" onclick={() => session.submit({ kind: 'cap' })}>{w.everyBareEndIsCapped}</Button
						>
					</p>{/if}
				{#if way.kind === 'switchOff'}<p class="mt-4">
						<Button
							size="lg"
							onclick={() =>
								session.submit({
									kind: 'switchBreaker',
									breaker: session.jobState.feeder ?? session.plan.recordedBreaker,
									on: false
								})}>{w.itIsOff}</Button
						>
					</p>{/if}
			{/if}
		{/if}
	{/if}
</Modal>
