<script lang="ts">
	import { words as w } from '$words/bench/boxPart';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { BenchEvent } from '@wary/core/bench';
	import { cablesInBox, type Colour, type House, type Role } from '@wary/core/house';
	import type { Mistake } from '@wary/core/mistakes';
	import { sizesOf, type ConductorSize } from '@wary/core/rules';
	import { typedNumber } from '$lib/typed';
	import { mistakeWords, placeWords } from '$words/bench';
	import { howWords, sizeWords, terms } from '$words/terms';

	let {
		house,
		boxId,
		mistakes,
		ondo
	}: {
		house: House;
		boxId: string;
		mistakes: readonly Pick<Mistake, 'id' | 'kind' | 'roles' | 'where'>[];
		ondo: (event: BenchEvent) => void;
	} = $props();
	const us = $derived(house.region === 'us');
	const t = $derived(terms[house.region]);
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const cables = $derived(cablesInBox(house, boxId).map(({ cable }) => cable));
	/** The first free name of its kind: c5, j2, tail1. */
	function numbered(kind: string, taken: readonly { readonly id: string }[]): string {
		let n = 1;
		while (taken.some(({ id }) => id === `${kind}${n}`)) n++;
		return `${kind}${n}`;
	}
	const named = /^[a-z0-9][a-zA-Z0-9-]{0,39}$/;
	let mistake = $state('');
	let jointHow = $state<'twistOn' | 'lever' | 'crimp' | 'screw'>('twistOn');
	let tail = $state({ role: 'hot' as Role, from: '', to: '' });
	let cable = $state({
		name: '',
		circuit: '',
		way: 'fromPanel' as 'fromPanel' | 'toOutlet',
		secondHot: false,
		grounded: true,
		metal: false,
		material: 'copper' as 'copper' | 'aluminium',
		size: '' as ConductorSize | '',
		old: false,
		length: '6'
	});
	const places = $derived([
		...box.joints.map(({ id }) => `joint:${id}`),
		...(box.device
			? [...new Set([...box.terminations.map(({ at }) => at)])].filter((at) => at.startsWith('terminal:'))
			: []),
		...(box.material === 'metal' ? ['box'] : []),
		'bare'
	]);
	const colourOf = (role: Role): Colour =>
		role === 'ground'
			? us
				? 'bare'
				: 'greenYellow'
			: role === 'neutral'
				? us
					? 'white'
					: 'blue'
				: us
					? 'black'
					: 'brown';
	const wrongName = $derived(cable.name.trim() !== '' && !named.test(cable.name.trim()));
	let lengthComplaint = $state<string | null>(null);
	function makeTail() {
		const from = tail.from || places[0]!;
		ondo({
			kind: 'makeTail',
			tail: numbered('tail', box.pigtails),
			role: tail.role,
			colour: colourOf(tail.role),
			from,
			to: tail.to || 'bare'
		});
	}
	function bring() {
		const { name, old, metal, circuit, size, length, ...rest } = cable;
		const { value: lengthM, complaint } = typedNumber(length);
		const fits = lengthM !== null && lengthM >= 0.1 && lengthM <= 500;
		lengthComplaint = fits ? null : (complaint ?? w.aLengthOf01);
		if (!fits) return;
		ondo({
			kind: 'addCable',
			id: name.trim() || numbered('c', house.cables),
			circuit: circuit || house.circuits[0]!.id,
			sheath: metal ? 'armoured' : us ? 'nonmetallic' : 'twinAndEarth',
			size: size || (us ? '14AWG' : '2.5mm2'),
			palette: us ? 'us' : old ? 'ukOld' : 'ukNew',
			...rest,
			lengthM
		});
	}
</script>

<section aria-label={w.box}>
	<More title={w.jointsAndPigtails}>
		<div class="two">
			<Select placeholder="" bind:value={jointHow} aria-label={w.kindOfJoint}
				>{#each ['twistOn', 'lever', 'crimp', 'screw'] as const as each (each)}<option value={each}
						>{howWords[each]}</option
					>{/each}</Select
			>
			<Button
				color="alternative"
				onclick={() => ondo({ kind: 'makeJoint', joint: numbered('j', box.joints), how: jointHow })}
				>{w.addJoint}</Button
			>
		</div>
		{#each box.joints as joint (joint.id)}
			<p class="two">
				<span>{joint.id}, {howWords[joint.how]}</span><Button
					color="alternative"
					onclick={() => ondo({ kind: 'removeJoint', joint: joint.id })}>{w.remove}</Button
				>
			</p>
		{/each}
		<div class="three">
			<Select placeholder="" bind:value={tail.role} aria-label={w.pigtailFor}
				>{#each ['hot', 'neutral', 'ground'] as const as each (each)}<option value={each}>{t[each]}</option
					>{/each}</Select
			>
			<Select placeholder="" bind:value={tail.from} aria-label={w.pigtailFrom}
				><option value="">{w.from}</option>{#each places as each (each)}<option value={each}
						>{placeWords(each, house)}</option
					>{/each}</Select
			>
			<Button color="alternative" onclick={makeTail}>{w.addPigtail}</Button>
		</div>
	</More>
	<More title={w.cablesAndTheBoxItself}>
		<form
			onsubmit={(event) => {
				event.preventDefault();
				bring();
			}}
		>
			<div class="two">
				<Select placeholder="" bind:value={cable.way} aria-label={w.way}
					><option value="fromPanel">{w.fromThe(t.panel)}</option><option value="toOutlet"
						>{w.onToAnOutlet}</option
					></Select
				>
				<Select placeholder="" bind:value={cable.circuit} aria-label={w.circuit}
					>{#each house.circuits as each, k (each.id)}<option value={k === 0 ? '' : each.id}
							>{each.name}</option
						>{/each}</Select
				>
			</div>
			<div class="three">
				<Select placeholder="" bind:value={cable.size} aria-label={w.size}
					><option value="">{sizeWords(us ? '14AWG' : '2.5mm2')}</option
					>{#each sizesOf(house.region) as each (each)}<option value={each}>{sizeWords(each)}</option
						>{/each}</Select
				>
				<Select placeholder="" bind:value={cable.material} aria-label={w.metalOfTheConductors}
					><option value="copper">{w.copper}</option><option value="aluminium">{w.aluminium}</option></Select
				>
				<Input inputmode="decimal" bind:value={cable.length} aria-label={w.lengthM} />
			</div>
			{#if lengthComplaint}<Verdict kind="bad">{lengthComplaint}</Verdict>{/if}
			<div class="ticks">
				<Checkbox inline bind:checked={cable.grounded}>{w.wire(t.ground)}</Checkbox>
				<Checkbox inline bind:checked={cable.secondHot}>{w.second(t.hot)}</Checkbox>
				<Checkbox inline bind:checked={cable.metal}>{w.metalSheath}</Checkbox>
				{#if !us}<Checkbox inline bind:checked={cable.old}>{w.oldColours}</Checkbox>{/if}
			</div>
			<div class="two">
				<Input
					bind:value={cable.name}
					maxlength={40}
					placeholder={numbered('c', house.cables)}
					aria-label={w.nameOfTheCable}
					aria-describedby={wrongName ? 'cable-name' : undefined}
				/>
				<Button type="submit" color="alternative" disabled={wrongName}>{w.bringIn}</Button>
			</div>
			{#if wrongName}<Verdict kind="open" alert id="cable-name">
					{w.lettersDigitsAndHyphensBeginning}
				</Verdict>{/if}
		</form>
		{#each cables as each (each.id)}<p class="two">
				<span>{w.conductors(each.id, sizeWords(each.size), each.conductors.length)}</span><Button
					color="alternative"
					onclick={() => ondo({ kind: 'removeCable', id: each.id })}>{w.takeOut}</Button
				>
			</p>{/each}
		<Choices
			inline
			legend={w.theBoxIs}
			name="material"
			options={[
				{ value: 'metal', text: 'metal' },
				{ value: 'plastic', text: 'plastic' }
			] as const}
			value={box.material}
			onpick={(material) => ondo({ kind: 'material', material })}
		/>
	</More>
	<More title={w.makeAMistake}>
		<p class="soft">{w.thenSeeWhatEveryInstrument}</p>
		{#if mistakes.length === 0}<p class="soft">{w.theBoxNeedsASupply}</p>
		{:else}
			<div class="two">
				<Select placeholder="" bind:value={mistake} aria-label={w.mistake}
					><option value="">{w.which}</option>{#each mistakes as each (each.id)}<option value={each.id}
							>{mistakeWords(each, house)}</option
						>{/each}</Select
				>
				<Button color="alternative" disabled={!mistake} onclick={() => ondo({ kind: 'mistake', id: mistake })}
					>{w.makeIt}</Button
				>
			</div>
		{/if}
	</More>
</section>

<style>
	.two,
	.three {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 0.4rem;
		align-items: center;
		margin: 0 0 0.4rem;
	}
	form .two {
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
	}
	.three {
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
	}
	form .three {
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
	.ticks {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem 1rem;
		padding: 0.3rem 0;
	}
</style>
