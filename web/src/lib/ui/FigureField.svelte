<script lang="ts">
	import Input from 'flowbite-svelte/Input.svelte';

	/** A figure read off an instrument, written as large as the instrument shows it. */
	let {
		text = $bindable(),
		field = $bindable(),
		label,
		unit = '',
		disabled = false,
		placeholder = '',
		invalid = false
	}: {
		text: string;
		field?: HTMLInputElement | undefined;
		label: string;
		unit?: string;
		disabled?: boolean;
		placeholder?: string;
		invalid?: boolean;
	} = $props();
</script>

<span
	class="flex w-fit items-baseline gap-1 border-b-3 border-ink pe-2.5 pb-1 text-6xl/none font-semibold text-ink focus-within:border-dead focus-within:shadow-[0_2px_0_var(--dead)]"
	><Input
		class="figure-field min-h-0 w-[4.6ch]! border-0 bg-transparent p-0 text-right text-6xl/none font-semibold focus:ring-0"
		bind:elementRef={field}
		bind:value={text}
		{disabled}
		{placeholder}
		inputmode="decimal"
		autocomplete="off"
		aria-label={label}
		aria-invalid={invalid}
	/>{#if unit}&nbsp;{unit}{/if}</span
>
