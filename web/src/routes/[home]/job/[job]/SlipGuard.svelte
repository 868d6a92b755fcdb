<script lang="ts">
	import { meaning, repeats } from '$lib/job/meant';
	import { getJob } from './context';

	/** Taps and keys that hands slip into do nothing: the second of a double tap, a key held down. */
	const { session } = getJob();
	const meant = meaning();
	/** A tap that was meant for the row before does nothing. A click by key has no place of its own. */
	function tapped(event: MouseEvent) {
		const { clientX: x, clientY: y, timeStamp: at } = event;
		if (event.detail === 0 || (x === 0 && y === 0)) return;
		if (meant({ at, x, y, version: session.events.length })) return;
		event.preventDefault();
		event.stopPropagation();
	}
	function held(event: KeyboardEvent) {
		if (!repeats(event)) return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<svelte:document onkeydowncapture={held} onclickcapture={tapped} />
