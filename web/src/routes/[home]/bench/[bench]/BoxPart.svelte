<script lang="ts">
	import { words as w } from '$words/bench/boxPart';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import type { BenchEvent } from '@wary/core/bench';
	import { cablesInBox, type Colour, type House, type Role } from '@wary/core/house';
	import type { Mistake } from '@wary/core/mistakes';
	import { numbered } from '$lib/bench/numbered';
	import { mistakeWords, placeWords } from '$words/bench';
	import { howWords, sizeWords, terms } from '$words/terms';
	import NewCable from './NewCable.svelte';

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
	/** What a tail is cut from. */
	const tailColours: Record<House['region'], Record<Role, Colour>> = {
		us: { hot: 'black', switchedHot: 'black', neutral: 'white', ground: 'bare' },
		uk: { hot: 'brown', switchedHot: 'brown', neutral: 'blue', ground: 'greenYellow' }
	};
	const t = $derived(terms[house.region]);
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const cables = $derived(cablesInBox(house, boxId).map(({ cable }) => cable));
	let mistake = $state('');
	let jointHow = $state<'twistOn' | 'lever' | 'crimp' | 'screw'>('twistOn');
	let tail = $state({ role: 'hot' as Role, from: '', to: '' });
	const places = $derived([
		...box.joints.map(({ id }) => `joint:${id}`),
		...(box.device
			? [...new Set([...box.terminations.map(({ at }) => at)])].filter((at) => at.startsWith('terminal:'))
			: []),
		...(box.material === 'metal' ? ['box'] : []),
		'bare'
	]);
	const colourOf = (role: Role): Colour => tailColours[house.region][role];
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
		<NewCable {house} {ondo} />
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
	.three {
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
	}
</style>
