import { untrack } from 'svelte';

/** A value that follows a frame later, so that what changes with it is painted after what is read first. Called while a component is made. */
export function aFrameLater<T>(now: () => T): { readonly current: T } {
	let followed = $state.raw(untrack(now));
	$effect(() => {
		const next = now();
		const frame = requestAnimationFrame(() => setTimeout(() => (followed = next)));
		return () => cancelAnimationFrame(frame);
	});
	return {
		get current() {
			return followed;
		}
	};
}
