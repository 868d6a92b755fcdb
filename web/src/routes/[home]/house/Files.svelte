<script lang="ts">
	import FilePick from '$lib/ui/FilePick.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { CsvProblem } from '@wary/core/files';
	import type { Edit } from '@wary/core/house';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import { csvProblemWords } from '$words/csv';
	import { editLine } from '$words/editLines';
	import { getEditor } from './context';

	/** Tables and the house file, in and out. Nothing is taken before a preview of what would change has been confirmed. */
	let { home, ontaken }: { home: string; ontaken: () => void } = $props();
	const editor = getEditor();
	type Kind = 'directory' | 'outlets' | 'house';
	let kind = $state<Kind>('directory');
	let text = $state('');
	let fileName = $state('');
	let preview = $state.raw<{ edits: readonly Edit[]; lines: string[]; unchanged: number } | null>(null);
	let problems = $state.raw<{ where: string; what: string }[]>([]);
	let done = $state<string | null>(null);
	const shownAtMost = 60;
	holdsUnsaved(() => text.trim() !== '');

	async function choose(event: Event) {
		const input = event.currentTarget as HTMLInputElement;
		const file = input.files?.[0];
		if (!file) return;
		fileName = file.name;
		text = await file.text();
		if (/\.json$/i.test(file.name)) kind = 'house';
		else if (/^\W*(room|"room")/i.test(text)) kind = 'outlets';
		input.value = '';
		await read();
	}
	const at = ({ line, column }: CsvProblem) => `line ${line}${column ? `, ${column}` : ''}`;

	async function read() {
		// What reads files is fetched when there is one to read.
		const files = await import('$lib/house/reading').catch(() => null);
		preview = null;
		problems = [];
		done = null;
		if (text.trim() === '')
			return void (problems = [{ where: '', what: 'Choose a file or paste its text.' }]);
		if (text.length > 900_000) return void (problems = [{ where: '', what: 'That is larger than 0.9 MB.' }]);
		if (!files) return void (problems = [{ where: '', what: 'The server can’t be reached. Try again.' }]);
		if (kind === 'house') return readHouse(files);
		const isTable =
			/[,;\t]/.test(text.split(/\r?\n/, 1)[0] ?? '') && /space|room/i.test(text.split(/\r?\n/, 1)[0] ?? '');
		if (!isTable) return readTyped(files);
		const reading =
			kind === 'directory'
				? files.readDirectoryCsv(editor.house, text)
				: files.readOutletsCsv(editor.house, text);
		if (reading.problems.length > 0)
			return void (problems = reading.problems.map((problem) => ({
				where: at(problem),
				what: csvProblemWords(problem)
			})));
		show(
			reading.edits.map(({ edit }) => edit),
			reading.unchanged
		);
	}
	type Files = typeof import('$lib/house/reading');
	function readTyped(files: Files) {
		const typed =
			kind === 'directory'
				? files.readTypedDirectory(editor.house, text)
				: files.readTypedRooms(editor.house, text);
		const words = {
			noSpace: 'Begins with no space number: write “14 15 Sewing room”.',
			noRating: 'The rating isn’t 1 to 200 A.',
			noRoom: 'No room before the colon.',
			twice: 'Is there already.',
			doesNotFit: 'That space is taken, or a two-pole breaker can’t sit there.'
		};
		if (typed.problems.length > 0)
			return void (problems = typed.problems.map(({ line, text: row, code }) => ({
				where: `line ${line}: ${row}`,
				what: words[code]
			})));
		show(typed.edits, 0);
	}
	function readHouse(files: Files) {
		let value: unknown;
		try {
			value = JSON.parse(text);
		} catch {
			return void (problems = [
				{ where: '', what: 'This isn’t JSON: a bracket, comma or quote is missing or too many.' }
			]);
		}
		const parsed = files.parseHouse(value);
		if (!parsed.ok)
			return void (problems = parsed.problems.map((problem) => ({
				where: files.describePath(problem.path),
				what: files.describeProblem(problem)
			})));
		if (parsed.house.region !== editor.house.region)
			return void (problems = [
				{ where: 'region', what: `This home is ${editor.house.region}, the file ${parsed.house.region}.` }
			]);
		preview = {
			edits: [{ do: 'replaceHouse', house: parsed.house }],
			lines: [
				`The whole record is replaced by “${parsed.house.name}”: ${parsed.house.panels.flatMap(({ breakers }) => breakers).length} breakers, ${parsed.house.circuits.length} circuits, ${parsed.house.boxes.length} boxes.`
			],
			unchanged: 0
		};
	}
	function show(edits: readonly Edit[], unchanged: number) {
		preview = { edits, unchanged, lines: edits.map((edit) => editLine(edit, editor.house)) };
	}
	async function take() {
		if (!preview) return;
		const count = preview.edits.length;
		if (await editor.apply(preview.edits, `${fileName || kind} taken in`)) {
			done = `${count} change${count === 1 ? '' : 's'} taken. Undo takes them all back.`;
			preview = null;
			text = '';
			fileName = '';
			ontaken();
		} else problems = [{ where: '', what: editor.trouble ?? '' }];
	}
</script>

<section id="files">
	<h2>In and out</h2>
	<div class="columns">
		<div>
			<p>
				<a href={`/${home}/directory.csv`}>Directory as CSV</a> ·
				<a href={`/${home}/outlets.csv`}>Outlets as CSV</a>
				·
				<a href={`/${home}/house.json`}>House file</a>
			</p>
			<fieldset class="row">
				<legend class="label">Take in</legend>
				{#each [['directory', 'a directory'], ['outlets', 'rooms and outlets'], ['house', 'a house file']] as const as [value, words] (value)}<Radio
						inline
						name="kind"
						{value}
						bind:group={kind}
						onchange={() => ((preview = null), (problems = []))}
					>
						{words}</Radio
					>{/each}
			</fieldset>
			<div class="my-2">
				<FilePick
					text="Choose a file"
					color="light"
					accept=".csv,.txt,.json,text/csv,application/json"
					onpick={choose}
				/>
			</div>
			<Label
				>{kind === 'directory'
					? 'or its text: CSV, or a breaker a line as on the door: 14 15 Sewing room'
					: kind === 'outlets'
						? 'or its text: CSV, or a room a line: Sewing room: east wall, door'
						: 'or its text'}<Textarea
					class="w-full font-mono"
					rows={6}
					spellcheck="false"
					bind:value={text}
				/></Label
			>
			<p class="row mt-2">
				<Button size="lg" color="light" onclick={read}>Show what would change</Button>
			</p>
		</div>
		<div aria-live="polite">
			{#if done}<Verdict>{done}</Verdict>{/if}
			{#if problems.length > 0}
				<Verdict kind="bad">Nothing was taken.</Verdict>
				<Table>
					<TableBody>
						{#each problems.slice(0, shownAtMost) as problem, k (k)}<TableBodyRow
								><TableBodyCell class="wrap-anywhere"><code>{problem.where}</code></TableBodyCell
								><TableBodyCell>{problem.what}</TableBodyCell></TableBodyRow
							>{/each}
					</TableBody>
				</Table>
				{#if problems.length > shownAtMost}<p class="soft">and {problems.length - shownAtMost} more</p>{/if}
			{:else if preview}
				{#if preview.edits.length === 0}<Verdict>
						Nothing would change: the record says all of it already.
					</Verdict>
				{:else}
					<p>
						<b>{preview.edits.length}</b> change{preview.edits.length === 1 ? '' : 's'}{preview.unchanged
							? `, ${preview.unchanged} rows as they are`
							: ''}:
					</p>
					<ul>
						{#each preview.lines.slice(0, shownAtMost) as line, k (k)}<li>{line}</li>{/each}
						{#if preview.lines.length > shownAtMost}<li class="soft">
								and {preview.lines.length - shownAtMost} more
							</li>{/if}
					</ul>
					<p class="row mt-3">
						<Button size="lg" disabled={editor.saving} onclick={take}>Take them</Button>
						<Button color="alternative" onclick={() => (preview = null)}>Leave it</Button>
					</p>
				{/if}
			{/if}
		</div>
	</div>
</section>

<style>
	section {
		margin-top: 1.5rem;
		border-top: 2px solid var(--ink);
		padding-top: 0.8rem;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
	}
	fieldset {
		border: 0;
		margin: 0;
		padding: 0;
		gap: 0.2rem 1.2rem;
	}
	ul {
		margin: 0.3rem 0;
		padding-left: 1.1rem;
		list-style: square;
	}
	@media (max-width: 900px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
