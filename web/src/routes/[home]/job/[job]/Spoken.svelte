<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { onMount, untrack } from 'svelte';
	import type { JobEvent, Step } from '@wary/core/job';
	import { canSpeak, goOn, hush, keepSpeaking, say, speaksHere } from '$lib/job/speaking';
	import { expectedSaid, speakingWords as words, spokenEntry, spokenStep } from '$words/spoken';
	import { terms } from '$words/terms';
	import { getJob } from './context';

	/** For hands that are busy: the next action and what to expect are spoken, what was entered is repeated, and one large target goes on. */
	let { step, told }: { step: Step; told: { title: string; lead: string } } = $props();
	const { session } = getJob();
	let can = $state(false);
	let on = $state(false);
	onMount(() => {
		can = canSpeak();
		on = speaksHere();
		return () => can && hush();
	});

	const language = $derived(terms[session.plan.region].locale);
	const action = $derived(spokenStep(told, expectedSaid(step, session.plan, session.expect)));
	let said = '';
	let heard = untrack(() => session.events.length);
	$effect(() => {
		if (!on) return;
		const now = `${session.events.length} ${action}`;
		// An entry that arrives at the server changes nothing to be said.
		if (now === said) return;
		said = now;
		const last = session.events.length > heard ? session.events.at(-1) : undefined;
		heard = session.events.length;
		void speak(last, action);
	});
	/** What was entered, then what to do. */
	async function speak(last: JobEvent | undefined, next: string) {
		const words = last && (await import('$words/events').catch(() => null));
		const entered = words
			? spokenEntry(words.eventWords(last, session.house, session.plan, session.jobState.earth))
			: '';
		say(`${entered} ${next}`.trim(), language);
	}
	function turn() {
		on = !on;
		keepSpeaking(on);
		said = '';
		if (!on) hush();
	}
	function key(event: KeyboardEvent) {
		const target = event.target instanceof HTMLElement ? event.target : null;
		const ownSpace = target?.closest(
			'button, a, textarea, select, summary, dialog, input:not([inputmode=decimal])'
		);
		if (!on || event.key !== ' ' || ownSpace || event.repeat) return;
		event.preventDefault();
		goOn();
	}
</script>

<svelte:window onkeydown={key} />
<!-- Always there, so that nothing moves when a browser turns out to speak. -->
<Button color="alternative" class={can ? '' : 'invisible'} aria-pressed={on} onclick={turn}
	>{words.speak}</Button
>
{#if on}<Button
		size="lg"
		class="fixed inset-x-4 bottom-4 z-30 min-h-20 text-2xl md:static md:w-full"
		onclick={goOn}>{words.next}<Kbd>space</Kbd></Button
	>{/if}
