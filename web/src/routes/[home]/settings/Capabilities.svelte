<script lang="ts">
	import { words as w } from '$words/settings/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { sceneOf, testers, type Capability, type TesterKind } from '@wary/core/instruments';
	import type { Region } from '@wary/core/rules';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { capital } from '$words/terms';
	import { atWords, sceneWords, shownWords, testerShort, testerWords, verdictWords } from '$words/testers';

	interface Props {
		capabilities: readonly Capability[];
		region: Region;
		/** What the household has: its columns stand out. */
		owned: readonly string[];
		proves: (tester: TesterKind) => boolean;
	}
	/** What each tester shows in each situation, from the models; a cell opens the situation itself. */
	let { capabilities, region, owned, proves }: Props = $props();
	const names = $derived(testerWords(region));
	let shown = $state.raw<Capability | null>(null);
	const scenes = $derived([...new Set(capabilities.map(({ scene }) => scene))]);
	const cell = (tester: TesterKind, scene: Capability['scene']) =>
		capabilities.find((one) => one.tester === tester && one.scene === scene)!;
	const scene = $derived(shown ? sceneOf(shown.scene, region) : null);
	const sceneBox = $derived(scene?.house.boxes.find(({ id }) => id === scene.box));
	const cellLook: Record<Capability['verdict'], string> = {
		misses: 'border-transparent px-1 font-bold whitespace-nowrap text-live',
		shows: 'border-transparent px-1 whitespace-nowrap text-ink',
		falseAlarm: 'border-transparent px-1 whitespace-nowrap text-soft',
		unclear: 'border-transparent px-1 whitespace-nowrap text-soft',
		right: 'border-transparent px-1 whitespace-nowrap text-soft'
	};
	const meaning: Record<Capability['verdict'], { kind: 'good' | 'open' | 'bad'; text: string }> = {
		misses: { kind: 'bad', text: w.nothingItShowsSaysThat },
		shows: { kind: 'good', text: w.itShowsWhatIsAlive },
		falseAlarm: { kind: 'open', text: w.itCallsLiveWhatOnly },
		unclear: { kind: 'open', text: w.betweenDeadAndLiveIt },
		right: { kind: 'good', text: w.nothingIsAliveAndIt }
	};
</script>

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
						class={owned.includes(tester)
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
				<Verdict kind={meaning[shown.verdict].kind}>{meaning[shown.verdict].text}</Verdict>
			</div>
			<BoxDrawing house={scene.house} box={sceneBox} />
		</div>
	{/if}
</section>

<style>
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
		.demo {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
