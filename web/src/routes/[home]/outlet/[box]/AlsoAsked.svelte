<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { PageData } from './$types';

	/** What the rules ask for here that the same again doesn’t give. */
	let { asked }: { asked: NonNullable<PageData['also']> } = $props();
	const kind = $derived(
		asked.reasons.some(({ effect }) => effect === 'stops') ? ('bad' as const) : ('open' as const)
	);
</script>

{#if asked.reasons.length > 0}
	<Verdict {kind} alert={false}>
		<b>{w.againIsNot(asked.cited)}</b>
		{#each asked.reasons as { key, says, clause } (key)}
			<p class="my-1">{says} <span class="soft">{clause}</span></p>
		{/each}
	</Verdict>
{/if}
