<script lang="ts">
	import { words as w } from '$words/outlet/page';
	import type { Reason } from '@wary/core/replacement';
	import { editionFacts, type Edition, type Region } from '@wary/core/rules';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { ruleWords } from '$words/rules/rules';

	/** What the rules ask for here that the same again doesn’t give. */
	let { region, edition, asked }: { region: Region; edition: Edition; asked: readonly Reason[] } = $props();
	const cited = $derived(`${editionFacts[edition].code} ${editionFacts[edition].cited}`);
	const kind = $derived(
		asked.some(({ effect }) => effect === 'stops') ? ('bad' as const) : ('open' as const)
	);
</script>

{#if asked.length > 0}
	<Verdict {kind} alert={false}>
		<b>{w.againIsNot(cited)}</b>
		{#each asked as { rule, effect, clause } (rule + effect)}
			{@const said = ruleWords(rule, region, edition)}
			<p class="my-1">{said.says} {said.then} <span class="soft">{clause}</span></p>
		{/each}
	</Verdict>
{/if}
