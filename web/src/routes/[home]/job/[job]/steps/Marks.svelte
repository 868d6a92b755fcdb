<script lang="ts">
	import type { VoltReading } from '@wary/core/isolation';

	/** How far a two-probe indicator lights. */
	let { litV = $bindable() }: { litV: VoltReading | null } = $props();
</script>

<fieldset class="marks">
	<legend class="label">your indicator lights to</legend>
	{#each [0, 12, 24, 50, 120, 230] as const as mark (mark)}
		<label class:on={litV?.instrument === 'indicator' && litV.litV === mark}
			><input
				type="radio"
				name="mark"
				checked={litV?.instrument === 'indicator' && litV.litV === mark}
				onchange={() => (litV = { instrument: 'indicator', litV: mark })}
			/>{mark === 0 ? 'dark' : mark}</label
		>
	{/each}
</fieldset>

<style>
	.marks {
		display: flex;
		flex-wrap: wrap;
		gap: 0;
		border: 0;
		padding: 0;
		margin: 0;
	}
	.marks legend {
		padding: 0;
	}
	.marks label {
		display: flex;
		align-items: center;
		justify-content: center;
		min-width: 3.6rem;
		min-height: 3.4rem;
		border: 2px solid var(--ink);
		margin-right: -2px;
		font-size: 1.25rem;
		cursor: pointer;
	}
	.marks input {
		position: absolute;
		opacity: 0;
	}
	.marks label:focus-within {
		outline: 3px solid var(--dead);
		outline-offset: 2px;
	}
	.marks .on {
		background: var(--ink);
		color: var(--paper);
		font-weight: 700;
	}
</style>
