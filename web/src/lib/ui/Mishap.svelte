<script lang="ts">
	import { words as w } from '$words/ui/mishap';
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from './Verdict.svelte';

	/** What went wrong in the page itself and nobody caught: said, so that a press that did nothing doesn’t pass for one that was entered. */
	let happened = $state(false);

	/** A page that is left lets go of what it had asked for; a drawing that is laid out twice says so in an event without an error. */
	const isNothing = (error: unknown) =>
		error === null || error === undefined || (error instanceof DOMException && error.name === 'AbortError');
	const wrong = (error: unknown) => {
		if (!isNothing(error)) happened = true;
	};
</script>

<svelte:window
	onerror={(event: Event) => wrong('error' in event ? event.error : null)}
	onunhandledrejection={({ reason }) => wrong(reason)}
/>
{#if happened}<div
		class="no-print fixed inset-x-0 bottom-0 z-60 border-t-2 border-ink bg-sheet px-4 py-2 shadow-lg"
	>
		<Verdict kind="bad" alert>
			<p><strong>{w.title}</strong> {w.text}</p>
		</Verdict>
		<p class="row mt-3">
			<Button onclick={() => location.reload()}>{w.again}</Button>
			<Button color="alternative" onclick={() => (happened = false)}>{w.putAway}</Button>
		</p>
	</div>{/if}
