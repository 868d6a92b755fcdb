<script lang="ts" generics="T extends string | number | boolean">
	import RadioButton from 'flowbite-svelte/RadioButton.svelte';
	import type { Snippet } from 'svelte';

	/** One of a few, side by side. */
	let {
		legend,
		name,
		options,
		value,
		onpick,
		large = false,
		before
	}: {
		legend?: string;
		name: string;
		options: readonly (readonly [T, string])[];
		value: T | null;
		onpick: (value: T) => void;
		large?: boolean;
		/** Drawn before an option's words. */
		before?: Snippet<[T]>;
	} = $props();
	const picked = {
		get group() {
			return value;
		},
		set group(to) {
			if (to !== null) onpick(to);
		}
	};
</script>

<fieldset class="m-0 flex flex-wrap border-0 p-0">
	{#if legend}<legend class="label p-0">{legend}</legend>{/if}
	{#each options as [each, text] (each)}
		<RadioButton
			{name}
			value={each}
			color="light"
			bind:group={picked.group}
			checkedClass="bg-ink hover:bg-ink text-paper font-bold"
			class={`-me-[2px] gap-3 rounded-none has-focus-visible:z-10 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-dead ${
				large ? 'min-h-14 min-w-16 px-4 text-xl max-sm:min-w-13 max-sm:px-2' : 'min-w-14 px-2.5'
			}`}>{@render before?.(each)}{text}</RadioButton
		>
	{/each}
</fieldset>
