<script lang="ts">
	import { words as w } from '$words/new/fromNothing';
	import { goto } from '$app/navigation';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import { untrack } from 'svelte';
	import { readTypedDirectory, readTypedRooms } from '@wary/core/files';
	import { editHouse, newHome, type House } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import Choices from '$lib/ui/Choices.svelte';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import { typedNumber, within } from '$lib/typed';
	import { newHomeFailures as own } from '$words/failures';
	import { capital, terms } from '$words/terms';
	import TypedLines from './TypedLines.svelte';

	/** A home as one has it before one: its panel, its directory as written, its rooms. */
	let region = $state<Region>('us');
	let name = $state('');
	let place = $state('');
	let spacesText = $state('20');
	let mainText = $state('100');
	const t = $derived(terms[region]);
	const spaces = $derived(typedNumber(spacesText));
	const main = $derived(typedNumber(mainText));
	/** What is wrong with the figures of the panel, said where they stand. */
	const figureFault = $derived(
		!within(spaces, 2, 84) || !Number.isInteger(spaces.value)
			? (spaces.complaint ?? w.spacesRange(t.spaces))
			: within(main, 10, 400)
				? null
				: (main.complaint ?? w.aMainSwitchOf10)
	);
	let directory = $state('');
	let rooms = $state('');
	let message = $state<string | null>(null);
	const usual = { us: '20', uk: '8' };
	const empty = $derived(
		newHome({
			name: name.trim() || 'Home',
			region,
			spaces: Math.min(84, Math.max(2, Math.round(spaces.value ?? Number(usual[region])))),
			mainRatingA: Math.min(400, Math.max(10, main.value ?? 100)),
			place: place.trim() || w.usualPlace[region]
		})
	);
	const typedDirectory = $derived(readTypedDirectory(empty, directory));
	const typedRooms = $derived(readTypedRooms(empty, rooms));
	const edited = $derived(editHouse(empty, [...typedDirectory.edits, ...typedRooms.edits]));
	const house = $derived<House>(edited.ok ? edited.house : empty);
	const choose = (to: Region) => {
		region = to;
		spacesText = usual[to];
	};

	let added = false;
	const adding = new Sending();
	holdsUnsaved(() => !added && [name, directory, rooms].some((text) => text.trim() !== ''));

	async function begin(event: SubmitEvent) {
		event.preventDefault();
		message = null;
		adding.failure = null;
		if (!name.trim()) return void (message = w.aHomeNeedsAName);
		if (figureFault) return void (message = w.aFigureIsntUnderstoodIt);
		if (typedDirectory.problems.length + typedRooms.problems.length > 0)
			return void (message = w.aLineIsntUnderstoodIt);
		const answer = await adding.send('/api/homes', 'home', { method: 'POST', body: house });
		if (!answer) return;
		added = true;
		await goto(`/${answer.slug}/house`);
	}
	untrack(() => choose('us'));
</script>

<form class="nothing" onsubmit={begin}>
	<div class="grid gap-2.5">
		<Choices
			inline
			hidden
			legend={w.region}
			name="region"
			options={[
				{ value: 'us', text: 'US, 120/240 V' },
				{ value: 'uk', text: 'UK, 230 V' }
			] as const}
			value={region}
			onpick={choose}
		/>
		<Label>{w.nameOrAddress}<Input bind:value={name} maxlength={80} autocomplete="off" /></Label>
		<div class="three">
			<Label
				>{w.panelIsIn[region]}<Input
					bind:value={place}
					maxlength={80}
					placeholder={w.usualPlace[region]}
				/></Label
			>
			<Label
				>{capital(t.spaces)}<Input
					inputmode="numeric"
					bind:value={spacesText}
					aria-describedby="figure-fault"
				/></Label
			>
			<Label
				>{w.mainA}<Input inputmode="numeric" bind:value={mainText} aria-describedby="figure-fault" /></Label
			>
		</div>
		<div id="figure-fault" aria-live="polite">
			{#if figureFault}<Verdict kind="bad">{figureFault}</Verdict>{/if}
		</div>
		<TypedLines
			id="directory-problems"
			label={w.theDirectoryAsItIs(t.aBreaker, w.exampleLine[region])}
			rows={8}
			placeholder={w.exampleDirectory[region]}
			bind:text={directory}
			problems={typedDirectory.problems}
		/>
		<TypedLines
			id="room-problems"
			label={w.roomsAndTheirSA(t.outlet)}
			rows={5}
			placeholder={w.sewingRoomEastWallDoor}
			bind:text={rooms}
			problems={typedRooms.problems}
		/>
		{#if message}<Verdict kind="bad" alert id="answer">{message}</Verdict>{/if}
		<Trouble failure={adding.failure} {own} id="answer" />
		<p class="row">
			<Button type="submit" size="lg" disabled={adding.pending}
				>{adding.pending ? w.beginning : w.beginWithThis}</Button
			>
			<span class="soft">{w.bothFieldsMayStayEmpty}</span>
		</p>
	</div>
	<div class="seen">
		<PanelDrawing {house} sure />
		<p class="soft">
			{w.sRoomsSInYour(
				house.panels[0]!.breakers.length,
				t.breaker,
				house.rooms.length,
				house.boxes.length,
				t.outlet
			)}
		</p>
	</div>
</form>

<style>
	.nothing {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
		align-items: start;
	}
	.three {
		display: grid;
		grid-template-columns: 2fr 1fr 1fr;
		gap: 0.8rem;
	}
	@media (max-width: 900px) {
		.nothing {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
	}
</style>
