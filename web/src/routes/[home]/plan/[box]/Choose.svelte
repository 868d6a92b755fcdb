<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { soldIn, type PartId } from '@wary/core/devices';
	import type { House } from '@wary/core/house';
	import type { WishChoice } from '@wary/core/job';
	import { feeds, type Feed } from '@wary/core/wiring';
	import type { Choice } from '@wary/core/replacement';
	import { regions } from '@wary/core/rules';
	import { canBeHad, feedFor } from '$lib/plan/offers';
	import type { Offer } from '$lib/plan/planner.svelte';
	import { feedWords, partWords } from '$words/parts';
	import { byRules } from '$words/rules/page';
	import { levelWords } from '$words/rules/levels';

	interface Props {
		house: House;
		wish: WishChoice;
		offers: readonly Offer[];
		/** What the rules make of every part here. */
		choice: Choice | null;
		/** What one would like of it. */
		usb: boolean;
		decorator: boolean;
		/** One half hangs on a wall switch. */
		switched: boolean;
		onwish: (wish: WishChoice) => void;
	}
	/** What goes in, how what comes after is fed, what one would like; what can’t be had says so. */
	let {
		house,
		wish,
		offers,
		choice,
		usb = $bindable(),
		decorator = $bindable(),
		switched,
		onwish
	}: Props = $props();
	const region = $derived(house.region);
	const parts = $derived(soldIn(region).map(({ id }) => id));
	const can = (part: PartId, feed: Feed) => canBeHad(offers, part, feed);
	const canAtAll = (part: PartId) => feeds.some((feed) => can(part, feed));
	const pick = (part: PartId) => onwish({ ...wish, part, feed: feedFor(offers, part, wish.feed) });
	const named = (name: string, here: boolean) => (here ? name : `${name}, ${w.notHere}`);
	/** By the model and by the rules, whichever says no. */
	function standing(part: PartId): string {
		const { name } = partWords[part];
		if (!canAtAll(part)) return named(name, false);
		const judged = choice?.parts.find((each) => each.part === part);
		if (!judged || judged.level === 'allowed') return name;
		return `${name}, ${levelWords[judged.level]}`;
	}
	const order = $derived(choice ? choice.parts.map(({ part }) => part) : parts);
	const ratings = $derived(regions[region].code.plugRatingA === null ? [15, 20] : []);
	const ratingA = $derived(wish.ratingA ?? 0);
</script>

<div class="fields">
	<div>
		<Label
			>{w.choose}<Select placeholder="" bind:value={() => wish.part, pick} aria-describedby="part-is">
				{#each order as part (part)}<option value={part}>{standing(part)}</option>{/each}
			</Select></Label
		>
		<p id="part-is" class="soft m-0">{partWords[wish.part].what}</p>
	</div>
	<div>
		<Label
			>{w.feed}<Select
				placeholder=""
				bind:value={() => wish.feed, (feed) => onwish({ ...wish, feed })}
				aria-describedby="feed-is"
			>
				{#each feeds as feed (feed)}<option
						value={feed}
						disabled={feed !== wish.feed && !can(wish.part, feed)}
						>{named(feedWords(feed, region).name, can(wish.part, feed))}</option
					>{/each}
			</Select></Label
		>
		<p id="feed-is" class="soft m-0">{feedWords(wish.feed, region).why}</p>
	</div>
	{#if ratings.length > 0}<Label
			>{w.rating}<Select
				placeholder=""
				bind:value={
					() => ratingA,
					(to) => {
						const { ratingA: _was, ...rest } = wish;
						onwish(to > 0 ? { ...rest, ratingA: to } : rest);
					}
				}
			>
				<option value={0}>{w.ratingFits}</option>
				{#each ratings as amps (amps)}<option value={amps}>{w.ratingOf(amps)}</option>{/each}
			</Select></Label
		>{/if}
	<fieldset class="m-0 border-0 p-0">
		<legend class="label p-0">{byRules.wishes}</legend>
		<div class="flex flex-wrap gap-x-5">
			<Checkbox bind:checked={usb}>{byRules.wishUsb}</Checkbox>
			{#if parts.includes('decorator')}<Checkbox bind:checked={decorator}>{byRules.wishDecorator}</Checkbox
				>{/if}
		</div>
	</fieldset>
	{#if switched}<Label
			>{w.switchedHalf}<Select
				placeholder=""
				bind:value={() => wish.switched, (to) => onwish({ ...wish, switched: to })}
			>
				<option value="keep">{w.keepSwitched}</option>
				<option value="alwaysOn">{w.alwaysOn}</option>
			</Select></Label
		>{/if}
</div>

<style>
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
		gap: 0.6rem 1.6rem;
		align-items: start;
	}
</style>
