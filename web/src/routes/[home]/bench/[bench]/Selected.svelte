<script lang="ts">
	import { words as w } from '$words/bench/selected';
	import CloseButton from 'flowbite-svelte/CloseButton.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { BenchEvent } from '@wary/core/bench';
	import { deviceModel, type Colour, type House, type How } from '@wary/core/house';
	import { stripGauge } from '@wary/core/rules';
	import { typedNumber } from '$lib/typed';
	import { placeWords } from '$words/bench';
	import { capital, colourWords, howWords, terminalWord } from '$words/terms';

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
		...box.joints.map(({ id }) => ({ at: `joint:${id}`, text: w.joint2(id) })),
		...(box.material === 'metal' ? [{ at: 'box', text: w.metalOfTheBox }] : []),
		{ at: 'capped', text: w.capIt },
		{ at: 'bare', text: w.leaveItFreeBare }
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
		stripComplaint = fits ? null : (complaint ?? w.bareMetalFromTo);
		if (fits) ondo({ kind: 'strip', ...of, mm: value });
	}
</script>

{#if tail || (end && made)}
	<section aria-label={w.theConductorInHand}>
		<h2>
			{capital(colourWords[tail?.colour ?? made!.colour])}{tail ? w.pigtail : w.cable(cable)}
			<CloseButton class="size-11" onclick={onclose} ariaLabel={w.putItDown} />
		</h2>
		<Label
			>{w.sitsAt}
			<Select
				placeholder=""
				value={tail?.to ?? end!.at}
				onchange={(event) => land(event.currentTarget.value)}
			>
				{#each places as place (place.at)}<option value={place.at}>{place.text}</option>{/each}
			</Select></Label
		>
		{#if terminal && !tail}
			<Label
				>{w.heldBy}
				<Select
					placeholder=""
					value={end!.how}
					onchange={(event) => land(end!.at, event.currentTarget.value as How)}
				>
					{#each Object.keys(terminal.takes) as way (way)}<option value={way}>{howWords[way as How]}</option
						>{/each}
				</Select></Label
			>
		{/if}
		{#if end}
			<div class="pair">
				<Label
					>{w.strippedMm}<Input
						inputmode="numeric"
						value={end.strippedMm ?? gauge}
						onchange={(event) => strip(event.currentTarget.value)}
						aria-describedby={stripComplaint ? 'strip-complaint' : undefined}
					/></Label
				>
				<Label
					>{w.joint}
					<Select
						placeholder=""
						value={end.open ? 'open' : end.resistanceOhm ? String(end.resistanceOhm) : 'good'}
						onchange={({ currentTarget: { value } }) =>
							ondo({
								kind: 'joint',
								...of,
								state: value === 'good' || value === 'open' ? value : Number(value)
							})}
					>
						<option value="good">{w.sound}</option>
						{#each [...new Set( [0.2, 0.5, 1, 5, 50, ...(end.resistanceOhm ? [end.resistanceOhm] : [])] )] as ohm (ohm)}<option
								value={String(ohm)}>{w.looseΩ(ohm)}</option
							>{/each}
						<option value="open">{w.open}</option>
					</Select></Label
				>
			</div>
			{#if stripComplaint}<Verdict kind="bad" id="strip-complaint">{stripComplaint}</Verdict>{/if}
			<div class="pair">
				<Label
					>{w.tape}
					<Select
						placeholder=""
						value={end.tape ?? ''}
						onchange={({ currentTarget: { value } }) =>
							ondo({ kind: 'mark', ...of, tape: (value || null) as Colour | null, text: end.mark ?? '' })}
					>
						<option value="">{w.none}</option>
						{#each tapes as tape (tape)}<option value={tape}>{colourWords[tape]}</option>{/each}
					</Select></Label
				>
				<Label
					>{w.writtenOnIt}<Input
						maxlength={24}
						value={end.mark ?? ''}
						onchange={(event) =>
							ondo({ kind: 'mark', ...of, tape: end.tape ?? null, text: event.currentTarget.value.trim() })}
					/></Label
				>
			</div>
			{#if box.material === 'metal'}
				<Checkbox
					checked={end.touches === 'box'}
					onchange={(event) => ondo({ kind: 'touch', ...of, touches: event.currentTarget.checked })}
				>
					{w.bareMetalTouchesTheBox}</Checkbox
				>
			{/if}
		{:else if tail}
			<Button color="alternative" onclick={() => ondo({ kind: 'removeTail', tail: tail.id })}
				>{w.removeThisPigtail}</Button
			>
		{/if}
		<p class="soft">{w.nowDragItOrTap(placeWords(tail?.to ?? end!.at, house))}</p>
	</section>
{/if}

<style>
	h2 {
		display: flex;
		justify-content: space-between;
		align-items: center;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
	}
	p {
		margin: 0.5rem 0 0;
		font-size: 0.95rem;
	}
</style>
