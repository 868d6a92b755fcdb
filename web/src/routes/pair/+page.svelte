<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	let { data, form } = $props();
	const stale = $derived(!data.good || form?.fault === 'code');
</script>

<svelte:head><title>Pair this device · Wary Hand</title></svelte:head>
<main class="mx-auto max-w-xl p-6">
	{#if stale}
		<h1>That link is used or too old</h1>
		<p class="mt-3">
			A pairing link works once, for ten minutes. Get a new one where Wary Hand is in use: Settings, Devices,
			“Pair another device”. Or start it anew and scan the code it prints.
		</p>
	{:else}
		<h1>Pair this device</h1>
		<p class="mt-3">It can then read and change everything here, until you send it away in Settings.</p>
		<form method="POST" class="mt-5 grid gap-4">
			<Input type="hidden" name="code" value={data.code} />
			<Label
				>What do you call it?<Input
					name="name"
					value="Phone"
					required
					maxlength={80}
					autocomplete="off"
					aria-describedby={form?.fault === 'name' ? 'name-fault' : undefined}
				/></Label
			>
			{#if form?.fault === 'name'}<Verdict kind="bad" id="name-fault">
					Give it a name of 1 to 80 characters.
				</Verdict>{/if}
			<p><Button type="submit" size="lg">Pair it</Button></p>
		</form>
	{/if}
</main>
