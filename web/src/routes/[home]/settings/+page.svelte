<script lang="ts">
	import { words as w } from '$words/settings/page';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import { savedNotice } from '$words/failures';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { sceneOf, testers, type Capability, type TesterKind } from '@wary/core/instruments';
	import { means } from '@wary/core/search';
	import Devices from './Devices.svelte';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import { holdGear, type Settings } from '$lib/settings';
	import { meansWords } from '$words/search';
	import { capital, terms } from '$words/terms';
	import { atWords, sceneWords, shownWords, testerShort, testerWords, verdictWords } from '$words/testers';

	let { data } = $props();
	const region = $derived(data.region);
	const t = $derived(terms[region]);
	const names = $derived(testerWords(region));
	let settings = $state<Settings>(untrack(() => structuredClone(data.settings)));
	let shown = $state.raw<Capability | null>(null);
	const scenes = $derived([...new Set(data.capabilities.map(({ scene }) => scene))]);
	const cell = (tester: TesterKind, scene: Capability['scene']) =>
		data.capabilities.find((one) => one.tester === tester && one.scene === scene)!;
	const proves = (tester: TesterKind) =>
		data.capabilities.every((one) => one.tester !== tester || one.verdict !== 'misses');
	const scene = $derived(shown ? sceneOf(shown.scene, region) : null);
	const sceneBox = $derived(scene?.house.boxes.find(({ id }) => id === scene.box));
	const ownsProver = $derived(settings.instruments.some((each) => each !== 'provingUnit' && proves(each)));
	const gearWords = {
		clip: 'breaker clip',
		padlock: w.padlockWithOneKey,
		tape: 'tape',
		tag: w.tagAndPen
	};

	const saving = new Sending();
	/** What was changed while one was on its way is sent after it. */
	let changed = false;
	let unsent = $state(false);
	async function keep() {
		changed = unsent = true;
		if (saving.pending) return;
		while (changed) {
			changed = false;
			const taken = await saving.send(`/api/${data.home.slug}/settings`, 'done', {
				method: 'POST',
				body: $state.snapshot(settings)
			});
			if (!taken) return;
		}
		unsent = false;
		notify('good', savedNotice);
	}
	holdsUnsaved(() => unsent);
	const cellLook: Record<(typeof data.capabilities)[number]['verdict'], string> = {
		misses: 'border-transparent px-1 font-bold whitespace-nowrap text-live',
		shows: 'border-transparent px-1 whitespace-nowrap text-ink',
		falseAlarm: 'border-transparent px-1 whitespace-nowrap text-soft',
		unclear: 'border-transparent px-1 whitespace-nowrap text-soft',
		right: 'border-transparent px-1 whitespace-nowrap text-soft'
	};
</script>

<svelte:head><title>{w.settingsWaryHand(data.home.name)}</title></svelte:head>
<main>
	<h1>{w.whatYouHaveAndWhat}</h1>
	<form data-saves="each" onchange={keep} onsubmit={(event) => event.preventDefault()}>
		<fieldset>
			<legend>{w.instruments}</legend>
			{#each [...testers, 'provingUnit'] as const as each (each)}
				<Checkbox value={each} bind:group={settings.instruments}>
					<span
						>{names[each]}
						{#if each !== 'provingUnit' && proves(each)}<b class="proves">{w.canProveDead}</b>{/if}</span
					></Checkbox
				>
			{/each}
		</fieldset>
		<fieldset>
			<legend>{w.toHoldOff(t.aBreaker)}</legend>
			{#each holdGear as each (each)}<Checkbox value={each} bind:group={settings.holdGear}>
					{gearWords[each]}</Checkbox
				>{/each}
		</fieldset>
		<fieldset>
			<legend>{w.toLookFor(t.aBreaker)}</legend>
			{#each means as each (each)}<Radio name="means" value={each} bind:group={settings.search.means}>
					{meansWords[each].text}</Radio
				>{/each}
			<Checkbox bind:checked={settings.search.sets}>{w.severalMayBeOffAt}</Checkbox>
		</fieldset>
	</form>
	<div class="status" role="status">
		{#if saving.pending}{w.saving}{/if}
		<Trouble failure={saving.failure} own={{ unreachable: w.notSavedTheServerCant }} />
		{#if !ownsProver}<Verdict kind="open">{w.nothingTickedReadsBetweenTwo(t.plate)}</Verdict>{/if}
	</div>

	<Devices paired={data.devices} everywhere={data.everywhere} locale={t.locale} />

	<section>
		<h2>{w.computedNotDecreed}</h2>
		<p class="lead">
			{w.eachCellIsTheWiring}
		</p>
		<div class="scroll">
			<Table>
				<TableHead
					><TableHeadCell scope="col">{w.whatIsSo}</TableHeadCell
					>{#each testers as tester (tester)}<TableHeadCell
							scope="col"
							class={settings.instruments.includes(tester)
								? 'font-semibold text-ink underline decoration-3 underline-offset-4'
								: ''}>{testerShort[tester]}</TableHeadCell
						>{/each}</TableHead
				>
				<TableBody>
					{#each scenes as kind (kind)}
						<TableBodyRow>
							<TableHeadCell scope="row" class="font-semibold"
								>{capital(sceneWords(kind, region).short)}</TableHeadCell
							>
							{#each testers as tester (tester)}
								{@const one = cell(tester, kind)}
								<TableBodyCell
									><Button
										size="xs"
										color="alternative"
										class={cellLook[one.verdict]}
										aria-pressed={shown?.tester === tester && shown.scene === kind}
										aria-label={`${sceneWords(kind, region).short}, ${names[tester]}: ${verdictWords[one.verdict].text}`}
										onclick={() => (shown = one)}
										><i aria-hidden="true">{verdictWords[one.verdict].mark}</i>
										{verdictWords[one.verdict].text}</Button
									></TableBodyCell
								>
							{/each}
						</TableBodyRow>
					{/each}
					<TableBodyRow
						><TableHeadCell scope="row" class="font-semibold">{w.mayProveDeadIfItself}</TableHeadCell
						>{#each testers as tester (tester)}<TableBodyCell
								><b>{proves(tester) ? 'yes' : 'never'}</b></TableBodyCell
							>{/each}</TableBodyRow
					>
				</TableBody>
			</Table>
		</div>
		{#if shown && scene && sceneBox}
			<div class="demo" aria-live="polite">
				<div>
					<h3>{w.withThe(capital(sceneWords(shown.scene, region).short), names[shown.tester])}</h3>
					<p>{sceneWords(shown.scene, region).text}</p>
					<Table>
						<TableBody>
							{#each shown.shown as reading, k (k)}<TableBodyRow
									class={reading.says === 'alive' ? 'font-semibold [&>td]:text-live' : ''}
									><TableBodyCell>{atWords(reading, region)}</TableBodyCell><TableBodyCell
										class="text-end whitespace-nowrap">{shownWords(reading)}</TableBodyCell
									><TableBodyCell class="text-end whitespace-nowrap"
										>{reading.says === 'alive'
											? 'alive'
											: reading.says === 'unclear'
												? 'neither'
												: ''}</TableBodyCell
									></TableBodyRow
								>{/each}
						</TableBody>
					</Table>
					<Verdict
						kind={shown.verdict === 'misses'
							? 'bad'
							: shown.verdict === 'falseAlarm' || shown.verdict === 'unclear'
								? 'open'
								: 'good'}
					>
						{shown.verdict === 'misses'
							? w.nothingItShowsSaysThat
							: shown.verdict === 'shows'
								? w.itShowsWhatIsAlive
								: shown.verdict === 'falseAlarm'
									? w.itCallsLiveWhatOnly
									: shown.verdict === 'unclear'
										? w.betweenDeadAndLiveIt
										: w.nothingIsAliveAndIt}
					</Verdict>
				</div>
				<BoxDrawing house={scene.house} box={sceneBox} />
			</div>
		{/if}
	</section>
</main>

<style>
	main {
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.1rem 1.5rem 3rem;
	}
	form {
		display: grid;
		grid-template-columns: 1.2fr 1fr 1.3fr;
		gap: 0 2rem;
	}
	fieldset {
		border: 0;
		border-top: 2px solid var(--ink);
		margin: 0.6rem 0 0;
		padding: 0.2rem 0;
		min-width: 0;
	}
	legend {
		font-weight: 700;
		padding: 0 0.6rem 0 0;
	}
	.proves {
		color: var(--dead);
		font-weight: 600;
		font-size: 0.9rem;
	}
	.status {
		min-height: 1.6rem;
		margin: 0.5rem 0;
	}
	section {
		border-top: 2px solid var(--ink);
		padding-top: 0.7rem;
		margin-top: 0.6rem;
	}
	.lead {
		margin: 0 0 0.6rem;
		color: var(--soft);
		max-width: 80ch;
	}
	.scroll {
		overflow-x: auto;
	}
	i {
		font-style: normal;
	}
	.demo {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
		margin-top: 1rem;
		border-top: 1px solid var(--hair);
		padding-top: 0.8rem;
	}
	h3 {
		font-weight: 700;
	}
	@media (max-width: 900px) {
		form,
		.demo {
			grid-template-columns: minmax(0, 1fr);
		}
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
