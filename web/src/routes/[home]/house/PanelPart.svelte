<script lang="ts">
	import { untrack } from 'svelte';
	import { allBreakers, type Edit } from '@wary/core/house';
	import { readSpace } from '@wary/core/files';
	import { typedNumber } from '$lib/typed';
	import { breakerName, capital, terms } from '$lib/words/terms';
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
		if (!where) return (complaint = 'Write 14, 5+7 for two poles, 14a for one of two thin ones.');
		if (ratingA === null || ratingA < 1 || ratingA > 200)
			return (complaint = unread ?? 'A rating from 1 to 200 A.');
		const before = new Set(allBreakers(house).map(({ id }) => id));
		if (
			await make(
				[{ do: 'addBreaker', panel: panelId, ...where, ratingA, label: label.trim() }],
				`${t.breaker} ${at} added`
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
			return (complaint =
				ways.complaint ??
				main.complaint ??
				`2 to 84 ${uk ? 'ways' : 'spaces'}, and a main switch of 10 to 400 A.`);
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
			`${panel.name} changed`
		);
	};
	async function addSub(event: SubmitEvent) {
		event.preventDefault();
		if (!subFrom || !subName.trim()) return (complaint = 'Say what it is called and which breaker feeds it.');
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
				'sub-panel added'
			)
		)
			subName = '';
	}
	async function addResidual(event: SubmitEvent) {
		event.preventDefault();
		if (covers.length === 0) return (complaint = 'Tick the ways that it covers.');
		const trips = typedNumber(tripMa);
		if (trips.value === null || trips.value < 5 || trips.value > 500)
			return (complaint = trips.complaint ?? 'It trips at 5 to 500 mA.');
		if (
			await make(
				[{ do: 'setResidual', panel: panelId, residual: null, tripMa: trips.value, ratingA: 63, covers }],
				'RCD added'
			)
		)
			covers = [];
	}
	const remove = async () =>
		(await make([{ do: 'removeSubPanel', panel: panelId }], `${panel.name} removed`)) && ongone();
</script>

{#if space !== null}
	<form onsubmit={add}>
		<h2>{capital(t.aBreaker)} in {uk ? 'way' : 'space'} {space}</h2>
		<div class="fields">
			<label class="wide"
				><span class="label">Directory says</span><input
					class="field"
					bind:value={label}
					maxlength="80"
					placeholder="what is written at it"
				/></label
			>
			<label
				><span class="label">Rating, A</span><input
					class="field"
					bind:value={rating}
					inputmode="decimal"
				/></label
			>
			<label
				><span class="label">{uk ? 'Way' : 'Space'}; two poles as {uk ? '3+4' : '5+7'}</span><input
					class="field"
					bind:value={at}
				/></label
			>
		</div>
		<p class="row mt-3"><button class="btn">Add it<kbd>↵</kbd></button></p>
	</form>
{:else}
	<h2>{panel.name}</h2>
	<form class="fields" onchange={keep} onsubmit={(event) => event.preventDefault()}>
		<label><span class="label">Name</span><input class="field" bind:value={name} maxlength="80" /></label>
		<label
			><span class="label">Where it hangs</span><input
				class="field"
				bind:value={place}
				maxlength="80"
			/></label
		>
		<label
			><span class="label">{uk ? 'Ways' : 'Spaces'}</span><input
				class="field"
				bind:value={spaces}
				inputmode="numeric"
			/></label
		>
		<label
			><span class="label">Main switch, A</span><input
				class="field"
				bind:value={mainA}
				inputmode="numeric"
			/></label
		>
	</form>
	{#if uk && panel.breakers.length > 0}
		<form onsubmit={addResidual}>
			<h3>Residual-current devices</h3>
			{#each panel.residualDevices as device, k (device.id)}
				<p class="row">
					<b>RCD {k + 1}</b>
					{device.tripMa} mA, ways {device.covers.map((id) => breakerName(house, id)).join(', ')}
					<button
						type="button"
						class="linkish"
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
								'RCD removed'
							)}>remove</button
					>
				</p>
			{/each}
			<fieldset class="row">
				<legend class="label">Another one covers</legend>
				{#each panel.breakers as each (each.id)}<label class="tick"
						><input type="checkbox" value={each.id} bind:group={covers} />
						{breakerName(house, each.id)}</label
					>{/each}
				<label class="tick"
					>trips at <input class="field ma" inputmode="numeric" bind:value={tripMa} /> mA</label
				>
				<button class="btn quiet">Add it</button>
			</fieldset>
		</form>
	{/if}
	{#if panel.breakers.length > 0}
		<form onsubmit={addSub}>
			<h3>A sub-panel fed from here</h3>
			<div class="row">
				<label
					><span class="label">Called</span><input
						class="field"
						bind:value={subName}
						maxlength="80"
						placeholder="Shed"
					/></label
				>
				<label
					><span class="label">fed by {t.breaker}</span><select class="field" bind:value={subFrom}
						><option value="">choose</option>{#each panel.breakers as each (each.id)}<option value={each.id}
								>{breakerName(house, each.id)} {each.label}</option
							>{/each}</select
					></label
				>
				<button class="btn quiet">Add it</button>
			</div>
		</form>
	{/if}
	{#if panel.fedFrom}<p class="row mt-4">
			Fed from {breakerName(house, panel.fedFrom.breaker)} through {panel.fedFrom.lengthM} m.
			<button type="button" class="btn quiet" onclick={remove}>Remove {panel.name}</button>
		</p>{/if}
{/if}
{#if complaint}<p class="verdict bad" role="alert">{capital(complaint)}</p>{/if}

<style>
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.5rem 0.8rem;
	}
	.wide {
		grid-column: 1 / -1;
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
	.tick {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		min-height: 2.6rem;
	}
	.ma {
		width: 5rem;
	}
	form .row {
		align-items: flex-end;
	}
	.linkish {
		text-decoration: underline;
		cursor: pointer;
	}
</style>
