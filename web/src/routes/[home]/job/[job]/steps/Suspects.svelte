<script lang="ts">
	import type { PlugLamps } from '@wary/core/instruments';
	import type { Half } from '@wary/core/house';
	import { believedHouse, wiringDuring } from '@wary/core/job';
	import { suspectsFor } from '$lib/suspects/ask';
	import { mistakeWords } from '$words/bench';
	import { suspectWords as w } from '$words/steps/asFound';
	import { getJob } from '../context';

	/** Which mistakes would show exactly these lamps, by the model: those at this box can be put right in it. */
	let { half, lamps, after }: { half: Half; lamps: PlugLamps; after: boolean } = $props();
	const { session } = getJob();
	const asked = $derived(
		suspectsFor(
			wiringDuring(
				believedHouse(session.house, session.plan, session.jobState),
				session.plan,
				session.jobState
			),
			session.plan.boxId,
			{ [half]: { ...lamps } }
		)
	);
	const shownAtMost = 4;
</script>

{#await asked}<p class="text-soft mt-3">{w.working}</p>
{:then suspects}
	<section class="mt-3 max-w-[58ch]" aria-labelledby="suspects">
		<h3 id="suspects" class="m-0 text-base font-semibold">{w.title}</h3>
		{#if suspects.length === 0}<p class="m-0">{w.none}</p>
		{:else}<ol class="m-0 list-decimal ps-6">
				{#each suspects.slice(0, shownAtMost) as each (each.id)}<li>
						{mistakeWords(each, session.house)}
					</li>{/each}
			</ol>
			{#if suspects.length > shownAtMost}<p class="m-0 text-soft">
					{w.more(suspects.length - shownAtMost)}
				</p>{/if}
			<p class="m-0 mt-1 text-soft">
				{suspects.some(({ where }) => where === 'here') ? (after ? w.hereAfter : w.here) : w.elsewhere}
			</p>{/if}
	</section>
{:catch}<!-- Without it the reading counts all the same. -->
{/await}
