<script lang="ts">
	import { words as w } from '$words/plan/page';
	import type { House } from '@wary/core/house';
	import type { JobPlan } from '@wary/core/job';
	import { planLines } from '$words/plan/lines';
	import { protectionNotice } from '$words/steps';
	import { capital } from '$words/terms';
	import Rows from './Rows.svelte';

	/** The model’s verdict line by line, what is needed first, and what a rule asks here. */
	let { house, plan }: { house: House; plan: JobPlan } = $props();
	const lines = $derived(planLines(house, plan));
	const signs = { sure: '✓', first: '?', short: '!' };
	const rows = $derived(lines.map(({ kind, text }) => ({ kind, sign: signs[kind], text: capital(text) })));
	const first = $derived(rows.filter(({ kind }) => kind !== 'sure'));
	const asked = $derived(plan.asked ? protectionNotice(plan.asked, plan.region) : null);
</script>

<Rows title={w.model} rows={rows.filter(({ kind }) => kind === 'sure')} />
{#if first.length > 0}<Rows title={w.needsFirst} rows={first} />{/if}
{#if asked}<Rows
		title={w.askedHere}
		rows={[{ sign: '§', text: `${asked.title}. ${asked.rule ?? ''}` }]}
	/>{/if}
