<script lang="ts">
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
			<input type="hidden" name="code" value={data.code} />
			<label
				><span class="label">What do you call it?</span><input
					class="field"
					name="name"
					value="Phone"
					required
					maxlength="80"
					autocomplete="off"
					aria-describedby={form?.fault === 'name' ? 'name-fault' : undefined}
				/></label
			>
			{#if form?.fault === 'name'}<p id="name-fault" class="verdict bad" role="alert">
					Give it a name of 1 to 80 characters.
				</p>{/if}
			<p><button class="btn">Pair it</button></p>
		</form>
	{/if}
</main>
