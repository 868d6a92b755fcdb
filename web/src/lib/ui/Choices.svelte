<script lang="ts" generics="T extends string | number | boolean">
	import Radio from 'flowbite-svelte/Radio.svelte';
	import type { Snippet } from 'svelte';

	/** One of several, each on its own line, or in a row. */
	let {
		legend,
		hidden = false,
		name,
		options,
		value,
		onpick,
		inline = false,
		item
	}: {
		legend: string;
		/** The legend is for screen readers only. */
		hidden?: boolean;
		name: string;
		options: readonly { readonly value: T; readonly text?: string; readonly disabled?: boolean }[];
		value: T | null;
		onpick: (value: T) => void;
		inline?: boolean;
		/** What an option says, where it is more than its text. */
		item?: Snippet<[T]>;
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

<fieldset class={['m-0 border-0 p-0', inline && 'flex flex-wrap gap-x-6']}>
	<legend class={hidden ? 'sr-only' : 'label p-0'}>{legend}</legend>
	{#each options as option (option.value)}
		<Radio {name} {inline} value={option.value} disabled={option.disabled} bind:group={picked.group}
			>{#if item}<span>{@render item(option.value)}</span>{:else}{option.text}{/if}</Radio
		>
	{/each}
</fieldset>
