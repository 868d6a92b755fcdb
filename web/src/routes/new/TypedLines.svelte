<script lang="ts">
	import { words as w } from '$words/new/fromNothing';
	import Label from 'flowbite-svelte/Label.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import type { TypedProblem } from '@wary/core/files';

	interface Props {
		id: string;
		label: string;
		rows: number;
		placeholder: string;
		text: string;
		problems: readonly TypedProblem[];
	}
	/** Lines typed as they are written on paper, and which of them aren’t understood. */
	let { id, label, rows, placeholder, text = $bindable(), problems }: Props = $props();
	const words = {
		noSpace: w.beginsWithNoNumberOf,
		noRating: w.theRatingIsnt1To,
		noRoom: w.namesNoRoom,
		twice: w.isThereAlready,
		doesNotFit: w.doesntFitThatSpaceIs
	};
</script>

<Label
	>{label}<Textarea {rows} spellcheck="false" {placeholder} bind:value={text} aria-describedby={id} /></Label
>
<ul {id}>
	{#each problems.slice(0, 6) as problem, k (k)}<li>
			{w.line(problem.line, problem.text.slice(0, 40), words[problem.code])}
		</li>{/each}
</ul>

<style>
	ul {
		margin: -0.4rem 0 0.6rem;
		padding: 0;
		list-style: none;
		color: var(--live);
		font-weight: 600;
		font-size: 0.95rem;
	}
</style>
