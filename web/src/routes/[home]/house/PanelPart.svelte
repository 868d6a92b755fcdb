<script lang="ts">
	import { words as w } from '$words/house/panelPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { allBreakers, type Edit } from '@wary/core/house';
	import { readSpace } from '@wary/core/files';
	import { typedNumber } from '$lib/typed';
	import { breakerName, capital, terms } from '$words/terms';
	import { getEditor } from './context';

	/** A panel itself, or an empty space of it that a breaker is to sit in. */
	let {
		panelId,
		space,
		onadded,
		ongone
	}: { panelId: string; space: number | null; onadded: (breaker: string) => void; ongone: () => void } =
		$props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const panel = $derived(house.panels.find(({ id }) => id === panelId)!);
	const uk = $derived(house.region === 'uk');
	let at = $state(untrack(() => String(space ?? '')));
	let rating = $state(untrack(() => (house.region === 'us' ? '15' : '32')));
	let label = $state('');
	let name = $state(untrack(() => panel.name));
	let place = $state(untrack(() => panel.place));
	let spaces = $state(untrack(() => String(panel.spaces)));
	let mainA = $state(untrack(() => String(panel.mainRatingA)));
	let subFrom = $state('');
	let subName = $state('');
	let tripMa = $state(untrack(() => (house.region === 'uk' ? '30' : '5')));
	let covers = $state<string[]>([]);
	let complaint = $state<string | null>(null);

	async function make(edits: Edit[], what: string): Promise<boolean> {
		complaint = null;
		const made = await editor.apply(edits, what);
		if (!made) complaint = editor.trouble;
		return made;
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		const where = readSpace(at);
		const { value: ratingA, complaint: unread } = typedNumber(rating);
		if (!where) return (complaint = w.write1457For);
		if (ratingA === null || ratingA < 1 || ratingA > 200) return (complaint = unread ?? w.aRatingFrom1To);
		const before = new Set(allBreakers(house).map(({ id }) => id));
		if (
			await make(
				[{ do: 'addBreaker', panel: panelId, ...where, ratingA, label: label.trim() }],
				w.addedAs(t.breaker, at)
			)
		) {
			const added = allBreakers(editor.house).find(({ id }) => !before.has(id));
			if (added) onadded(added.id);
		}
	}
	const keep = () => {
		const [ways, main] = [typedNumber(spaces), typedNumber(mainA)];
		const [count, ratingA] = [ways.value, main.value];
		const fits = count !== null && Number.isInteger(count) && count >= 2 && count <= 84;
		if (!fits || ratingA === null || ratingA < 10 || ratingA > 400)
			return (complaint = ways.complaint ?? main.complaint ?? w.n2To84AndA(uk ? 'ways' : 'spaces'));
		const same =
			name.trim() === panel.name &&
			place.trim() === panel.place &&
			count === panel.spaces &&
			ratingA === panel.mainRatingA;
		if (same || !name.trim() || !place.trim()) return;
		return make(
			[
				{
					do: 'setPanel',
					panel: panelId,
					name: name.trim(),
					place: place.trim(),
					spaces: count,
					mainRatingA: ratingA
				}
			],
			w.changed(panel.name)
		);
	};
	async function addSub(event: SubmitEvent) {
		event.preventDefault();
		if (!subFrom || !subName.trim()) return (complaint = w.sayWhatItIsCalled);
		if (
			await make(
				[
					{
						do: 'addSubPanel',
						name: subName.trim(),
						place: subName.trim(),
						spaces: uk ? 6 : 12,
						breaker: subFrom,
						lengthM: 10
					}
				],
				w.subPanelAdded
			)
		)
			subName = '';
	}
	async function addResidual(event: SubmitEvent) {
		event.preventDefault();
		if (covers.length === 0) return (complaint = w.tickTheWaysThatIt);
		const trips = typedNumber(tripMa);
		if (trips.value === null || trips.value < 5 || trips.value > 500)
			return (complaint = trips.complaint ?? w.itTripsAt5To);
		if (
			await make(
				[{ do: 'setResidual', panel: panelId, residual: null, tripMa: trips.value, ratingA: 63, covers }],
				w.rcdAdded
			)
		)
			covers = [];
	}
	const remove = async () =>
		(await make([{ do: 'removeSubPanel', panel: panelId }], w.removed(panel.name))) && ongone();
</script>

{#if space !== null}
	<form onsubmit={add}>
		<h2>{w.inText(capital(t.aBreaker), uk ? 'way' : 'space', space)}</h2>
		<div class="fields">
			<Label class="col-span-full"
				>{w.directorySays}<Input bind:value={label} maxlength={80} placeholder={w.whatIsWrittenAtIt} /></Label
			>
			<Label>{w.ratingA}<Input bind:value={rating} inputmode="decimal" /></Label>
			<Label>{w.twoPolesAs(uk ? w.way : w.space, uk ? '3+4' : '5+7')}<Input bind:value={at} /></Label>
		</div>
		<p class="row mt-3"><Button type="submit" size="lg">{w.addIt}<Kbd>↵</Kbd></Button></p>
	</form>
{:else}
	<h2>{panel.name}</h2>
	<form class="fields" data-saves="each" onchange={keep} onsubmit={(event) => event.preventDefault()}>
		<Label>{w.name}<Input bind:value={name} maxlength={80} /></Label>
		<Label>{w.whereItHangs}<Input bind:value={place} maxlength={80} /></Label>
		<Label>{uk ? w.ways : w.spaces}<Input bind:value={spaces} inputmode="numeric" /></Label>
		<Label>{w.mainSwitchA}<Input bind:value={mainA} inputmode="numeric" /></Label>
	</form>
	{#if uk && panel.breakers.length > 0}
		<form onsubmit={addResidual}>
			<h3>{w.residualCurrentDevices}</h3>
			{#each panel.residualDevices as device, k (device.id)}
				<p class="row">
					<b>RCD {k + 1}</b>
					{w.maWays(device.tripMa, device.covers.map((id) => breakerName(house, id)).join(', '))}
					<Button
						size="xs"
						color="alternative"
						onclick={() =>
							make(
								[
									{
										do: 'setResidual',
										panel: panelId,
										residual: device.id,
										tripMa: device.tripMa,
										ratingA: device.ratingA,
										covers: []
									}
								],
								w.rcdRemoved
							)}>{w.remove}</Button
					>
				</p>
			{/each}
			<fieldset class="row">
				<legend class="label">{w.anotherOneCovers}</legend>
				{#each panel.breakers as each (each.id)}<Checkbox inline value={each.id} bind:group={covers}>
						{breakerName(house, each.id)}</Checkbox
					>{/each}
				<Label class="flex items-center gap-1.5"
					>{w.tripsAt} <Input class="w-20!" inputmode="numeric" bind:value={tripMa} /> {w.ma}</Label
				>
				<Button type="submit" color="alternative">{w.addIt}</Button>
			</fieldset>
		</form>
	{/if}
	{#if panel.breakers.length > 0}
		<form onsubmit={addSub}>
			<h3>{w.aSubPanelFedFrom}</h3>
			<div class="row">
				<Label>{w.called}<Input bind:value={subName} maxlength={80} placeholder={w.shed} /></Label>
				<Label
					>{w.fedBy(t.breaker)}<Select placeholder="" bind:value={subFrom}
						><option value="">{w.choose}</option>{#each panel.breakers as each (each.id)}<option
								value={each.id}>{breakerName(house, each.id)} {each.label}</option
							>{/each}</Select
					></Label
				>
				<Button type="submit" color="alternative">{w.addIt}</Button>
			</div>
		</form>
	{/if}
	{#if panel.fedFrom}<p class="row mt-4">
			{w.fedFromThroughM(breakerName(house, panel.fedFrom.breaker), panel.fedFrom.lengthM)}
			<Button color="alternative" onclick={remove}>{w.remove2(panel.name)}</Button>
		</p>{/if}
{/if}
{#if complaint}<Verdict kind="bad">{capital(complaint)}</Verdict>{/if}

<style>
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.5rem 0.8rem;
	}
	h3 {
		font-weight: 600;
		margin: 1.1rem 0 0.4rem;
	}
	fieldset {
		border: 0;
		margin: 0;
		padding: 0;
		gap: 0.2rem 1rem;
	}
	form .row {
		align-items: flex-end;
	}
</style>
