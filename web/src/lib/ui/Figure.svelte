<script lang="ts">
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { untrack } from 'svelte';
	import { typedNumber } from '$lib/typed';

	interface Props {
		label: string;
		/** Stands in an empty field; the label is read out only, beside it stands what it is about. */
		hint?: string;
		/** Of the currency. */
		sign?: string;
		value: number | null;
		/** Left out: it may be left empty. */
		least?: number;
		most?: number;
		/** Said of what isn’t one. */
		wrong: string;
		onset: (value: number | null) => void;
	}
	/** A figure that may be left empty, taken when the field is left. */
	let { label, hint, sign, value, least, most = 1_000_000, wrong, onset }: Props = $props();
	const written = (figure: number | null) =>
		figure === null ? '' : Number.isInteger(figure) ? String(figure) : figure.toFixed(2);
	let typed = $state(untrack(() => written(value)));
	let complaint = $state<string | null>(null);
	const id = $props.id();
	const twoDecimals = (figure: number) => Math.abs(figure * 100 - Math.round(figure * 100)) < 1e-6;
	function set() {
		const read = typedNumber(typed);
		const fits =
			read.value === null
				? least === undefined
				: read.value >= (least ?? 0) && read.value <= most && (!sign || twoDecimals(read.value));
		complaint = read.complaint ?? (fits ? null : wrong);
		if (complaint === null && read.value !== value) onset(read.value);
	}
</script>

<div>
	<Label class="flex items-center justify-between gap-3"
		><span class:sr-only={hint !== undefined}>{label}</span><span class="flex items-center gap-1"
			>{#if sign}<span aria-hidden="true">{sign}</span>{/if}<Input
				class="w-24! text-right"
				inputmode="decimal"
				bind:value={typed}
				onchange={set}
				placeholder={hint}
				aria-invalid={complaint !== null}
				aria-describedby={complaint ? id : undefined}
			/></span
		></Label
	>
	{#if complaint}<p {id} class="m-0 text-live">{complaint}</p>{/if}
</div>
