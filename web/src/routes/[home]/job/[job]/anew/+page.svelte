<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { goto } from '$app/navigation';
	import { unsentAt } from '$lib/job/unsentAt';
	import { newId } from '$lib/newId';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { words as w } from '$words/anew';
	import Lines from '../record/Lines.svelte';
	import SetAside from '$lib/ui/SetAside.svelte';

	/** A job of another procedure: how it stands, what makes it safe, and begun again in one tap. */
	let { data } = $props();
	const sending = new Sending();
	const page = $derived(`/${data.home.slug}/job/${data.job.id}`);
	/** The same however often it is tapped, so that one job is begun. */
	const id = newId();
	async function end(anew: boolean) {
		const ended = await sending.send(`/api/${data.home.slug}/jobs/${data.job.id}/anew`, 'anew', {
			method: 'POST',
			body: { id, anew }
		});
		if (ended) await goto(ended.jobId ? `/${data.home.slug}/job/${ended.jobId}` : `${page}/record`);
	}
</script>

<svelte:head><title>{w.title(data.place)}</title></svelte:head>
<main class="mx-auto grid max-w-3xl gap-5 px-4 py-6">
	<p class="soft">{data.place}</p>
	<h1>{w.heading}</h1>
	<Verdict kind="bad" alert={false}>{w.treatAsLive}</Verdict>
	<p>{w.why}</p>
	<section>
		<h2>{w.howItStands}</h2>
		<ul class="list-disc ps-6">
			{#each data.stands as line, k (k)}<li>{line}</li>{/each}
		</ul>
	</section>
	<section>
		<h2>{w.makeItSafe}</h2>
		<ol class="list-decimal ps-6">
			{#each data.safe as line, k (k)}<li class="py-1">{line}</li>{/each}
		</ol>
		<p class="mt-3">{w.then}</p>
	</section>
	<div class="row">
		<Button size="lg" disabled={sending.pending} onclick={() => end(true)}>{w.beginAnew}</Button>
		<Button size="lg" color="light" disabled={sending.pending} onclick={() => end(false)}>{w.endOnly}</Button>
	</div>
	{#if sending.failure?.code === 'cannotBegin'}<Verdict kind="open" alert
			>{w.cannotBegin} <a href={`/${data.home.slug}/plan/${data.job.boxId}`}>{w.toPlan}</a></Verdict
		>{:else}<Trouble failure={sending.failure} />{/if}
	<SetAside begins={unsentAt(`/api/${data.home.slug}/jobs/${data.job.id}`)} whole />
	<section>
		<h2>{w.kept}</h2>
		<p class="soft">{data.entries.length > 0 ? w.keptWhy : w.nothingEntered}</p>
		{#if data.entries.length > 0}<Lines lines={data.entries} />{/if}
	</section>
</main>
