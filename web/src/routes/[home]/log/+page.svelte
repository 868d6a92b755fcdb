<script lang="ts">
	import { newId } from '$lib/newId';
	import { observationWords, words as w } from '$words/log';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { invalidateAll } from '$app/navigation';
	import type { ObservationBody } from '@wary/core/observations';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import { day } from '$words/dates';
	import { terms } from '$words/terms';

	let { data } = $props();
	const locale = $derived(terms[data.region].locale);
	const sending = new Sending();
	let at = $state('');
	let note = $state('');
	holdsUnsaved(() => note !== '');
	/** Kept under an id made here, so that a second try is the same entry. */
	async function add(box: string, body: ObservationBody): Promise<boolean> {
		const taken = await sending.send(`/api/${data.home.slug}/observations`, 'done', {
			method: 'POST',
			body: { id: newId(), box, body }
		});
		if (!taken) return false;
		notify('good', w.saved);
		await invalidateAll();
		return true;
	}
	async function keep(event: SubmitEvent) {
		event.preventDefault();
		if (at && note.trim() && (await add(at, { kind: 'look', note: note.trim() }))) note = '';
	}
	const results = [
		['dark', w.wentDark],
		['stayedLit', w.stayedLit],
		['noReset', w.noReset]
	] as const;
</script>

<svelte:head><title>{w.title(data.home.name)}</title></svelte:head>
<main class="mx-auto max-w-6xl px-4 pt-6 pb-12 md:px-6">
	<h1>{w.log}</h1>
	<Trouble failure={sending.failure} />
	<section>
		<h2 class="mt-4">{w.buttons}</h2>
		{#if data.tests.length === 0}
			<p class="max-w-[60ch]">{w.none[data.region]}</p>
		{:else}
			<p class="max-w-[60ch]">{w.how[data.region]}</p>
			<ul class="mt-3 list-none p-0">
				{#each data.tests as test (test.box)}
					<li class="grid gap-x-6 gap-y-2 border-t border-hair py-3 md:grid-cols-[1fr_auto] md:items-center">
						<span>
							<a class="font-bold" href={`/${data.home.slug}/outlet/${test.box}`}>{test.place}</a>
							<span class="block text-soft">
								{#if test.due?.failed}<b class="text-live">{w.failed[test.due.failed]}</b>,
									{test.due.last ? day(test.due.last, locale) : ''}
								{:else if test.due}<b class="text-ink">{w.due}</b>, {test.due.last
										? w.last(day(test.due.last, locale))
										: w.never}
								{:else}{w.notDue(day(test.next, locale))}{/if}
							</span>
						</span>
						<span class="flex flex-wrap gap-2">
							{#each results as [shows, text] (shows)}
								<Button
									color={shows === 'dark' && test.due ? 'dark' : 'light'}
									disabled={sending.pending}
									aria-label={`${test.place}: ${text}`}
									onclick={() => add(test.box, { kind: 'buttonTest', shows })}>{text}</Button
								>
							{/each}
						</span>
					</li>
				{/each}
			</ul>
			<p class="mt-2">
				<a class="tap" data-sveltekit-reload href={`/${data.home.slug}/tests.ics`}>{w.calendar}</a>
			</p>
		{/if}
	</section>
	<section class="mt-8">
		<h2>{w.noticed}</h2>
		<form class="flex flex-wrap items-end gap-3" onsubmit={keep}>
			<Label
				>{w.where}<Select class="w-64!" placeholder="" bind:value={at}>
					<option value=""></option>
					{#each data.outlets as { id, place } (id)}<option value={id}>{place}</option>{/each}
				</Select></Label
			>
			<Label class="grow">{w.note}<Input maxlength={500} bind:value={note} /></Label>
			<Button type="submit" disabled={!at || !note.trim() || sending.pending}>{w.save}</Button>
		</form>
	</section>
	<section class="mt-8">
		<h2>{w.entries}</h2>
		<p class="text-soft">
			{w.lead}
			{#if data.only}{w.only(data.only.place)} <a href={`/${data.home.slug}/log`}>{w.all}</a>{/if}
		</p>
		{#if data.entries.length === 0}
			<p>{w.nothingYet}</p>
		{:else}
			<Table>
				<TableHead
					><TableHeadCell>{w.when}</TableHeadCell><TableHeadCell>{w.at}</TableHeadCell><TableHeadCell
						>{w.what}</TableHeadCell
					></TableHead
				>
				<TableBody>
					{#each data.entries as entry (entry.id)}
						{@const said = observationWords(entry.body, data.region)}
						<TableBodyRow>
							<TableBodyCell>{day(entry.at.slice(0, 10), locale)}</TableBodyCell>
							<TableBodyCell
								>{#if entry.known}<a href={`/${data.home.slug}/outlet/${entry.box}`}>{entry.place}</a
									>{:else}{entry.place}{/if}</TableBodyCell
							>
							<TableBodyCell
								>{said.what}: <span class:font-bold={said.bad}>{said.shows}</span>{#if entry.job}&nbsp;· <a
										href={`/${data.home.slug}/job/${entry.job}/record`}>{w.inAJob}</a
									>{/if}</TableBodyCell
							>
						</TableBodyRow>
					{/each}
				</TableBody>
			</Table>
		{/if}
	</section>
</main>
