<script lang="ts">
	interface Home {
		slug: string;
		name: string;
	}
	/** The homes, twenty at a time, by search: asked for when opened, never listed on every page. */
	let { current }: { current: Home | null } = $props();

	let open = $state(false);
	let search = $state('');
	let homes = $state.raw<readonly Home[] | null>(null);
	let more = $state(false);
	let failed = $state(false);
	let box = $state<HTMLDetailsElement>();

	/** The first twenty of that name, or the next. A slower answer to an earlier question is dropped. */
	let asked = 0;
	async function ask(after = 0) {
		const mine = ++asked;
		failed = false;
		try {
			const response = await fetch(`/api/homes?search=${encodeURIComponent(search)}&after=${after}`);
			const answer = (await response.json()) as { homes?: Home[]; more?: boolean };
			if (mine !== asked) return;
			if (!response.ok || !answer.homes) throw new Error('no list');
			homes = after === 0 ? answer.homes : [...(homes ?? []), ...answer.homes];
			more = answer.more ?? false;
		} catch {
			if (mine === asked) failed = true;
		}
	}
	$effect(() => {
		if (open && homes === null) void ask();
	});
	function leave(event: FocusEvent | PointerEvent | KeyboardEvent) {
		if (event instanceof KeyboardEvent) {
			if (event.key === 'Escape' && open) {
				open = false;
				box?.querySelector('summary')?.focus();
			}
			return;
		}
		const to = event instanceof FocusEvent ? event.relatedTarget : event.target;
		if (open && to instanceof Node && !box?.contains(to)) open = false;
	}
</script>

<svelte:window onpointerdown={leave} onkeydown={leave} />
<details bind:this={box} bind:open onfocusout={leave}>
	<summary>{current?.name ?? 'Homes'}<span class="ml-1" aria-hidden="true">▾</span></summary>
	<div class="list">
		<input
			class="field"
			type="search"
			bind:value={search}
			oninput={() => ask()}
			placeholder="Search homes"
			aria-label="Search homes"
			autocomplete="off"
		/>
		<ul aria-live="polite">
			{#if failed}
				<li>
					The list can’t be fetched just now.
					<button type="button" class="btn quiet" onclick={() => ask()}>Try again</button>
				</li>
			{:else if homes === null}
				<li class="soft">One moment …</li>
			{:else}
				{#each homes as home (home.slug)}
					<li>
						<a href={`/${home.slug}`} aria-current={home.slug === current?.slug ? 'true' : undefined}
							>{home.name}</a
						>
					</li>
				{:else}
					<li class="soft">No home by that name.</li>
				{/each}
				{#if more}<li>
						<button type="button" class="btn quiet" onclick={() => ask(homes?.length ?? 0)}>More</button>
					</li>{/if}
			{/if}
		</ul>
		<a class="add" href="/new">Add a home</a>
	</div>
</details>

<style>
	details {
		position: relative;
	}
	summary {
		display: block;
		min-height: 2.75rem;
		padding: 0.7rem 0.7rem;
		line-height: 1.35rem;
		cursor: pointer;
		max-width: 16rem;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		color: var(--ink);
		font-weight: 600;
	}
	.list {
		position: absolute;
		right: 0;
		z-index: 40;
		width: min(20rem, calc(100vw - 1.6rem));
		padding: 0.7rem;
		border: 2px solid var(--ink);
		background: var(--sheet);
		display: grid;
		gap: 0.5rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		max-height: 50vh;
		overflow-y: auto;
	}
	li a,
	.add {
		display: block;
		padding: 0.6rem 0.4rem;
		text-decoration: none;
		color: var(--ink);
	}
	li a:hover,
	.add:hover {
		text-decoration: underline;
	}
	li a[aria-current='true'] {
		font-weight: 700;
	}
	.add {
		border-top: 1px solid var(--hair);
	}
	@media (max-width: 700px) {
		.list {
			right: auto;
			left: 0;
		}
	}
</style>
