<script lang="ts">
	import Verdict from '$lib/ui/Verdict.svelte';
	import { eventWords } from '$words/events';
	import { jobPageWords as words } from '$words/job';
	import { getJob } from './context';

	/** What another tab or device added meanwhile. */
	const { session } = getJob();
	const theirs = $derived(
		(session.overtaken?.theirs ?? []).map((event) => ({
			id: event.id,
			...eventWords(event, session.house, session.plan, session.jobState.earth)
		}))
	);
</script>

{#if session.overtaken}
	<Verdict kind="open" alert>
		<b>{words.overtaken}</b>
		{words.added}
		<ul class="my-1 list-disc ps-5">
			{#each theirs as line (line.id)}<li>{line.text} {line.value}</li>{/each}
		</ul>
		{#if session.overtaken.dropped.length > 0}{words.dropped}{/if}
	</Verdict>
{/if}
