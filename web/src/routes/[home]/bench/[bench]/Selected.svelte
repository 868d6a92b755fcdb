<script lang="ts">
	import type { BenchEvent } from '@wary/core/bench';
	import { deviceModel, type Colour, type House, type How } from '@wary/core/house';
	import { stripGauge } from '@wary/core/rules';
	import { typedNumber } from '$lib/typed';
	import { placeWords } from '$lib/words/bench';
	import { capital, colourWords, howWords, terminalWord } from '$lib/words/terms';

	let {
		house,
		boxId,
		wire,
		ondo,
		onclose
	}: { house: House; boxId: string; wire: string; ondo: (event: BenchEvent) => void; onclose: () => void } =
		$props();
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const [cable, conductor] = $derived(wire.split('/') as [string, string]);
	const tail = $derived(cable === 'tail' ? box.pigtails.find(({ id }) => id === conductor) : undefined);
	const end = $derived(box.terminations.find((each) => each.cable === cable && each.conductor === conductor));
	const made = $derived(
		house.cables.find(({ id }) => id === cable)?.conductors.find(({ id }) => id === conductor)
	);
	const terminal = $derived.by(() => {
		const at = tail?.to ?? end?.at ?? '';
		return at.startsWith('terminal:') && box.device
			? deviceModel(box.device).terminals.find(({ name }) => `terminal:${name}` === at)
			: undefined;
	});
	const places = $derived([
		...(box.device
			? deviceModel(box.device).terminals.map(({ name }) => ({
					at: `terminal:${name}`,
					text: terminalWord(house.region, name)
				}))
			: []),
		...box.joints.map(({ id }) => ({ at: `joint:${id}`, text: `joint ${id}` })),
		...(box.material === 'metal' ? [{ at: 'box', text: 'metal of the box' }] : []),
		{ at: 'capped', text: 'cap it' },
		{ at: 'bare', text: 'leave it free, bare' }
	]);
	const tapes: Colour[] = ['black', 'red', 'blue', 'brown', 'white', 'green', 'greenYellow'];
	const gauge = $derived(stripGauge[house.region].mm);
	const land = (at: string, how?: How) =>
		ondo(
			tail
				? { kind: 'landTail', tail: tail.id, end: 'to', at, ...(how ? { how } : {}) }
				: { kind: 'land', cable, conductor, at, ...(how ? { how } : {}) }
		);
	const of = $derived({ cable, conductor });
	let stripComplaint = $state<string | null>(null);
	/** Bare metal of 0 to 100 mm; anything else is refused where it stands. */
	function strip(text: string) {
		const { value, complaint } = typedNumber(text);
		const fits = value !== null && value >= 0 && value <= 100;
		stripComplaint = fits ? null : (complaint ?? '0 to 100 mm.');
		if (fits) ondo({ kind: 'strip', ...of, mm: value });
	}
</script>

{#if tail || (end && made)}
	<section aria-label="The conductor in hand">
		<h2>
			{capital(colourWords[tail?.colour ?? made!.colour])}{tail ? ' pigtail' : `, cable ${cable}`}
			<button class="close" type="button" onclick={onclose} aria-label="Put it down">✕</button>
		</h2>
		<label
			><span class="label">sits at</span>
			<select class="field" value={tail?.to ?? end!.at} onchange={(event) => land(event.currentTarget.value)}>
				{#each places as place (place.at)}<option value={place.at}>{place.text}</option>{/each}
			</select></label
		>
		{#if terminal && !tail}
			<label
				><span class="label">held by</span>
				<select
					class="field"
					value={end!.how}
					onchange={(event) => land(end!.at, event.currentTarget.value as How)}
				>
					{#each Object.keys(terminal.takes) as way (way)}<option value={way}>{howWords[way as How]}</option
						>{/each}
				</select></label
			>
		{/if}
		{#if end}
			<div class="pair">
				<label
					><span class="label">stripped, mm</span><input
						class="field"
						inputmode="numeric"
						value={end.strippedMm ?? gauge}
						onchange={(event) => strip(event.currentTarget.value)}
						aria-describedby={stripComplaint ? 'strip-complaint' : undefined}
					/></label
				>
				<label
					><span class="label">joint</span>
					<select
						class="field"
						value={end.open ? 'open' : end.resistanceOhm ? String(end.resistanceOhm) : 'good'}
						onchange={({ currentTarget: { value } }) =>
							ondo({
								kind: 'joint',
								...of,
								state: value === 'good' || value === 'open' ? value : Number(value)
							})}
					>
						<option value="good">sound</option>
						{#each [...new Set( [0.2, 0.5, 1, 5, 50, ...(end.resistanceOhm ? [end.resistanceOhm] : [])] )] as ohm (ohm)}<option
								value={String(ohm)}>loose, {ohm} Ω</option
							>{/each}
						<option value="open">open</option>
					</select></label
				>
			</div>
			{#if stripComplaint}<p id="strip-complaint" class="verdict bad" role="alert">{stripComplaint}</p>{/if}
			<div class="pair">
				<label
					><span class="label">tape</span>
					<select
						class="field"
						value={end.tape ?? ''}
						onchange={({ currentTarget: { value } }) =>
							ondo({ kind: 'mark', ...of, tape: (value || null) as Colour | null, text: end.mark ?? '' })}
					>
						<option value="">none</option>
						{#each tapes as tape (tape)}<option value={tape}>{colourWords[tape]}</option>{/each}
					</select></label
				>
				<label
					><span class="label">written on it</span><input
						class="field"
						maxlength="24"
						value={end.mark ?? ''}
						onchange={(event) =>
							ondo({ kind: 'mark', ...of, tape: end.tape ?? null, text: event.currentTarget.value.trim() })}
					/></label
				>
			</div>
			{#if box.material === 'metal'}
				<label class="choice"
					><input
						type="checkbox"
						checked={end.touches === 'box'}
						onchange={(event) => ondo({ kind: 'touch', ...of, touches: event.currentTarget.checked })}
					/> bare metal touches the box</label
				>
			{/if}
		{:else if tail}
			<button class="btn quiet" type="button" onclick={() => ondo({ kind: 'removeTail', tail: tail.id })}
				>Remove this pigtail</button
			>
		{/if}
		<p class="soft">now {placeWords(tail?.to ?? end!.at, house)}. Drag it, or tap where it goes.</p>
	</section>
{/if}

<style>
	h2 {
		display: flex;
		justify-content: space-between;
		align-items: center;
	}
	.close {
		min-width: 2.75rem;
		min-height: 2.75rem;
		cursor: pointer;
	}
	label {
		display: block;
	}
	.choice {
		display: flex;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
	}
	.field {
		min-height: 2.6rem;
		padding: 0.25rem 0.5rem;
	}
	p {
		margin: 0.5rem 0 0;
		font-size: 0.95rem;
	}
</style>
