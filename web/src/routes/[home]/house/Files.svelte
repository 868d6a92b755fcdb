<script lang="ts">
	import { words as w } from '$words/house/files';
	import FilePick from '$lib/ui/FilePick.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import type { FileKind, Preview, Problem } from '$lib/house/takeIn';
	import TakenIn from './TakenIn.svelte';
	import { getEditor } from './context';

	/** Tables and the house file, in and out. Nothing is taken before a preview of what would change has been confirmed. */
	let { home, ontaken }: { home: string; ontaken: () => void } = $props();
	const editor = getEditor();
	let kind = $state<FileKind>('directory');
	let text = $state('');
	let fileName = $state('');
	let preview = $state.raw<Preview | null>(null);
	let problems = $state.raw<readonly Problem[]>([]);
	let done = $state<string | null>(null);
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
	async function read() {
		// What reads files is fetched when there is one to read.
		const { takeIn } = await import('$lib/house/takeIn').catch(() => ({ takeIn: null }));
		done = null;
		const taken = takeIn?.(kind, text, editor.house) ?? {
			problems: [{ where: '', what: w.theServerCantBeReached }]
		};
		problems = 'problems' in taken ? taken.problems : [];
		preview = 'problems' in taken ? null : taken;
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
				{#each [['directory', w.aDirectory], ['outlets', w.roomsAndOutlets], ['house', w.aHouseFile]] as const as [value, words] (value)}<Radio
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
						: w.orItsText}<Textarea class="font-mono" rows={6} spellcheck="false" bind:value={text} /></Label
			>
			<p class="row mt-2">
				<Button size="lg" color="light" onclick={read}>{w.showWhatWouldChange}</Button>
			</p>
		</div>
		<TakenIn
			{done}
			{problems}
			{preview}
			saving={editor.saving}
			ontake={take}
			onleave={() => (preview = null)}
		/>
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
	@media (max-width: 900px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
