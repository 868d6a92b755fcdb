<script lang="ts">
	import { newId } from '$lib/newId';
	import { words as w } from '$words/job/record/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { Region } from '@wary/core/rules';
	import { Sending } from '$lib/sending.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import More from '$lib/ui/More.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { currencySign } from '$words/money';
	import { words as money } from '$words/shopping';

	interface Props {
		home: string;
		region: Region;
		/** The job, and its first box, where it is entered. */
		jobId: string;
		boxId: string;
		/** What was entered last, or what the price list says; hundredths. */
		parts: number | null;
		minutes: number | null;
		callOut: number | null;
	}
	/** What the job cost, put on its record. */
	let { home, region, jobId, boxId, parts, minutes, callOut }: Props = $props();
	const typed = $state(untrack(() => ({ parts, minutes, callOut })));
	let missing = $state(false);
	const sending = new Sending();
	async function save() {
		missing = typed.parts === null;
		if (typed.parts === null) return;
		const taken = await sending.send(`/api/${home}/observations`, 'done', {
			method: 'POST',
			body: { id: newId(), box: boxId, job: jobId, body: { kind: 'cost', ...typed } }
		});
		if (!taken) return;
		notify('good', w.costSaved);
		await invalidateAll();
	}
	const minor = (sum: number | null) => (sum === null ? null : Math.round(sum * 100));
	const figure = (sum: number | null) => (sum === null ? null : sum / 100);
</script>

<More class="no-print" title={w.costOf}>
	<div class="grid max-w-[30rem] gap-3">
		<p class="m-0 text-soft">{w.costWhy}</p>
		<Figure
			label={w.costParts}
			sign={currencySign[region]}
			value={figure(typed.parts)}
			wrong={money.priceRange}
			onset={(sum) => (typed.parts = minor(sum))}
		/>
		<Figure
			label={w.costHours}
			value={typed.minutes === null ? null : typed.minutes / 60}
			most={720}
			wrong={money.hoursRange}
			onset={(hours) => (typed.minutes = hours === null ? null : Math.round(hours * 60))}
		/>
		<Figure
			label={w.costCallOut}
			sign={currencySign[region]}
			value={figure(typed.callOut)}
			wrong={money.priceRange}
			onset={(sum) => (typed.callOut = minor(sum))}
		/>
		{#if missing}<Verdict kind="bad">{w.costNeeded}</Verdict>{/if}
		<Trouble failure={sending.failure} />
		<p class="m-0"><Button color="light" disabled={sending.pending} onclick={save}>{w.costSave}</Button></p>
	</div>
</More>
