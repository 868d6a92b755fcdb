<script lang="ts">
	import { observationWords } from '$words/log';
	import { words as w } from '$words/outlet/page';
	import { day } from '$words/dates';
	import { terms } from '$words/terms';
	import type { PageData } from './$types';

	/** What was tried and seen at an outlet, and what was done there. */
	let { data }: { data: PageData } = $props();
	const t = $derived(terms[data.house.region]);
</script>

{#if data.observed.length > 0}
	<h2 class="mt-6">{w.triedAndSeen}</h2>
	<ul>
		{#each data.observed as { id, at, body } (id)}
			{@const said = observationWords(body, data.house.region)}
			<li>
				<b>{day(at.slice(0, 10), t.locale)}</b>
				{said.what}: <span class:font-bold={said.bad}>{said.shows}</span>
			</li>
		{/each}
	</ul>
	<p><a href={`/${data.home.slug}/log?at=${data.box.id}`}>{w.allOfIt}</a></p>
{/if}
<h2 class="mt-6">{w.history}</h2>
{#if data.box.history.length === 0 && data.ended.length === 0}<p class="soft">
		{w.nothingIsOnRecordYet}
	</p>{/if}
<ul>
	{#each data.box.history as entry, k (k)}<li>
			<b>{day(entry.on, t.locale)}</b>
			{entry.what}
		</li>{/each}
	{#each data.ended as job (job.id)}<li>
			<b>{day(job.endedAt!, t.locale)}</b>
			<a href={`/${data.home.slug}/job/${job.id}/record`}>{w.recordOfTheJob(job.outcome ?? '')}</a>
		</li>{/each}
</ul>

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		padding: 0.3rem 0;
		border-bottom: 1px solid var(--hair);
	}
</style>
