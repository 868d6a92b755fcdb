<script lang="ts">
	import { terms } from '$words/terms';
	import { handValues, words as w } from '$words/job/steps/part';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { onMount } from 'svelte';
	import type { PartQuestion } from '@wary/core/devices';
	import type { PartInHand } from '@wary/core/job';
	import { chargerBoundsW, type Region } from '@wary/core/rules';
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
	let gauge = $state('');
	let torque = $state('');
	let charger = $state('');
	onMount(() => {
		try {
			const kept = JSON.parse(localStorage.getItem(keptAs) ?? '{}') as PartInHand;
			hand = { ...kept, ...hand };
			gauge = kept.gaugeMm?.toString() ?? '';
			charger = kept.chargerW?.toString() ?? '';
			torque = kept.torqueNm === undefined ? '' : String(Number((kept.torqueNm / unitNm).toFixed(1)));
		} catch {
			// What this browser kept and can’t be read is asked anew.
		}
	});
	const gaugeMm = $derived(typedNumber(gauge));
	const torqueTyped = $derived(typedNumber(torque));
	const inRange = (value: number | null, least: number, most: number) =>
		value === null || (value >= least && value <= most);
	const torqueNm = $derived(torqueTyped.value === null ? null : torqueTyped.value * unitNm);
	const gaugeOdd = $derived(gaugeMm.complaint !== null || !inRange(gaugeMm.value, 4, 30));
	const torqueOdd = $derived(torqueTyped.complaint !== null || !inRange(torqueNm, 0.2, 5));
	const chargerW = $derived(typedNumber(charger));
	const chargerOdd = $derived(
		chargerW.complaint !== null || !inRange(chargerW.value, chargerBoundsW.least, chargerBoundsW.most)
	);
	$effect(() => {
		odd = gaugeOdd || torqueOdd || chargerOdd;
		if (odd) return;
		const { gaugeMm: _gauge, torqueNm: _torque, chargerW: _charger, ...rest } = hand;
		const next = {
			...rest,
			...(gaugeMm.value === null ? {} : { gaugeMm: gaugeMm.value }),
			...(torqueNm === null ? {} : { torqueNm }),
			...(chargerW.value === null ? {} : { chargerW: chargerW.value })
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
			<Label
				>{w.gauge}<Input
					class="w-24!"
					bind:value={gauge}
					inputmode="decimal"
					aria-invalid={gaugeOdd}
					aria-describedby={gaugeOdd ? 'hand-odd' : undefined}
				/></Label
			>
			<Label
				>{w.torque(terms[region].torque.unit)}<Input
					class="w-24!"
					bind:value={torque}
					inputmode="decimal"
					aria-invalid={torqueOdd}
					aria-describedby={torqueOdd ? 'hand-odd' : undefined}
				/></Label
			>
			{#if asks.includes('chargerW')}<Label
					>{w.charger}<Input
						class="w-24!"
						bind:value={charger}
						inputmode="decimal"
						aria-invalid={chargerOdd}
						aria-describedby={chargerOdd ? 'hand-odd' : undefined}
					/></Label
				>{/if}
		</div>
		{#if gaugeOdd || torqueOdd || chargerOdd}<p id="hand-odd" class="m-0 text-live">{w.odd}</p>{/if}
	</div>
</fieldset>
