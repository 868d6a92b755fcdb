<script lang="ts">
	import {
		knownEarth,
		thingsIn,
		type BenchEvent,
		type BenchView,
		type Instruments,
		type MeterMode
	} from '@wary/core/bench';
	import { deviceModel, type Half, type House } from '@wary/core/house';
	import { meterWords, placeWords } from '$lib/words/bench';
	import { colourWords, halfWords, ohmsWord, roleWord, terms, voltsWord } from '$lib/words/terms';

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
		{ point: knownEarth(house), text: `known ${t.ground}, by a lead` }
	]);
	function nameOf(id: string): string {
		const [first, second] = id.split('/') as [string, string?];
		if (first === 'tail') return `pigtail ${second}`;
		if (second !== undefined) {
			const made = house.cables
				.find(({ id: cable }) => cable === first)
				?.conductors.find(({ id: conductor }) => conductor === second);
			return `${made ? colourWords[made.colour] : second}, cable ${first}`;
		}
		const contact = /^contact:(\w+)\.(\w+)$/.exec(id);
		if (contact)
			return `${halfWords[contact[1] as Half]}, ${roleWord(house.region, contact[2] as 'hot')} slot`;
		return placeWords(id, house);
	}
	const reading = $derived.by(() => {
		const metered = view?.metered;
		if (!metered) return '– – –';
		if (metered.kind === 'volts') return voltsWord(metered.volts);
		if (metered.kind === 'mark') return metered.litV === 0 ? 'dark' : `${metered.litV} V lit`;
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

<section aria-label="Meter and tester">
	<h2>Meter</h2>
	<div class="face">
		<output aria-live="polite">{reading}</output>
		<select
			class="field"
			value={instruments.meter}
			aria-label="What it measures"
			onchange={(event) => onhold({ meter: event.currentTarget.value as MeterMode })}
		>
			{#each Object.entries(meterWords) as [mode, text] (mode)}<option value={mode}>{text}</option>{/each}
		</select>
	</div>
	{#if view?.metered?.kind === 'ohms' && view.metered.reading.kind === 'refused'}<p class="verdict bad">
			The pair is live: an ohmmeter isn’t for that.
		</p>{/if}
	{#each ['red', 'black'] as const as which (which)}
		<label class="tip"
			><span>{which}</span><select class="field" value={instruments[which] ?? ''} onchange={tip(which)}
				><option value="">not held anywhere</option>{#each things as thing (thing.point)}<option
						value={thing.point}>{thing.text}</option
					>{/each}</select
			></label
		>
	{/each}
	{#if halves.length > 0}
		<label class="tip"
			><span>tester</span><select
				class="field"
				value={instruments.tester ?? ''}
				onchange={(event) => onhold({ tester: (event.currentTarget.value || null) as Half | null })}
				><option value="">three-lamp tester, not plugged in</option>{#each halves as half (half)}<option
						value={half}>in {halfWords[half]}</option
					>{/each}</select
			></label
		>
		{#if view?.lamps}
			<ul class="lamps" aria-label="Lamps of the tester">
				{#each [['hotNeutral', `${t.hot}–${t.neutral}`], ['hotGround', `${t.hot}–${t.ground}`], ['neutralGround', `${t.neutral}–${t.ground}`]] as const as [lamp, text] (lamp)}
					<li class:lit={view.lamps[lamp]}>
						<i aria-hidden="true"></i>{text}: <b>{view.lamps[lamp] ? 'lit' : 'dark'}</b>
					</li>
				{/each}
			</ul>
			<p>
				<button
					type="button"
					class="btn quiet"
					onclick={() => ondo({ kind: 'pressTester', half: instruments.tester! })}>Press its button</button
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
	.tip {
		display: grid;
		grid-template-columns: 3.6rem minmax(0, 1fr);
		align-items: center;
		gap: 0.4rem;
		margin-bottom: 0.35rem;
	}
	.field {
		min-height: 2.75rem;
		padding: 0.25rem 0.5rem;
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
