import { onMount } from 'svelte';

/** What would be lost on leaving, asked when somebody leaves. */
const holders = new Set<() => boolean>();

/** As long as the component stands, leaving asks while this says that something isn’t saved. */
export function holdsUnsaved(unsaved: () => boolean): void {
	onMount(() => {
		holders.add(unsaved);
		return () => holders.delete(unsaved);
	});
}

export const isUnsaved = (): boolean => [...holders].some((unsaved) => unsaved());
