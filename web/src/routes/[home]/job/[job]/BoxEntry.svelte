<script lang="ts">
	import { words as w } from '$words/job/boxEntry';
	import Button from 'flowbite-svelte/Button.svelte';
	import { seenIn, type BoxSeen, type WiredWay } from '@wary/core/arrangements';
	import { onMount } from 'svelte';
	import type { Colour, House } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import { insulation } from '$lib/ui/colours';
	import { colourWords } from '$words/terms';
	import Fits from './Fits.svelte';

	/** What is in the box, by taps: cables, their colours, the device and how it is wired; and at once what that can be. */
	let {
		house,
		boxId,
		seen: told = $bindable()
	}: { house: House; boxId: string; seen: BoxSeen | null } = $props();
	const region = $derived(house.region);
	/** Begun from the record, since most of it will be right. */
	const seen = $derived(told ?? seenIn(region, house, boxId));
	const usual: Record<Region, readonly Colour[]> = {
		us: ['black', 'white', 'bare'],
		uk: ['brown', 'blue', 'bare']
	};
	const palette: Record<Region, readonly Colour[]> = {
		us: ['black', 'white', 'red', 'bare', 'green', 'blue', 'grey'],
		uk: ['brown', 'blue', 'red', 'black', 'bare', 'greenYellow', 'grey']
	};
	const devices: Record<Region, readonly (readonly [BoxSeen['device'], string])[]> = {
		us: [
			['duplex', w.outletTwoHalves],
			['single', w.singleOutlet],
			['twoSlot', w.twoSlotsUngrounded],
			['gfci', w.withTestButton],
			['none', w.nothing]
		],
		uk: [
			['socketTwin', w.twinSocket],
			['socketSingle', w.singleSocket],
			['fusedSpur', w.fusedSpur],
			['socketRcd', w.socketWithRcd],
			['none', w.nothing]
		]
	};
	const ways: Record<WiredWay, string> = {
		ownScrews: w.straightToTheDevice,
		pigtails: w.splicedWithPigtails,
		sides: w.supplyAndLoadSides,
		unsure: w.cantTell
	};
	const set = (change: Partial<BoxSeen>) => (told = { ...seen, ...change });
	onMount(() => set({}));
	function count(cables: number) {
		set({ cables: Array.from({ length: cables }, (_, k) => seen.cables[k] ?? usual[region]) });
	}
	function toggle(cable: number, colour: Colour) {
		set({
			cables: seen.cables.map((colours, k) =>
				k !== cable
					? colours
					: colours.includes(colour)
						? colours.filter((each) => each !== colour)
						: [...colours, colour]
			)
		});
	}
</script>

<fieldset>
	<legend>{w.cablesInTheBox}</legend>
	<div class="chips">
		{#each [1, 2, 3, 4, 5] as n (n)}<Button
				color="light"
				aria-pressed={seen.cables.length === n}
				onclick={() => count(n)}>{n}</Button
			>{/each}
	</div>
</fieldset>
{#each seen.cables as colours, k (k)}
	<fieldset>
		<legend
			>{w.cableConductor(
				String.fromCharCode(65 + k),
				colours.length,
				colours.length === 1 ? '' : 's'
			)}</legend
		>
		<div class="chips">
			{#each palette[region] as colour (colour)}<Button
					color="light"
					aria-pressed={colours.includes(colour)}
					onclick={() => toggle(k, colour)}
					><svg class="me-1.5 bg-sheet p-px" viewBox="0 0 20 8" width="20" height="8" aria-hidden="true"
						><path
							d="M1 4h18"
							stroke={insulation[colour].stroke}
							stroke-width="6"
							stroke-dasharray={insulation[colour].dash}
						/>{#if insulation[colour].core}<path
								d="M1 4h18"
								stroke={insulation[colour].core}
								stroke-width="3"
							/>{/if}</svg
					>{colourWords[colour]}</Button
				>{/each}
		</div>
	</fieldset>
{/each}
<fieldset>
	<legend>{w.device}</legend>
	<div class="chips">
		{#each devices[region] as [kind, text] (kind)}<Button
				color="light"
				aria-pressed={seen.device === kind}
				onclick={() => set({ device: kind })}>{text}</Button
			>{/each}
	</div>
</fieldset>
{#if seen.device === 'duplex'}
	<fieldset>
		<legend>{w.bridgeBetweenTheBrassScrews}</legend>
		<div class="chips">
			{#each [[false, w.whole], [true, w.brokenOff], [null, w.cantSee]] as const as [value, text] (text)}<Button
					color="light"
					aria-pressed={seen.hotTabBroken === value}
					onclick={() => set({ hotTabBroken: value })}>{text}</Button
				>{/each}
		</div>
	</fieldset>
{/if}
<fieldset>
	<legend>{w.howTheWiresComeTo}</legend>
	<div class="chips">
		{#each Object.entries(ways) as [way, text] (way)}<Button
				color="light"
				aria-pressed={seen.wired === way}
				onclick={() => set({ wired: way as WiredWay })}>{text}</Button
			>{/each}
		<Button
			color="light"
			aria-pressed={seen.metalSheath}
			onclick={() => set({ metalSheath: !seen.metalSheath })}>{w.armourOrConduit}</Button
		>
	</div>
</fieldset>
<Fits {region} {seen} onmeasured={(measured) => set({ measured })} />

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0.5rem 0;
	}
	legend {
		color: var(--soft);
		font-size: 0.93rem;
	}
	.chips {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
	}
</style>
