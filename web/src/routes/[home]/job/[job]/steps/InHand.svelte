<script lang="ts">
	import { terms } from '$words/terms';
	import { handValues, words as w } from '$words/job/steps/part';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { onMount } from 'svelte';
	import type { PartQuestion } from '@wary/core/devices';
	import type { PartInHand } from '@wary/core/job';
	import { chargerBoundsW, type Region } from '@wary/core/rules';
	import { readKept } from '$lib/kept';
	import { typedNumber } from '$lib/typed';
	import Segments from '$lib/ui/Segments.svelte';

	interface Props {
		asks: readonly PartQuestion[];
		region: Region;
		/** Under which the answers are kept on this device: of the same part they are asked once. */
		keptAs: string;
		hand: PartInHand;
		/** Whether a figure was typed that can’t be. */
		odd: boolean;
	}
	/** What makes differ in, read off the part: none of it has to be known. */
	let { asks, region, keptAs, hand = $bindable(), odd = $bindable() }: Props = $props();
	const unitNm = $derived(terms[region].torque.inNm);
	/** What is typed as a figure: its bounds are of what is kept, `unit` of it is what one types. */
	const figures = $derived([
		{ key: 'gaugeMm' as const, label: w.gauge, unit: 1, least: 4, most: 30 },
		{
			key: 'torqueNm' as const,
			label: w.torque(terms[region].torque.unit),
			unit: unitNm,
			least: 0.2,
			most: 5
		},
		...(asks.includes('chargerW')
			? [{ key: 'chargerW' as const, label: w.charger, unit: 1, ...chargerBoundsW }]
			: [])
	]);
	const typed = $state({ gaugeMm: '', torqueNm: '', chargerW: '' });
	onMount(async () => {
		const kept = await readKept(keptAs, () =>
			import('$lib/kept/forms').then(({ handForm }) => handForm)
		).catch(() => null);
		if (!kept) return;
		hand = { ...kept, ...hand };
		for (const { key, unit } of figures) {
			const figure = kept[key];
			if (typed[key] === '' && figure !== undefined) typed[key] = String(Number((figure / unit).toFixed(1)));
		}
	});
	const read = $derived(
		figures.map((figure) => {
			const { value, complaint } = typedNumber(typed[figure.key]);
			const kept = value === null ? null : value * figure.unit;
			const fits = kept === null || (kept >= figure.least && kept <= figure.most);
			return { ...figure, kept, odd: complaint !== null || !fits };
		})
	);
	$effect(() => {
		odd = read.some((figure) => figure.odd);
		if (odd) return;
		const { gaugeMm: _gauge, torqueNm: _torque, chargerW: _charger, ...rest } = hand;
		const next = {
			...rest,
			...Object.fromEntries(read.flatMap(({ key, kept }) => (kept === null ? [] : [[key, kept]])))
		};
		if (JSON.stringify(next) !== JSON.stringify(hand)) hand = next;
	});
	const pick = (more: PartInHand) => (hand = { ...hand, ...more });
	const of = <Key extends keyof typeof handValues>(...keys: readonly Key[]) =>
		keys.map((key) => [key, handValues[key]] as const);
</script>

<fieldset class="m-0 mt-3 border-0 border-s-3 border-hair p-0 ps-3">
	<legend class="label float-left w-full p-0">{w.onThisPart}</legend>
	<div class="clear-both grid gap-2">
		{#if asks.includes('plates')}<Segments
				legend={w.holds}
				name="holds"
				options={of('plates', 'screws')}
				value={hand.holds ?? null}
				onpick={(holds) => pick({ holds })}
			/>{/if}
		{#if asks.includes('lineAt')}<Segments
				legend={w.lineAt}
				name="lineAt"
				options={of('top', 'bottom')}
				value={hand.lineAt ?? null}
				onpick={(lineAt) => pick({ lineAt })}
			/>{/if}
		{#if asks.includes('indicator')}<Segments
				legend={w.indicator}
				name="indicator"
				options={of('showsPower', 'showsTrip', 'none')}
				value={hand.indicator ?? null}
				onpick={(indicator) => pick({ indicator })}
			/>{/if}
		<div class="row">
			{#each read as figure (figure.key)}<Label
					>{figure.label}<Input
						class="w-24!"
						bind:value={typed[figure.key]}
						inputmode="decimal"
						aria-invalid={figure.odd}
						aria-describedby={figure.odd ? 'hand-odd' : undefined}
					/></Label
				>{/each}
		</div>
		{#if odd}<p id="hand-odd" class="m-0 text-live">{w.odd}</p>{/if}
	</div>
</fieldset>
