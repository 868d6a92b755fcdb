<script lang="ts">
	import { terms } from '$words/terms';
	import { words as w } from '$words/house/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { getEditor } from './context';

	/** The home’s name, what is in it, and what was changed and can be taken back. `since`: the version the page came with. */
	let { slug, since }: { slug: string; since: number } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
</script>

<header>
	<h1 class="sr-only">{house.name}</h1>
	<Input
		class="field-sizing-content w-auto! min-h-0 min-w-0 border-0 max-md:min-h-11 border-b-2 border-transparent bg-transparent p-0 text-3xl/tight font-bold hover:border-ink focus:border-ink focus:ring-0"
		aria-label={w.nameOfTheHome}
		value={house.name}
		maxlength={80}
		onchange={(event) => {
			const name = event.currentTarget.value.trim();
			if (name && name !== house.name) void editor.apply([{ do: 'renameHome', name }], w.homeRenamed);
			else event.currentTarget.value = house.name;
		}}
	/>
	<p class="soft">
		{w.outletsOnCircuits(
			terms[house.region].supply,
			house.boxes.filter(({ use }) => use === 'outlet').length,
			house.circuits.length
		)}
	</p>
	<div class="row tools">
		<span class="soft empty:hidden" role="status"
			>{editor.saving ? w.saving : editor.version > since ? w.saved : ''}</span
		>
		<Button
			color="alternative"
			disabled={!editor.canUndo || editor.saving}
			title={editor.lastDone ? w.takeBack(editor.lastDone) : ''}
			onclick={() => editor.undo()}>{w.undo}<Kbd>ctrl z</Kbd></Button
		>
		<Button color="alternative" disabled={!editor.canRedo || editor.saving} onclick={() => editor.redo()}
			>{w.redo}</Button
		>
		<Button color="alternative" href={`/${slug}/directory`}>{w.printTheDirectory}</Button>
	</div>
</header>

<style>
	header {
		display: grid;
		grid-template-columns: auto 1fr auto;
		gap: 0 1rem;
		align-items: baseline;
		margin-bottom: 0.7rem;
	}
	header p {
		margin: 0;
	}
	.tools {
		gap: 0.5rem;
	}
	@media (max-width: 900px) {
		header {
			grid-template-columns: 1fr;
		}
	}
</style>
