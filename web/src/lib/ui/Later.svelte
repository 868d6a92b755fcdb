<script lang="ts" generics="Props extends Record<string, unknown>">
	import { untrack, type Component } from 'svelte';
	import NeverFetched from './NeverFetched.svelte';

	interface Part {
		/** Fetches the component; each once. */
		load: () => Promise<{ default: Component<Props> }>;
		/** Where the page already has it. */
		now?: Component<Props> | null | undefined;
		props: Props;
	}
	/** A part of a page that comes after it answers, or when it is asked for. */
	let { load, now = null, props }: Part = $props();
	let Loaded = $state.raw<Component<Props> | null>(untrack(() => now));
	let failed = $state(false);
	$effect(() => {
		if (Loaded) return;
		load().then(
			(module) => (Loaded = module.default),
			() => (failed = true)
		);
	});
</script>

{#if Loaded}<Loaded {...props} />{:else if failed}<NeverFetched />{/if}
