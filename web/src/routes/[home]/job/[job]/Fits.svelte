<script lang="ts">
	import { words as w } from '$words/job/boxEntry';
	import Button from 'flowbite-svelte/Button.svelte';
	import { arrangementsThatFit, settling, type BoxSeen, type SettlingTest } from '@wary/core/arrangements';
	import type { Region } from '@wary/core/rules';
	import { arrangementWords, settlingWords, settlingOutcomeWords } from '$words/arrangements';
	import { inSentence, terms } from '$words/terms';

	interface Props {
		region: Region;
		seen: BoxSeen;
		onmeasured: (measured: NonNullable<BoxSeen['measured']>) => void;
	}
	/** What the box can be by what was seen in it, and the test that would settle it. */
	let { region, seen, onmeasured }: Props = $props();
	const fits = $derived(arrangementsThatFit(seen).filter((fit) => fit.fits));
	const test = $derived(
		settling(
			region,
			fits.slice(0, 5).map(({ kind }) => kind)
		)
	);
	/** Said what it showed: what would have shown something else is out. */
	const found = (what: SettlingTest, shows: string) =>
		onmeasured([...(seen.measured ?? []).filter((each) => each.test !== what), { test: what, shows }]);
</script>

<div class="fits" role="status">
	{#if fits.length === 0}<p><b>{w.nothingKnownFitsThis}</b> {w.thatAloneIsAReason}</p>
	{:else}
		<ol>
			{#each fits.slice(0, 5) as fit (fit.kind)}<li>
					<b>{arrangementWords[fit.kind].name}</b><span
						class="bar"
						style:width={`${Math.max(2, fit.share * 100)}%`}
						aria-hidden="true"
					></span><span class="soft"
						>{arrangementWords[fit.kind].seen}{fit.compared.some(({ agrees }) => !agrees)
							? w.butDiffer(
									fit.compared
										.filter(({ agrees }) => !agrees)
										.map(({ what }) => what)
										.join(' and ')
								)
							: ''}</span
					>
				</li>{/each}
		</ol>
		{#if test}<p>
				<b>{w.whatWouldSettleIt}</b>
				{settlingWords(test.test, region)}
				{#each test.outcomes as outcome (outcome.shows)}<Button
						color="light"
						class="my-1 block text-start font-normal"
						onclick={() => found(test.test, outcome.shows)}
						><b>{settlingOutcomeWords(outcome.shows, region)}</b>: {outcome.kinds
							.map((kind) => inSentence(arrangementWords[kind].name))
							.join(', or ')}</Button
					>{/each}
			</p>
		{:else if fits.length > 1}<p class="soft">
				{w.nothingMeasuredInThisBox(terms[region].panel)}
			</p>{/if}
		{#each seen.measured ?? [] as each (each.test)}<p class="soft">
				{w.measured(settlingWords(each.test, region), settlingOutcomeWords(each.shows, region))}
				<Button
					size="xs"
					color="alternative"
					onclick={() => onmeasured((seen.measured ?? []).filter(({ test: one }) => one !== each.test))}
					>{w.takeThatBack}</Button
				>
			</p>{/each}
		<p class="soft">{w.coloursAreAHintNever}</p>
	{/if}
</div>

<style>
	.fits {
		border-left: 6px dashed var(--ink);
		padding: 0.2rem 0.9rem;
		margin: 0.8rem 0;
	}
	ol {
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 5rem;
		gap: 0 0.8rem;
		align-items: center;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--hair);
	}
	li .soft {
		grid-column: 1 / -1;
		font-size: 0.93rem;
	}
	.bar {
		height: 0.6rem;
		background: var(--ink);
		justify-self: start;
	}
	.fits p {
		margin: 0.4rem 0;
	}
</style>
