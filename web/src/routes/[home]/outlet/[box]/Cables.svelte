<script lang="ts">
	import { words as w } from '$words/outlet/cables';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import {
		cablesInBox,
		findBox,
		placeName,
		type Box,
		type Cable,
		type Edit,
		type House
	} from '@wary/core/house';
	import { HouseEditor } from '$lib/house/editor.svelte';
	import Later from '$lib/ui/Later.svelte';
	import More from '$lib/ui/More.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';

	/** Every cable that comes into the box: what it is, put right as it is seen. */
	interface Props {
		house: House;
		version: number;
		slug: string;
		box: Box;
		/** What stays as it is when the record moves on: which cable is open, and whether all of its circuit is meant. */
		kept: { open: Record<string, boolean>; everywhere: boolean };
	}
	let { house, version, slug, box, kept = $bindable() }: Props = $props();
	const editor = untrack(() => new HouseEditor({ house, version, slug }));
	const ends = $derived(cablesInBox(house, box.id));
	function leads({ cable, end }: (typeof ends)[number]): string {
		const other = end === 'from' ? cable.to : cable.from;
		const there = 'box' in other ? findBox(house, other.box) : undefined;
		const place = there ? placeName(house, there) : w.panel[house.region];
		return end === 'from' ? w.to(place) : w.from(place);
	}
	type Said = Partial<Extract<Edit, { do: 'setCable' }>>;
	async function set(cable: Cable, said: Said): Promise<boolean> {
		const made = await editor.apply(
			[{ do: 'setCable', cable: cable.id, everywhere: false, ...said }],
			w.line(cable.id)
		);
		if (made) await invalidateAll();
		return made;
	}
</script>

{#each ends as each (each.cable.id)}
	<More
		title={`${leads(each)}: ${w.what(each.cable, house.region)}`}
		bind:open={() => kept.open[each.cable.id] ?? false, (is) => (kept.open[each.cable.id] = is)}
		>{#if kept.open[each.cable.id]}<Later
				load={() => import('./OneCable.svelte')}
				props={{
					cable: each.cable,
					region: house.region,
					saving: editor.saving,
					everywhere: kept.everywhere,
					oneverywhere: (is: boolean) => (kept.everywhere = is),
					onset: (said: Said) => set(each.cable, said)
				}}
			/>{/if}</More
	>
{/each}
{#if editor.trouble}<Verdict kind="bad">{editor.trouble}</Verdict>{/if}
