<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { words as w } from '$words/job/handover/page';
	import { withBox, type House } from '@wary/core/house';
	import type { HandoverSheet } from '$lib/server/toldSchema';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import PhotoSheet from '$lib/ui/PhotoSheet.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { terms } from '$words/terms';
	import BeforeAfter from '../record/BeforeAfter.svelte';
	import PrintedLines from './PrintedLines.svelte';
	import Readings from './Readings.svelte';
	import WhatWasSeen from './WhatWasSeen.svelte';

	interface Props {
		home: string;
		house: House;
		sheet: HandoverSheet;
		photos: ComponentProps<typeof PhotoSheet>['photos'];
	}
	/** For whoever goes on at one box: why it stopped, how it is left, what was seen, read and done. */
	let { home, house, sheet, photos }: Props = $props();
	const asLeft = $derived(withBox(house, sheet.boxId, () => sheet.asLeft));
</script>

<Sheet
	over={w.forA(terms[house.region].handTo, house.name)}
	title={sheet.place}
	print={w.print}
	foot={w.writtenByAHomeownerStep}
>
	{#snippet under()}
		<p>{sheet.by}</p>
	{/snippet}
	{#if !sheet.stopped}<Verdict kind="open">{w.thisJobIsntStoppedThe}</Verdict>{/if}
	<section class="why">
		{#if sheet.reasons.length > 0 || sheet.elsewhere || sheet.stopped}<h2>{w.whyItStopped}</h2>{/if}
		{#each sheet.reasons as { key, why, tell } (key)}<p>
				<b>{why}</b>
				{tell}
			</p>{:else}{#if sheet.stopped && !sheet.elsewhere}<p>{w.noReasonWasNoted}</p>{/if}{/each}
		{#if sheet.elsewhere}<p>{sheet.elsewhere}</p>{/if}
		{#if sheet.note}<p>“{sheet.note}”</p>{/if}
		<h2>{w.howItIsLeft}</h2>
		<ul>
			{#each sheet.left as line, k (k)}<li>{line}</li>{/each}
		</ul>
	</section>
	<div class="columns">
		<section>
			<h2>{sheet.asRecorded ? w.theBoxOnRecord : sheet.seen ? w.theBoxAsRecordedIt : w.theBoxAsItIs}</h2>
			<BoxDrawing house={asLeft} box={sheet.asLeft} />
			{#if sheet.seen}<WhatWasSeen seen={sheet.seen} region={sheet.region} />{/if}
			{#if sheet.supply}<p><b>{w.supplyCable}</b> {sheet.supply}</p>{/if}
			<h2>{w.condition}</h2>
			{#if sheet.conditions.length === 0}<p>{sheet.inspected ? w.nothingWasFound : w.notLookedAt}</p>
			{:else}<PrintedLines
					lines={sheet.conditions.map(({ key, text, severity }) => ({ key, text, value: severity }))}
					strong
				/>{/if}
		</section>
		<section><Readings readings={sheet.readings} /></section>
	</div>
	{#if sheet.wirings}<BeforeAfter {house} boxId={sheet.boxId} {...sheet.wirings} done={false} />{/if}
	<PhotoSheet {home} {photos} />
</Sheet>

<style>
	.why {
		border: 3px double var(--ink);
		padding: 0.7rem 1rem;
		margin: 1rem 0;
	}
	.why p {
		margin: 0 0 0.5rem;
	}
	section > * + h2 {
		margin-top: 1.1rem;
	}
	.columns {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 2rem;
	}
	@media (max-width: 800px) {
		.columns {
			grid-template-columns: 1fr;
			gap: 0.6rem;
		}
	}
	@media print {
		.why {
			font-size: 8.6pt;
		}
		.columns {
			gap: 1.2rem;
		}
	}
</style>
