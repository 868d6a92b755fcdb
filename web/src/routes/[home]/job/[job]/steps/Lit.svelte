<script lang="ts">
	import type { VoltReading } from '@wary/core/isolation';

	/** A lamp is lit or dark. */
	let {
		reading = $bindable(),
		instrument,
		what
	}: { reading: VoltReading | null; instrument: 'lamp' | 'plugTester'; what: string } = $props();
	const is = $derived(reading && 'lit' in reading ? reading.lit : null);
</script>

<fieldset>
	<legend class="label">{what}</legend>
	{#each [true, false] as lit (lit)}
		<label class:on={is === lit}
			><input
				type="radio"
				name="lit"
				checked={is === lit}
				onchange={() => (reading = { instrument, lit })}
			/><i class:lit aria-hidden="true"></i>{lit ? 'lit' : 'dark'}</label
		>
	{/each}
</fieldset>

<style>
	fieldset {
		display: flex;
		border: 0;
		padding: 0;
		margin: 0;
	}
	legend {
		padding: 0;
	}
	label {
		display: flex;
		align-items: center;
		gap: 0.7rem;
		min-width: 7rem;
		min-height: 3.4rem;
		padding: 0 1.1rem;
		border: 2px solid var(--ink);
		margin-right: -2px;
		font-size: 1.25rem;
		cursor: pointer;
	}
	input {
		position: absolute;
		opacity: 0;
	}
	label:focus-within {
		outline: 3px solid var(--dead);
		outline-offset: 2px;
	}
	.on {
		background: var(--ink);
		color: var(--paper);
		font-weight: 700;
	}
	i {
		width: 20px;
		height: 20px;
		border: 2px solid currentColor;
		border-radius: 50%;
	}
	i.lit {
		background: radial-gradient(currentColor 0 5px, transparent 6px);
		outline: 2px dotted currentColor;
		outline-offset: 2px;
	}
</style>
