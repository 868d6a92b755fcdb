<script lang="ts">
	import { words as copy } from '$words/bench/bench';
	import Button from 'flowbite-svelte/Button.svelte';
	import ButtonGroup from 'flowbite-svelte/ButtonGroup.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import type { BenchSession, Saved } from '$lib/bench/session.svelte';
	import { layers, layerWords } from '$words/bench';

	interface Props {
		session: BenchSession;
		slug: string;
		tool: 'wire' | 'probe';
		back: boolean;
		drawing: { zoomIn: () => void; zoomOut: () => void; whole: () => void } | undefined;
	}
	/** The bench’s name and whether it is saved; how it is looked at; the tool, the history, the layer. */
	let { session, slug, tool = $bindable(), back = $bindable(), drawing }: Props = $props();
	const savedWords: Record<Saved, string> = {
		saved: 'saved',
		saving: 'saving …',
		unsaved: '…',
		refused: copy.notSavedTheServerDoesnt,
		elsewhere: copy.somebodySavedThisBenchMeanwhile,
		unreachable: copy.notSavedTheServerCant,
		tooLarge: copy.notSavedTooLargeFor
	};
</script>

<header>
	<div class="name">
		<a href={`/${slug}/bench`} class="soft flex min-h-11 items-center">{copy.bench}</a>
		<h1 class="sr-only">{copy.bench2(session.name)}</h1>
		<Input
			class="min-w-32 flex-1 border-0 border-b-2 border-transparent bg-transparent px-0 text-xl font-bold focus:border-ink focus:ring-0"
			aria-label={copy.nameOfThisBench}
			value={session.name}
			maxlength={80}
			onchange={(event) => session.rename(event.currentTarget.value)}
		/>
		<span
			class={session.saved === 'saved' || session.saved === 'saving' || session.saved === 'unsaved'
				? // As wide in each of them: the drawing stays where the finger is.
					'soft min-w-18'
				: 'font-semibold text-live'}
			role="status">{savedWords[session.saved]}</span
		>
		<span class="row views">
			<Button
				class="max-lg:hidden"
				color="alternative"
				onclick={() => drawing?.zoomOut()}
				aria-label={copy.smaller}>−</Button
			>
			<Button
				class="max-lg:hidden"
				color="alternative"
				onclick={() => drawing?.zoomIn()}
				aria-label={copy.larger}>+</Button
			>
			<Button color="alternative" onclick={() => drawing?.whole()}>{copy.whole}</Button>
			<Button color="alternative" onclick={() => (back = !back)}
				>{copy.fromTheTurnOver(back ? 'back' : 'front')} <Kbd class="max-lg:hidden">F</Kbd></Button
			>
		</span>
	</div>
	<div class="row tools">
		<ButtonGroup aria-label={copy.tool}>
			<Button aria-pressed={tool === 'wire'} onclick={() => (tool = 'wire')}
				>{copy.wire} <Kbd class="max-lg:hidden">W</Kbd></Button
			>
			<Button aria-pressed={tool === 'probe'} onclick={() => (tool = 'probe')}
				>{copy.probe} <Kbd class="max-lg:hidden">P</Kbd></Button
			>
		</ButtonGroup>
		<ButtonGroup aria-label={copy.history}>
			<Button disabled={!session.shown?.canUndo} onclick={() => session.undo()}>{copy.undo}</Button>
			<Button disabled={!session.shown?.canRedo} onclick={() => session.redo()}>{copy.redo}</Button>
		</ButtonGroup>
		<ButtonGroup aria-label={copy.layer}>
			{#each layers as layer, k (layer)}<Button
					aria-pressed={session.instruments.layer === layer}
					title={layerWords[layer].means}
					onclick={() => session.hold({ layer })}
					>{layerWords[layer].name} <Kbd class="max-lg:hidden">{k + 1}</Kbd></Button
				>{/each}
		</ButtonGroup>
	</div>
</header>

<style>
	header {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem 1.4rem;
		align-items: center;
		padding: 0.5rem 1.2rem;
		border-bottom: 1px solid var(--hair);
	}
	.name {
		display: flex;
		flex-wrap: wrap;
		min-width: 0;
		align-items: center;
		gap: 0.6rem;
		flex: 1 1 18rem;
	}
	.tools {
		gap: 0.6rem;
	}
	.views {
		gap: 0.2rem;
	}
	@media (max-width: 900px) {
		header {
			padding: 0.4rem 0.8rem;
		}
	}
</style>
