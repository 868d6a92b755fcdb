<script lang="ts">
	import { words as w } from '$words/plan/page';
	import type { House } from '@wary/core/house';
	import type { JobPlan } from '@wary/core/job';
	import { planLines } from '$words/plan/lines';
	import { capital } from '$words/terms';
	import Rows from './Rows.svelte';

	/** The model’s verdict line by line, and what is needed first. */
	let { house, plan }: { house: House; plan: JobPlan } = $props();
	const lines = $derived(planLines(house, plan));
	const signs = { sure: '✓', first: '?', short: '!' };
	const rows = $derived(lines.map(({ kind, text }) => ({ kind, sign: signs[kind], text: capital(text) })));
	const first = $derived(rows.filter(({ kind }) => kind !== 'sure'));
</script>

<Rows title={w.model} rows={rows.filter(({ kind }) => kind === 'sure')} />
{#if first.length > 0}<Rows title={w.needsFirst} rows={first} />{/if}
