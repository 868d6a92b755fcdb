<script lang="ts">
	import { words as copy } from '$words/house/rooms';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { circuitsInBox, own, walkChain, type Box, type Edit } from '@wary/core/house';
	import { capital, terms } from '$words/terms';
	import RoomOutlet from './RoomOutlet.svelte';
	import Unplaced from './Unplaced.svelte';
	import { getEditor } from './context';

	/** Outlets by room, to add, name, place and move. */
	let { home, onbreaker }: { home: string; onbreaker: (id: string) => void } = $props();
	const editor = getEditor();
	const house = $derived(editor.house);
	const t = $derived(terms[house.region]);
	const rooms = $derived(
		house.rooms.map((room) => ({ ...room, boxes: house.boxes.filter((box) => box.room === room.id) }))
	);
	/** Rooms of which all is shown: said by who asks for it. */
	let whole = $state<Record<string, boolean>>({});
	/** How many of each room's outlets are shown: of a very large home the first so many, the rest when they are asked for. */
	const shownOf = $derived.by(() => {
		let left = shownAtFirst;
		return rooms.map(({ id, boxes }) => {
			const shown = own(whole, id) ? boxes.length : Math.min(boxes.length, left);
			left = Math.max(0, left - boxes.length);
			return shown;
		});
	});
	const unplaced = $derived(house.boxes.filter((box) => circuitsInBox(house, box.id).length === 0));
	/** Chosen: three screens of a desk. */
	const shownAtFirst = 100;
	let newRoom = $state('');
	let adding = $state<Record<string, string>>({});
	let complaint = $state<{ room: string; text: string } | null>(null);

	async function make(room: string, edits: Edit[], what: string): Promise<boolean> {
		const text = await editor.wrongWith(edits, what);
		complaint = text === null ? null : { room, text };
		return text === null;
	}
	async function addRoom(event: SubmitEvent) {
		event.preventDefault();
		if (
			newRoom.trim() &&
			(await make('', [{ do: 'addRoom', name: newRoom.trim() }], copy.roomAdded(newRoom.trim())))
		)
			newRoom = '';
	}
	async function addOutlet(event: SubmitEvent, room: string) {
		event.preventDefault();
		const name = own(adding, room)?.trim();
		if (name && (await make(room, [{ do: 'addOutlet', room, name }], copy.added(name)))) {
			adding[room] = '';
			// What was just added is seen.
			whole[room] = true;
		}
	}
	const rename = (room: string, name: string, was: string) =>
		name.trim() &&
		name.trim() !== was &&
		make(room, [{ do: 'renameRoom', room, name: name.trim() }], copy.roomRenamed(was));
	const renameBox = (box: Box, name: string) =>
		name.trim() &&
		name.trim() !== box.name &&
		make(box.room, [{ do: 'setBox', box: box.id, name: name.trim() }], copy.renamed(box.name));
	function put(box: Box, circuit: string) {
		const last = walkChain(house, circuit).at(-1);
		return make(
			box.room,
			[{ do: 'placeBox', box: box.id, spot: { circuit, after: last ? { box: last.box.id } : 'panel' } }],
			copy.placed(box.name)
		);
	}
	/** A name that is written where it stands, on a line that shows when one comes to it. */
	const written =
		'min-h-11 min-w-0 flex-1 border-0 border-b-2 border-transparent bg-transparent px-1 hover:border-ink focus:border-ink focus:ring-0';
</script>

<section id="rooms">
	<h2>{copy.sByRoom(capital(t.outlet))}</h2>
	{#if unplaced.length > 0}<Unplaced {home} boxes={unplaced} onput={put} />{/if}
	<div class="rooms">
		{#each rooms as room, k (room.id)}
			<div class="room">
				<Input
					class={[written, 'w-full border-hair font-bold']}
					aria-label={copy.room2(room.name)}
					value={room.name}
					maxlength={80}
					onchange={(event) => rename(room.id, event.currentTarget.value, room.name)}
				/>
				<ul>
					{#each room.boxes.slice(0, shownOf[k]) as box (box.id)}
						<RoomOutlet
							{house}
							{home}
							room={room.name}
							{box}
							{written}
							{onbreaker}
							onrename={(name) => renameBox(box, name)}
							onremove={() => make(room.id, [{ do: 'removeBox', box: box.id }], copy.removed(box.name))}
						/>
					{/each}
				</ul>
				{#if room.boxes.length > shownOf[k]!}<Button
						size="sm"
						color="light"
						class="my-1"
						onclick={() => (whole[room.id] = true)}
						>{copy.showMore(room.boxes.length - shownOf[k]!, shownOf[k] === 0, t.outlet)}</Button
					>{/if}
				<form onsubmit={(event) => addOutlet(event, room.id)}>
					<Input
						class={written}
						placeholder={`+ ${t.outlet}`}
						aria-label={copy.addTo(room.name)}
						bind:value={adding[room.id]}
						maxlength={80}
					/>
					{#if room.boxes.length === 0}<Button
							size="xs"
							color="alternative"
							class="border-transparent px-3 text-soft"
							aria-label={copy.removeRoom(room.name)}
							onclick={() =>
								make(room.id, [{ do: 'removeRoom', room: room.id }], copy.roomRemoved(room.name))}>×</Button
						>{/if}
				</form>
				{#if complaint?.room === room.id}<Verdict kind="bad">{complaint.text}</Verdict>{/if}
			</div>
		{/each}
		<form class="room new" onsubmit={addRoom}>
			<Input
				class={[written, 'w-full border-hair font-bold']}
				placeholder={copy.room}
				aria-label={copy.addARoom}
				bind:value={newRoom}
				maxlength={80}
			/>
			{#if complaint?.room === ''}<Verdict kind="bad">{complaint.text}</Verdict>{/if}
			{#if rooms.length === 0}<p class="soft">{copy.noRoomYetTypeA}</p>{/if}
		</form>
	</div>
</section>

<style>
	section {
		margin-top: 2rem;
		border-top: 2px solid var(--ink);
		padding-top: 0.8rem;
	}
	.rooms {
		columns: 4 15rem;
		column-gap: 1.8rem;
	}
	.room {
		break-inside: avoid;
		padding-bottom: 1rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.room form {
		display: flex;
		align-items: center;
		gap: 0.3rem;
	}
</style>
