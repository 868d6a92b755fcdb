<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Dropdown from 'flowbite-svelte/Dropdown.svelte';
	import Search from 'flowbite-svelte/Search.svelte';
	import Spinner from 'flowbite-svelte/Spinner.svelte';

	interface Home {
		slug: string;
		name: string;
	}
	let { current }: { current: Home | null } = $props();

	let open = $state(false);
	let search = $state('');
	let homes = $state<Home[] | null>(null);
	let more = $state(false);
	let failed = $state(false);

	/** The first twenty of that name, or the next. A slower answer to an earlier question is dropped. */
	let asked = 0;
	async function ask(after = 0) {
		const mine = ++asked;
		failed = false;
		try {
			const response = await fetch(`/api/homes?search=${encodeURIComponent(search)}&after=${after}`);
			const answer = (await response.json()) as { homes?: Home[]; more?: boolean };
			if (mine !== asked) return;
			if (!response.ok || !answer.homes) throw new Error();
			homes = after === 0 ? answer.homes : [...(homes ?? []), ...answer.homes];
			more = answer.more ?? false;
		} catch {
			if (mine === asked) failed = true;
		}
	}
	$effect(() => {
		if (open && homes === null) void ask();
	});
</script>

<Button color="alternative" size="sm" class="max-w-[14rem]" aria-haspopup="true">
	<span class="truncate">{current?.name ?? 'Homes'}</span><span aria-hidden="true" class="ms-2">▾</span>
</Button>
<Dropdown bind:isOpen={open} simple class="w-72 p-3">
	<Search
		size="sm"
		bind:value={search}
		oninput={() => ask()}
		placeholder="Search homes"
		aria-label="Search homes"
	/>
	<ul class="mt-2 max-h-72 overflow-y-auto">
		{#if failed}
			<li class="p-2">
				The list can’t be had just now. <Button size="xs" onclick={() => ask()}>Try again</Button>
			</li>
		{:else if homes === null}
			<li class="p-2"><Spinner size="4" /> Looking</li>
		{:else}
			{#each homes as home (home.slug)}
				<li>
					<a
						class="block rounded px-2 py-2 hover:underline"
						href={`/${home.slug}`}
						aria-current={home.slug === current?.slug ? 'true' : undefined}>{home.name}</a
					>
				</li>
			{:else}
				<li class="p-2">No home by that name.</li>
			{/each}
			{#if more}<li class="p-2">
					<Button size="xs" color="alternative" onclick={() => ask(homes?.length ?? 0)}>More</Button>
				</li>{/if}
		{/if}
	</ul>
	<a class="mt-2 block border-t px-2 pt-3 pb-1 hover:underline" href="/new">Add a home</a>
</Dropdown>
