<script lang="ts">
	import FilePick from '$lib/ui/FilePick.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { readTypedDirectory, readTypedRooms } from '@wary/core/files';
	import { editHouse, newHome, type House } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import PanelDrawing from '$lib/ui/PanelDrawing.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';
	import { typedNumber, within } from '$lib/typed';
	import { terms } from '$lib/words/terms';

	let { data } = $props();
	let region = $state<Region>('us');
	let name = $state('');
	let place = $state('');
	let spacesText = $state('20');
	let mainText = $state('100');
	const spaces = $derived(typedNumber(spacesText));
	const main = $derived(typedNumber(mainText));
	/** What is wrong with the figures of the panel, said where they stand. */
	const figureFault = $derived(
		!within(spaces, 2, 84) || !Number.isInteger(spaces.value)
			? (spaces.complaint ?? `2 to 84 ${region === 'us' ? 'spaces' : 'ways'}.`)
			: within(main, 10, 400)
				? null
				: (main.complaint ?? 'A main switch of 10 to 400 A.')
	);
	let directory = $state('');
	let rooms = $state('');
	let file = $state('');
	let fromFile = $state(false);
	let working = $state(false);
	let message = $state<string | null>(null);
	let problems = $state<readonly { at: string; message: string }[]>([]);
	let count = $state(0);
	const t = $derived(terms[region]);
	const roomsExample = 'Sewing room: east wall, door\nHall: by the stairs';
	const usual = { us: '20', uk: '8' };
	const empty = $derived(
		newHome({
			name: name.trim() || 'Home',
			region,
			spaces: Math.min(84, Math.max(2, Math.round(spaces.value ?? Number(usual[region])))),
			mainRatingA: Math.min(400, Math.max(10, main.value ?? 100)),
			place: place.trim() || (region === 'us' ? 'hall' : 'under the stairs')
		})
	);
	const typedDirectory = $derived(readTypedDirectory(empty, directory));
	const typedRooms = $derived(readTypedRooms(empty, rooms));
	const edited = $derived(editHouse(empty, [...typedDirectory.edits, ...typedRooms.edits]));
	const house = $derived<House>(edited.ok ? edited.house : empty);
	const words = {
		noSpace: 'begins with no number of a space here',
		noRating: 'the rating isn’t 1 to 200 A',
		noRoom: 'names no room',
		twice: 'is there already',
		doesNotFit: 'doesn’t fit: that space is taken, or a two-pole breaker can’t sit there'
	};
	const choose = (to: Region) => {
		region = to;
		spacesText = usual[to];
	};

	async function chooseFile(event: Event) {
		const chosen = (event.currentTarget as HTMLInputElement).files?.[0];
		if (chosen) file = await chosen.text();
	}
	async function begin(event: SubmitEvent) {
		event.preventDefault();
		message = null;
		if (!name.trim()) return (message = 'A home needs a name: its address, or what you call it.');
		if (figureFault) return (message = 'A figure isn’t understood; it is named beside its field.');
		if (typedDirectory.problems.length + typedRooms.problems.length > 0)
			return (message = 'A line isn’t understood; it is named beside the field.');
		await send(JSON.stringify(house), '/house');
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		message = null;
		if (file.trim() === '') return (message = 'Choose a house file, or paste one.');
		await send(file, '');
	}
	async function send(body: string, onward: string) {
		problems = [];
		working = true;
		try {
			const response = await fetch('/api/homes', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body
			});
			const answer = (await response.json()) as {
				ok: boolean;
				code?: string;
				slug?: string;
				problems?: { at: string; message: string }[];
				count?: number;
			};
			if (answer.ok) return await goto(`/${answer.slug}${onward}`);
			problems = answer.problems ?? [];
			count = answer.count ?? problems.length;
			message =
				answer.code === 'notJson'
					? 'This isn’t JSON: a bracket, comma or quote is missing or too many. Nothing was taken.'
					: answer.code === 'tooLarge'
						? 'The file is larger than 1 MB. Nothing was taken.'
						: answer.code === 'slugTaken'
							? `There is a home called “${answer.slug}” already. Choose another name.`
							: `${count === 1 ? 'One thing is' : `${count} things are`} wrong in the file. Nothing was taken.`;
		} catch {
			message = 'The server can’t be reached. What you typed is still here; try again.';
		} finally {
			working = false;
		}
	}
	untrack(() => choose('us'));
</script>

<svelte:head><title>Add a home · Wary Hand</title></svelte:head>
<TopBar home={null} theme={data.theme} />
<main>
	<div class="row head">
		<h1>Add your own home</h1>
		<Button color="alternative" onclick={() => ((fromFile = !fromFile), (message = null))}
			>{fromFile ? 'Begin from nothing instead' : 'I have a house file'}</Button
		>
	</div>
	{#snippet answer()}
		<div id="answer" role="alert">
			{#if message}<Verdict kind="bad">{message}</Verdict>{/if}
			{#if problems.length > 0}
				<Table>
					<TableHead><TableHeadCell>where</TableHeadCell><TableHeadCell>what</TableHeadCell></TableHead>
					<TableBody
						>{#each problems as problem, k (k)}<TableBodyRow
								><TableBodyCell class="wrap-anywhere"><code>{problem.at}</code></TableBodyCell><TableBodyCell
									>{problem.message}</TableBodyCell
								></TableBodyRow
							>{/each}</TableBody
					>
				</Table>
			{/if}
		</div>
	{/snippet}
	{#if fromFile}
		<form class="file" onsubmit={add}>
			<p class="soft">
				Its panel, circuits, cables and boxes, in JSON. The documentation (<code>docs/house-file.md</code>)
				says how to write one; any home here can be taken out as a file to start from.
			</p>
			<div>
				<FilePick
					text="Choose the house file"
					color="light"
					accept=".json,application/json"
					onpick={chooseFile}
				/>
			</div>
			<Label
				>or its text<Textarea
					class="w-full font-mono"
					rows={14}
					spellcheck="false"
					bind:value={file}
					aria-describedby="answer"
				/></Label
			>
			{@render answer()}
			<Button type="submit" size="lg" disabled={working}>{working ? 'Reading …' : 'Add this home'}</Button>
		</form>
	{:else}
		<form class="nothing" onsubmit={begin}>
			<div class="grid gap-2.5">
				<Choices
					inline
					hidden
					legend="Region"
					name="region"
					options={[
						{ value: 'us', text: 'US, 120/240 V' },
						{ value: 'uk', text: 'UK, 230 V' }
					] as const}
					value={region}
					onpick={choose}
				/>
				<Label>Name or address<Input bind:value={name} maxlength={80} autocomplete="off" /></Label>
				<div class="three">
					<Label
						>{region === 'us' ? 'Panel hangs in' : 'Consumer unit is'}<Input
							bind:value={place}
							maxlength={80}
							placeholder={region === 'us' ? 'hall' : 'under the stairs'}
						/></Label
					>
					<Label
						>{region === 'us' ? 'Spaces' : 'Ways'}<Input
							inputmode="numeric"
							bind:value={spacesText}
							aria-describedby="figure-fault"
						/></Label
					>
					<Label
						>Main, A<Input inputmode="numeric" bind:value={mainText} aria-describedby="figure-fault" /></Label
					>
				</div>
				<div id="figure-fault" aria-live="polite">
					{#if figureFault}<Verdict kind="bad">{figureFault}</Verdict>{/if}
				</div>
				<Label
					>The directory as it is written, {t.aBreaker} a line: {region === 'us'
						? '14 15 Sewing room'
						: '3 32 Upstairs sockets'}<Textarea
						class="w-full"
						rows={8}
						spellcheck="false"
						placeholder={region === 'us'
							? '1 15 Porch\n2 20 Kitchen\n5+7 30 Dryer\n14'
							: '1 32 Cooker\n2 32 Downstairs sockets\n3 6 Lights'}
						bind:value={directory}
						aria-describedby="directory-problems"
					/></Label
				>
				<ul id="directory-problems">
					{#each typedDirectory.problems.slice(0, 6) as problem (problem.line)}<li>
							line {problem.line}, “{problem.text.slice(0, 40)}” {words[problem.code]}
						</li>{/each}
				</ul>
				<Label
					>Rooms and their {t.outlet}s, a room a line<Textarea
						class="w-full"
						rows={5}
						spellcheck="false"
						placeholder={roomsExample}
						bind:value={rooms}
						aria-describedby="room-problems"
					/></Label
				>
				<ul id="room-problems">
					{#each typedRooms.problems.slice(0, 6) as problem (problem.line)}<li>
							line {problem.line}, “{problem.text.slice(0, 40)}” {words[problem.code]}
						</li>{/each}
				</ul>
				{@render answer()}
				<p class="row">
					<Button type="submit" size="lg" disabled={working}
						>{working ? 'Beginning …' : 'Begin with this'}</Button
					>
					<span class="soft">Both fields may stay empty; everything can be added and changed afterwards.</span
					>
				</p>
			</div>
			<div class="seen">
				<PanelDrawing {house} sure />
				<p class="soft">
					{house.panels[0]!.breakers.length}
					{t.breaker}s, {house.rooms.length} rooms, {house.boxes.length}
					{t.outlet}s. In your own home you type what your instruments show.
				</p>
			</div>
		</form>
	{/if}
</main>

<style>
	main {
		max-width: 80rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem 3rem;
	}
	.head {
		align-items: baseline;
		gap: 1.5rem;
	}
	.file {
		display: grid;
		gap: 1rem;
		max-width: 52rem;
	}
	.nothing {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
		align-items: start;
	}
	.three {
		display: grid;
		grid-template-columns: 2fr 1fr 1fr;
		gap: 0.8rem;
	}
	ul {
		margin: -0.4rem 0 0.6rem;
		padding: 0;
		list-style: none;
		color: var(--live);
		font-weight: 600;
		font-size: 0.95rem;
	}
	@media (max-width: 900px) {
		.nothing {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
