<script lang="ts">
	import { words as w } from '$words/job/steps/ohmField';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import FigureField from '$lib/ui/FigureField.svelte';

	/** What an ohmmeter shows, typed: a figure with its unit, or open. */
	let {
		text = $bindable(),
		unit = $bindable(),
		open = $bindable(),
		field = $bindable()
	}: { text: string; unit: number; open: boolean; field?: HTMLInputElement | undefined } = $props();
	const units = [
		{ value: 1, name: 'Ω' },
		{ value: 1000, name: 'kΩ' },
		{ value: 1e6, name: 'MΩ' }
	];
</script>

<div class="flex items-end gap-4">
	<Label
		>{w.yourReading}<FigureField
			bind:text
			bind:field
			disabled={open}
			label={w.yourReadingInOhms}
			placeholder={open ? 'OL' : ''}
		/></Label
	>
	<Label
		>{w.unit}<Select class="min-w-20" placeholder="" bind:value={unit} disabled={open} items={units} /></Label
	>
</div>
<Checkbox inline bind:checked={open}>{w.openOl}</Checkbox>
