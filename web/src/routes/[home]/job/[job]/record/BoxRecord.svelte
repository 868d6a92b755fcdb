<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { words as w } from '$words/job/record/page';
	import type { House } from '@wary/core/house';
	import type { RecordSheet } from '$lib/server/toldSchema';
	import PhotoSheet from '$lib/ui/PhotoSheet.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import AsFoundTable from './AsFoundTable.svelte';
	import BeforeAfter from './BeforeAfter.svelte';
	import Lines from './Lines.svelte';
	import Proofs from './Proofs.svelte';

	interface Props {
		home: string;
		house: House;
		sheet: RecordSheet;
		photos: ComponentProps<typeof PhotoSheet>['photos'];
		/** What it cost, as it was entered since. */
		cost: string | null;
	}
	/** The record of one box: what was read, proven, done and tested there. */
	let { home, house, sheet, photos, cost }: Props = $props();
</script>

<Sheet over={w.recordOfWork(house.name)} title={sheet.place} print={w.print} foot={w.writtenByThePersonNamed}>
	{#snippet under()}
		<p><b>{sheet.outcome}</b> {sheet.endedAt}</p>
	{/snippet}
	<dl>
		{#each sheet.facts as { name, text } (name)}<div>
				<dt>{name}</dt>
				<dd>{text}</dd>
			</div>{/each}
		{#if cost}<div>
				<dt>{w.cost}</dt>
				<dd>{cost}</dd>
			</div>{/if}
	</dl>

	<section class="worries">
		<h2>{w.worriesLeftOpen}</h2>
		{#if sheet.worries.length === 0}<p>{w.none}</p>{:else}<ul>
				{#each sheet.worries as worry, k (k)}<li>{worry}</li>{/each}
			</ul>{/if}
	</section>

	{#if sheet.resolutions.length > 0}
		<section>
			<h2>{w.readingsBetweenDeadAndLive}</h2>
			<ul>
				{#each sheet.resolutions as { key, text } (key)}<li>{text}</li>{/each}
			</ul>
		</section>
	{/if}

	<div class="columns">
		<section>
			<h2>{w.proofOfDead}</h2>
			<Proofs proofs={sheet.proofs} />
			<AsFoundTable compared={sheet.compared} />
		</section>
		<section>
			{#each sheet.groups as group (group.title)}
				<h2>{group.title}</h2>
				<Lines lines={group.lines} />
			{/each}
		</section>
	</div>
	{#if sheet.wirings}
		<div class:no-print={sheet.wirings.alike}>
			<BeforeAfter {house} boxId={sheet.boxId} {...sheet.wirings} />
		</div>
	{/if}
	<PhotoSheet {home} {photos} />
</Sheet>

<style>
	dl {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.7rem 1.5rem;
		margin: 1rem 0;
	}
	dt {
		color: var(--soft);
		font-size: 0.92rem;
	}
	dd {
		margin: 0;
		font-weight: 600;
	}
	.worries {
		border: 2px solid var(--ink);
		padding: 0.7rem 1rem;
		margin: 0 0 1.2rem;
	}
	.worries ul {
		margin: 0;
	}
	.worries p {
		margin: 0;
	}
	.columns {
		display: grid;
		grid-template-columns: 1fr 1.25fr;
		gap: 2rem;
	}
	@media (max-width: 800px) {
		dl,
		.columns {
			grid-template-columns: 1fr;
			gap: 0.6rem;
		}
	}
	@media print {
		.columns {
			grid-template-columns: 1fr 1.35fr;
			gap: 1.1rem;
		}
		dl {
			grid-template-columns: repeat(3, 1fr);
			gap: 0.1rem 1rem;
			margin: 0.3rem 0;
			font-size: 8.4pt;
		}
		dt {
			font-size: 7.6pt;
		}
		.worries {
			padding: 0.2rem 0.6rem;
			margin-bottom: 0.4rem;
			font-size: 8.4pt;
			border-width: 1px;
		}
	}
</style>
