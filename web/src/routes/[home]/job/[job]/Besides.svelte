<script lang="ts">
	import type { Component } from 'svelte';
	import NeverFetched from '$lib/ui/NeverFetched.svelte';
	import { besideDialog } from './later';
	import type { BesideStep } from './context';

	/** What may happen beside a step, as a dialog that is fetched after the page answers. */
	let { dialog = $bindable() }: { dialog: BesideStep | null } = $props();
	let Dialog = $state.raw<Component<{ open: typeof dialog }, object, 'open'> | null>(null);
	/** Asked for and not to be had: the server was away before it was fetched. */
	let without = $state(false);
	export const fetch = () =>
		besideDialog().then(
			(loaded) => {
				Dialog = loaded.default;
				without = false;
			},
			() => (without = dialog !== null)
		);
	$effect(() => {
		if (dialog && !Dialog) void fetch();
	});
</script>

{#if Dialog}<Dialog bind:open={dialog} />{:else if without}<NeverFetched />{/if}
