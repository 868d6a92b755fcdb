<script lang="ts">
	import { words as w } from '$words/ui/homeList';
	import Button from 'flowbite-svelte/Button.svelte';
	import Dropdown from 'flowbite-svelte/Dropdown.svelte';
	import DropdownItem from 'flowbite-svelte/DropdownItem.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import { type HomesAnswer } from '$lib/answers';
	import { ask } from '$lib/client';

	/** The list that the switcher opens: twenty homes at a time, by search. */
	let { current, open = $bindable() }: { current: { slug: string; name: string } | null; open: boolean } =
		$props();

	let search = $state('');
	let homes = $state.raw<HomesAnswer['homes'] | null>(null);
	let more = $state(false);
	let failed = $state(false);

	/** The first twenty of that name, or the next. A slower answer to an earlier question is dropped. */
	let asked = 0;
	async function look(after: string | null = null) {
		const mine = ++asked;
		const from = after === null ? '' : `&after=${after}`;
		const reply = await ask(`/api/homes?search=${encodeURIComponent(search)}${from}`, 'homes');
		if (mine !== asked) return;
		failed = !reply.ok;
		if (!reply.ok) return;
		const { answer } = reply;
		homes = after === null ? answer.homes : [...(homes ?? []), ...answer.homes];
		more = answer.more;
	}
	$effect(() => {
		if (open && homes === null) void look();
	});
</script>

<Dropdown
	bind:isOpen={open}
	placement="bottom-end"
	role="dialog"
	aria-label={w.homes}
	class="w-80 max-w-[calc(100vw-1.6rem)] p-3"
>
	<Input
		type="search"
		bind:value={search}
		oninput={() => look()}
		placeholder={w.searchHomes}
		aria-label={w.searchHomes}
		autocomplete="off"
	/>
	<ul class="max-h-[50vh] list-none overflow-y-auto" aria-live="polite">
		{#if failed}
			<li>
				{w.theListCantBeFetched}
				<Button color="alternative" onclick={() => look()}>{w.tryAgain}</Button>
			</li>
		{:else if homes === null}
			<li class="soft">{w.oneMoment}</li>
		{:else}
			{#each homes as home (home.slug)}
				<DropdownItem
					href={`/${home.slug}`}
					class={home.slug === current?.slug ? 'font-bold' : ''}
					aria-current={home.slug === current?.slug ? 'true' : undefined}>{home.name}</DropdownItem
				>
			{:else}
				<li class="soft">{w.noHomeByThatName}</li>
			{/each}
			{#if more}<li>
					<Button color="alternative" onclick={() => look(homes?.at(-1)?.slug)}>{w.more}</Button>
				</li>{/if}
		{/if}
	</ul>
	<DropdownItem href="/new">{w.addAHome}</DropdownItem>
</Dropdown>
