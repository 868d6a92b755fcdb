<script lang="ts">
	import { words as w } from '$words/job/boxEntry';
	import Button from 'flowbite-svelte/Button.svelte';
	import {
		arrangementsThatFit,
		seenIn,
		settling,
		type BoxSeen,
		type SettlingTest,
		type WiredWay
	} from '@wary/core/arrangements';
	import { onMount } from 'svelte';
	import type { Colour, House } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import { insulation } from '$lib/ui/colours';
	import { arrangementWords, settlingWords, settlingOutcomeWords } from '$words/arrangements';
	import { colourWords, inSentence, terms } from '$words/terms';

	/** What is in the box, by taps: cables, their colours, the device and how it is wired; and at once what that can be. */
	let {
		house,
		boxId,
		seen: told = $bindable()
	}: { house: House; boxId: string; seen: BoxSeen | null } = $props();
	const region = $derived(house.region);
	/** Begun from the record, since most of it will be right. */
	const seen = $derived(told ?? seenIn(region, house, boxId));
	const t = $derived(terms[region]);
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
			['single', 'single outlet'],
			['twoSlot', w.twoSlotsUngrounded],
			['gfci', 'with test button'],
			['none', 'nothing']
		],
		uk: [
			['socketTwin', 'twin socket'],
			['socketSingle', 'single socket'],
			['fusedSpur', 'fused spur'],
			['socketRcd', w.socketWithRcd],
			['none', 'nothing']
		]
	};
	const ways: Record<WiredWay, string> = {
		ownScrews: w.straightToTheDevice,
		pigtails: w.splicedWithPigtails,
		sides: w.supplyAndLoadSides,
		unsure: w.cantTell
	};
	const fits = $derived(arrangementsThatFit(seen).filter((fit) => fit.fits));
	const test = $derived(
		settling(
			region,
			fits.slice(0, 5).map(({ kind }) => kind)
		)
	);
	const set = (change: Partial<BoxSeen>) => (told = { ...seen, ...change });
	onMount(() => set({}));
	/** Said what it showed: what would have shown something else is out. */
	const found = (what: SettlingTest, shows: string) =>
		set({ measured: [...(seen.measured ?? []).filter((each) => each.test !== what), { test: what, shows }] });
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
{#if region === 'us' && seen.device === 'duplex'}
	<fieldset>
		<legend>{w.bridgeBetweenTheBrassScrews}</legend>
		<div class="chips">
			{#each [[false, 'whole'], [true, 'broken off'], [null, w.cantSee]] as const as [value, text] (text)}<Button
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
<div class="fits" role="status">
	{#if fits.length === 0}<p><b>{w.nothingKnownFitsThis}</b> {w.thatAloneIsAReason}</p>
	{:else}
		<ol>
			{#each fits.slice(0, 5) as fit (fit.kind)}<li>
					<b>{arrangementWords[fit.kind].name}</b><span
						class="bar"
						style:width={`${Math.max(2, fit.share * 100)}%`}
						aria-hidden="true"
					></span><span class="soft"
						>{arrangementWords[fit.kind].seen}{fit.compared.some(({ agrees }) => !agrees)
							? w.butDiffer(
									fit.compared
										.filter(({ agrees }) => !agrees)
										.map(({ what }) => what)
										.join(' and ')
								)
							: ''}</span
					>
				</li>{/each}
		</ol>
		{#if test}<p>
				<b>{w.whatWouldSettleIt}</b>
				{settlingWords(test.test, region)}
				{#each test.outcomes as outcome (outcome.shows)}<Button
						color="light"
						class="my-1 block text-start font-normal"
						onclick={() => found(test.test, outcome.shows)}
						><b>{settlingOutcomeWords(outcome.shows, region)}</b>: {outcome.kinds
							.map((kind) => inSentence(arrangementWords[kind].name))
							.join(', or ')}</Button
					>{/each}
			</p>
		{:else if fits.length > 1}<p class="soft">
				{w.nothingMeasuredInThisBox(t.panel)}
			</p>{/if}
		{#each seen.measured ?? [] as each (each.test)}<p class="soft">
				{w.measured(settlingWords(each.test, region), settlingOutcomeWords(each.shows, region))}
				<Button
					size="xs"
					color="alternative"
					onclick={() =>
						set({ measured: (seen.measured ?? []).filter(({ test: one }) => one !== each.test) })}
					>{w.takeThatBack}</Button
				>
			</p>{/each}
		<p class="soft">{w.coloursAreAHintNever}</p>
	{/if}
</div>

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
	.fits {
		border-left: 6px dashed var(--ink);
		padding: 0.2rem 0.9rem;
		margin: 0.8rem 0;
	}
	ol {
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 5rem;
		gap: 0 0.8rem;
		align-items: center;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--hair);
	}
	li .soft {
		grid-column: 1 / -1;
		font-size: 0.93rem;
	}
	.bar {
		height: 0.6rem;
		background: var(--ink);
		justify-self: start;
	}
	.fits p {
		margin: 0.4rem 0;
	}
</style>
