<script lang="ts">
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
	import { here } from '@wary/core/arrangements';
	import { placeName } from '@wary/core/house';
	import { layOut } from '$lib/ui/box/layout';
	import { insulation } from '$lib/ui/colours';
	import { arrangementWords } from '$words/arrangements';
	import { day } from '$words/dates';
	import { terms } from '$words/terms';

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
			body: { id: crypto.randomUUID(), from }
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
			{@const layout = layOut(each.house, here, true)}
			<li>
				<Button
					color="alternative"
					class="grid h-full w-full grid-rows-[10.5rem_auto] content-start justify-start gap-1.5 p-2.5 text-start hover:border-ink"
					disabled={busy !== null}
					onclick={() => begin(each.kind, { kind: 'arrangement', arrangement: each.kind })}
				>
					<svg
						viewBox={`0 0 ${layout.width} ${layout.height}`}
						fill="none"
						stroke="var(--ink)"
						stroke-width="5"
						aria-hidden="true"
					>
						<rect {...layout.frame} rx="5" fill="var(--sheet)" />
						{#each layout.cables as cable (cable.id)}<rect
								x={cable.x - cable.width / 2}
								y={cable.enters === 'top' ? cable.y - 54 : cable.y - 30}
								width={cable.width}
								height="84"
								rx="12"
								fill="var(--paper)"
							/>{/each}
						{#if layout.device}<rect
								x={layout.device.x}
								y={layout.device.y}
								width={layout.device.shape.width}
								height={layout.device.shape.height}
								rx="9"
								fill="var(--paper)"
							/>{/if}
						{#each layout.wires as wire (wire.id)}{@const look = insulation[wire.colour]}<path
								d={wire.path}
								stroke={look.stroke}
								stroke-width="11"
							/>{#if look.core}<path d={wire.path} stroke={look.core} stroke-width="5" />{/if}{/each}
						{#each layout.places as place (place.at)}{#if place.kind === 'joint'}<path
									d="M-20 24l8 -52h24l8 52z"
									transform={`translate(${place.x} ${place.y})`}
									fill="var(--sheet)"
								/>{:else}<circle cx={place.x} cy={place.y} r="12" fill="var(--sheet)" />{/if}{/each}
					</svg>
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
	.kinds svg {
		width: 100%;
		height: 100%;
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
