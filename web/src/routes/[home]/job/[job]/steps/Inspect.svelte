<script lang="ts">
	import { words as w } from '$words/job/steps/inspect';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { conditions, severityOf, stopping, type Answer, type Condition } from '@wary/core/job';
	import { conditionWords, severityWords } from '$words/conditions';
	import { shortWire } from '$words/terms';
	import Photos from '../Photos.svelte';
	import { getJob } from '../context';

	const { session } = getJob();
	const words = conditionWords(session.plan.region);
	let answers = $state<Record<Condition, Answer | null>>(
		Object.fromEntries(conditions.map((condition) => [condition, null])) as Record<Condition, null>
	);
	let where = $state<Partial<Record<Condition, string[]>>>({});
	const wires = [
		{ id: 'device', text: w.theDevice },
		...session.plan.takeOff
			.flatMap(({ wires: on }) => on)
			.map((wire) => ({ id: wire.id, text: shortWire(session.plan, wire) }))
	];
	/** Conditions of the box, and not of a conductor or the device. */
	const ofBox: readonly Condition[] = ['recessedBox', 'looseBox'];
	function mark(condition: Condition, id: string) {
		const on = where[condition] ?? [];
		where = { ...where, [condition]: on.includes(id) ? on.filter((each) => each !== id) : [...on, id] };
	}
	let note = $state('');
	let complaint = $state<string | null>(null);
	const left = $derived(conditions.filter((condition) => answers[condition] === null));
	const options: [Answer, string][] = [
		['no', 'no'],
		['yes', 'yes'],
		['unsure', w.cantTell]
	];
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		keep();
	};
	const keep = () => {
		if (left.length > 0) {
			complaint = w.stillOpen(
				words[left[0]!].look.toLowerCase(),
				left.length > 1 ? w.andMore(left.length - 1) : ''
			);
			return;
		}
		session.submit({
			kind: 'inspect',
			answers: answers as Record<Condition, Answer>,
			where: $state.snapshot(seenOn()),
			note
		});
	};
	/** Only of what was seen, and where anything was marked. */
	const seenOn = () =>
		Object.fromEntries(
			Object.entries(where).filter(
				([condition, on]) => answers[condition as Condition] !== 'no' && on.length > 0
			)
		) as typeof where;
	const restNo = () => {
		for (const condition of left) answers[condition] = 'no';
		complaint = null;
		keep();
	};
</script>

<form onsubmit={submit}>
	{#each conditions as condition (condition)}
		{@const answer = answers[condition]}
		<fieldset>
			<legend
				>{words[condition].look}<span class="soft">&nbsp;· {severityWords[severityOf(condition)]}</span
				></legend
			>
			<div class="answers">
				<Segments
					name={condition}
					{options}
					value={answer ?? null}
					onpick={(value) => (answers[condition] = value)}
				/>
			</div>
			{#if answer === 'yes' || answer === 'unsure'}<p class="then" class:bad={stopping.includes(condition)}>
					{answer === 'unsure' && stopping.includes(condition)
						? w.notBeingSureEndsThe
						: words[condition].then}
				</p>
				{#if !ofBox.includes(condition)}<div
						class="on"
						role="group"
						aria-label={w.where(words[condition].look)}
					>
						{#each wires as wire (wire.id)}<Button
								color="alternative"
								aria-pressed={where[condition]?.includes(wire.id) ?? false}
								onclick={() => mark(condition, wire.id)}>{wire.text}</Button
							>{/each}
					</div>{/if}{/if}
		</fieldset>
	{/each}
	<Photos />
	<Label>{w.inYourOwnWords}<Input bind:value={note} maxlength={500} /></Label>
	{#if complaint && left.length > 0}<Verdict kind="bad">{complaint}</Verdict>{/if}
	<p class="row mt-4">
		<Button type="submit" size="lg">{w.thatIsWhatISee}<Kbd>↵</Kbd></Button>{#if left.length > 0}<Button
				size="lg"
				color="light"
				onclick={restNo}>{w.noTo(left.length === conditions.length ? 'all' : w.theOther, left.length)}</Button
			>{/if}
	</p>
</form>

<style>
	fieldset {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.2rem 1rem;
		align-items: center;
		border: 0;
		border-bottom: 1px solid var(--hair);
		padding: 0.3rem 0;
		margin: 0;
	}
	legend {
		float: left;
		padding: 0;
		grid-column: 1;
	}
	.answers {
		grid-column: 2;
	}
	.then {
		grid-column: 1 / -1;
		margin: 0 0 0.3rem;
	}
	.on {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		padding-bottom: 0.3rem;
	}
	.then.bad {
		color: var(--live);
		font-weight: 600;
	}
	@media (max-width: 700px) {
		fieldset {
			grid-template-columns: 1fr;
		}
		.answers {
			grid-column: 1;
		}
	}
</style>
