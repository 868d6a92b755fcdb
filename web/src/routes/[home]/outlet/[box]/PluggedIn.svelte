<script lang="ts">
	import { untrack } from 'svelte';
	import { deviceModel, matters, type Box, type Half, type House, type Matters } from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import { matterWords } from '$lib/words/goingOff';
	import { halfWords } from '$lib/words/terms';

	/** What is plugged in here and matters when it goes off: it is asked about before its breaker is switched. */
	let { house, version, slug, box }: { house: House; version: number; slug: string; box: Box } = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const loads = $derived(editor.house.loads.filter((load) => load.box === box.id));
	const halves = $derived(box.device ? deviceModel(box.device).halves : []);
	let name = $state('');
	let what = $state<Matters | ''>('');
	let half = $state<Half>(untrack(() => (box.device ? deviceModel(box.device).halves[0]! : 'only')));
	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (!name.trim()) return;
		const added = await editor.apply(
			[{ do: 'addLoad', box: box.id, half, name: name.trim(), ...(what ? { matters: what } : {}) }],
			`${name.trim()} plugged in`
		);
		if (added) name = '';
	}
</script>

<section>
	<h2>Plugged in here</h2>
	{#if loads.length === 0}<p class="soft">
			Nothing is on record. A router, a freezer, an alarm, medical equipment: put it in, and it is asked about
			before its circuit loses power.
		</p>{/if}
	<ul>
		{#each loads as load (load.id)}<li>
				{load.name}{#if load.matters}<span class="soft">{matterWords[load.matters]}</span>{/if}
				<button
					type="button"
					aria-label={`${load.name} is not plugged in any more`}
					onclick={() => editor.apply([{ do: 'removeLoad', load: load.id }], `${load.name} gone`)}>×</button
				>
			</li>{/each}
	</ul>
	<form class="row" onsubmit={add}>
		<label><span class="label">What</span><input class="field" bind:value={name} maxlength="80" /></label>
		<label
			><span class="label">matters as</span><select class="field" bind:value={what}
				><option value="">nothing much</option>{#each matters as each (each)}<option value={each}
						>{matterWords[each]}</option
					>{/each}</select
			></label
		>
		{#if halves.length > 1}<label
				><span class="label">in</span><select class="field" bind:value={half}
					>{#each halves as each (each)}<option value={each}>{halfWords[each]}</option>{/each}</select
				></label
			>{/if}
		<button class="btn quiet" disabled={editor.saving}>Add</button>
	</form>
	{#if editor.trouble}<p class="verdict bad" role="alert">{editor.trouble}</p>{/if}
</section>

<style>
	section {
		margin-top: 1.4rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		gap: 0.7rem;
		align-items: center;
		border-bottom: 1px solid var(--hair);
	}
	li button {
		margin-left: auto;
		min-width: 2.6rem;
		min-height: 2.6rem;
		color: var(--soft);
		cursor: pointer;
	}
	form {
		align-items: flex-end;
		margin-top: 0.5rem;
	}
	form label {
		flex: 1 1 8rem;
	}
</style>
