<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { here } from '@wary/core/arrangements';
	import { placeName } from '@wary/core/house';
	import { layOut } from '$lib/ui/box/layout';
	import TopBar from '$lib/ui/TopBar.svelte';
	import { insulation } from '$lib/ui/colours';
	import { arrangementWords } from '$lib/words/arrangements';
	import { day } from '$lib/words/dates';
	import { terms } from '$lib/words/terms';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const anOutlet = $derived(data.house.region === 'us' ? 'an outlet' : 'a socket-outlet');
	let busy = $state<string | null>(null);
	let trouble = $state<string[]>([]);
	let box = $state('');
	const outlets = $derived(
		data.house.boxes
			.filter(({ device }) => device && device.kind !== 'fixed')
			.map((each) => ({ id: each.id, name: placeName(data.house, each) }))
			.sort((a, b) => a.name.localeCompare(b.name))
	);

	async function begin(what: string, from: object) {
		busy = what;
		trouble = [];
		try {
			const response = await fetch(`/api/${data.home.slug}/benches`, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ id: crypto.randomUUID(), from })
			});
			const answer = (await response.json()) as {
				id?: string;
				code?: string;
				problems?: { message: string }[];
			};
			if (answer.id) return await goto(`/${data.home.slug}/bench/${answer.id}`);
			trouble =
				answer.code === 'tooLarge'
					? ['The file is larger than 1 MB, which no bench is.']
					: (answer.problems ?? []).map(({ message }) => message);
			if (trouble.length === 0)
				trouble = ['That could not be put on the bench. Reload the page and try again.'];
		} catch {
			trouble = ['The server can’t be reached. Nothing was lost; try again.'];
		} finally {
			busy = null;
		}
	}
	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!file) return;
		if (file.size > 1_000_000) return void (trouble = ['The file is larger than 1 MB, which no bench is.']);
		try {
			const content: unknown = JSON.parse(await file.text());
			await begin('file', { kind: 'file', file: content });
		} catch {
			trouble = [`“${file.name}” isn’t JSON, so it is no bench file.`];
		}
	}
	async function discard(id: string) {
		busy = id;
		await fetch(`/api/${data.home.slug}/benches/${id}`, { method: 'DELETE' }).catch(
			() => (trouble = ['The server can’t be reached.'])
		);
		await invalidateAll();
		busy = null;
	}
</script>

<svelte:head><title>Bench · {data.home.name} · Wary Hand</title></svelte:head>
<TopBar home={data.home} theme={data.theme} />
<main>
	<h1>Put a box on the bench</h1>
	<p class="lead">
		Wire it, switch it on, probe it, touch it: nothing here is alive, and nothing changes the record of the
		house.
	</p>
	{#if trouble.length > 0}<div class="verdict bad" role="alert">
			{#each trouble as line (line)}<p>{line}</p>{/each}
		</div>{/if}
	<div class="row starts">
		<select class="field" bind:value={box} aria-label={`${anOutlet} of this house`}>
			<option value="">{anOutlet} of this house …</option>
			{#each outlets as outlet (outlet.id)}<option value={outlet.id}>{outlet.name}</option>{/each}
		</select>
		<button
			class="btn"
			disabled={!box || busy !== null}
			onclick={() => begin('outlet', { kind: 'outlet', box })}
			>{busy === 'outlet' ? 'Wiring …' : 'As it is wired'}</button
		>
		<button class="btn second" disabled={busy !== null} onclick={() => begin('empty', { kind: 'empty' })}
			>An empty box</button
		>
		<label class="btn second"
			>From a file<input type="file" accept=".json,application/json" onchange={take} /></label
		>
	</div>

	{#if data.benches.length > 0}
		<h2>Kept</h2>
		<table>
			<tbody
				>{#each data.benches as bench (bench.id)}<tr
						><td><a href={`/${data.home.slug}/bench/${bench.id}`}>{bench.name}</a></td><td class="soft"
							>{day(bench.changedAt, t.locale)}</td
						><td class="figure"
							><button
								class="btn quiet"
								disabled={busy !== null}
								onclick={() => discard(bench.id)}
								aria-label={`Throw away ${bench.name}`}>throw away</button
							></td
						></tr
					>{/each}</tbody
			>
		</table>
	{/if}

	<h2>How boxes are met</h2>
	<ul class="kinds">
		{#each data.arrangements as each (each.kind)}
			{@const layout = layOut(each.house, here, true)}
			<li>
				<button
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
				</button>
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
	.starts .field {
		width: auto;
		min-width: 16rem;
		flex: 0 1 22rem;
	}
	input[type='file'] {
		position: absolute;
		opacity: 0;
		width: 1px;
	}
	label.btn:focus-within {
		outline: 3px solid var(--dead);
		outline-offset: 2px;
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
	.kinds button {
		display: grid;
		grid-template-rows: 10.5rem auto;
		gap: 0.4rem;
		width: 100%;
		height: 100%;
		padding: 0.6rem;
		text-align: left;
		border: 1px solid var(--hair);
		border-radius: 3px;
		cursor: pointer;
		align-content: start;
	}
	.kinds button:hover {
		border-color: var(--ink);
	}
	.kinds svg {
		width: 100%;
		height: 100%;
	}
	small {
		display: block;
		color: var(--soft);
		font-size: 0.9rem;
	}
	.verdict p {
		margin: 0;
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
