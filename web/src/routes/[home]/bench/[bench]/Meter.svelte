<script lang="ts">
	import { words as copy } from '$words/bench/meter';
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import {
		knownEarth,
		thingsIn,
		type BenchEvent,
		type BenchView,
		type Instruments,
		type MeterMode
	} from '@wary/core/bench';
	import { deviceModel, type Half, type House } from '@wary/core/house';
	import { meterWords, placeWords } from '$words/bench';
	import { colourWords, halfWords, ohmsWord, roleWord, terms, voltsWord } from '$words/terms';

	let {
		house,
		boxId,
		view,
		instruments,
		onhold,
		ondo
	}: {
		house: House;
		boxId: string;
		view: BenchView | null;
		instruments: Instruments;
		onhold: (instruments: Partial<Instruments>) => void;
		ondo: (event: BenchEvent) => void;
	} = $props();
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const t = $derived(terms[house.region]);
	const halves = $derived(box.device ? deviceModel(box.device).halves : []);
	const things = $derived([
		...thingsIn(house, box).map(({ id, point }) => ({ point, text: nameOf(id) })),
		{ point: knownEarth(house), text: copy.knownByALead(t.ground) }
	]);
	function nameOf(id: string): string {
		const [first, second] = id.split('/') as [string, string?];
		if (first === 'tail') return copy.pigtail(second ?? '');
		if (second !== undefined) {
			const made = house.cables
				.find(({ id: cable }) => cable === first)
				?.conductors.find(({ id: conductor }) => conductor === second);
			return copy.cable(made ? colourWords[made.colour] : second, first);
		}
		const contact = /^contact:(\w+)\.(\w+)$/.exec(id);
		if (contact) return copy.slot(halfWords[contact[1] as Half], roleWord(house.region, contact[2] as 'hot'));
		return placeWords(id, house);
	}
	const reading = $derived.by(() => {
		const metered = view?.metered;
		if (!metered) return '– – –';
		if (metered.kind === 'volts') return voltsWord(metered.volts);
		if (metered.kind === 'mark') return metered.litV === 0 ? 'dark' : copy.lit(metered.litV);
		if (metered.kind === 'alarm') return metered.alarms ? 'alarms' : 'silent';
		const { reading: ohms } = metered;
		return ohms.kind === 'ohms'
			? `${ohmsWord(ohms.resistanceOhm)}${ohms.beeps ? ' ♪' : ''}`
			: ohms.kind === 'overload'
				? 'OL'
				: 'LIVE';
	});
	const tip = (which: 'red' | 'black') => (event: Event & { currentTarget: HTMLSelectElement }) =>
		onhold({ [which]: event.currentTarget.value || null });
</script>

<section aria-label={copy.meterAndTester}>
	<h2>{copy.meter}</h2>
	<div class="face">
		<output aria-live="polite">{reading}</output>
		<Select
			placeholder=""
			value={instruments.meter}
			aria-label={copy.whatItMeasures}
			onchange={(event) => onhold({ meter: event.currentTarget.value as MeterMode })}
		>
			{#each Object.entries(meterWords) as [mode, text] (mode)}<option value={mode}>{text}</option>{/each}
		</Select>
	</div>
	{#if view?.metered?.kind === 'ohms' && view.metered.reading.kind === 'refused'}<Verdict kind="bad">
			{copy.thePairIsLiveAn}
		</Verdict>{/if}
	{#each ['red', 'black'] as const as which (which)}
		<Label class="mb-1.5 grid grid-cols-[3.6rem_minmax(0,1fr)] items-center gap-1.5"
			><span>{which}</span><Select placeholder="" value={instruments[which] ?? ''} onchange={tip(which)}
				><option value="">{copy.notHeldAnywhere}</option>{#each things as thing (thing.point)}<option
						value={thing.point}>{thing.text}</option
					>{/each}</Select
			></Label
		>
	{/each}
	{#if halves.length > 0}
		<Label class="mb-1.5 grid grid-cols-[3.6rem_minmax(0,1fr)] items-center gap-1.5"
			><span>{copy.tester}</span><Select
				placeholder=""
				value={instruments.tester ?? ''}
				onchange={(event) => onhold({ tester: (event.currentTarget.value || null) as Half | null })}
				><option value="">{copy.threeLampTesterNotPlugged}</option>{#each halves as half (half)}<option
						value={half}>{copy.inText(halfWords[half])}</option
					>{/each}</Select
			></Label
		>
		{#if view?.lamps}
			<ul class="lamps" aria-label={copy.lampsOfTheTester}>
				{#each [['hotNeutral', `${t.hot}–${t.neutral}`], ['hotGround', `${t.hot}–${t.ground}`], ['neutralGround', `${t.neutral}–${t.ground}`]] as const as [lamp, text] (lamp)}
					<li class:lit={view.lamps[lamp]}>
						<i aria-hidden="true"></i>{text}: <b>{view.lamps[lamp] ? 'lit' : 'dark'}</b>
					</li>
				{/each}
			</ul>
			<p>
				<Button color="alternative" onclick={() => ondo({ kind: 'pressTester', half: instruments.tester! })}
					>{copy.pressItsButton}</Button
				>
			</p>
		{/if}
	{/if}
</section>

<style>
	.face {
		display: grid;
		grid-template-columns: 1fr 9rem;
		gap: 0.6rem;
		align-items: end;
		margin-bottom: 0.5rem;
	}
	output {
		font-size: 2.3rem;
		line-height: 1.1;
		font-weight: 600;
		border-bottom: 3px solid var(--ink);
		white-space: nowrap;
	}
	.lamps {
		list-style: none;
		display: grid;
		margin: 0.3rem 0 0;
		padding: 0;
		gap: 0.2rem;
	}
	.lamps li {
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}
	.lamps i {
		width: 1.1rem;
		height: 1.1rem;
		border: 2px solid var(--ink);
		border-radius: 50%;
	}
	.lamps .lit i {
		background: var(--ink);
		box-shadow:
			0 0 0 3px var(--sheet),
			0 0 0 5px var(--ink);
	}
</style>
