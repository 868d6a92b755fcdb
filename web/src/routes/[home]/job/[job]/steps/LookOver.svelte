<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/job/steps/lookOver';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import type { Colour, How } from '@wary/core/house';
	import {
		boxPlace,
		cableLetter,
		cablesOf,
		colourWords,
		howWords,
		roleWord,
		terminalWord,
		terms
	} from '$words/terms';
	import type { BoxSeen } from '@wary/core/arrangements';
	import Counts from './Counts.svelte';
	import ExtraConductor from './ExtraConductor.svelte';
	import Photos from '../Photos.svelte';
	import { getJob } from '../context';
	import Later from '$lib/ui/Later.svelte';
	import { boxEntry, foundEnds } from '../later';

	const { session } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	const colours = Object.keys(colourWords) as Colour[];
	const ways = (
		regions[plan.region].custom.joins === 'inTheTerminal'
			? ['pillar', 'screw']
			: ['hook', 'clampPlate', 'pushIn', 'screw']
	) as How[];
	let landings = $state(
		untrack(() =>
			plan.takeOff.map(({ terminal, role, wires }) => ({
				terminal,
				role,
				wires: wires.map(({ id, colour, how, cable }) => ({ id, colour, how, cable }))
			}))
		)
	);
	/** As drawn; these cables on other terminals, which is planned anew; or other cables, which ends the job. */
	let how = $state<'asRecorded' | 'otherPlaces' | 'otherCables'>('asRecorded');
	const asRecorded = $derived(how === 'asRecorded');
	let material = $state<'metal' | 'plastic'>(
		untrack(() => (session.jobState.metalBox ? 'metal' : 'plastic'))
	);
	/** Begun from the record, since most of it will be right. */
	let seen = $state.raw<BoxSeen | null>(null);
	let note = $state('');
	let counts = $state.raw<{ readonly cables: number; readonly ends: number } | null>(null);
	let differs = $state(false);
	const comesFrom = (cable: string) =>
		plan.takeOff.flatMap(({ wires }) => wires).find((wire) => wire.cable === cable)?.comesFrom;
	const lettered = cablesOf(plan).flatMap((cable) => {
		const letter = cableLetter(plan, cable);
		const to = comesFrom(cable);
		return letter === '' ? [] : [{ letter, to: to === 'panel' ? w.the(t.panel) : boxPlace(house, to ?? '') }];
	});
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		if (how === 'otherPlaces') return;
		session.submit({
			kind: 'lookOver',
			asRecorded,
			...(counts ? { counts } : {}),
			...(asRecorded || !seen ? {} : { seen }),
			material,
			note,
			landings: landings.map(({ terminal, wires }) => ({
				terminal,
				wires: wires.map(({ id, colour, how }) => ({ id, colour, how }))
			}))
		});
	};
</script>

<form onsubmit={submit}>
	<Counts bind:counts bind:differs />
	<p class="soft">
		{#each lettered as each (each.letter)}<b>{w.cable(each.letter)}</b>{w.goesTo(each.to)}{/each}
	</p>
	{#if how !== 'otherPlaces'}
		<Table>
			<TableHead class="max-md:hidden"
				><TableHeadCell>{w.at}</TableHeadCell><TableHeadCell>{w.colour}</TableHeadCell><TableHeadCell
					class="w-[42%]">{w.heldBy}</TableHeadCell
				></TableHead
			>
			<TableBody>
				{#each landings as landing (landing.terminal)}
					{#each landing.wires as wire, k (wire.id)}
						<TableBodyRow class="max-md:grid max-md:grid-cols-[2fr_3fr] max-md:pb-2">
							<TableBodyCell class="max-md:col-span-2 max-md:pb-0"
								>{#if k === 0}<b>{terminalWord(plan.region, landing.terminal)}</b><br />{/if}<span
									class="soft"
									>{roleWord(plan.region, landing.role)}{wire.cable === null
										? ', tail'
										: cableLetter(plan, wire.cable)
											? w.cable2(cableLetter(plan, wire.cable))
											: ''}</span
								></TableBodyCell
							>
							<TableBodyCell
								><Select
									placeholder=""
									aria-label={w.colourAt(terminalWord(plan.region, landing.terminal))}
									bind:value={wire.colour}
									>{#each colours as colour (colour)}<option value={colour}>{colourWords[colour]}</option
										>{/each}</Select
								></TableBodyCell
							>
							<TableBodyCell
								><Select
									placeholder=""
									aria-label={w.heldByAt(terminalWord(plan.region, landing.terminal))}
									bind:value={wire.how}
									>{#each [...new Set([...ways, wire.how])] as way (way)}<option value={way}
											>{howWords[way]}</option
										>{/each}</Select
								></TableBodyCell
							>
						</TableBodyRow>
					{/each}
				{/each}
			</TableBody>
		</Table>
		<fieldset>
			<legend class="label">{w.theBoxIs}</legend>
			<div class="flex gap-6">
				{#each ['metal', 'plastic'] as const as each (each)}<Radio
						inline
						name="material"
						value={each}
						bind:group={material}
					>
						{each}</Radio
					>{/each}
			</div>
		</fieldset>
	{/if}
	<fieldset>
		<legend class="label">{w.asDrawn}</legend>
		<Radio name="as" value="asRecorded" bind:group={how}>
			{w.theseWiresOnTheseTerminals}</Radio
		>
		<Radio name="as" value="otherPlaces" bind:group={how}>{w.onOtherTerminals}</Radio>
		<Radio name="as" value="otherCables" bind:group={how}>{w.moreOrFewer}</Radio>
	</fieldset>
	{#if how === 'otherCables'}<Verdict kind="open">
			{w.thenThisJobCantGo}
		</Verdict>
		{#await boxEntry()}<p class="soft">{w.oneMoment}</p>
		{:then { default: BoxEntry }}<BoxEntry {house} boxId={plan.boxId} bind:seen />
		{:catch}<Verdict kind="open" alert>
				{w.thisPartCantBeFetched}
			</Verdict>
		{/await}{/if}
	{#if how === 'otherPlaces'}
		<Later load={foundEnds} props={{}} />
	{:else}
		<Photos />
		<Label>{w.noteMarksSlack}<Input bind:value={note} maxlength={500} /></Label>
		<p class="row mt-4">
			<Button type="submit" size="lg" disabled={asRecorded && (counts === null || differs)}
				>{w.thatIsHowTheySit}<Kbd>↵</Kbd></Button
			>
		</p>
	{/if}
</form>
<ExtraConductor />

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0.8rem 0;
	}
</style>
