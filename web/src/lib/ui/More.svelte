<script lang="ts">
	import Accordion from 'flowbite-svelte/Accordion.svelte';
	import AccordionItem from 'flowbite-svelte/AccordionItem.svelte';
	import type { Snippet } from 'svelte';

	/** What is there for those who ask: closed until its line is tapped. */
	let {
		title,
		open = $bindable(false),
		class: more = '',
		children
	}: {
		title: string | Snippet;
		open?: boolean;
		class?: string;
		children: Snippet;
	} = $props();
</script>

<Accordion flush class={more}>
	<AccordionItem bind:open headingTag="div" transitionType="none">
		{#snippet header()}<span
				>{#if typeof title === 'string'}{title}{:else}{@render title()}{/if}</span
			>{/snippet}
		{@render children()}
	</AccordionItem>
</Accordion>
