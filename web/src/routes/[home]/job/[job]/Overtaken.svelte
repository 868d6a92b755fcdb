<script lang="ts">
	import type { Entry, JobEvent } from '@wary/core/job';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { eventWords } from '$words/events';
	import { jobPageWords as words } from '$words/job';
	import { getJob } from './context';

	/** What another tab or device added meanwhile, and what of ours no longer counts because of it. */
	const { session } = getJob();
	const line = (event: JobEvent) => ({
		id: event.id,
		...eventWords(event, session.house, session.plan, session.jobState.earth)
	});
	const lines = (entries: readonly Entry[]) =>
		entries.map(({ id, at, box, command }) => line({ id, at, ...(box && { box }), body: command }));
	const parts = $derived.by(() => {
		const { theirs = [], dropped = [], warnings = [] } = session.overtaken ?? {};
		// What was done on the strength of a reading that doesn’t count goes with it.
		const from = dropped.findIndex(({ refusal }) => refusal.code === 'unknowing');
		const others = from < 0 ? dropped : dropped.slice(0, from);
		const uncounted = from < 0 ? [] : dropped.slice(from);
		const parts = [
			{ title: words.added, lines: theirs.map(line) },
			{ title: words.uncounted, lines: lines(uncounted.map(({ entry }) => entry)) },
			{ title: words.warnings, lines: lines(warnings) },
			{ title: words.dropped, lines: lines(others.map(({ entry }) => entry)) }
		];
		return parts.filter((part) => part.lines.length > 0);
	});
</script>

{#if session.overtaken}
	<Verdict kind="open" alert>
		<b>{words.overtaken}</b>
		{#each parts as { title, lines } (title)}
			<p class="mt-1">{title}</p>
			<ul class="mb-1 list-disc ps-5">
				{#each lines as { id, text, value } (id)}<li>{text} {value}</li>{/each}
			</ul>
		{/each}
		{#if parts.length > 1}{words.goOn}{/if}
	</Verdict>
{/if}
