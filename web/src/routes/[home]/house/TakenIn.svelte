<script lang="ts">
	import { words as w } from '$words/house/files';
	import Button from 'flowbite-svelte/Button.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { Preview, Problem } from '$lib/house/takeIn';

	interface Props {
		/** What was done, in words. */
		done: string | null;
		problems: readonly Problem[];
		preview: Preview | null;
		saving: boolean;
		ontake: () => void;
		onleave: () => void;
	}
	/** What a file would change, or why it can't be taken. */
	let { done, problems, preview, saving, ontake, onleave }: Props = $props();
	const shownAtMost = 60;
</script>

<div aria-live="polite">
	{#if done}<Verdict>{done}</Verdict>{/if}
	{#if problems.length > 0}
		<Verdict kind="bad">{w.nothingWasTaken}</Verdict>
		<Table>
			<TableBody>
				{#each problems.slice(0, shownAtMost) as problem, k (k)}<TableBodyRow
						><TableBodyCell class="wrap-anywhere"><code>{problem.where}</code></TableBodyCell><TableBodyCell
							>{problem.what}</TableBodyCell
						></TableBodyRow
					>{/each}
			</TableBody>
		</Table>
		{#if problems.length > shownAtMost}<p class="soft">{w.andMore(problems.length - shownAtMost)}</p>{/if}
	{:else if preview}
		{#if preview.edits.length === 0}<Verdict>
				{w.nothingWouldChangeTheRecord}
			</Verdict>
		{:else}
			<p>
				<b>{preview.edits.length}</b>
				{w.change(
					preview.edits.length === 1 ? '' : 's',
					preview.unchanged ? w.rowsAsTheyAre(preview.unchanged) : ''
				)}
			</p>
			<ul>
				{#each preview.lines.slice(0, shownAtMost) as line, k (k)}<li>{line}</li>{/each}
				{#if preview.lines.length > shownAtMost}<li class="soft">
						{w.andMore(preview.lines.length - shownAtMost)}
					</li>{/if}
			</ul>
			<p class="row mt-3">
				<Button size="lg" disabled={saving} onclick={ontake}>{w.takeThem}</Button>
				<Button color="alternative" onclick={onleave}>{w.leaveIt}</Button>
			</p>
		{/if}
	{/if}
</div>

<style>
	ul {
		margin: 0.3rem 0;
		padding-left: 1.1rem;
		list-style: square;
	}
</style>
