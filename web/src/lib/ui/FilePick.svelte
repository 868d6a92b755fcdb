<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Fileupload from 'flowbite-svelte/Fileupload.svelte';

	/** A button that asks for a file of this device. */
	let {
		text,
		accept,
		onpick,
		disabled = false,
		color = 'alternative',
		capture
	}: {
		text: string;
		accept: string;
		onpick: (event: Event & { currentTarget: HTMLInputElement }) => void;
		disabled?: boolean;
		color?: 'alternative' | 'light';
		capture?: 'environment';
	} = $props();
</script>

<Button
	tag="label"
	{color}
	{disabled}
	class="relative cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-dead"
	>{text}<Fileupload
		class="h-full w-full cursor-pointer"
		classes={{ wrapper: 'absolute inset-0 w-auto overflow-hidden opacity-0' }}
		{accept}
		{capture}
		{disabled}
		aria-label={text}
		onchange={onpick}
	/></Button
>
