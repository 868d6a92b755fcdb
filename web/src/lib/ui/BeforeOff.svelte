<script lang="ts">
	import { words as w } from '$words/ui/beforeOff';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { findBox, own, placeName, type House } from '@wary/core/house';
	import { goingOffWith, type Thing } from '@wary/core/isolation';
	import { firstDo, mayBeOff } from '$words/goingOff';

	/** Everything that goes off with some breakers, with what to do first; and the hard questions. */
	let {
		house,
		breakers,
		hard,
		onarranged
	}: {
		house: House;
		breakers: readonly string[];
		/** Things still to be seen to. */
		hard: readonly Thing[];
		onarranged: ((thing: Thing, how: string) => void) | null;
	} = $props();
	const things = $derived(goingOffWith(house, breakers));
	let answers = $state<Record<string, string>>({});
	const place = (id: string) => {
		const box = findBox(house, id);
		return box ? placeName(house, box) : id;
	};
	const open = (id: string) => hard.find((thing) => thing.id === id);
	function keep(event: SubmitEvent, thing: Thing) {
		event.preventDefault();
		const how = own(answers, thing.id)?.trim();
		if (how) onarranged?.(thing, how);
	}
</script>

{#if things.length > 0}
	<section aria-label={w.whatLosesPowerWithIt}>
		<h2>{w.beforeItLosesPower}</h2>
		<ul>
			{#each things as thing (thing.id)}
				{@const words = firstDo(thing.matters, house.region)}
				{@const question = open(thing.id)}
				<li class:hard={question}>
					<p><b>{thing.name}</b> <span class="soft">{place(thing.box)} · {mayBeOff(thing)}</span></p>
					<p>{words.first}</p>
					{#if question && onarranged}
						<form class="row" onsubmit={(event) => keep(event, question)}>
							<Label class="flex-[1_1_16rem]"
								>{words.ask}<Input bind:value={answers[thing.id]} maxlength={200} required /></Label
							>
							<Button type="submit" size="lg" color="light">{w.itIsSeenTo}</Button>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	section {
		margin: 0.9rem 0;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		padding: 0.4rem 0;
		border-bottom: 1px solid var(--hair);
		max-width: 62ch;
	}
	li p {
		margin: 0;
	}
	.hard {
		border-left: 6px double var(--live);
		padding-left: 0.8rem;
	}
	.hard form {
		align-items: flex-end;
		margin: 0.5rem 0;
	}
</style>
