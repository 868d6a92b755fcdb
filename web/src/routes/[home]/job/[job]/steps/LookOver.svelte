<script lang="ts">
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
	} from '$lib/words/terms';
	import type { BoxSeen } from '@wary/core/arrangements';
	import Photos from '../Photos.svelte';
	import { getJob } from '../context';
	import { boxEntry } from '../later';

	const { session } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	const colours = Object.keys(colourWords) as Colour[];
	const ways = (
		plan.region === 'uk' ? ['pillar', 'screw'] : ['hook', 'clampPlate', 'pushIn', 'screw']
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
	let asRecorded = $state(true);
	let material = $state<'metal' | 'plastic'>(
		untrack(() => (session.jobState.metalBox ? 'metal' : 'plastic'))
	);
	/** Begun from the record, since most of it will be right. */
	let seen = $state.raw<BoxSeen | null>(null);
	let note = $state('');
	let extra = $state<{ colour: Colour; where: 'passing' | 'onDevice' }>({ colour: 'red', where: 'passing' });
	const comesFrom = (cable: string) =>
		plan.takeOff.flatMap(({ wires }) => wires).find((wire) => wire.cable === cable)?.comesFrom;
	const lettered = cablesOf(plan).flatMap((cable) => {
		const letter = cableLetter(plan, cable);
		const to = comesFrom(cable);
		return letter === ''
			? []
			: [{ letter, to: to === 'panel' ? `the ${t.panel}` : boxPlace(house, to ?? '') }];
	});
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({
			kind: 'lookOver',
			asRecorded,
			...(asRecorded || !seen ? {} : { seen }),
			...(plan.procedure >= 2 ? { material } : {}),
			note,
			landings: landings.map(({ terminal, wires }) => ({
				terminal,
				wires: wires.map(({ id, colour, how }) => ({ id, colour, how }))
			}))
		});
	};
	const found = () =>
		session.submit({ kind: 'foundConductor', id: `extra-${session.jobState.found.length + 1}`, ...extra });
</script>

<form onsubmit={submit}>
	<p class="soft">
		{#each lettered as each (each.letter)}<b>Cable {each.letter}</b>{` goes to ${each.to}. `}{/each}
	</p>
	<table>
		<thead><tr><th>at</th><th>colour</th><th>held by</th></tr></thead>
		<tbody>
			{#each landings as landing (landing.terminal)}
				{#each landing.wires as wire, k (wire.id)}
					<tr>
						<td
							>{#if k === 0}<b>{terminalWord(plan.region, landing.terminal)}</b><br />{/if}<span class="soft"
								>{roleWord(plan.region, landing.role)}{wire.cable === null
									? ', tail'
									: cableLetter(plan, wire.cable)
										? `, cable ${cableLetter(plan, wire.cable)}`
										: ''}</span
							></td
						>
						<td
							><select
								class="field"
								aria-label={`colour at ${terminalWord(plan.region, landing.terminal)}`}
								bind:value={wire.colour}
								>{#each colours as colour (colour)}<option value={colour}>{colourWords[colour]}</option
									>{/each}</select
							></td
						>
						<td
							><select
								class="field"
								aria-label={`held by, at ${terminalWord(plan.region, landing.terminal)}`}
								bind:value={wire.how}
								>{#each [...new Set([...ways, wire.how])] as way (way)}<option value={way}
										>{howWords[way]}</option
									>{/each}</select
							></td
						>
					</tr>
				{/each}
			{/each}
		</tbody>
	</table>
	{#if plan.procedure >= 2}<fieldset>
			<legend class="label">The box is</legend>
			{#each ['metal', 'plastic'] as const as each (each)}<label class="choice"
					><input type="radio" name="material" value={each} bind:group={material} /> {each}</label
				>{/each}
		</fieldset>{/if}
	<fieldset>
		<legend class="label">As drawn?</legend>
		<label class="choice"
			><input type="radio" name="as" checked={asRecorded} onchange={() => (asRecorded = true)} /> These wires, on
			these terminals (colours as set above)</label
		>
		<label class="choice"
			><input type="radio" name="as" checked={!asRecorded} onchange={() => (asRecorded = false)} /> No: more, fewer,
			or on other terminals</label
		>
	</fieldset>
	{#if !asRecorded}<p class="verdict open">
			Then this job can’t go on: it was planned on another box. It is made safe and closed. What you saw can
			be put on record at the outlet’s page and the swap begun anew on it, or it is handed over. Say what is
			there:
		</p>
		{#await boxEntry()}<p class="soft">One moment …</p>
		{:then { default: BoxEntry }}<BoxEntry {house} boxId={plan.boxId} bind:seen />
		{:catch}<p class="verdict open" role="alert">
				This part can’t be fetched just now. Say it in the note below; the job goes on.
			</p>
		{/await}{/if}
	<Photos />
	<label
		><span class="label">Note (marks, slack)</span><input
			class="field"
			bind:value={note}
			maxlength="500"
		/></label
	>
	<p class="row mt-4"><button class="btn">That is how they sit<kbd>↵</kbd></button></p>
</form>
<details>
	<summary>There is a conductor that isn’t drawn</summary>
	<div class="row">
		<label
			><span class="label">colour</span><select class="field" bind:value={extra.colour}
				>{#each colours as colour (colour)}<option value={colour}>{colourWords[colour]}</option
					>{/each}</select
			></label
		>
		<label
			><span class="label">where</span><select class="field" bind:value={extra.where}
				><option value="passing">in the box, not on the device</option><option value="onDevice"
					>on the device</option
				></select
			></label
		>
		<button type="button" class="btn second" onclick={found}>Note it</button>
	</div>
	<p class="soft">It is read to {t.ground} before anything else goes on.</p>
</details>

<style>
	th:last-child {
		width: 42%;
	}
	fieldset {
		border: 0;
		padding: 0;
		margin: 0.8rem 0;
	}
	td .field {
		min-height: 2.75rem;
	}
	@media (max-width: 700px) {
		thead {
			display: none;
		}
		tr {
			display: grid;
			grid-template-columns: 2fr 3fr;
			gap: 0 0.6rem;
			border-bottom: 1px solid var(--hair);
			padding-bottom: 0.5rem;
		}
		td {
			border: 0;
			padding-right: 0;
		}
		td:first-child {
			grid-column: 1 / -1;
			padding-bottom: 0;
		}
	}
	summary {
		min-height: 2.75rem;
		padding-top: 0.6rem;
		cursor: pointer;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	details .row {
		align-items: flex-end;
	}
</style>
