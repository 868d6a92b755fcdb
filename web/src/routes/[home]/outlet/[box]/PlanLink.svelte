<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';

	/** The way to putting something else in, or something at all. */
	interface Props {
		home: string;
		box: string;
		first?: boolean;
		/** The place asks for something else: this is the way to take. */
		asked?: boolean;
	}
	let { home, box, first = false, asked = false }: Props = $props();
</script>

<p class="mt-4">
	<Button size="lg" color={asked ? 'primary' : 'light'} href={`/${home}/plan/${box}`}
		>{first ? w.planWhatGoesIn : asked ? w.planWhatIsAsked : w.planSomethingElse}</Button
	>
	{#if !first}<span class="soft mt-1 block">{w.orSomethingElse}</span>{/if}
</p>
