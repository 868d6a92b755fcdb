<script lang="ts">
	import { goto } from '$app/navigation';
	import TopBar from '$lib/ui/TopBar.svelte';

	let { data } = $props();
	let text = $state('');
	let working = $state(false);
	let message = $state<string | null>(null);
	let problems = $state<readonly { at: string; message: string }[]>([]);
	let count = $state(0);

	async function choose(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		if (file) text = await file.text();
	}

	async function add(event: SubmitEvent) {
		event.preventDefault();
		message = null;
		problems = [];
		if (text.trim() === '') {
			message = 'Choose a house file, or paste one.';
			return;
		}
		working = true;
		try {
			const response = await fetch('/api/homes', { method: 'POST', headers: { 'content-type': 'application/json' }, body: text });
			const answer = (await response.json()) as {
				ok: boolean;
				code?: string;
				slug?: string;
				problems?: { at: string; message: string }[];
				count?: number;
			};
			if (answer.ok) return await goto(`/${answer.slug}`);
			problems = answer.problems ?? [];
			count = answer.count ?? problems.length;
			message =
				answer.code === 'notJson'
					? 'This isn’t JSON: a bracket, comma or quote is missing or too many. Nothing was taken.'
					: answer.code === 'tooLarge'
						? 'The file is larger than 1 MB. Nothing was taken.'
						: answer.code === 'slugTaken'
							? `There is a home called “${answer.slug}” already. Change the name in the file.`
							: `${count === 1 ? 'One thing is' : `${count} things are`} wrong in the file. Nothing was taken.`;
		} catch {
			message = 'The server can’t be reached. Your text is still here; try again.';
		} finally {
			working = false;
		}
	}
</script>

<svelte:head><title>Add a home · Wary Hand</title></svelte:head>
<TopBar home={null} homes={data.homes} theme={data.theme} />
<main>
	<h1>Add your own home</h1>
	<p class="lead">
		A home comes in as a house file: its panel, circuits, cables and boxes, in JSON. The documentation (<code>docs/house-file.md</code>)
		says how to write one; any home here can be taken out as a file to start from. In your own home the readings are yours: you type what
		your instruments show.
	</p>
	<form onsubmit={add}>
		<label><span class="label">House file</span><input class="field" type="file" accept=".json,application/json" onchange={choose} /></label
		>
		<label
			><span class="label">or its text</span><textarea
				class="field"
				rows="14"
				spellcheck="false"
				bind:value={text}
				aria-describedby="answer"
			></textarea></label
		>
		<div id="answer" role="alert">
			{#if message}<p class="verdict bad">{message}</p>{/if}
			{#if problems.length > 0}
				<table>
					<thead><tr><th>where</th><th>what</th></tr></thead>
					<tbody
						>{#each problems as problem, k (k)}<tr><td><code>{problem.at}</code></td><td>{problem.message}</td></tr>{/each}</tbody
					>
				</table>
			{/if}
		</div>
		<button class="btn" disabled={working}>{working ? 'Reading …' : 'Add this home'}</button>
	</form>
</main>

<style>
	main {
		max-width: 52rem;
		margin: 0 auto;
		padding: 1.5rem 1.5rem 3rem;
	}
	form {
		display: grid;
		gap: 1rem;
		margin-top: 1.2rem;
	}
	textarea {
		font-family: ui-monospace, monospace;
		font-size: 0.9rem;
	}
	.btn {
		justify-self: start;
	}
	td {
		overflow-wrap: anywhere;
	}
</style>
