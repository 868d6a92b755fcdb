<script lang="ts">
	import { words as w } from '$words/pair/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	let { data, form } = $props();
	const stale = $derived(!data.good || form?.fault === 'code');
</script>

<svelte:head><title>{w.pairThisDeviceWaryHand}</title></svelte:head>
<main class="mx-auto max-w-xl p-6">
	{#if stale}
		<h1>{w.thatLinkIsUsedOr}</h1>
		<p class="mt-3">
			{w.aPairingLinkWorksOnce}
		</p>
	{:else}
		<h1>{w.pairThisDevice}</h1>
		<p class="mt-3">{w.itCanThenReadAnd}</p>
		<form method="POST" class="mt-5 grid gap-4">
			<Input type="hidden" name="code" value={data.code} />
			<Label
				>{w.whatDoYouCallIt}<Input
					name="name"
					value="Phone"
					required
					maxlength={80}
					autocomplete="off"
					aria-describedby={form?.fault === 'name' ? 'name-fault' : undefined}
				/></Label
			>
			{#if form?.fault === 'name'}<Verdict kind="bad" id="name-fault">
					{w.giveItANameOf}
				</Verdict>{/if}
			<p><Button type="submit" size="lg">{w.pairIt}</Button></p>
		</form>
	{/if}
</main>
