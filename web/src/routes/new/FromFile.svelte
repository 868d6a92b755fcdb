<script lang="ts">
	import { words as w } from '$words/new/fromFile';
	import { goto } from '$app/navigation';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import FilePick from '$lib/ui/FilePick.svelte';
	import { newHomeFailures as own } from '$words/failures';

	/** A home by its house file, chosen or pasted. */
	let file = $state('');
	let message = $state<string | null>(null);
	let added = false;
	const adding = new Sending();
	holdsUnsaved(() => !added && file.trim() !== '');

	async function chooseFile(event: Event) {
		const chosen = (event.currentTarget as HTMLInputElement).files?.[0];
		if (chosen) file = await chosen.text();
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		message = null;
		adding.failure = null;
		if (file.trim() === '') return void (message = w.chooseAHouseFileOr);
		const answer = await adding.send('/api/homes', 'home', { method: 'POST', body: file });
		if (!answer) return;
		added = true;
		await goto(`/${answer.slug}`);
	}
</script>

<form class="file" onsubmit={add}>
	<p class="soft">
		{w.itsPanelCircuitsCablesAnd}<code>docs/house-file.md</code>{w.saysHowToWriteOne}
	</p>
	<div>
		<FilePick text={w.chooseTheHouseFile} color="light" accept=".json,application/json" onpick={chooseFile} />
	</div>
	<Label
		>{w.orItsText}<Textarea
			class="font-mono"
			rows={14}
			spellcheck="false"
			bind:value={file}
			aria-describedby="answer"
		/></Label
	>
	{#if message}<Verdict kind="bad" alert id="answer">{message}</Verdict>{/if}
	<Trouble failure={adding.failure} {own} id="answer" />
	<Button type="submit" size="lg" disabled={adding.pending}
		>{adding.pending ? w.reading : w.addThisHome}</Button
	>
</form>

<style>
	.file {
		display: grid;
		gap: 1rem;
		max-width: 52rem;
	}
</style>
