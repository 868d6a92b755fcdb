<script lang="ts">
	import { words as w } from '$words/house/files';
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
	import type * as reading from '$lib/house/reading';
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
	const at = ({ line, column }: CsvProblem) => w.line2(line, column ? `, ${column}` : '');

	async function read() {
		// What reads files is fetched when there is one to read.
		const files = await import('$lib/house/reading').catch(() => null);
		preview = null;
		problems = [];
		done = null;
		if (text.trim() === '') return void (problems = [{ where: '', what: w.chooseAFileOrPaste }]);
		if (text.length > 900_000) return void (problems = [{ where: '', what: w.thatIsLargerThan0 }]);
		if (!files) return void (problems = [{ where: '', what: w.theServerCantBeReached }]);
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
				what: csvProblemWords(problem, editor.house)
			})));
		show(
			reading.edits.map(({ edit }) => edit),
			reading.unchanged
		);
	}
	function readTyped(files: typeof reading) {
		const typed =
			kind === 'directory'
				? files.readTypedDirectory(editor.house, text)
				: files.readTypedRooms(editor.house, text);
		const words = {
			noSpace: w.beginsWithNoSpaceNumber,
			noRating: w.theRatingIsnt1To,
			noRoom: w.noRoomBeforeTheColon,
			twice: w.isThereAlready,
			doesNotFit: w.thatSpaceIsTakenOr
		};
		if (typed.problems.length > 0)
			return void (problems = typed.problems.map(({ line, text: row, code }) => ({
				where: w.line3(line, row),
				what: words[code]
			})));
		show(typed.edits, 0);
	}
	function readHouse(files: typeof reading) {
		let value: unknown;
		try {
			value = JSON.parse(text);
		} catch {
			return void (problems = [{ where: '', what: w.thisIsntJsonABracket }]);
		}
		const parsed = files.parseHouse(value);
		if (!parsed.ok)
			return void (problems = parsed.problems.map((problem) => ({
				where: files.describePath(problem.path),
				what: files.describeProblem(problem)
			})));
		if (parsed.house.region !== editor.house.region)
			return void (problems = [
				{ where: 'region', what: w.thisHomeIsTheFile(editor.house.region, parsed.house.region) }
			]);
		preview = {
			edits: [{ do: 'replaceHouse', house: parsed.house }],
			lines: [
				w.theWholeRecordIsReplaced(
					parsed.house.name,
					parsed.house.panels.flatMap(({ breakers }) => breakers).length,
					parsed.house.circuits.length,
					parsed.house.boxes.length
				)
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
		if (await editor.apply(preview.edits, w.takenIn(fileName || kind))) {
			done = w.changeTakenUndoTakesThem(count, count === 1 ? '' : 's');
			preview = null;
			text = '';
			fileName = '';
			ontaken();
		} else problems = [{ where: '', what: editor.trouble ?? '' }];
	}
</script>

<section id="files">
	<h2>{w.inAndOut}</h2>
	<div class="columns">
		<div>
			<p>
				<a href={`/${home}/directory.csv`}>{w.directoryAsCsv}</a> ·
				<a href={`/${home}/outlets.csv`}>{w.outletsAsCsv}</a>
				·
				<a href={`/${home}/house.json`}>{w.houseFile}</a>
			</p>
			<fieldset class="row">
				<legend class="label">{w.takeIn}</legend>
				{#each [['directory', 'a directory'], ['outlets', w.roomsAndOutlets], ['house', 'a house file']] as const as [value, words] (value)}<Radio
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
					text={w.chooseAFile}
					color="light"
					accept=".csv,.txt,.json,text/csv,application/json"
					onpick={choose}
				/>
			</div>
			<Label
				>{kind === 'directory'
					? w.orItsTextCsvOr
					: kind === 'outlets'
						? w.orItsTextCsvOr2
						: 'or its text'}<Textarea
					class="w-full font-mono"
					rows={6}
					spellcheck="false"
					bind:value={text}
				/></Label
			>
			<p class="row mt-2">
				<Button size="lg" color="light" onclick={read}>{w.showWhatWouldChange}</Button>
			</p>
		</div>
		<div aria-live="polite">
			{#if done}<Verdict>{done}</Verdict>{/if}
			{#if problems.length > 0}
				<Verdict kind="bad">{w.nothingWasTaken}</Verdict>
				<Table>
					<TableBody>
						{#each problems.slice(0, shownAtMost) as problem, k (k)}<TableBodyRow
								><TableBodyCell class="wrap-anywhere"><code>{problem.where}</code></TableBodyCell
								><TableBodyCell>{problem.what}</TableBodyCell></TableBodyRow
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
						<Button size="lg" disabled={editor.saving} onclick={take}>{w.takeThem}</Button>
						<Button color="alternative" onclick={() => (preview = null)}>{w.leaveIt}</Button>
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
