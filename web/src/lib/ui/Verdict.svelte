<script lang="ts">
	import Alert from 'flowbite-svelte/Alert.svelte';
	import type { Snippet } from 'svelte';

	/** What follows from something: as it should be, open, or bad. Told by the line beside it as well as by its colour. */
	let {
		kind = 'good',
		alert = kind === 'bad',
		id,
		children,
		class: more = ''
	}: {
		kind?: 'good' | 'open' | 'bad';
		/** Read out at once: something that was just done didn’t go through. */
		alert?: boolean;
		id?: string;
		class?: string;
		children: Snippet;
	} = $props();
	const line = {
		good: 'border-dead',
		open: 'border-ink border-dashed',
		bad: 'border-live border-double text-live font-semibold'
	};
</script>

<Alert
	color="gray"
	rounded={false}
	role={alert ? 'alert' : 'status'}
	params={{ duration: 0 }}
	{id}
	class={`verdict ${kind} my-3.5 border-l-6 bg-transparent px-3.5 py-1 text-base text-ink ${line[kind]} ${more}`}
	>{@render children()}</Alert
>
