<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { soldIn, type PartId } from '@wary/core/devices';
	import type { House } from '@wary/core/house';
	import type { WishChoice } from '@wary/core/job';
	import { feeds, type Feed } from '@wary/core/wiring';
	import type { Offer } from '$lib/plan/planner.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';
	import { feedWords, partWords } from '$words/parts';

	interface Props {
		house: House;
		wish: WishChoice;
		offers: readonly Offer[];
		/** One half hangs on a wall switch. */
		switched: boolean;
		onwish: (wish: WishChoice) => void;
	}
	/** What goes in, how what comes after is fed, and the schools; what can’t be had says so. */
	let { house, wish, offers, switched, onwish }: Props = $props();
	const region = $derived(house.region);
	const parts = $derived(soldIn(region).map(({ id }) => id));
	const can = (part: PartId, feed: Feed) =>
		offers.length === 0 || offers.some((each) => each.part === part && each.feed === feed && !each.failure);
	const canAtAll = (part: PartId) => feeds.some((feed) => can(part, feed));
	/** A part that can’t be fed as it is now is taken with the first way that it can. */
	function pick(part: PartId) {
		const feed = [wish.feed, ...feeds].find((each) => can(part, each)) ?? wish.feed;
		onwish({ ...wish, part, feed });
	}
	const named = (name: string, here: boolean) => (here ? name : `${name}, ${w.notHere}`);
</script>

<div class="fields">
	<div>
		<Label
			>{w.choose}<Select placeholder="" bind:value={() => wish.part, pick} aria-describedby="part-is">
				{#each parts as part (part)}<option value={part}>{named(partWords[part].name, canAtAll(part))}</option
					>{/each}
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
<More title={w.schools}>
	<Choices
		legend={w.connector}
		name="connector"
		options={[
			{ value: 'lever' as const, text: w.lever },
			{ value: 'twistOn' as const, text: w.twistOn }
		]}
		value={wish.connector}
		onpick={(connector) => onwish({ ...wish, connector })}
	/>
	{#if region === 'us'}<Choices
			legend={w.wireEnd}
			name="wireEnd"
			options={[
				{ value: 'clampPlate' as const, text: w.clampPlate },
				{ value: 'hook' as const, text: w.hook }
			]}
			value={wish.wireEnd}
			onpick={(wireEnd) => onwish({ ...wish, wireEnd })}
		/>{/if}
</More>

<style>
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
		gap: 0.6rem 1.6rem;
		align-items: start;
	}
</style>
