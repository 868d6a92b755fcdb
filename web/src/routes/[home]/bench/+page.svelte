<script lang="ts">
	import { newId } from '$lib/newId';
	import { words as w } from '$words/bench/page';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import FilePick from '$lib/ui/FilePick.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { goto, invalidateAll } from '$app/navigation';
	import { placeName } from '@wary/core/house';
	import { arrangementWords } from '$words/arrangements';
	import { day } from '$words/dates';
	import { terms } from '$words/terms';
	import Sketch from './Sketch.svelte';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const anOutlet = $derived(w.anOutlet[data.house.region]);
	let busy = $state<string | null>(null);
	let trouble = $state<string | null>(null);
	let box = $state('');
	const outlets = $derived(
		data.house.boxes
			.filter(({ device }) => device && device.kind !== 'fixed')
			.map((each) => ({ id: each.id, name: placeName(data.house, each) }))
			.sort((a, b) => a.name.localeCompare(b.name))
	);

	const making = new Sending();
	async function begin(what: string, from: object) {
		busy = what;
		trouble = null;
		const answer = await making.send(`/api/${data.home.slug}/benches`, 'bench', {
			method: 'POST',
			body: { id: newId(), from }
		});
		if (answer) await goto(`/${data.home.slug}/bench/${answer.id}`);
		busy = null;
	}
	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!file) return;
		making.failure = null;
		if (file.size > 1_000_000) return void (trouble = w.theFileIsLargerThan);
		try {
			const content: unknown = JSON.parse(await file.text());
			await begin('file', { kind: 'file', file: content });
		} catch {
			trouble = w.isntJsonSoItIs(file.name);
		}
	}
	async function discard(id: string) {
		busy = id;
		trouble = null;
		if (await making.send(`/api/${data.home.slug}/benches/${id}`, 'done', { method: 'DELETE' }))
			await invalidateAll();
		busy = null;
	}
</script>

<svelte:head><title>{w.benchWaryHand(data.home.name)}</title></svelte:head>
<main>
	<h1>{w.putABoxOnThe}</h1>
	<p class="lead">
		{w.wireItSwitchItOn}
	</p>
	{#if trouble}<Verdict kind="bad">{trouble}</Verdict>{/if}
	<Trouble
		failure={making.failure}
		own={{
			benchFile: w.thatFileIsNoBench,
			unknownBox: w.thatOutletIsntOnRecord
		}}
	/>
	<div class="row starts">
		<Select
			class="w-auto min-w-64 flex-[0_1_22rem]"
			placeholder=""
			bind:value={box}
			aria-label={w.ofThisHouse2(anOutlet)}
		>
			<option value="">{w.ofThisHouse(anOutlet)}</option>
			{#each outlets as outlet (outlet.id)}<option value={outlet.id}>{outlet.name}</option>{/each}
		</Select>
		<Button
			size="lg"
			disabled={!box || busy !== null}
			onclick={() => begin('outlet', { kind: 'outlet', box })}
			>{busy === 'outlet' ? w.wiring : w.asItIsWired}</Button
		>
		<Button size="lg" color="light" disabled={busy !== null} onclick={() => begin('empty', { kind: 'empty' })}
			>{w.anEmptyBox}</Button
		>
		<FilePick text={w.fromAFile} color="light" accept=".json,application/json" onpick={take} />
	</div>

	{#if data.benches.length > 0}
		<h2>{w.kept}</h2>
		<Table>
			<TableBody
				>{#each data.benches as bench (bench.id)}<TableBodyRow
						><TableBodyCell><a href={`/${data.home.slug}/bench/${bench.id}`}>{bench.name}</a></TableBodyCell
						><TableBodyCell class="soft">{day(bench.changedAt, t.locale)}</TableBodyCell><TableBodyCell
							class="text-end whitespace-nowrap"
							><Button
								color="alternative"
								disabled={busy !== null}
								onclick={() => discard(bench.id)}
								aria-label={w.throwAway2(bench.name)}>{w.throwAway}</Button
							></TableBodyCell
						></TableBodyRow
					>{/each}</TableBody
			>
		</Table>
	{/if}

	<h2>{w.howBoxesAreMet}</h2>
	<ul class="kinds">
		{#each data.arrangements as each (each.kind)}
			<li>
				<Button
					color="alternative"
					class="grid h-full w-full grid-rows-[10.5rem_auto] content-start justify-start gap-1.5 p-2.5 text-start hover:border-ink"
					disabled={busy !== null}
					onclick={() => begin(each.kind, { kind: 'arrangement', arrangement: each.kind })}
				>
					<Sketch house={each.house} />
					<span
						><b>{arrangementWords[each.kind].name}</b><small>{arrangementWords[each.kind].seen}</small></span
					>
				</Button>
			</li>
		{/each}
	</ul>
</main>

<style>
	main {
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem 3rem;
	}
	.lead {
		color: var(--soft);
		max-width: 60ch;
		margin: 0 0 1rem;
	}
	h2 {
		margin: 1.6rem 0 0.6rem;
	}
	.kinds {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(11.5rem, 1fr));
		gap: 1rem;
	}
	small {
		display: block;
		font-weight: 400;
		color: var(--soft);
		font-size: 0.9rem;
	}
	@media (max-width: 700px) {
		main {
			padding: 1rem 1rem 3rem;
		}
		.kinds {
			grid-template-columns: 1fr 1fr;
			gap: 0.6rem;
		}
	}
</style>
