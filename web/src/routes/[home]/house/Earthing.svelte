<script lang="ts">
	import { words as w } from '$words/house/earthing';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { earthingRules } from '@wary/core/rules';
	import type { Edit } from '@wary/core/house';
	import { typedNumber } from '$lib/typed';
	import { getEditor } from './context';

	/** How a uk supply is earthed: asked once per home, with a picture of each. */
	const editor = getEditor();
	const earthing = $derived(editor.house.service.earthing);
	let electrode = $state('');
	let complaint = $state<string | null>(null);
	const systems = [
		{
			system: 'tnCS',
			name: 'TN-C-S',
			look: w.atTheCutOutBeside
		},
		{
			system: 'tnS',
			name: 'TN-S',
			look: w.theEarthWireIsClamped
		},
		{
			system: 'tt',
			name: 'TT',
			look: w.theEarthWireLeadsTo
		}
	] as const;
	const set = (to: Extract<Edit, { do: 'setEarthing' }>['earthing'], name: string) =>
		editor.apply([{ do: 'setEarthing', earthing: to }], w.supplyEarthedBy(name));
	function setElectrode() {
		const typed = typedNumber(electrode, 'ohms');
		complaint =
			typed.complaint ??
			(typed.value !== null && (typed.value < 0.1 || typed.value > 20_000) ? w.anElectrodeIs01 : null);
		if (!complaint && typed.value !== null) void set({ system: 'tt', electrodeOhm: typed.value }, 'TT');
	}
</script>

<section aria-labelledby="earthing" class="mt-6">
	<h2 id="earthing">{w.howTheSupplyIsEarthed}</h2>
	{#if !earthing}<Verdict kind="open">
			{w.nobodyHasSaidYetTn}
		</Verdict>{/if}
	<div class="choices">
		{#each systems as each (each.system)}
			<Button
				color="alternative"
				class="grid content-start justify-items-start gap-1 bg-sheet p-3 text-start aria-pressed:bg-sheet aria-pressed:text-ink aria-pressed:outline-4 aria-pressed:-outline-offset-4 aria-pressed:outline-ink"
				aria-pressed={earthing?.system === each.system}
				onclick={() => set({ system: each.system }, each.name)}
			>
				<svg viewBox="0 0 150 110" role="img" aria-label={each.look}>
					<g fill="none" stroke="currentColor" stroke-width="2.5">
						<path d="M28 104V72M34 104V72" />
						<rect x="16" y="40" width="30" height="32" rx="2" />
						<path d="M38 40V18h40" />
						<rect x="78" y="8" width="60" height="20" rx="2" />
						{#if each.system === 'tnCS'}
							<path d="M46 60h52v-32" stroke-width="5" /><circle cx="44" cy="60" r="4" fill="currentColor" />
						{:else if each.system === 'tnS'}
							<path d="M24 92h14" stroke-width="6" /><path d="M38 92h60V28" stroke-width="5" />
						{:else}
							<path d="M98 28v50" stroke-width="5" /><path d="M98 78v26" stroke-width="3" />
							<path d="M84 84h28M88 92h20M92 100h12" />
						{/if}
					</g>
				</svg>
				<b>{each.name}</b><span class="font-normal">{each.look}</span>
			</Button>
		{/each}
	</div>
	{#if earthing?.system === 'tt'}
		<Label class="mt-3 max-w-96"
			>{w.theHousesElectrodeΩAs(earthingRules.tt.electrodeOhm)}<Input
				inputmode="decimal"
				bind:value={electrode}
				placeholder={String(earthing.electrodeOhm ?? earthingRules.tt.electrodeOhm)}
				onchange={setElectrode}
			/></Label
		>
		{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{/if}
	{/if}
</section>

<style>
	.choices {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
		gap: 0.8rem;
		max-width: 60rem;
	}
	svg {
		height: 6rem;
	}
</style>
