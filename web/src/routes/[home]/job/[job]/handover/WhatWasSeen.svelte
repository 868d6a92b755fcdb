<script lang="ts">
	import { words as w } from '$words/job/handover/page';
	import { arrangementsThatFit, settling, type BoxSeen } from '@wary/core/arrangements';
	import type { Region } from '@wary/core/rules';
	import { arrangementWords, seenWords, settlingWords } from '$words/arrangements';
	import { capital, colourWords, inSentence } from '$words/terms';

	/** What was in the box that isn't on record, what it can be, and what would settle that. */
	let { seen, region }: { seen: BoxSeen; region: Region } = $props();
	const fits = $derived(arrangementsThatFit(seen).filter((fit) => fit.fits));
	const settle = $derived(
		settling(
			region,
			fits.slice(0, 5).map(({ kind }) => kind)
		)
	);
</script>

<h2>{w.whatWasInIt}</h2>
<p>{capital(seenWords(seen))}.</p>
<ul>
	{#each seen.cables as colours, k (k)}<li>
			{w.cable(String.fromCharCode(65 + k), colours.map((colour) => colourWords[colour]).join(', '))}
		</li>{/each}
</ul>
<p>
	{#if fits.length > 0}{w.mayBe(
			fits
				.slice(0, 3)
				.map(({ kind }) => inSentence(arrangementWords[kind].name))
				.join('; ')
		)}
	{:else}{w.fitsNoArrangementKnownHere}{/if}
	{#if settle}{w.toSettleIt(settlingWords(settle.test, region))}{/if}
</p>
