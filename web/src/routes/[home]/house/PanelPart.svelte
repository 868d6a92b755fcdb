<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/house/panelPart';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { allBreakers, type Edit } from '@wary/core/house';
	import { readSpace } from '@wary/core/files';
	import { typedNumber } from '$lib/typed';
	import { breakerName, capital, terms } from '$words/terms';
	import AddSubPanel from './AddSubPanel.svelte';
	import Residuals from './Residuals.svelte';
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
	const { custom } = $derived(regions[house.region]);
	let at = $state(untrack(() => String(space ?? '')));
	let rating = $state(untrack(() => String(regions[house.region].custom.usualBreakerA)));
	let label = $state('');
	let name = $state(untrack(() => panel.name));
	let place = $state(untrack(() => panel.place));
	let spaces = $state(untrack(() => String(panel.spaces)));
	let mainA = $state(untrack(() => String(panel.mainRatingA)));
	let complaint = $state<string | null>(null);

	async function make(edits: Edit[], what: string): Promise<boolean> {
		complaint = await editor.wrongWith(edits, what);
		return complaint === null;
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
			return (complaint = ways.complaint ?? main.complaint ?? w.n2To84AndA(t.spaces));
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
	const remove = async () =>
		(await make([{ do: 'removeSubPanel', panel: panelId }], w.removed(panel.name))) && ongone();
</script>

{#if space !== null}
	<form onsubmit={add}>
		<h2>{w.inText(capital(t.aBreaker), t.space, space)}</h2>
		<div class="fields">
			<Label class="col-span-full"
				>{w.directorySays}<Input bind:value={label} maxlength={80} placeholder={w.whatIsWrittenAtIt} /></Label
			>
			<Label>{w.ratingA}<Input bind:value={rating} inputmode="decimal" /></Label>
			<Label>{w.twoPolesAs(capital(t.space), w.examplePoles[house.region])}<Input bind:value={at} /></Label>
		</div>
		<p class="row mt-3"><Button type="submit" size="lg">{w.addIt}<Kbd>↵</Kbd></Button></p>
	</form>
{:else}
	<h2>{panel.name}</h2>
	<form class="fields" data-saves="each" onchange={keep} onsubmit={(event) => event.preventDefault()}>
		<Label>{w.name}<Input bind:value={name} maxlength={80} /></Label>
		<Label>{w.whereItHangs}<Input bind:value={place} maxlength={80} /></Label>
		<Label>{capital(t.spaces)}<Input bind:value={spaces} inputmode="numeric" /></Label>
		<Label>{w.mainSwitchA}<Input bind:value={mainA} inputmode="numeric" /></Label>
	</form>
	{#if custom.panelResidualDevices && panel.breakers.length > 0}<Residuals {panel} />{/if}
	{#if panel.breakers.length > 0}<AddSubPanel {panel} />{/if}
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
</style>
