<script lang="ts">
	/** What an ohmmeter shows, typed: a figure with its unit, or open. */
	let {
		text = $bindable(),
		unit = $bindable(),
		open = $bindable(),
		field = $bindable()
	}: { text: string; unit: number; open: boolean; field?: HTMLInputElement | undefined } = $props();
</script>

<label
	><span class="label">your reading</span>
	<span class="big"
		><input
			bind:this={field}
			bind:value={text}
			disabled={open}
			inputmode="decimal"
			autocomplete="off"
			size="5"
			aria-label="your reading in ohms"
			placeholder={open ? 'OL' : ''}
		/></span
	></label
>
<label
	><span class="label">unit</span><select class="field" bind:value={unit} disabled={open}
		><option value={1}>Ω</option><option value={1000}>kΩ</option><option value={1e6}>MΩ</option></select
	></label
>
<label class="choice"><input type="checkbox" bind:checked={open} /> open (OL)</label>

<style>
	select {
		min-width: 5rem;
	}
	.choice {
		border: 0;
	}
</style>
