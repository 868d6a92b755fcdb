<script lang="ts">
	import { newId } from '$lib/newId';
	import { words as w } from '$words/plan/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import { goto } from '$app/navigation';
	import { findBox, placeName, type House } from '@wary/core/house';
	import type { AddFailure, Wished } from '@wary/core/job';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { addFailureWords } from '$words/planFailures';
	import { terms } from '$words/terms';

	interface Props {
		slug: string;
		house: House;
		joins: { readonly id: string; readonly boxIds: readonly string[] };
		boxId: string;
		wish: Wished;
	}
	/** Planned while a job on the same breaker is under way: taken into that one, under its isolation. */
	let { slug, house, joins, boxId, wish }: Props = $props();
	const places = $derived(joins.boxIds.map((id) => placeName(house, findBox(house, id)!)).join(', '));
	const sending = new Sending();
	/** Why the job doesn’t take it, as data. */
	const refused = $derived(
		sending.failure?.code === 'refused' && 'refusal' in sending.failure
			? (sending.failure.refusal as { code: string; failure?: AddFailure })
			: null
	);
	async function takeIn() {
		const id = newId();
		const taken = await sending.send(`/api/${slug}/jobs/${joins.id}/boxes`, 'job', {
			method: 'POST',
			body: { id, box: boxId, wish }
		});
		if (taken) await goto(`/${slug}/job/${taken.jobId}`);
	}
</script>

<section class="my-4 border-b border-hair pb-4">
	<p class="mb-2">{w.joins(terms[house.region].breaker, places)}</p>
	<Button size="lg" disabled={sending.pending} onclick={takeIn}>{w.takeIn}</Button>
	{#if refused}<Verdict kind="bad" alert
			>{refused.failure
				? addFailureWords(refused.failure, house.region)
				: refused.code === 'boxInOtherJob'
					? w.inOtherJob
					: refused.code === 'recordChanged'
						? w.changedSince
						: w.takesNoMore}</Verdict
		>{:else}<Trouble failure={sending.failure} />{/if}
</section>
