<script lang="ts">
	import type { VoltReading } from '@wary/core/isolation';
	import Segments from '$lib/ui/Segments.svelte';

	/** A lamp is lit or dark. */
	let {
		reading = $bindable(),
		instrument,
		what,
		onpick
	}: {
		reading: VoltReading | null;
		instrument: 'lamp' | 'plugTester';
		what: string;
		onpick?: () => void;
	} = $props();
	const is = $derived(reading && 'lit' in reading ? reading.lit : null);
</script>

<Segments
	legend={what}
	name="lit"
	options={[
		[true, 'lit'],
		[false, 'dark']
	]}
	value={is}
	onpick={(lit) => {
		reading = { instrument, lit };
		onpick?.();
	}}
	large
>
	{#snippet before(lit)}<i class:lit aria-hidden="true"></i>{/snippet}
</Segments>

<style>
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
